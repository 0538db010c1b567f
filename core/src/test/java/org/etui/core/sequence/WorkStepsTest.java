package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.element.Arc;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.With;
import org.etui.core.piece.Work;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The card's steps of work besides forming. Source of what they say: common practice. */
class WorkStepsTest {
    private static final List<String> BEND = List.of("bend");

    private static Piece piece(Work work) {
        return Examples.piece(
                        Examples.copper(1.2),
                        Loop.thatOpens("eye", 4, Turn.LEFT),
                        Straight.of("run", 20),
                        Arc.of("bend", 12, 200, Turn.RIGHT))
                .withParts(List.of(new Part("disc", PartKind.BLANK, "copper", 20, Optional.empty())), List.of())
                .withWork(List.of(work));
    }

    private static List<Step> steps(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps();
    }

    static Stream<Arguments> works() {
        String after = "forming";
        return Stream.of(
                Arguments.of(
                        new Work.Flatten("w", "wire", BEND, 0.9, With.DOMED_HAMMER, after),
                        "Flatten the bend to 0.90 mm",
                        "chasing hammer, domed face (28 mm), bench block",
                        "turn it over after each pass"),
                Arguments.of(
                        new Work.Press("w", "wire", BEND, 0.9, With.DIE, after),
                        "Press the bend to 0.90 mm",
                        "ring dies, heavy hammer",
                        "at least two rounds"),
                Arguments.of(
                        new Work.Planish("w", "wire", BEND, With.FLAT_HAMMER, after),
                        "Planish the bend",
                        "planishing hammer (25 mm)",
                        "until the marks are gone"),
                Arguments.of(
                        new Work.Texture("w", "wire", BEND, With.BALL_HAMMER, after),
                        "Texture the bend",
                        "chasing hammer, ball (12 mm)",
                        "on purpose"),
                Arguments.of(
                        new Work.Jaws("w", "wire", List.of(), 3, after),
                        "Draw through the jaws: the wire",
                        "nylon-jaw pliers (8 mm)",
                        "3 times"),
                Arguments.of(
                        new Work.Mallet("w", "wire", BEND, 2, With.RAWHIDE_MALLET, after),
                        "Tap with the mallet: the bend",
                        "rawhide mallet",
                        "twice"),
                Arguments.of(new Work.Flex("w", "wire", BEND, 1, after), "Flex the bend", "fingers", "once"),
                Arguments.of(
                        new Work.Tumble("w", "wire", List.of(), 90, after),
                        "Tumble the wire",
                        "tumbler, steel shot",
                        "90 min"),
                Arguments.of(
                        new Work.Straighten("w", "wire", BEND, 1, after),
                        "Straighten the bend",
                        "nylon jaws",
                        "straightening hardens too"),
                Arguments.of(
                        new Work.Reclose("w", "wire", BEND, after),
                        "Close again the bend",
                        "nylon jaws",
                        "as it was formed"),
                Arguments.of(
                        new Work.OpenClose("w", "wire", List.of("eye"), 1, after),
                        "Open and close the eye",
                        "two pairs of flat-nose pliers",
                        "sideways"),
                Arguments.of(
                        new Work.Pierce("w", "", List.of(), "disc", 1.5, "start"),
                        "Pierce the disc",
                        "hole punch or drill, block",
                        "about 1 mm from the edge"),
                Arguments.of(
                        new Work.Dimple("w", "", List.of(), "disc", 30, "start"),
                        "Dimple the disc",
                        "chasing hammer, ball (12 mm)",
                        "thin cloth"));
    }

    @ParameterizedTest
    @MethodSource("works")
    void work_hasItsStep_withToolAndHow(Work work, String title, String tool, String text) {
        Step step = steps(piece(work)).stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        steps(piece(work)).stream().map(Step::title).toList()));

        assertThat(step.tool()).isEqualTo(tool);
        assertThat(step.text()).contains(text);
        assertThat(step.check()).isNotBlank();
        assertThat(step.minutes()).isPositive();
        assertThat(step.handsOn()).isEqualTo(!(work instanceof Work.Tumble));
    }

    /** Hammering says what it does to the size; steel asks for ears and eyes to be covered. */
    @Test
    void hammering_saysWhatItDoesToTheSize() {
        Work flat = new Work.Flatten("w", "wire", BEND, 0.9, With.DOMED_HAMMER, "forming");
        Step step = steps(piece(flat)).stream()
                .filter(s -> s.title().startsWith("Flatten"))
                .findFirst()
                .orElseThrow();

        assertThat(step.check())
                .containsPattern("The bend goes from 12\\.0 mm to about 1[23]\\.\\d mm inside \\(estimate\\)");
        assertThat(step.caution()).contains("hearing protection");
        assertThat(step.state()).isPresent();
    }

    /** Forming names the tool owned, how far to bend on, and what it comes to. */
    @Test
    void forming_namesTheToolAndWhatItComesTo() {
        Work tap = new Work.Mallet("w", "wire", BEND, 1, With.NYLON_MALLET, "forming");
        Step step = steps(piece(tap)).stream()
                .filter(s -> s.title().equals("Form the bend"))
                .findFirst()
                .orElseThrow();

        assertThat(step.tool()).isEqualTo("mandrel, 12.0 mm");
        assertThat(step.text()).contains("bend on to 20", "let go it stands at 200°", "(estimate)");
    }
}
