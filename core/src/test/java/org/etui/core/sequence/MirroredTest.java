package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Patterns;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Jig;
import org.etui.core.work.StrandWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A card for the tool in the left hand: sides are exchanged, nothing else. */
class MirroredTest {
    /** What is left over, and the right way round, are no sides. */
    private static final Pattern NO_SIDE =
            Pattern.compile("\\b(is left|end left on|are left|what is left|nothing left|right way|left over)\\b");

    private static final Pattern SIDE = Pattern.compile("\\b([Ll]eft|[Rr]ight)\\b");

    @ParameterizedTest
    @CsvSource({
        "from right to left, from left to right",
        "Form left corner 2, Form right corner 2",
        "between the lower right and the upper left, between the lower left and the upper right",
        "until about 0.8 mm is left inside, until about 0.8 mm is left inside",
        "Square the end left on the spool as well., Square the end left on the spool as well.",
        "the right way round, the right way round",
        "3.0 mm left, 3.0 mm right"
    })
    void sidesAreExchanged(String said, String mirrored) {
        assertThat(Mirrored.words(said)).isEqualTo(mirrored);
        assertThat(Mirrored.words(Mirrored.words(said))).isEqualTo(said);
    }

    static List<org.etui.core.pattern.Pattern> patterns() {
        return Patterns.ALL;
    }

    /** Every side that a card names is exchanged; every other word, figure and step stays. */
    @ParameterizedTest
    @MethodSource("patterns")
    void everyCard_isTheSameButForItsSides(org.etui.core.pattern.Pattern pattern) {
        Plan right = plan(pattern, false);
        Plan left = plan(pattern, true);

        assertThat(left.steps()).hasSameSizeAs(right.steps());
        for (int i = 0; i < right.steps().size(); i++) {
            List<String> one = texts(right.steps().get(i)).toList();
            List<String> other = texts(left.steps().get(i)).toList();
            for (int k = 0; k < one.size(); k++) {
                String plain = NO_SIDE.matcher(one.get(k)).replaceAll("");
                assertThat(SIDE.matcher(other.get(k)).replaceAll("*"))
                        .isEqualTo(SIDE.matcher(one.get(k)).replaceAll("*"));
                assertThat(other.get(k).equals(one.get(k)))
                        .as(one.get(k))
                        .isEqualTo(!SIDE.matcher(plain).find());
            }
        }
    }

    /** A jig mirrored twice is the jig; its first peg stands as far to the other side of the second. */
    @Test
    void jig_isMirroredAtItsHeight() {
        StrandWork work = StrandWork.all(
                        Patterns.find("jig-repeat").orElseThrow().usual())
                .get(0);
        Jig jig = Jig.of(work);
        Jig mirrored = jig.mirrored();

        assertThat(jig.pegs()).isNotEmpty();
        for (int i = 0; i < jig.pegs().size(); i++) {
            assertThat(mirrored.pegs().get(i).xMm())
                    .isCloseTo(-jig.pegs().get(i).xMm(), within(1e-12));
            assertThat(mirrored.pegs().get(i).yMm()).isEqualTo(jig.pegs().get(i).yMm());
            assertThat(mirrored.pegs().get(i).turns())
                    .isEqualTo(-jig.pegs().get(i).turns());
        }
    }

    private static Plan plan(org.etui.core.pattern.Pattern pattern, boolean leftHanded) {
        School school = new School(School.Spiral.PUSH, School.Polish.TO_AND_FRO, true, leftHanded);
        try {
            return Planner.plan(
                    pattern.usual(),
                    new PlanOptions(
                            PlanOptions.States.NONE,
                            new LengthFormat(Units.MM),
                            Toolbox.STARTER,
                            school,
                            PlanOptions.USUAL.log(),
                            Hand.GENERAL));
        } catch (BadInput none) {
            throw new AssertionError(pattern.name(), none);
        }
    }

    private static Stream<String> texts(Step step) {
        return Stream.concat(
                Stream.of(step.title(), step.text(), step.check(), step.caution()),
                step.each().stream().flatMap(e -> Stream.of(e.title(), e.text())));
    }
}
