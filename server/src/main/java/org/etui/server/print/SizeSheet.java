package org.etui.server.print;

import org.etui.core.measure.LengthFormat;

/** Strips to size by and the sheet to photograph a stone on, the same for all pieces. */
public enum SizeSheet {
    /** To wrap round a finger. */
    RING_STRIP("ring strip") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            SizeStrips.rings(flow);
        }
    },
    /** To wrap round a hand or a wrist. */
    BANGLE_STRIP("bangle strip") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            SizeStrips.bangle(format, flow);
        }
    },
    /** To lay a stone on and photograph it. */
    STONE_SHEET("stone sheet") {
        @Override
        void draw(LengthFormat format, Flow flow) {
            StonePage.draw(flow);
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

    abstract void draw(LengthFormat format, Flow flow);

    /** The strip on paper. */
    public byte[] of(Paper paper, LengthFormat format, Writer.As as) {
        Flow flow = new Flow(paper, "Etui", title);
        draw(format, flow);
        return as.write(flow.laidOut(), paper, title);
    }
}
