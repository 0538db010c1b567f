/**
 * The hedgerow set that demo data is filled from.
 */
package org.etui.server.demo;
