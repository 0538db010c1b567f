package org.etui.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class InsteadTest {
    private static final Wire WANTED = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.3);

    private static Rack rack(Wire... wires) {
        List<Rack.Booked> entries = new ArrayList<>();
        for (Wire wire : wires) {
            String id = "s" + entries.size();
            Stock stock = new Stock(id, "spool " + id, Stock.Form.SPOOL, Optional.of(wire), "", 0);
            entries.add(new Rack.Booked(
                    entries.size() + 1,
                    "",
                    new Entry(
                            Entry.What.BOUGHT,
                            List.of(stock),
                            List.of(new Entry.Line(id, 3000, Entry.In.MM, 0, 0)),
                            "",
                            Optional.empty())));
        }
        return Rack.of(entries);
    }

    /** Common practice: the next gauge up or down stands in; another metal, or wire half as thick, does not. */
    @Test
    void theNearestGaugeOrTemper_isOffered_anotherMetalIsNot() {
        Piece hook = Patterns.find("hook-clasp")
                .orElseThrow()
                .make(Map.of(), Optional.of(WANTED), Optional.of(Purpose.DECORATIVE));
        Rack rack = rack(
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.6),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.5),
                Wire.ofRound(Metal.BRASS, Temper.DEAD_SOFT, 1.3),
                Wire.ofRound(Metal.COPPER, Temper.HALF_HARD, 1.3));
        List<Instead> instead = Instead.of(hook, Set.of(WANTED), rack);
        assertThat(instead).extracting(i -> i.wire().temper()).containsExactly(Temper.HALF_HARD, Temper.DEAD_SOFT);
        assertThat(instead).extracting(i -> i.wire().section().thicknessMm()).containsExactly(1.3, 1.5);
        assertThat(instead.get(1).stocks()).containsExactly("spool s1");
        assertThat(instead.get(1).needMm()).isGreaterThan(0);
    }

    /** Thinner wire holds less (section modulus goes with d³): a hook that is loaded fails in it, and that is said. */
    @Test
    void whatWouldFail_isSaid() {
        Wire thick = Wire.ofRound(Metal.STERLING_SILVER, Temper.HALF_HARD, 1.3);
        Piece hook = Patterns.find("hook-clasp")
                .orElseThrow()
                .make(Map.of("hookInsideMm", 8), Optional.of(thick), Optional.of(Purpose.NECKLACE_CLOSURE));
        Rack rack = rack(Wire.ofRound(Metal.STERLING_SILVER, Temper.DEAD_SOFT, 1.1));
        assertThat(Instead.of(hook, Set.of(thick), rack))
                .singleElement()
                .satisfies(i -> assertThat(i.fails()).isNotEmpty());
    }

    @Test
    void whereNothingIsMissing_nothingIsOffered() {
        Piece hook = Patterns.find("hook-clasp").orElseThrow().usual();
        assertThat(Instead.of(hook, Set.of(), rack(WANTED))).isEmpty();
    }
}
