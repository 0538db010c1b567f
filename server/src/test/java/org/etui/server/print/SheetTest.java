package org.etui.server.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.etui.server.print.PaperReader.TRUE_MM;
import static org.etui.server.print.PaperReader.isLong;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.etui.core.element.Outline;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.plan.Repeat;
import org.etui.core.sequence.Step;
import org.etui.core.work.Jig;
import org.etui.core.work.StrandWork;
import org.etui.server.print.PaperReader.Drawn;
import org.etui.server.print.PaperReader.Letter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every sheet is read back and measures true; page breaks cut nothing. Lengths of the check bars: 100 mm and 4 in by ruler. */
class SheetTest {
    private static final LengthFormat MM = new LengthFormat(Units.MM);

    static List<Arguments> sheets() {
        List<Arguments> all = new ArrayList<>();
        for (Sheet sheet : Sheet.values()) {
            for (Paper paper : Paper.values()) {
                all.add(Arguments.of(sheet, paper, "spiral-earrings"));
                all.add(Arguments.of(sheet, paper, "hook-and-eye-bangle"));
                all.add(Arguments.of(sheet, paper, "stone-frame"));
                all.add(Arguments.of(sheet, paper, "graded-drops"));
            }
        }
        return all;
    }

    private static Piece piece(String pattern) {
        return Patterns.find(pattern).orElseThrow().usual();
    }

    private static Plan plan(Piece piece, Sheet sheet) {
        return Planner.plan(piece, new PlanOptions(sheet.states(), MM));
    }

    private static byte[] pdf(Sheet sheet, Piece piece, Paper paper) {
        return sheet.of(piece, plan(piece, sheet), paper, MM, Writer.As.PDF);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everySheet_hasItsCheckBarsOnEveryPage_andNothingLeavesThePaper(Sheet sheet, Paper paper, String pattern)
            throws IOException {
        byte[] bytes = pdf(sheet, piece(pattern), paper);

        requireBarsAndMargins(bytes, paper);
        assertThat(PaperReader.text(bytes)).contains(sheet.title()).contains("sheet 1 of");
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everySheet_asSvg_measuresTheSame(Sheet sheet, Paper paper, String pattern) throws Exception {
        Piece piece = piece(pattern);
        List<Drawn> drawn = PaperReader.svg(sheet.of(piece, plan(piece, sheet), paper, MM, Writer.As.SVG), paper);

        assertThat(drawn).anyMatch(d -> isLong(d, 100)).anyMatch(d -> isLong(d, 101.6));
    }

    private static void requireBarsAndMargins(byte[] bytes, Paper paper) throws IOException {
        List<Drawn> drawn = PaperReader.pdf(bytes);
        List<Letter> letters = PaperReader.letters(bytes);
        for (int i = 0; i < PaperReader.pages(bytes); i++) {
            int page = i;
            assertThat(drawn.stream().filter(d -> d.page() == page))
                    .anyMatch(d -> isLong(d, 100))
                    .anyMatch(d -> isLong(d, 101.6));
        }
        assertThat(letters)
                .isNotEmpty()
                .allMatch(l -> l.x() >= Paper.MARGIN_MM - 0.1
                        && l.right() <= paper.widthMm() - Paper.MARGIN_MM / 2
                        && l.y() <= paper.heightMm() - Paper.MARGIN_MM + 0.5);
        assertThat(drawn)
                .allMatch(d -> d.box().getMinX() >= Paper.MARGIN_MM - 0.2
                        && d.box().getMaxX() <= paper.widthMm() - Paper.MARGIN_MM + 0.2
                        && d.box().getMaxY() <= paper.heightMm() - Paper.MARGIN_MM + 0.2);
    }

    /** Plane geometry: the strip is as wide as the measure it stands for. */
    @Test
    void gapStrip_isAsWideAsTheMeasure() throws IOException {
        Piece piece = piece("spiral-earrings");
        List<Repeat> repeats = Repeat.of(piece, plan(piece, Sheet.GAPS));
        List<Drawn> drawn = PaperReader.pdf(pdf(Sheet.GAPS, piece, Paper.A4));

        assertThat(repeats).hasSizeGreaterThan(2);
        repeats.forEach(r -> assertThat(drawn).as(r.label()).anyMatch(d -> isLong(d, r.mm())));
        assertThat(PaperReader.text(pdf(Sheet.GAPS, piece("hook-clasp"), Paper.A4)))
                .contains("Nothing repeats");
    }

    /** Plane geometry: circles are as wide as the pegs, and their middles are as far apart as the pegs. */
    @ParameterizedTest
    @CsvSource({"s-hook, A4", "hook-clasp, LETTER", "figure-eight, A4"})
    void jig_hasPegsWhereTheyStand(String pattern, Paper paper) throws IOException {
        Piece piece = piece(pattern);
        Jig jig = Jig.of(StrandWork.of(piece, piece.strands().get(0)));
        List<Drawn> drawn = PaperReader.pdf(pdf(Sheet.JIG, piece, paper));
        for (Jig.Peg peg : jig.pegs()) {
            assertThat(drawn)
                    .as(peg.label())
                    .anyMatch(d -> Math.abs(d.box().getWidth() - peg.diameterMm()) < TRUE_MM
                            && Math.abs(d.box().getHeight() - peg.diameterMm()) < TRUE_MM);
        }
        List<Rectangle2D> crosses =
                drawn.stream().filter(d -> isLong(d, 4)).map(Drawn::box).toList();
        assertThat(crosses).hasSize(jig.pegs().size());
        for (int i = 1; i < crosses.size(); i++) {
            Jig.Peg peg = jig.pegs().get(i);
            Jig.Peg first = jig.pegs().get(0);
            assertThat(crosses.get(i).getCenterX() - crosses.get(0).getCenterX())
                    .isCloseTo(peg.xMm() - first.xMm(), within(TRUE_MM));
            assertThat(crosses.get(0).getCenterY() - crosses.get(i).getCenterY())
                    .isCloseTo(peg.yMm() - first.yMm(), within(TRUE_MM));
        }
    }

    /** Plane geometry: what is cut of sheet is as large as its body says, and its holes are as wide and as far apart. */
    @ParameterizedTest
    @CsvSource({"pin-stem, A4", "pin-stem, LETTER"})
    void shapes_areTrueToSize(String pattern, Paper paper) throws IOException {
        Piece piece = piece(pattern);
        List<Drawn> drawn = PaperReader.pdf(pdf(Sheet.SHAPES, piece, paper));
        for (Part part : piece.parts()) {
            Body.Sheet sheet = (Body.Sheet) part.body().orElseThrow();
            Outline.Rectangle outline = (Outline.Rectangle) sheet.outline();
            assertThat(drawn)
                    .as(part.id())
                    .anyMatch(d -> Math.abs(d.box().getWidth() - outline.widthMm()) < TRUE_MM
                            && Math.abs(d.box().getHeight() - outline.lengthMm()) < TRUE_MM);
            double mm = sheet.holes().get(0).diameterMm();
            List<Double> ups = drawn.stream()
                    .map(Drawn::box)
                    .filter(b -> Math.abs(b.getWidth() - mm) < TRUE_MM && Math.abs(b.getHeight() - mm) < TRUE_MM)
                    .map(Rectangle2D::getCenterY)
                    .toList();
            double apart = Math.abs(sheet.holes().get(0).atMm().get(1)
                    - sheet.holes().get(1).atMm().get(1));
            assertThat(ups).anyMatch(a -> ups.stream().anyMatch(b -> Math.abs(b - a - apart) < TRUE_MM));
        }
    }

    /** Sources: GNU Units: ringsize(7) 54.209 mm, sizeNring 53.75 mm round; ISO 8653: 54 is 54 mm. */
    @ParameterizedTest
    @EnumSource(Paper.class)
    void ringStrip_hasEverySizeWhereItMeasures(Paper paper) throws IOException {
        byte[] bytes = SizeSheet.RING_STRIP.of(paper, MM, Writer.As.PDF);
        List<Drawn> drawn = PaperReader.pdf(bytes);
        double zero = Paper.MARGIN_MM + 14;

        requireBarsAndMargins(bytes, paper);
        for (double round : new double[] {54.209, 53.75, 54, 37.5, 68.75, 38, 76, 36.109, 77.480}) {
            assertThat(drawn)
                    .as(round + " mm")
                    .anyMatch(d -> d.box().getWidth() < 0.01
                            && d.box().getHeight() > 1.9
                            && Math.abs(d.box().getX() - zero - round) < TRUE_MM);
        }
        assertThat(PaperReader.text(bytes)).contains("United States", "United Kingdom", "ISO 8653");
    }

    /** Common practice: bangles 203, 210 and 216 mm round the inside. */
    @ParameterizedTest
    @EnumSource(Paper.class)
    void bangleStrip_goesOnWhereTheFirstEnds(Paper paper) throws IOException {
        byte[] bytes = SizeSheet.BANGLE_STRIP.of(paper, MM, Writer.As.PDF);
        List<Drawn> drawn = PaperReader.pdf(bytes);
        double zero = Paper.MARGIN_MM + 14;

        requireBarsAndMargins(bytes, paper);
        for (double mm : new double[] {10, 150}) {
            assertThat(drawn).anyMatch(d -> tick(d, zero + mm));
        }
        for (double mm : new double[] {203, 210, 216, 260}) {
            assertThat(drawn).as(mm + " mm").anyMatch(d -> tick(d, zero + mm - 150));
        }
        assertThat(PaperReader.text(bytes)).contains("small: 203.0 mm", "large: 216.0 mm");
    }

    private static boolean tick(Drawn d, double x) {
        return d.box().getWidth() < 0.01
                && d.box().getHeight() > 1
                && Math.abs(d.box().getX() - x) < TRUE_MM;
    }

    /** Every step stands on the card whole, with a form before and a form after that are not the same. */
    @Test
    void card_hasEveryStepWithTwoPictures() throws IOException {
        Job job = new Job(
                JobFormat.ETUI_JOB,
                1,
                "Gift desk",
                "p",
                List.of(new JobLine("", 5, Map.of())),
                java.util.Optional.empty(),
                "",
                java.util.Optional.empty());
        Piece piece = job.asPiece(piece("spiral-earrings"));
        byte[] bytes = pdf(Sheet.CARD, piece, Paper.A4);
        String text = tight(PaperReader.text(bytes));
        Plan plan = plan(piece, Sheet.CARD);
        long formed = plan.steps().stream()
                .filter(s -> s.shows() == Step.Shows.STATES)
                .count();

        for (int i = 0; i < plan.steps().size(); i++) {
            Step step = plan.steps().get(i);
            assertThat(text).contains(tight((i + 1) + step.title()));
        }
        assertThat(PaperReader.pdf(bytes).stream().filter(Drawn::filled)).hasSize((int) (2 * formed));
        assertThat(text).contains(tight("10 wires"), "Check:", tight("Take care: Wear safety glasses"));
    }

    /** Letters set apart by their face are read with blanks between them. */
    private static String tight(String text) {
        return text.replaceAll("\\s+", "");
    }

    /** A step's lines and its ruling stand on one page: what is ruled off was begun there. */
    @Test
    void longCard_breaksBetweenSteps() throws IOException {
        byte[] bytes = pdf(Sheet.CARD, piece("stone-frame"), Paper.LETTER);
        List<Drawn> boxes =
                PaperReader.pdf(bytes).stream().filter(d -> isLong(d, 5)).toList();

        assertThat(PaperReader.pages(bytes)).isGreaterThan(2);
        assertThat(boxes)
                .hasSize(2 * plan(piece("stone-frame"), Sheet.CARD).steps().size());
        for (int i = 0; i < boxes.size(); i += 2) {
            assertThat(boxes.get(i).page()).isEqualTo(boxes.get(i + 1).page());
        }
    }
}
