/**
 * The rack: spools, lengths, off-cuts and bought-in parts, what came and went, what wire costs. Money is in the maker's own currency,
 * prices by the gram.
 */
package org.etui.core.stock;
