package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

/** What a wire at hand would make. */
class MakingTest {
    private static final Wire SOFT = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);

    /** By hand: a ring of 4 mm on 1 mm wire is π · 5 = 15.7 mm and its saw cut and filing; nineteen would take 298.5 mm with nothing to spare. */
    @Test
    void rings_areAsManyAsTheLengthHolds() {
        Making rings = of(300, "jump-rings");

        assertThat(rings.measure()).isEqualTo("rings");
        assertThat(rings.whole()).isTrue();
        assertThat(rings.most().orElseThrow()).isBetween(15.0, 19.0);
        assertThat(of(600, "jump-rings").most().orElseThrow())
                .isCloseTo(2 * rings.most().orElseThrow(), within(1.0));
    }

    /** What is said to fit fits, what is said to lack is what lacks: as the pattern itself, asked for that wire, says. */
    @Test
    void everyPattern_saysWhatItsOwnQuestionSays() {
        List<Making> makings =
                Patterns.ALL.stream().map(p -> Making.of(p, SOFT, 120)).toList();

        assertThat(makings)
                .anyMatch(m -> m.most().isPresent())
                .anyMatch(m -> m.lacksMm().isPresent());
        for (Making making : makings) {
            Pattern pattern = Patterns.find(making.pattern()).orElseThrow();
            if (making.most().isPresent()) {
                assertThat(AtHand.measures(pattern, Map.of(), SOFT, Optional.empty(), 120))
                        .containsValue(making.most().getAsDouble());
            } else if (making.lacksMm().isPresent()) {
                double enough = 120 + making.lacksMm().getAsDouble();
                assertThat(Making.of(pattern, SOFT, enough + 1e-6).most()).isPresent();
                assertThat(Making.of(pattern, SOFT, enough - 0.5).most()).isEmpty();
            }
        }
    }

    @Test
    void noLength_isRefused() {
        assertThatThrownBy(() -> of(0, "s-hook")).isInstanceOf(BadInput.class).hasMessageContaining("wireMm");
    }

    private static Making of(double mm, String pattern) {
        return Making.of(Patterns.find(pattern).orElseThrow(), SOFT, mm);
    }
}
