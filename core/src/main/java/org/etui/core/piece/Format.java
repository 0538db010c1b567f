package org.etui.core.piece;

/** The name of the format. */
public enum Format {
    /** A piece document. */
    ETUI_PIECE
}
