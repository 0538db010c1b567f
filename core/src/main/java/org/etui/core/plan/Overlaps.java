package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Crossing;
import org.etui.core.element.Element;
import org.etui.core.work.Run;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Says which limb lies on top where a wire lies over itself, and for how long it covers the other. */
final class Overlaps {
    private final StrandWork work;
    private final CentreLine line;
    private final double thicknessMm;

    private Overlaps(StrandWork work) {
        this.work = work;
        this.line = work.finished().centreLine();
        this.thicknessMm = work.strand().wire().section().inPlaneMm();
    }

    static List<Plan.Over> of(StrandWork work) {
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
        List<Element> order = work.strand().inOrder();
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

    /** Walks along the upper limb until it is clear of the lower one. */
    private double reach(double over, double under, int way) {
        double step = thicknessMm / 8;
        double most = 8 * thicknessMm;
        double walked = 0;
        while (walked < most) {
            double at = over + way * (walked + step);
            if (at < line.wireFromMm() || at > line.wireToMm()) {
                break;
            }
            walked += step;
            if (clearance(line.atWire(at).position(), under, walked + step) > thicknessMm) {
                break;
            }
        }
        return over + way * walked;
    }

    private double clearance(Vector3D point, double under, double window) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = -8; i <= 8; i++) {
            double at = Math.min(Math.max(under + window * i / 8, line.wireFromMm()), line.wireToMm());
            Vector3D p = line.atWire(at).position();
            least = Math.min(least, Math.hypot(p.getX() - point.getX(), p.getY() - point.getY()));
        }
        return least;
    }
}
