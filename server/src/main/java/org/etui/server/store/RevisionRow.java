package org.etui.server.store;

/**
 * A revision of a document.
 *
 * @param id its number
 * @param parent the revision it came from; 0 for the first
 * @param document the document as JSON
 */
public record RevisionRow(long id, long parent, String document) {}
