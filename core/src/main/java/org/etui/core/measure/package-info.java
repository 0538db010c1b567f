/**
 * Lengths as makers write them, gauges in three systems, and formatting with the rounding direction named.
 */
package org.etui.core.measure;
