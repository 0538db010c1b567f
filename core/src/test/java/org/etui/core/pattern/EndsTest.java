package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Frame wires that are cut to a length: what is left of them goes into their scrolls. */
class EndsTest {
    /** Inside of a scroll, gap between its turns and thickness of the usual wire (AWG 20, ASTM B258), mm. */
    private static final double INSIDE_MM = 0.8;

    private static final double GAP_MM = 0.4;
    private static final double THICK_MM = 0.812;

    private static final Pattern LEFT = Pattern.compile("([\\d.]+) mm are left for each scroll: ([\\d.]+) turns");

    private static Piece cut(String pattern, double mm) {
        return Patterns.find(pattern)
                .orElseThrow()
                .make(Map.of("endsBy", "cut length", "cutMm", mm), Optional.empty(), Optional.empty());
    }

    private static List<Double> frameCuts(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).strands().stream()
                .filter(s -> s.id().startsWith("frame-") || s.id().equals("bail"))
                .map(Plan.StrandPlan::amount)
                .map(Plan.Amount::cutLengthMm)
                .toList();
    }

    /** No wire that fits is cut longer than it is, and the one that needs most is used up to some millimetres: turns are rolled to a twentieth. */
    @ParameterizedTest
    @CsvSource({"woven-front, 160", "woven-front, 200", "stone-frame, 160", "stone-frame, 200", "woven-front, 145"})
    void scrolls_takeWhatIsLeft(String pattern, double mm) {
        List<Double> cuts = frameCuts(cut(pattern, mm));

        assertThat(cuts).allSatisfy(c -> assertThat(c).isLessThanOrEqualTo(mm + 1e-6));
        assertThat(cuts).anySatisfy(c -> assertThat(c).isGreaterThan(mm - 4));
    }

    /** A flat spiral of n turns takes π·n times its mean diameter (textbook). */
    @ParameterizedTest
    @CsvSource({"woven-front, 160", "woven-front, 200", "stone-frame, 200"})
    void told_isWhatTheTurnsTake(String pattern, double mm) {
        Matcher told = LEFT.matcher(cut(pattern, mm).notes());

        assertThat(told.find()).isTrue();
        double left = Double.parseDouble(told.group(1));
        double turns = Double.parseDouble(told.group(2));
        double mean = INSIDE_MM + THICK_MM + turns * (THICK_MM + GAP_MM);
        // A twentieth of a turn at the rim takes less than 1.5 mm, the figure is rounded down to a millimetre.
        assertThat(left).isCloseTo(Math.PI * turns * mean, within(2.5));
    }

    @Test
    void tooShort_isPlannedAndSaid() {
        Piece piece = cut("woven-front", 80);

        assertThat(piece.notes()).contains("nothing is left for scrolls").contains("cut it longer by");
        assertThat(Planner.plan(piece, PlanOptions.USUAL).clashes()).isEmpty();
    }

    @Test
    void byTurns_nothingIsSaid() {
        assertThat(Patterns.find("stone-frame").orElseThrow().usual().notes()).isEmpty();
    }
}
