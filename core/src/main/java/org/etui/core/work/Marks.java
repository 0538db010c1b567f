package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Strand;

/**
 * Marks on the straight wire, in the order of the work. They are measured from the trued end that is formed first: the
 * beginning, or the end where the handle is at the beginning. A corner is marked at the jaw's edge.
 */
public final class Marks {
    private static final double AT_THE_END_MM = 1e-6;

    private final StrandWork work;
    private final boolean fromEnd;
    private final double before;
    private final List<Mark> marks = new ArrayList<>();

    private Marks(StrandWork work) {
        this.work = work;
        this.fromEnd = work.handleAt() == HandleAt.START;
        this.before = work.cut().beforeMm();
    }

    /** The marks of a strand. */
    public static List<Mark> of(StrandWork work) {
        Marks marks = new Marks(work);
        marks.addAll();
        return List.copyOf(marks.marks);
    }

    private void addAll() {
        Strand strand = work.strand();
        for (Element element : strand.inOrder()) {
            if (element.isBent() || element.handling().flattenedToMm().isPresent()) {
                double from = work.cut().fromMm(element.id());
                double near = fromEnd ? work.netMm() - from - work.cut().wireMm(element.id()) : before + from;
                String where = element.winding().jawEdge() ? " starts, at the jaw edge" : " starts";
                add(near, element.label() + where, Optional.of(element.id()));
            }
        }
        if (work.stretch().handleMm() > 0) {
            double end = fromEnd ? work.netMm() : before + work.netMm();
            add(end, "trim the handle here, last", Optional.empty());
        }
    }

    private void add(double atMm, String label, Optional<String> element) {
        if (atMm > AT_THE_END_MM && atMm < work.cutMm() - AT_THE_END_MM) {
            marks.add(new Mark(atMm, fromEnd ? Mark.From.END : Mark.From.START, label, element));
        }
    }
}
