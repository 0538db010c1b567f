/**
 * The piece document (format etui-piece, version 1): what a maker keeps. Records only, no computation beyond
 * checking themselves.
 */
package org.etui.core.piece;
