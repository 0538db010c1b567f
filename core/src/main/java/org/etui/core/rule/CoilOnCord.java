package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** A coil closes on its cord: not wider than it, and not so narrow that the cord cannot go in (common practice). */
final class CoilOnCord implements Rule {
    private static final String NAME = "coil-on-cord";

    /** A coil this much wider than its cord slides off (engineering estimate). */
    private static final double LOOSE = 1.05;

    /** A cord can be squeezed to about this share of its thickness (engineering estimate). */
    private static final double SQUEEZED = 0.8;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        Piece piece = bench.piece();
        List<Advice> advice = new ArrayList<>();
        for (Join join : piece.joins()) {
            for (Part part : piece.parts()) {
                if (part.kind() == PartKind.CORD
                        && (join.a().equals(part.id()) || join.b().equals(part.id()))) {
                    String other = join.a().equals(part.id()) ? join.b() : join.a();
                    look(bench, other, part).ifPresent(advice::add);
                }
            }
        }
        return advice;
    }

    private static Optional<Advice> look(Bench bench, String address, Part cord) {
        List<StrandWork> strands = bench.strands();
        for (int i = 0; i < strands.size(); i++) {
            List<Element> elements = strands.get(i).strand().elements();
            for (int e = 0; e < elements.size(); e++) {
                if (address.equals(
                        strands.get(i).strand().id() + "." + elements.get(e).id())) {
                    return fit(bench, "strands." + i + ".elements." + e, elements.get(e), cord);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Advice> fit(Bench bench, String where, Element element, Part cord) {
        double inside = element instanceof Coil coil
                ? coil.mandrelMm()
                : element instanceof Wrap wrap ? wrap.core().cordMm().orElse(Double.NaN) : Double.NaN;
        String field = "/" + element.winding().field().orElse("core/cordMm");
        boolean loose = inside > LOOSE * cord.sizeMm();
        boolean tight = inside < SQUEEZED * cord.sizeMm();
        if (!loose && !tight) {
            return Optional.empty();
        }
        return Optional.of(new Advice(
                Advice.Severity.MIND,
                NAME,
                where,
                String.format(
                        Locale.ROOT,
                        loose
                                ? "The %s is %s inside and will not close on the cord, %s."
                                : "The %s is %s inside: the cord, %s, does not go in.",
                        element.label(),
                        bench.say(inside, 1),
                        bench.say(cord.sizeMm(), 1)),
                "A coil holds a cord only where it closes on it (common practice; the limits are estimates).",
                "Wind it on " + bench.say(cord.sizeMm(), 1) + ".",
                Optional.of(List.of(Advice.Patch.replace("/" + where.replace('.', '/') + field, cord.sizeMm())))));
    }
}
