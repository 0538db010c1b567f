package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;
import org.assertj.core.data.Percentage;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Round;
import org.etui.core.section.Slab;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Two cases of our own against an independent solver: decks, results and the script that runs them again lie in the resources
 * under {@code finite-elements}. Source: finite-element run, CalculiX 2.20, C3D20R, geometrically non-linear, isotropic
 * hardening. Within 8 %.
 */
class FiniteElementsTest {
    private static final Percentage WITHIN = Percentage.withPercentage(8);
    private static Map<String, Double> results;

    @BeforeAll
    static void read() throws IOException {
        try (BufferedReader rows = new BufferedReader(new InputStreamReader(
                FiniteElementsTest.class.getResourceAsStream("/finite-elements/results.csv"),
                StandardCharsets.UTF_8))) {
            results = rows.lines()
                    .filter(row -> !row.startsWith("#") && !row.startsWith("case"))
                    .map(row -> row.split(","))
                    .collect(Collectors.toMap(row -> row[0] + " " + row[1], row -> Double.parseDouble(row[2])));
        }
    }

    private static Material isotropic(Metal metal, double boughtStrain) {
        return new Material(metal.modulusGpa() * 1000, metal.flow().orElseThrow(), boughtStrain, 0, 0);
    }

    /** Half-hard brass, round 1.00 mm, bent by a moment alone to a radius near 5 mm, then let go. */
    @Test
    void halfHardBrass_bentAndLetGo() {
        Fibres brass = Fibres.of(isotropic(Metal.BRASS, Temper.HALF_HARD.strain()), Round.of(1));

        Bending bending = Bending.onTool(brass, 1 / results.get("bend radius-held"));

        assertThat(bending.toolMomentNmm()).isCloseTo(results.get("bend moment"), WITHIN);
        assertThat(1 / bending.after().curvaturePerMm()).isCloseTo(results.get("bend free-radius"), WITHIN);
        assertThat(bending.after().addedStrain()).isCloseTo(results.get("bend mean-strain"), WITHIN);
    }

    /** Half ring of copper wire, a stadium of 1.478 × 0.90 mm, centre-line radius 4.4 mm, pulled open. */
    @Test
    void hookInFlattenedWire_pulledOpen() {
        Slab section = Slab.stadium(1.478, 0.9);
        Fibres wire = Fibres.of(isotropic(Metal.COPPER, 0.2354), section);

        Hold hold = Bow.ofHook(wire, section, 4.4, Math.PI).hold();

        assertThat(hold.givesMmPerN()).isCloseTo(results.get("hook opens-per-newton"), WITHIN);
        assertThat(hold.holdsN()).isCloseTo(results.get("hook holds"), WITHIN);
    }
}
