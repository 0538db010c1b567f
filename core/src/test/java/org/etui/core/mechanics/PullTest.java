package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Round;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class PullTest {
    private static final double R = 4;

    private static Hold hook(Metal metal, Temper temper, double mm) {
        Wire wire = Wire.ofRound(metal, temper, mm);
        Fibres bent = Bending.toFree(Fibres.of(Material.of(wire), wire.section()), 1 / R)
                .after();
        return Bow.ofHook(bent, wire.section(), R, Math.PI).hold();
    }

    private static double mouth(List<double[]> outline) {
        return outline.get(outline.size() - 2)[1] - outline.get(1)[1];
    }

    private static double length(List<double[]> outline) {
        double sum = 0;
        for (int i = 1; i < outline.size(); i++) {
            sum += Math.hypot(outline.get(i)[0] - outline.get(i - 1)[0], outline.get(i)[1] - outline.get(i - 1)[1]);
        }
        return sum;
    }

    /** Textbook (Castigliano): a half ring pulled through its centre opens by πFR³/(2EI) while it is elastic. */
    @Test
    void smallLoad_opensAsTheTextbookSays_andLeavesNothing() {
        Round round = Round.of(1.3);
        Pull pull = hook(Metal.COPPER, Temper.HALF_HARD, 1.3).under(0.5);
        double textbook = Math.PI * 0.5 * R * R * R / (2 * 117_000 * round.secondMomentMm4());

        assertThat(pull.opensMm()).isCloseTo(textbook, within(0.01 * textbook));
        assertThat(pull.staysMm()).isLessThan(0.02 * textbook);
        assertThat(pull.beyond()).isFalse();
    }

    /** A load is carried exactly as long as it is not above the greatest one that was solved for. */
    @Test
    void load_isCarriedUpToTheGreatest() {
        for (Metal metal : List.of(Metal.COPPER, Metal.BRASS, Metal.STERLING_SILVER)) {
            for (double mm : new double[] {0.3, 0.8, 2}) {
                Hold hold = hook(metal, Temper.DEAD_SOFT, mm);
                for (double share : new double[] {0.1, 0.9, 0.999, 1.001, 1.1, 3}) {
                    assertThat(hold.bearing().carries(Bearing.Limit.HOLDS, share * hold.holdsN()))
                            .as("%s %s mm, %s of what it holds", metal, mm, share)
                            .isEqualTo(share < 1);
                    assertThat(hold.bearing().carries(Bearing.Limit.STARTS_TO_GIVE, share * hold.startsToGiveN()))
                            .as("%s %s mm, %s of where it gives", metal, mm, share)
                            .isEqualTo(share < 1);
                }
            }
        }
    }

    /** The drawing opens by as much as is said, keeps its length, and is a half ring with the mouth to the right at rest. */
    @Test
    void outline_opensByAsMuchAsIsSaid() {
        Hold hold = hook(Metal.BRASS, Temper.DEAD_SOFT, 1.2);
        Pull pull = hold.under(hold.holdsN());

        assertThat(mouth(pull.rest())).isCloseTo(2 * R, within(0.02));
        assertThat(pull.rest()).allMatch(p -> p[0] >= -1e-9);
        assertThat(mouth(pull.under()) - mouth(pull.rest())).isCloseTo(pull.opensMm(), within(0.05 * pull.opensMm()));
        assertThat(mouth(pull.after()) - mouth(pull.rest())).isCloseTo(pull.staysMm(), within(0.05 * pull.staysMm()));
        assertThat(length(pull.under())).isCloseTo(length(pull.rest()), within(1e-3));
    }

    /** A load that it holds leaves 0.2 mm; one beyond the section says so and gapes. */
    @Test
    void heldLoad_leavesTwoTenths_andMoreThanItCarriesGapes() {
        Hold hold = hook(Metal.COPPER, Temper.DEAD_SOFT, 1);

        assertThat(hold.under(hold.holdsN()).staysMm()).isCloseTo(0.2, within(1e-4));
        assertThat(hold.under(50 * hold.holdsN()).beyond()).isTrue();
        assertThat(hold.under(50 * hold.holdsN()).staysMm()).isGreaterThan(1);
        assertThat(hold.under(0).opensMm()).isZero();
    }

    /** A kilogram weighs 9.80665 N (ISO 80000-3). */
    @Test
    void load_isSaidInGramsFirst() {
        assertThat(Load.inWords(0.98)).isEqualTo("100 g (0.98 N)");
        assertThat(Load.inWords(9.80665)).isEqualTo("1.0 kg (9.8 N)");
        assertThat(Load.inWords(196.133)).isEqualTo("20 kg (200 N)");
    }
}
