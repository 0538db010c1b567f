/**
 * The bench card: the steps of the work in order, with tool, mark, check and caution.
 */
package org.etui.core.sequence;
