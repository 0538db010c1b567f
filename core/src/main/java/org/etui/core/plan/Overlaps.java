package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.act.Run;
import org.etui.core.curve.Crossing;
import org.etui.core.element.Element;
import org.etui.core.work.StrandWork;

/** Says which limb lies on top where a wire lies over itself, and for how long it covers the other. */
final class Overlaps {
    private final StrandWork work;
    private final Trace trace;
    private final double thicknessMm;
    private final List<Element> order;

    private Overlaps(StrandWork work) {
        this.work = work;
        this.trace = new Trace(work.stations());
        this.thicknessMm = work.strand().wire().section().inPlaneMm();
        this.order = work.strand().inOrder();
    }

    static List<Plan.Over> of(StrandWork work) {
        if (work.crossings().isEmpty()) {
            return List.of();
        }
        Overlaps overlaps = new Overlaps(work);
        List<Plan.Over> all = new ArrayList<>();
        work.crossings().forEach(c -> all.add(overlaps.over(c)));
        return List.copyOf(all);
    }

    private Plan.Over over(Crossing crossing) {
        boolean secondOnTop = isOnTop(crossing.secondMm(), crossing.firstMm());
        double over = secondOnTop ? crossing.secondMm() : crossing.firstMm();
        double under = secondOnTop ? crossing.firstMm() : crossing.secondMm();
        return new Plan.Over(under, over, reach(over, under, -1), reach(over, under, 1));
    }

    /** What says {@code over} lies on top; else what is formed later; else what comes later along the wire. */
    private boolean isOnTop(double sMm, double otherMm) {
        Element one = elementAt(sMm);
        Element other = elementAt(otherMm);
        Optional<Boolean> asked = one.over().or(() -> other.over().map(over -> !over));
        if (asked.isPresent() && !one.equals(other)) {
            return asked.get();
        }
        int later = Integer.compare(order.indexOf(one), order.indexOf(other));
        return later == 0 ? sMm > otherMm : later > 0;
    }

    private Element elementAt(double sMm) {
        double at = -work.finished().beforeMm();
        String last = "";
        for (Run run : work.finished().runs()) {
            at += run.wireMm();
            last = run.kind() == Run.Kind.ELEMENT || last.isEmpty() ? run.element() : last;
            if (sMm <= at + 1e-9) {
                break;
            }
        }
        return work.strand().element(last).orElse(work.strand().elements().get(0));
    }

    /** Walks along the upper limb until it is clear of the lower one, coarsely, then to a sixteenth of the thickness. */
    private double reach(double over, double under, int way) {
        double step = thicknessMm / 2;
        double most = Math.min(8 * thicknessMm, way > 0 ? trace.wireToMm() - over : over - trace.wireFromMm());
        double covered = 0;
        double clear = step;
        while (clear < most && !isClear(over, under, way, clear)) {
            covered = clear;
            clear += step;
        }
        if (clear >= most) {
            return over + way * most;
        }
        while (clear - covered > thicknessMm / 16) {
            double middle = (covered + clear) / 2;
            boolean isClear = isClear(over, under, way, middle);
            clear = isClear ? middle : clear;
            covered = isClear ? covered : middle;
        }
        return over + way * clear;
    }

    private boolean isClear(double over, double under, int way, double walked) {
        return !trace.isWithin(thicknessMm, trace.at(over + way * walked), under - walked, under + walked);
    }
}
