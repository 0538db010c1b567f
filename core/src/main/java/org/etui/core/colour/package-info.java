/** Colour of metal in a sulfide bath: how the film grows, what colour it is, where it stays when it is polished back. */
package org.etui.core.colour;
