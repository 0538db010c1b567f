package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.LengthText;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Marks that a pen can make and a hand can follow. Source: common practice. */
class MarksTest {
    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    /** No two marks run into each other, so that in inches too none reads like another. */
    @ParameterizedTest
    @MethodSource("patterns")
    void marks_standApart_andReadApart(Pattern pattern) {
        StrandWork.all(pattern.usual()).forEach(MarksTest::standApart);
    }

    /** Whoever marks by what is written is off by no more than a pen's line: an inch is 25.4 mm (international yard, 1959). */
    @ParameterizedTest
    @MethodSource("patterns")
    void marks_areTrueToTheirText_inEveryUnit(Pattern pattern) {
        for (StrandWork work : StrandWork.all(pattern.usual())) {
            for (Mark mark : Marks.of(work)) {
                for (Units units : Units.values()) {
                    String text = new LengthFormat(units).place(mark.atMm());
                    assertThat(LengthText.parse(text).mm()).as(text).isCloseTo(mark.atMm(), within(0.2));
                }
            }
        }
    }

    @Test
    void marksOfRandomPieces_standApart() {
        Random random = new Random(15);
        int looked = 0;
        for (int i = 0; i < 300; i++) {
            Piece piece = Examples.random(random);
            try {
                standApart(StrandWork.all(piece).get(0));
                looked++;
            } catch (BadInput impossible) {
                continue;
            }
        }
        assertThat(looked).isGreaterThan(200);
    }

    private static void standApart(StrandWork work) {
        List<Mark> marks = Marks.of(work);
        List<Double> at = marks.stream().map(Mark::atMm).sorted().toList();
        for (int i = 1; i < at.size(); i++) {
            assertThat(at.get(i) - at.get(i - 1)).isGreaterThanOrEqualTo(1);
        }
        Set<String> read = new HashSet<>();
        LengthFormat inches = new LengthFormat(Units.IN);
        marks.forEach(
                m -> assertThat(read.add(inches.place(m.atMm()))).as(m.label()).isTrue());
    }

    /** Both ends of an S-hook are curled from the very end in: the far one stops at its mark; all other marks are where to start. */
    @Test
    void mark_saysWhetherToStartOrToStop() {
        Piece hook = Patterns.find("s-hook").orElseThrow().usual();
        List<Step> steps = Planner.plan(hook, PlanOptions.USUAL).steps();

        assertThat(Marks.of(StrandWork.all(hook).get(0)))
                .extracting(Mark::label)
                .containsExactly(
                        "second curl stops, rolled from the far end", "first hook starts", "second hook starts");
        assertThat(text(steps, "Form the second curl"))
                .startsWith("Start at the very end")
                .contains("Stop at the mark");
        assertThat(text(steps, "Form the second hook")).startsWith("Start at the mark");
    }

    /** A corner and the loop beyond it share a mark, and the step says so. */
    @Test
    void sharedMark_isStillTold() {
        Piece drop = Patterns.find("bead-drop").orElseThrow().usual();
        List<Step> steps = Planner.plan(drop, PlanOptions.USUAL).steps();

        assertThat(Marks.of(StrandWork.all(drop).get(0)))
                .extracting(Mark::label)
                .contains("corner starts, at the jaw edge, loop starts");
        assertThat(text(steps, "Form the loop")).startsWith("Start just past the mark");
    }

    /**
     * The hand goes on from what is formed already, or from an end of the wire: nobody starts a bend in the air beside it and comes
     * out where the next one stands. Source: common practice.
     */
    @ParameterizedTest
    @MethodSource("patterns")
    void forming_startsAtWhatIsFormedAlready(Pattern pattern) {
        for (StrandWork work : StrandWork.all(pattern.usual())) {
            List<Element> along = work.strand().elements();
            List<Element> bent = along.stream().filter(Element::isBent).toList();
            List<Element> before = new ArrayList<>();
            boolean fromEnd = work.handleAt() == HandleAt.START;
            for (Element element :
                    work.strand().inOrder().stream().filter(Element::isBent).toList()) {
                int at = bent.indexOf(element);
                boolean outermost = element.equals(along.get(0)) || element.equals(along.get(along.size() - 1));
                boolean left = at > 0 && before.contains(bent.get(at - 1));
                boolean right = at < bent.size() - 1 && before.contains(bent.get(at + 1));
                double from = work.cut().fromMm(element.id());
                double start = Marks.atMm(work, element);
                double place =
                        fromEnd ? work.netMm() - start : start - work.cut().beforeMm();
                if (!outermost && left != right) {
                    assertThat(place)
                            .as(element.label())
                            .isCloseTo(left ? from : from + work.cut().wireMm(element.id()), within(1e-6));
                }
                before.add(element);
            }
        }
    }

    /** Wire that grows from the middle to the squared end says which way it goes: a bow's left side, bent after its coil. */
    @Test
    void wireTowardsTheSquaredEnd_isToldSo() {
        Piece bow = Patterns.find("bow-link").orElseThrow().usual();
        List<Step> steps = Planner.plan(bow, PlanOptions.USUAL).steps();

        assertThat(text(steps, "Form left corner 1"))
                .startsWith("Start at the mark, ")
                .contains("and work back towards the squared end");
        assertThat(text(steps, "Form right corner 1")).doesNotContain("back towards");
    }

    private static String text(List<Step> steps, String title) {
        return steps.stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow()
                .text();
    }
}
