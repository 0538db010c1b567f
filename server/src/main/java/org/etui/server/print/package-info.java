/**
 * Sheets at true size: one drawing, written as SVG or PDF.
 */
package org.etui.server.print;
