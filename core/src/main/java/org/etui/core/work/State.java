package org.etui.core.work;

import org.etui.core.act.Workpiece;

/**
 * The workpiece after an operation.
 *
 * @param index 0 for the straight cut wire, then one more for every operation
 * @param operation in words
 * @param workpiece the wire then
 */
public record State(int index, String operation, Workpiece workpiece) {}
