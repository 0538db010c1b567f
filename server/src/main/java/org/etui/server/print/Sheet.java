package org.etui.server.print;

import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Repeat;
import org.etui.core.work.Jig;
import org.etui.core.work.StrandWork;

/** What can be printed. Every sheet measures true and has check bars on every page. */
public enum Sheet {
    /** The form at true size, the marks strip and the cut table. */
    TEMPLATE("1:1 template") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            Template.draw(plan, format, flow);
            MarksStrip.draw(plan, format, flow);
        }
    },
    /** The straight wires at true length with their marks. */
    MARKS("marks strip") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            MarksStrip.draw(plan, format, flow);
        }
    },
    /** A gauge for every measure that repeats. */
    GAPS("gap strip") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            GapStrip.draw(Repeat.of(piece, plan), format, flow);
        }

        @Override
        public boolean shows(Piece piece, Plan plan) {
            return !Repeat.of(piece, plan).isEmpty();
        }
    },
    /** Peg positions and sizes. */
    JIG("jig sheet") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            List<Jig> jigs = StrandWork.all(piece).stream().map(Jig::of).toList();
            JigSheet.draw(flow.mirrored() ? jigs.stream().map(Jig::mirrored).toList() : jigs, format, flow);
        }

        @Override
        public boolean shows(Piece piece, Plan plan) {
            return StrandWork.all(piece).stream()
                    .map(Jig::of)
                    .anyMatch(jig -> !jig.pegs().isEmpty());
        }
    },
    /** What is cut of sheet, with its holes and folds. */
    SHAPES("sheet shapes") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            SheetShapes.draw(piece, format, flow);
        }

        @Override
        public boolean shows(Piece piece, Plan plan) {
            return piece.parts().stream().anyMatch(SheetShapes::isCut);
        }
    },
    /** The colours of its bath, with room for samples. */
    SWATCHES("swatch sheet") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            SwatchSheet.draw(piece, flow);
        }

        @Override
        public boolean shows(Piece piece, Plan plan) {
            return SwatchSheet.takesColour(piece);
        }
    },
    /** The bench card with pictures. */
    CARD("bench card") {
        @Override
        void draw(Piece piece, Plan plan, LengthFormat format, Flow flow) {
            CardSheet.draw(plan, flow);
        }
    };

    private final String title;

    Sheet(String title) {
        this.title = title;
    }

    /** What it is called. */
    public String title() {
        return title;
    }

    /** Which states the plan must carry. */
    public PlanOptions.States states() {
        return this == CARD ? PlanOptions.States.ALL : PlanOptions.States.LAST;
    }

    abstract void draw(Piece piece, Plan plan, LengthFormat format, Flow flow);

    /** Whether it has anything to show of a piece, and so is offered. */
    public boolean shows(Piece piece, Plan plan) {
        return true;
    }

    /**
     * The sheet of a piece.
     *
     * @param plan carries the states asked for
     */
    public byte[] of(Piece piece, Plan plan, Paper paper, LengthFormat format, Writer.As as) {
        return of(piece, plan, paper, format, as, false);
    }

    /** The same, mirrored for a maker whose tool is in the left hand. */
    public byte[] of(Piece piece, Plan plan, Paper paper, LengthFormat format, Writer.As as, boolean mirrored) {
        String wire = plan.strands().get(0).bought().wireInWords();
        Flow flow = new Flow(
                paper,
                piece.name(),
                wire + ", " + title,
                mirrored && (this == TEMPLATE || this == JIG || this == CARD));
        draw(piece, plan, format, flow);
        return as.write(flow.laidOut(), paper, piece.name() + ", " + title);
    }
}
