package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Arc;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
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
                .withParts(List.of(Part.of("disc", PartKind.BLANK, "copper", 20, Optional.empty())), List.of())
                .withWork(List.of(work));
    }

    private static List<Step> steps(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps();
    }

    static Stream<Arguments> works() {
        String after = "forming";
        return Stream.of(
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Flatten(0.9, With.DOMED_HAMMER))
                                .at(after),
                        "Flatten the bend to 0.90 mm",
                        "chasing hammer, domed face (28 mm), bench block",
                        "turn it over after each pass"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Press(0.9, With.DIE)).at(after),
                        "Press the bend to 0.90 mm",
                        "ring dies, heavy hammer",
                        "at least two rounds"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Planish(With.FLAT_HAMMER))
                                .at(after),
                        "Planish the bend",
                        "planishing hammer (25 mm)",
                        "until the marks are gone"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Texture(With.BALL_HAMMER))
                                .at(after),
                        "Texture the bend",
                        "chasing hammer, ball (12 mm)",
                        "on purpose"),
                Arguments.of(
                        Work.of("w", "wire", List.of("eye"), new Act.Close()).at(after),
                        "Squeeze shut the eye",
                        "nylon-jaw pliers (8 mm)",
                        "until the end touches"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Close()).at(after),
                        "Bring together the limbs of the bend",
                        "fingers, nylon-jaw pliers (8 mm)",
                        "Press the two limbs together"),
                Arguments.of(
                        Work.of("w", "wire", List.of(), new Act.Polish(Act.Polish.Abrasive.FOUR_GRADE_BLOCK))
                                .at(after),
                        "Polish the wire",
                        "four grade block",
                        "each side of the block"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.BringToSize(13)).at(after),
                        "Bring the bend up to 13.0 mm inside",
                        "chasing hammer, domed face (28 mm), mandrel",
                        "push it down again after each pass"),
                Arguments.of(
                        Work.of("w", "wire", List.of("eye"), new Act.Jaws(2)).at(after),
                        "Squeeze in the jaws: the eye",
                        "nylon-jaw pliers (8 mm)",
                        "twice all round"),
                Arguments.of(
                        Work.of("w", "wire", List.of(), new Act.Jaws(3)).at("start"),
                        "Draw through the jaws: the wire",
                        "nylon-jaw pliers (8 mm)",
                        "3 times"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Mallet(2, With.RAWHIDE_MALLET))
                                .at(after),
                        "Tap with the mallet: the bend",
                        "rawhide mallet",
                        "twice"),
                Arguments.of(Work.of("w", "wire", BEND, new Act.Flex(1)).at(after), "Flex the bend", "fingers", "once"),
                Arguments.of(
                        Work.of("w", "wire", List.of(), new Act.Tumble(90)).at(after),
                        "Tumble the wire",
                        "tumbler, steel shot",
                        "90 min"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Straighten(1)).at(after),
                        "Straighten the bend",
                        "nylon jaws",
                        "straightening hardens too"),
                Arguments.of(
                        Work.of("w", "wire", BEND, new Act.Reclose()).at(after),
                        "Close again the bend",
                        "nylon jaws",
                        "as it was formed"),
                Arguments.of(
                        Work.of("w", "wire", List.of("eye"), new Act.OpenClose(1))
                                .at(after),
                        "Open and close the eye",
                        "two pairs of flat-nose pliers",
                        "sideways"),
                Arguments.of(
                        Work.of("w", "", List.of(), new Act.Pierce("disc", 1.5)).at("start"),
                        "Pierce the disc",
                        "hole punch or drill, block",
                        "about 1 mm from the edge"),
                Arguments.of(
                        Work.of("w", "", List.of(), new Act.Dimple("disc", 30, 2, Act.Dimple.Dome.KEPT))
                                .at("start"),
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
        assertThat(step.handsOn()).isEqualTo(!(work.act() instanceof Act.Tumble));
    }

    /** Hammering says what it does to the size; steel asks for ears and eyes to be covered. */
    @Test
    void hammering_saysWhatItDoesToTheSize() {
        Work flat = Work.of("w", "wire", BEND, new Act.Flatten(0.9, With.DOMED_HAMMER));
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
        Work tap = Work.of("w", "wire", BEND, new Act.Mallet(1, With.NYLON_MALLET));
        Step step = steps(piece(tap)).stream()
                .filter(s -> s.title().equals("Form the bend"))
                .findFirst()
                .orElseThrow();

        assertThat(step.tool()).isEqualTo("mandrel, 12 mm");
        assertThat(step.text()).contains("bend on to 20", "let go, it stands at 200°", "(estimate)");
    }

    /** Two pairs of discs of sheet with two holes each: cut out and compared in pairs, then pierced where the holes are (common practice). */
    @Test
    void sheetBlanks_areCutOutInPairs_andPiercedWhereTheirHolesAre() {
        Body.Sheet sheet = new Body.Sheet(
                new Outline.Round(20),
                0.5,
                List.of(
                        new Body.Hole(List.of(0.0, 8.5, 0.0), List.of(0.0, 0.0, 1.0), 1.5),
                        new Body.Hole(List.of(-3.0, -8.0, 0.0), List.of(0.0, 0.0, 1.0), 1.5)));
        Part disc = Part.of("disc", PartKind.BLANK, "copper", 20, Optional.empty())
                .withBody(sheet)
                .times(4);
        Piece discs = piece(
                        Work.of("w", "", List.of(), new Act.Pierce("disc", 1.5)).at("start"))
                .withParts(List.of(disc), List.of());
        List<Step> card = steps(discs);
        List<String> titles = card.stream().map(Step::title).toList();
        Step cut = card.get(titles.indexOf("Cut out all 4 of the disc"));
        Step pierce = card.get(titles.indexOf("Pierce all 4 of the disc"));

        assertThat(titles.indexOf(cut.title())).isLessThan(titles.indexOf(pierce.title()));
        assertThat(cut.text()).contains("4 times", "file them as one", "63 mm of edge");
        assertThat(cut.check()).contains("every pair");
        assertThat(pierce.text()).contains("Mark from the middle: 8.5 mm up; 3.0 mm left, 8.0 mm down, then");
        assertThat(pierce.check()).contains("two of every pair");
        assertThat(pierce.minutes())
                .isGreaterThanOrEqualTo(4
                        * 2
                        * steps(piece(Work.of("w", "", List.of(), new Act.Pierce("disc", 1.5))
                                        .at("start")))
                                .stream()
                                .filter(s -> s.title().startsWith("Pierce"))
                                .findFirst()
                                .orElseThrow()
                                .minutes());
        // A disc of 20 mm and 0.5 mm less two holes of 1.5 mm, copper 8.9 g/cm³: π·(100 − 2·0.5625)·0.5·8.9/1000 g
        // each.
        assertThat(disc.massG()).isCloseTo(4 * Math.PI * (100 - 2 * 0.5625) * 0.5 * 8.9 / 1000, within(1e-6));
    }
}
