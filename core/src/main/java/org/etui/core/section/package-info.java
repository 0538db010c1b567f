/**
 * Cross-sections of wire: area, perimeter and the figures that bending asks for. Millimetres throughout.
 */
package org.etui.core.section;
