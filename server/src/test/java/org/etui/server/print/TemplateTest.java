package org.etui.server.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.etui.core.element.Arc;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The template measures true, on one page or many. */
class TemplateTest {
    private static final double TRUE_MM = 0.1;
    private static final LengthFormat MM = new LengthFormat(Units.MM);

    private static Piece piece(String pattern) {
        return Patterns.find(pattern).orElseThrow().usual();
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    @ParameterizedTest
    @CsvSource({
        "s-hook, A4",
        "s-hook, LETTER",
        "hook-clasp, A4",
        "hook-and-eye-bangle, A4",
        "hook-and-eye-bangle, LETTER"
    })
    void pdf_hasCheckBarsAndOutlineAtTrueSize(String pattern, Paper paper) throws IOException {
        Piece piece = piece(pattern);
        Plan plan = plan(piece);

        requireTrue(PaperReader.pdf(Sheet.TEMPLATE.of(piece, plan, paper, MM, Writer.As.PDF)), plan);
    }

    @ParameterizedTest
    @CsvSource({"s-hook, A4", "hook-clasp, LETTER", "hook-and-eye-bangle, A4"})
    void svg_hasCheckBarsAndOutlineAtTrueSize(String pattern, Paper paper) throws Exception {
        Piece piece = piece(pattern);
        Plan plan = plan(piece);

        requireTrue(PaperReader.svg(Sheet.TEMPLATE.of(piece, plan, paper, MM, Writer.As.SVG), paper), plan);
    }

    private static void requireTrue(List<PaperReader.Drawn> drawn, Plan plan) {
        assertThat(drawn).anyMatch(d -> PaperReader.isLong(d, 100));
        assertThat(drawn).anyMatch(d -> PaperReader.isLong(d, 101.6));
        Plan.Extent finished = plan.strands().get(0).drawn().finished();
        Rectangle2D outline = drawn.stream()
                .filter(PaperReader.Drawn::filled)
                .map(PaperReader.Drawn::box)
                .reduce(Rectangle2D::createUnion)
                .orElseThrow();
        assertThat(outline.getWidth()).isCloseTo(finished.widthMm(), within(TRUE_MM));
        assertThat(outline.getHeight()).isCloseTo(finished.heightMm(), within(TRUE_MM));
    }

    /** For the left hand the form is its mirror image: what it covers to the left of its middle, it covered to the right. */
    @Test
    void templateForTheLeftHand_isTheMirrorImage_andSaysSo() throws IOException {
        Piece piece = piece("hook-clasp");
        Plan plan = plan(piece);
        byte[] right = Sheet.TEMPLATE.of(piece, plan, Paper.A4, MM, Writer.As.PDF);
        byte[] left = Sheet.TEMPLATE.of(piece, plan, Paper.A4, MM, Writer.As.PDF, true);
        PaperReader.Drawn one = form(right);
        PaperReader.Drawn other = form(left);
        int differ = 0;
        for (double x = 0.5; x < one.box().getWidth(); x += 0.5) {
            for (double y = 0.5; y < one.box().getHeight(); y += 0.5) {
                double at = one.box().getMinY() + y;
                boolean covered = one.path().contains(one.box().getMinX() + x, at);
                boolean opposite = other.path().contains(other.box().getMaxX() - x, at);
                boolean same = other.path().contains(other.box().getMinX() + x, at);
                assertThat(opposite).isEqualTo(covered);
                differ += same == covered ? 0 : 1;
            }
        }

        assertThat(differ).isGreaterThan(20);
        assertThat(PaperReader.text(left)).contains("mirrored for the left hand");
        assertThat(PaperReader.text(right)).doesNotContain("mirrored");
        assertThat(PaperReader.text(Sheet.MARKS.of(piece, plan, Paper.A4, MM, Writer.As.PDF, true)))
                .doesNotContain("mirrored");
    }

    private static PaperReader.Drawn form(byte[] pdf) throws IOException {
        return PaperReader.pdf(pdf).stream()
                .filter(PaperReader.Drawn::filled)
                .max((a, b) -> Double.compare(a.box().getHeight(), b.box().getHeight()))
                .orElseThrow();
    }

    @Test
    void marksStrip_isAsLongAsTheCutWire_withMarksWhereTheyBelong() throws IOException {
        Piece piece = piece("hook-clasp");
        Plan plan = plan(piece);
        List<PaperReader.Drawn> drawn = PaperReader.pdf(Sheet.TEMPLATE.of(piece, plan, Paper.A4, MM, Writer.As.PDF));

        assertThat(drawn)
                .anyMatch(d ->
                        PaperReader.isLong(d, plan.strands().get(0).amount().cutLengthMm()));
        double left = Paper.MARGIN_MM;
        plan.strands()
                .get(0)
                .marks()
                .forEach(mark -> assertThat(drawn)
                        .as(mark.label())
                        .anyMatch(d -> d.box().getWidth() < 0.01
                                && d.box().getHeight() > 3
                                && Math.abs(d.box().getX() - left - mark.atMm()) < TRUE_MM));
    }

    @Test
    void longWire_isBrokenIntoRowsThatAddUp() throws IOException {
        Piece piece = piece("hook-and-eye-bangle");
        Plan plan = plan(piece);
        List<PaperReader.Drawn> drawn = PaperReader.pdf(Sheet.TEMPLATE.of(piece, plan, Paper.A4, MM, Writer.As.PDF));
        double row = Paper.A4.innerWidthMm();
        double rest = plan.strands().get(0).amount().cutLengthMm() - row;

        assertThat(drawn).anyMatch(d -> PaperReader.isLong(d, rest));
        assertThat(drawn)
                .allMatch(d -> d.box().getMaxX() <= Paper.A4.widthMm() - Paper.MARGIN_MM + 0.01
                        && d.box().getMinX() >= Paper.MARGIN_MM - 0.01);
    }

    @Test
    void formLargerThanPaper_isLaidOverSheets_eachWithItsCheckBar() throws IOException {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 2);
        Strand strand = Strand.of(
                "collar", "Collar", wire, List.of(Straight.of("run", 120), Arc.of("round", 260, 300, Turn.LEFT)));
        Piece piece = Piece.of("Collar", Purpose.DECORATIVE, List.of(strand));
        byte[] sheet = Sheet.TEMPLATE.of(piece, plan(piece), Paper.A4, MM, Writer.As.PDF);
        List<PaperReader.Drawn> drawn = PaperReader.pdf(sheet);
        int pages;
        try (PDDocument document = Loader.loadPDF(sheet)) {
            pages = document.getNumberOfPages();
        }

        assertThat(pages).isGreaterThanOrEqualTo(3);
        for (int page = 0; page < pages; page++) {
            int own = page;
            assertThat(drawn.stream().filter(d -> d.page() == own)).anyMatch(d -> PaperReader.isLong(d, 100));
        }
    }

    @Test
    void words_nameThePieceTheWireAndTheCut() throws IOException {
        Piece piece = piece("s-hook").withName("Hop & <Sloe>");
        byte[] sheet = Sheet.TEMPLATE.of(piece, plan(piece), Paper.A4, new LengthFormat(Units.IN), Writer.As.PDF);
        try (PDDocument document = Loader.loadPDF(sheet)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Hop & <Sloe>", "1.29 mm copper, dead soft", "cut 1 7/8 in", "second hook starts");
        }
        String svg = new String(
                Sheet.TEMPLATE.of(piece, plan(piece), Paper.A4, MM, Writer.As.SVG),
                java.nio.charset.StandardCharsets.UTF_8);
        assertThat(svg).contains("<title>Hop &amp; &lt;Sloe&gt;, 1:1 template</title>");
    }

    /** Read by PDFBox: the face comes with the sheet, and each letter is followed by the next at the width that the face gives it. */
    @Test
    void letters_standAsTheirFaceWants() throws IOException {
        Piece piece = piece("s-hook");
        byte[] sheet = Sheet.TEMPLATE.of(piece, plan(piece), Paper.A4, MM, Writer.As.PDF);
        List<TextPosition> letters = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(sheet)) {
            new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> positions) {
                    letters.addAll(positions);
                }
            }.getText(document);

            assertThat(letters).hasSizeGreaterThan(100);
            for (int i = 1; i < letters.size(); i++) {
                TextPosition before = letters.get(i - 1);
                TextPosition next = letters.get(i);
                double gap = next.getXDirAdj() - before.getXDirAdj();
                double wide = before.getFont().getWidth(before.getCharacterCodes()[0]) / 1000 * before.getXScale();
                if (next.getYDirAdj() == before.getYDirAdj() && gap > 0 && gap < 2 * wide) {
                    assertThat(gap).as(before.getUnicode()).isCloseTo(wide, within(0.02));
                }
                assertThat(before.getFont().isEmbedded()).isTrue();
            }
        }
    }
}
