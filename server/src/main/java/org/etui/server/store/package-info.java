/**
 * Pieces and their revisions in SQLite, through MyBatis.
 */
package org.etui.server.store;
