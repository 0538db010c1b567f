/**
 * Centre-line geometry. A curve piece lives in its own frame: it starts at the origin heading along x, and left is
 * +y; positive sweep turns left. Positions along a line are arc lengths in mm; out-of-range positions throw.
 */
package org.etui.core.curve;
