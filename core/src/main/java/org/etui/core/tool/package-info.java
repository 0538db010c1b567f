/**
 * The tools that a maker owns, with their measured sizes. Millimetres.
 */
package org.etui.core.tool;
