/** What wire costs. Money is in the maker's own currency, prices by the gram. */
package org.etui.core.stock;
