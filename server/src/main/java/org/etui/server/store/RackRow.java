package org.etui.server.store;

/**
 * An entry of the rack as it is kept.
 *
 * @param number counts every entry, from 1
 * @param document the entry as JSON
 * @param createdAt when it was booked, ISO 8601
 */
public record RackRow(long number, String document, String createdAt) {}
