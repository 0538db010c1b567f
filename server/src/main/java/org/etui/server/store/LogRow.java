package org.etui.server.store;

/**
 * A fact of the log as it is kept.
 *
 * @param number counts every fact, from 1
 * @param document the fact as JSON
 * @param takenBack whether it was taken back
 * @param createdAt when it was written down, ISO 8601
 */
public record LogRow(long number, String document, boolean takenBack, String createdAt) {}
