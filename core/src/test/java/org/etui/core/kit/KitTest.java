package org.etui.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.log.Hand;
import org.etui.core.metal.Metal;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.price.PriceSheet;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Pricing;
import org.etui.core.stock.Rack;
import org.junit.jupiter.api.Test;

/** Kits for a class: what lies in each, what is bought for all, what they cost. */
class KitTest {
    private static final Piece CLASP =
            Patterns.find("hook-clasp").orElseThrow().usual().withName("Teasel clasp");
    private static final Job CLASS = new Job(
            JobFormat.ETUI_JOB,
            1,
            "Clasps, evening class",
            "clasp",
            List.of(
                    new JobLine("small", 5, Map.of("hookInsideMm", 6)),
                    new JobLine("large", 3, Map.of("hookInsideMm", 9))),
            Optional.empty(),
            "",
            Optional.empty());

    private static final Prices PRICES = new Prices("€", List.of(new Prices.Price(Metal.COPPER, 0.8)), Pricing.STARTER);

    private static Kit kit(int spares) {
        return Kit.of(CLASS, CLASP, spares, PRICES, Rack.EMPTY, Hand.GENERAL, () -> true);
    }

    @Test
    void everyPupil_getsTheWiresOfOnePiece_inTheirSize() {
        Kit kit = kit(1);
        assertThat(kit.kits()).isEqualTo(5 + 3 + 2);
        assertThat(kit.sizes()).extracting(Kit.ForSize::label).containsExactly("small", "large");
        Plan one = Planner.plan(CLASP, PlanOptions.USUAL);
        assertThat(kit.sizes().get(0).wires())
                .extracting(Kit.KitWire::count)
                .containsExactlyElementsOf(
                        one.strands().stream().map(Plan.StrandPlan::count).toList());
        assertThat(kit.sizes().get(1).wires().get(0).cutMm())
                .as("a larger hook takes more wire")
                .isGreaterThan(kit.sizes().get(0).wires().get(0).cutMm());
    }

    /** By hand: five and three pupils with one spare each, every wire with two nips of 1.5 mm, a tenth more, up to whole centimetres. */
    @Test
    void fromAnEmptyRack_allOfItIsToBuy() {
        Kit kit = kit(1);
        double small = kit.sizes().get(0).wires().stream()
                .mapToDouble(w -> w.count() * (w.cutMm() + 3))
                .sum();
        double large = kit.sizes().get(1).wires().stream()
                .mapToDouble(w -> w.count() * (w.cutMm() + 3))
                .sum();
        double all = 1.1 * (6 * small + 4 * large);
        assertThat(kit.wireToBuy().stream().mapToDouble(m -> m.lengthMm()).sum())
                .isBetween(all - 1e-6, all + 10);
    }

    @Test
    void materials_areTheSumOverAllKits_toTheCent() {
        Kit kit = kit(2);
        double sum =
                kit.sizes().stream().mapToDouble(s -> s.kits() * s.materials()).sum();
        assertThat(kit.materials()).isCloseTo(sum, within(0.005));
        // the price sheet of one clasp of that size says the same
        PriceSheet one = PriceSheet.of(
                List.of(new PriceSheet.Size("", 1, CLASP, Planner.plan(CLASP, PlanOptions.USUAL))), PRICES);
        Kit same = Kit.of(
                new Job(
                        JobFormat.ETUI_JOB,
                        1,
                        "one",
                        "clasp",
                        List.of(new JobLine("", 4, Map.of())),
                        Optional.empty(),
                        "",
                        Optional.empty()),
                CLASP,
                0,
                PRICES,
                Rack.EMPTY,
                Hand.GENERAL,
                () -> true);
        PriceSheet.Row row = one.rows().get(0);
        assertThat(same.sizes().get(0).materials())
                .isCloseTo(row.cost() - row.work(), within(0.005))
                .isPositive();
        assertThat(same.sizes().get(0).minutes()).isEqualTo(row.minutes());
    }

    @Test
    void tools_standOnce_andCautionsGoBeforeTheWork() {
        Kit kit = kit(0);
        assertThat(kit.tools()).doesNotHaveDuplicates().isNotEmpty();
        assertThat(kit.cautions()).isNotEmpty();
    }

    @Test
    void partsOfAllKits_areCounted() {
        Piece earring = Patterns.find("wrapped-bead").orElseThrow().usual();
        Job job = new Job(
                JobFormat.ETUI_JOB,
                1,
                "Beads",
                "bead",
                List.of(new JobLine("", 7, Map.of())),
                Optional.empty(),
                "",
                Optional.empty());
        Kit kit = Kit.of(job, earring, 0, Prices.STARTER, Rack.EMPTY, Hand.GENERAL, () -> true);
        int each = earring.parts().stream().mapToInt(p -> p.count()).sum();
        assertThat(kit.parts().stream().mapToInt(Kit.PartNeed::count).sum()).isEqualTo(7 * each);
        assertThat(kit.parts()).allSatisfy(p -> assertThat(p.toBuy()).isEqualTo(p.count()));
    }

    @Test
    void moreSparesThanAnybodyLaysOut_areRefused() {
        assertThatThrownBy(() -> kit(101)).hasMessageContaining("spares");
    }
}
