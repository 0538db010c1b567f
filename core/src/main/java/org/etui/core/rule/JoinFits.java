package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/**
 * What hangs in what has to fit: a hook's tip passes the eye, and a loop takes the wire that hangs in it (common practice).
 */
final class JoinFits implements Rule {
    private static final String LOOP_TOO_SMALL = "loop-too-small";
    private static final String TIP_WILL_NOT_PASS = "tip-will-not-pass";

    @Override
    public List<String> names() {
        return List.of(LOOP_TOO_SMALL, TIP_WILL_NOT_PASS);
    }

    @Override
    public List<Advice> look(Bench bench) {
        Piece piece = bench.piece();
        List<StrandWork> strands = bench.strands();
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < piece.joins().size(); i++) {
            Join join = piece.joins().get(i);
            Optional<Side> a = Side.of(piece, strands, join.a());
            Optional<Side> b = Side.of(piece, strands, join.b());
            if (a.isPresent() && b.isPresent()) {
                String where = "joins." + i;
                passes(bench, where, a.get(), b.get(), advice);
                passes(bench, where, b.get(), a.get(), advice);
                takes(bench, where, a.get(), b.get(), advice);
                takes(bench, where, b.get(), a.get(), advice);
            }
        }
        return advice;
    }

    /** Does the tip of the hook pass the eye. */
    private static void passes(Bench bench, String where, Side hook, Side eye, List<Advice> advice) {
        if (hook.tipMm().isPresent()
                && eye.insideMm().isPresent()
                && eye.tipMm().isEmpty()) {
            double tip = hook.tipMm().getAsDouble();
            double inside = eye.insideMm().getAsDouble();
            if (tip > inside) {
                double needed = Math.ceil(tip * 10 - 1e-9) / 10;
                advice.add(new Advice(
                        Advice.Severity.MIND,
                        TIP_WILL_NOT_PASS,
                        where,
                        text(
                                "The end of the hook is %s across and will not pass the %s, %s inside.",
                                bench.say(tip, 1), eye.label(), bench.say(inside, 1)),
                        "What has to go through must be narrower than what it goes through (common practice).",
                        text("Make the %s %s or more inside, or the end smaller.", eye.label(), bench.say(needed, 1)),
                        eye.sizePath().map(path -> List.of(Advice.Patch.replace(path, needed)))));
            }
        }
    }

    /** Does this loop take the wire of that. */
    private static void takes(Bench bench, String where, Side loop, Side hung, List<Advice> advice) {
        if (loop.insideMm().isPresent() && hung.wireMm() > loop.insideMm().getAsDouble()) {
            double needed = Math.ceil(hung.wireMm() * 1.2 * 10) / 10;
            advice.add(new Advice(
                    Advice.Severity.STOP,
                    LOOP_TOO_SMALL,
                    where,
                    text(
                            "The %s is %s inside and cannot take the %s, %s thick.",
                            loop.label(),
                            bench.say(loop.insideMm().getAsDouble(), 1),
                            hung.label(),
                            bench.say(hung.wireMm(), 1)),
                    hung.isEstimate()
                            ? "The wire of a bought ring is taken as a fifth of its size (estimate)."
                            : "A loop takes only what is thinner than its inside.",
                    text("Make the %s %s or more inside.", loop.label(), bench.say(needed, 1)),
                    loop.sizePath().map(path -> List.of(Advice.Patch.replace(path, needed)))));
        }
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
