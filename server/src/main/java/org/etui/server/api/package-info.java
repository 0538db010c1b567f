/**
 * The REST interface. Controllers do no arithmetic: they read, ask the core or the store, and write.
 */
package org.etui.server.api;
