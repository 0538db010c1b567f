package org.etui.server.store;

/**
 * A kept document.
 *
 * @param id its name in the store
 * @param version counts every change, undo and redo too
 * @param head the revision it stands at
 * @param deleted whether it lies in the bin
 * @param changedAt when it changed last, ISO 8601
 */
public record DocumentRow(String id, long version, long head, boolean deleted, String changedAt) {}
