package org.etui.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.element.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sheet that is folded: how much of it a fold takes, and where its places come to lie. */
class FoldedSheetTest {
    private static final double T = 0.8;

    private static FoldedSheet of(double lengthMm, double frontMm, Body.Fold... folds) {
        return new FoldedSheet(
                new Body.Sheet(new Outline.Rectangle(lengthMm, 8, 0), T, List.of(), List.of(folds), frontMm));
    }

    /**
     * Flat length of an angle of two outside legs of 10 at a right angle: 20 and the correction v of DIN 6935, v = π/2·(r + k·s/2) − 2·(r + s), its
     * tables rounded to a tenth (from memory); from r = 5·s on the neutral line lies in the middle.
     */
    @ParameterizedTest
    @CsvSource({"1, 1, -1.9", "10, 2, -6.7", "20, 1, -9.8"})
    void aRightAngle_takesWhatTheStandardSays(double inside, double thick, double correction) {
        double flat = 2 * (10 - inside - thick) + FoldedSheet.takesMm(Math.PI / 2, inside, thick);

        assertThat(flat - 20).isCloseTo(correction, within(0.06));
    }

    /** Plane geometry: two walls at right angles to a base stand as far apart as the base is long and the neutral radii of both bends. */
    @Test
    void wallsOfATrough_standParallel_asFarApartAsTheBase() {
        double takes = FoldedSheet.takesMm(Math.PI / 2, T, T);
        double base = 3;
        double line = (base + takes) / 2;
        FoldedSheet trough = of(20, 0, new Body.Fold(line, 90, T), new Body.Fold(-line, 90, T));
        double radius = takes / (Math.PI / 2);

        FoldedSheet.Place left = trough.at(-8);
        FoldedSheet.Place right = trough.at(8);

        assertThat(right.upMm() - left.upMm()).isCloseTo(base + 2 * radius, within(1e-9));
        assertThat(left.frontMm()).isCloseTo(right.frontMm(), within(1e-9));
        assertThat(left.frontMm()).isCloseTo(8 - line - takes / 2 + radius, within(1e-9));
        assertThat(Math.toDegrees(right.turnedRad() - left.turnedRad())).isCloseTo(180, within(1e-9));
    }

    /** What faces the front stays where it is, and the rest turns about it: the same shape, seen from one of its walls. */
    @Test
    void whatFacesTheFront_staysWhereItIs() {
        double takes = FoldedSheet.takesMm(Math.PI / 2, T, T);
        Body.Fold fold = new Body.Fold(0, 90, T);
        double radius = takes / (Math.PI / 2);

        FoldedSheet seen = of(20, 5, fold);

        assertThat(seen.at(5)).isEqualTo(new FoldedSheet.Place(5, 0, 0));
        assertThat(seen.at(9).upMm()).isCloseTo(9, within(1e-9));
        // Below the fold the sheet runs to the front: it was turned that way by the wall above.
        assertThat(seen.at(-8).frontMm()).isCloseTo(8 - takes / 2 + radius, within(1e-9));
        assertThat(seen.at(-8).upMm()).isCloseTo(takes / 2 - radius, within(1e-9));
    }

    @Test
    void strips_coverTheSheetFromEdgeToEdge() {
        FoldedSheet sheet = of(20, 0, new Body.Fold(4, 90, 1), new Body.Fold(-4, -120, 0));

        List<FoldedSheet.Strip> strips = sheet.strips();

        assertThat(strips.get(0).fromMm()).isCloseTo(-10, within(0.02));
        assertThat(strips.get(strips.size() - 1).toMm()).isCloseTo(10, within(0.02));
        for (int i = 1; i < strips.size(); i++) {
            assertThat(strips.get(i).fromMm()).isEqualTo(strips.get(i - 1).toMm());
        }
    }
}
