package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.etui.core.check.Term;

/**
 * A part of the model as it is told to people: what is worked out, how, where it comes from, where it holds, how sure it is.
 *
 * @param chapter what it belongs to
 * @param name what is worked out
 * @param formula how
 * @param source author, work, year; a standard; or that it is an estimate or from memory
 * @param sure where it holds and how far it can be trusted
 * @param estimate whether it is an estimate
 */
public record Formula(
        @Term("what it belongs to") String chapter,
        @Term("what is worked out") String name,
        @Term("how") String formula,

        @Term("author, work, year; a standard; or that it is an estimate or from memory")
        String source,

        @Term("where it holds and how far it can be trusted")
        String sure,

        @Term("whether it is an estimate") boolean estimate) {
    private static final String GAUGE = "Gauges and sizes";
    private static final String LENGTH = "How much wire";
    private static final String MEMORY = "What the wire remembers";
    private static final String STRENGTH = "What it holds";

    private static final List<Formula> SIZES = List.of(
            exact(
                    GAUGE,
                    "American gauge",
                    "d = 0.127 · 92^((36 − n)/39) mm",
                    "ASTM B258",
                    "0000 to 40; exact by definition"),
            exact(
                    GAUGE,
                    "British gauge",
                    "a table in thousandths of an inch",
                    "BS 3737, the table of 1883",
                    "7/0 to 40"),
            exact(
                    GAUGE,
                    "ring sizes",
                    "US (1.4216 + 0.1018 n) in round; UK A 37.5 mm round, each letter 1.25 mm; ISO mm round; inside = round / π",
                    "GNU Units; BS 6820; ISO 8653",
                    "US 0 to 16, UK A to Z, ISO 38 to 76; sizers differ by a quarter of a size"),
            rough(
                    GAUGE,
                    "bangles, bracelets, chains",
                    "round = girth + ease; inside = round / π; along the middle of the wire round + π · thickness",
                    "common practice",
                    "girth of the closed hand for a bangle that slips over, of the wrist for one that opens"));

    private static final List<Formula> LENGTHS = List.of(
            exact(
                    LENGTH,
                    "flat spiral",
                    "r = r0 + pitch · φ/2π; L = (b/2)·[u√(1+u²) + asinh u] between u = r/b, b = pitch/2π; outside = r(end) + r(half a"
                            + " turn before) + t",
                    "calculus; checked against Gauss-Legendre quadrature",
                    "exact for the centre line"),
            exact(
                    LENGTH,
                    "coil, wrap, twist",
                    "n · √((π(D + t))² + p²); round a bundle hull + π·t a turn",
                    "helix; Steiner's formula for the hull",
                    "exact for the centre line; winding under pull stretches the wire by 0.39·κt·N/Ny (estimate): 2 % in soft, 6 % in hard"
                            + " copper at a quarter of its yield, so the wire is rather long"),
            exact(
                    LENGTH,
                    "ovals and drops",
                    "complete elliptic integral of the second kind; tangents to arcs",
                    "calculus; checked against Ramanujan's second formula",
                    "exact for the outline as measured"),
            rough(
                    LENGTH,
                    "cut length",
                    "wire of the elements + handle + tail + filing, rounded up to what can be measured",
                    "common practice",
                    "as good as the allowances; allow 1 mm to 2 mm more for each cut"));

    private static final List<Formula> MEMORIES = List.of(
            rough(
                    MEMORY,
                    "flow stress",
                    "σ(p) = σs − (σs − σ0)·exp(−p/εc), p plastic strain in all",
                    "Voce 1948; constants from memory",
                    "about ±10 %; soft wire varies from spool to spool"),
            rough(
                    MEMORY,
                    "temper",
                    "p = 0.232 · n for wire drawn n American numbers from annealed: quarter hard 1, half hard 2, hard 4, spring 8",
                    "reductions of ASTM B134",
                    "as bought; a temper is only a strain"),
            rough(
                    MEMORY,
                    "mallet, jaws, tumbling",
                    "mallet 0.03 a pass, jaws the bend of the spool, (4/3π)·(d/2)/40 mm, both only up to a flow stress of 140 MPa; tumbling"
                            + " 0.06·(1 − e^(−t/40 min)) in a skin of 0.1 mm",
                    "engineering estimates",
                    "a factor of two"));

    /** Every part, chapter by chapter; what plans give reasons for is among them. */
    public static final List<Formula> ALL = all();

    private static List<Formula> all() {
        List<Formula> all = new ArrayList<>(SIZES);
        all.addAll(LENGTHS);
        all.addAll(MEMORIES);
        for (Reason reason : Reason.ALL) {
            all.add(new Formula(
                    chapter(reason.topic()),
                    name(reason.topic()),
                    reason.formula(),
                    reason.source(),
                    reason.sure(),
                    reason.estimate()));
        }
        return Stream.of(GAUGE, LENGTH, MEMORY, STRENGTH)
                .flatMap(c -> all.stream().filter(f -> f.chapter().equals(c)))
                .toList();
    }

    private static Formula exact(String chapter, String name, String formula, String source, String sure) {
        return new Formula(chapter, name, formula, source, sure, false);
    }

    private static Formula rough(String chapter, String name, String formula, String source, String sure) {
        return new Formula(chapter, name, formula, source, sure, true);
    }

    private static String chapter(Reason.Topic topic) {
        return switch (topic) {
            case WIRE -> LENGTH;
            case SPRINGBACK, FORMING, STRAIN, HARDNESS, GROWTH -> MEMORY;
            case GIVES, HOLDS, EYE, SIDEWAYS, SQUEEZE, WANTS, OPENS, SPRINGS -> STRENGTH;
        };
    }

    private static String name(Reason.Topic topic) {
        return switch (topic) {
            case WIRE -> "wire in a curve";
            case SPRINGBACK -> "springback";
            case FORMING -> "what forming takes";
            case STRAIN -> "strain, and when it cracks";
            case HARDNESS -> "hardness and temper now";
            case GROWTH -> "growth under the hammer";
            case GIVES -> "load that starts to open it";
            case HOLDS -> "load that it holds";
            case EYE -> "load that a closed eye holds";
            case SIDEWAYS -> "load across its plane";
            case SQUEEZE -> "squeeze that shuts an ear wire";
            case SPRINGS -> "coils, twists and cuffs as springs";
            case WANTS -> "load that a purpose needs";
            case OPENS -> "how often a loop opens";
        };
    }
}
