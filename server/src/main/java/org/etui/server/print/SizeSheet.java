package org.etui.server.print;

import org.etui.core.measure.LengthFormat;
import org.etui.core.pattern.WornSize;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;

/** Strips to size by and the sheet to photograph a stone on, the same for all pieces. */
public enum SizeSheet {
    /** To wrap round a finger. */
    RING_STRIP("ring strip") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            SizeStrips.rings(flow);
        }

        @Override
        public boolean suits(Piece piece) {
            return WornSize.of(piece).isPresent();
        }
    },
    /** To wrap round a hand or a wrist. */
    BANGLE_STRIP("bangle strip") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            SizeStrips.bangle(format, flow);
        }

        @Override
        public boolean suits(Piece piece) {
            return piece.purpose() == Purpose.BANGLE_CLOSURE;
        }
    },
    /** To lay a stone on and photograph it. */
    STONE_SHEET("stone sheet") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            StonePage.draw(flow);
        }

        @Override
        public boolean suits(Piece piece) {
            return piece.parts().stream().anyMatch(p -> p.kind() == PartKind.STONE);
        }
    };

    private final String title;

    SizeSheet(String title) {
        this.title = title;
    }

    /** What it is called. */
    public String title() {
        return title;
    }

    /** Whether a piece is sized by it, and so offers it. */
    public abstract boolean suits(Piece piece);

    abstract void draw(LengthFormat format, Flow flow);

    /** The strip on paper. */
    public byte[] of(Paper paper, LengthFormat format, Writer.As as) {
        Flow flow = new Flow(paper, "Etui", title);
        draw(format, flow);
        return as.write(flow.laidOut(), paper, title);
    }
}
