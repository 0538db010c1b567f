/**
 * Named recipes that produce a bare piece document out of a handful of measures.
 */
package org.etui.core.pattern;
