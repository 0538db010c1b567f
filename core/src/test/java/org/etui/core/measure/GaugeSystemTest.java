package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class GaugeSystemTest {
    /** Source: GNU Units, table committed beside this test. It carries five to ten digits. */
    @ParameterizedTest
    @CsvFileSource(resources = "gauges-gnu-units.csv", numLinesToSkip = 3)
    void everyNumber_agreesWithGnuUnits(GaugeSystem system, String number, double diameterMm) {
        assertThat(system.thicknessMm(number)).hasValueCloseTo(diameterMm, within(1e-4));
    }

    /** Common practice: what a jeweller reads off a calliper. */
    @ParameterizedTest
    @CsvSource({"0.6, AWG, 23", "0.6, SWG, 23", "0.8, AWG, 20", "0.8, SWG, 21", "1.63, AWG, 14", "1.63, SWG, 16"})
    void measuredThickness_findsTheNearestNumber(double mm, GaugeSystem system, String number) {
        assertThat(system.nearest(mm).number()).isEqualTo(number);
    }

    @ParameterizedTest
    @CsvSource({"AWG, 00, 9.266", "AWG, 2/0, 9.266", "SWG, 3/0, 9.4488", "SWG, 000, 9.4488", "AWG, 014, 1.628"})
    void bothWaysOfWritingAughts_areRead(GaugeSystem system, String number, double mm) {
        assertThat(system.thicknessMm(number)).hasValueCloseTo(mm, within(1e-3));
    }

    @Test
    void numberOutsideOfTheSystem_isEmpty() {
        assertThat(GaugeSystem.AWG.find("41")).isEmpty();
        assertThat(GaugeSystem.SWG.find("8/0")).isEmpty();
        assertThat(GaugeSystem.METRIC.find("0.61")).isEmpty();
    }

    @Test
    void nearestOfEach_sharesTheDisagreement() {
        List<Gauge> near = GaugeSystem.nearestOfEach(1.29);

        assertThat(near).extracting(Gauge::number).containsExactly("16", "18", "1.3");
        assertThat(near.get(0).deviationOf(1.29)).isCloseTo(-0.0007, within(1e-3));
    }
}
