package org.etui.server.store;

/**
 * A photograph without its picture.
 *
 * @param number counts every photograph, from 1
 * @param subject what it shows: a piece or a job
 * @param createdAt when it was kept, ISO 8601
 */
public record PhotographRow(long number, String subject, String createdAt) {}
