package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.rule.Advice;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Pricing;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class FieldTest {
    private static final List<Temper> TEMPERS = Arrays.asList(Temper.values());

    private static Field.Gauge gauge(double mm) {
        return new Field.Gauge(mm, Optional.empty());
    }

    private static Piece hook() {
        Strand strand = Strand.of(
                "wire", "", Examples.copper(1), List.of(Straight.of("run", 30), Arc.of("bend", 7, 200, Turn.LEFT)));
        return Piece.of("Hook", Purpose.NECKLACE_CLOSURE, List.of(strand));
    }

    private static Field field(Piece piece, Metal metal, double... gauges) {
        List<Field.Gauge> all = Arrays.stream(gauges).mapToObj(FieldTest::gauge).toList();
        Field.Trial trial = new Field.Trial(all, TEMPERS, metal, Field.thickest(piece));
        return Field.of(piece, trial, Toolbox.STARTER, Prices.STARTER, Double::sum);
    }

    /** Every cell is the whole piece worked again: it says what the plan of that piece says. */
    @Test
    void cell_saysWhatThePlanOfThatWireSays() {
        for (Field.Cell cell : field(hook(), Metal.BRASS, 0.8, 1.3, 2.0).cells()) {
            Wire wire = Wire.ofRound(
                    Metal.BRASS, cell.bought().temper(), cell.bought().thicknessMm());
            Piece tried = hook().withStrands(List.of(hook().strands().get(0).withWire(wire)));
            Plan plan = Planner.plan(tried, PlanOptions.USUAL);
            Plan.ElementPlan bend = plan.strands().get(0).elements().get(1);

            assertThat(cell.refused()).isEmpty();
            assertThat(cell.hold().holdN().orElseThrow())
                    .isCloseTo(bend.strength().holdN().orElseThrow(), within(1e-9));
            assertThat(cell.hold().holds()).isEqualTo(bend.strength().holdN().orElseThrow() >= 10);
            assertThat(cell.hold().holdsAt()).contains("strands.0.elements.1");
            assertThat(cell.standing().strain()).isCloseTo(bend.worked().strain(), within(1e-9));
            assertThat(cell.forming().forms()).contains(bend.formed().formedBy());
            assertThat(cell.takes().cutLengthMm())
                    .isEqualTo(plan.strands().get(0).amount().cutLengthMm());
            assertThat(cell.takes().massG())
                    .isCloseTo(plan.totals().wire().get(0).massG(), within(1e-9));
            assertThat(cell.worst().map(Advice::rule))
                    .isEqualTo(plan.advice().stream().findFirst().map(Advice::rule));
        }
    }

    /** Common practice: a 7 mm hook in 0.4 mm wire of any metal but steel fails every closure in every temper. */
    @Test
    void fineWire_failsEveryClosureInEveryTemper() {
        for (Purpose purpose : EnumSet.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.BANGLE_CLOSURE)) {
            Piece piece = Piece.of("Hook", purpose, hook().strands());
            for (Metal metal : EnumSet.complementOf(EnumSet.of(Metal.MUSIC_WIRE))) {
                assertThat(field(piece, metal, 0.4).cells())
                        .as("%s %s", purpose, metal)
                        .hasSize(5)
                        .noneMatch(c -> c.hold().holds());
            }
        }
    }

    /** Thicker and harder holds more, and costs more force: the whole field is in order. */
    @Test
    void holdAndForce_growWithGaugeAndTemper() {
        List<Field.Cell> cells = field(hook(), Metal.COPPER, 0.8, 1.3, 2.0, 3.3).cells();
        for (int i = 0; i < cells.size(); i++) {
            if (i % 5 > 0) {
                assertThat(cells.get(i).hold().holdN().orElseThrow())
                        .isGreaterThan(cells.get(i - 1).hold().holdN().orElseThrow());
                assertThat(cells.get(i).standing().strainLeft())
                        .isLessThan(cells.get(i - 1).standing().strainLeft());
            }
            if (i >= 5) {
                assertThat(cells.get(i).hold().holdN().orElseThrow())
                        .isGreaterThan(cells.get(i - 5).hold().holdN().orElseThrow());
                assertThat(cells.get(i).takes().massG())
                        .isGreaterThan(cells.get(i - 5).takes().massG());
            }
        }
        assertThat(cells.get(0).forming().forms()).contains(FormedBy.FINGERS);
        assertThat(cells.get(19).forming().forms()).contains(FormedBy.VICE);
    }

    /** What cannot be made in a wire says why, and the others are there all the same. */
    @Test
    void wireThatCannotBe_isRefusedInItsCellOnly() {
        Piece worked = hook().withWork(List.of(Examples.flatten(0.9, "bend")));
        List<Field.Cell> cells = field(worked, Metal.COPPER, 0.8, 1.3).cells();

        assertThat(cells.subList(0, 5))
                .allMatch(c -> c.refused().orElse("").contains("work.0.toMm must be below the thickness"));
        assertThat(cells.subList(5, 10)).allMatch(c -> c.refused().isEmpty());
        assertThat(field(hook(), Metal.MUSIC_WIRE, 1).cells().stream()
                        .filter(c -> c.refused().isEmpty())
                        .map(c -> c.bought().temper()))
                .containsExactly(Temper.SPRING);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Field.Trial(List.of(), TEMPERS, Metal.COPPER, 0))
                .withMessageContaining("gauges");
    }

    /** A frame that follows its pattern is made anew by it, its weave too; of one on its own only the frame changes. */
    @Test
    void frame_isMadeAnewByItsPattern_orOnItsOwnAlone() {
        Piece stone = Patterns.find("stone-frame").orElseThrow().usual();
        Piece loose = stone.withSource(stone.source().orElseThrow().asDetached());
        double weave =
                stone.strands().get(stone.strands().size() - 1).wire().section().thicknessMm();
        for (Piece piece : List.of(stone, loose)) {
            Field.Cell cell = field(piece, Metal.COPPER, 1.6).cells().get(0);
            Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6);
            Plan plan = Planner.plan(Remake.inWire(piece, Field.thickest(piece), wire), PlanOptions.USUAL);
            double all = plan.totals().wire().stream()
                    .mapToDouble(Plan.WireTotal::massG)
                    .sum();

            assertThat(cell.takes().massG()).isCloseTo(all, within(1e-9));
            assertThat(plan.totals().wire().stream().anyMatch(w -> w.section().thicknessMm() == weave))
                    .isEqualTo(piece == loose);
        }
    }

    /** Grams by the gram: volume, handbook density (8.53 g/cm³) and the price; a metal without a price costs nothing that is known. */
    @Test
    void price_isVolumeTimesDensityTimesThePriceOfAGram() {
        Field.Cell cell = field(hook(), Metal.BRASS, 2).cells().get(0);
        double grams = Math.PI * cell.takes().cutLengthMm() * 8.53 / 1000;
        Field.Trial brass = new Field.Trial(List.of(gauge(2)), TEMPERS, Metal.BRASS, 0);
        Prices none = new Prices("€", List.of(new Prices.Price(Metal.COPPER, 1)), Pricing.STARTER);
        Prices dear = new Prices("€", List.of(new Prices.Price(Metal.BRASS, 0.5)), Pricing.STARTER);

        assertThat(Field.of(hook(), brass, Toolbox.STARTER, dear, Double::sum)
                        .cells()
                        .get(0)
                        .takes()
                        .price())
                .hasValueCloseTo(grams / 2, within(1e-9));
        assertThat(Field.of(hook(), brass, Toolbox.STARTER, none, Double::sum)
                        .cells()
                        .get(0)
                        .takes()
                        .price())
                .isEmpty();
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(new Prices(
                        "€", List.of(dear.metals().get(0), dear.metals().get(0)), Pricing.STARTER)::require)
                .withMessageContaining("metals.1.metal");
    }

    /** A failing cell says by how much and shows the bend open; one that holds shows it as good as shut. */
    @Test
    void failingCell_saysByHowMuch_andShowsTheBendOpen() {
        List<Field.Cell> cells = field(hook(), Metal.COPPER, 0.8, 2).cells();
        Field.Cell weak = cells.get(0);
        Field.Cell strong = cells.get(7);

        assertThat(weak.hold().shortN()).isCloseTo(10 - weak.hold().holdN().orElseThrow(), within(1e-12));
        assertThat(weak.hold().pull().orElseThrow().staysMm()).isGreaterThan(0.2);
        assertThat(strong.hold().shortN()).isZero();
        assertThat(strong.hold().pull().orElseThrow().staysMm()).isLessThan(0.2);
        assertThat(weak.forming().tool().orElseThrow().owned()).isPresent();
        Piece twisted = hook().withWork(List.of(Examples.flatten(0.45, "bend")));
        assertThat(field(twisted, Metal.BRASS, 1).cells().get(4).standing().overStrain())
                .isGreaterThan(0);
    }

    /** The wire of one strand changes with all of that wire, whichever strand it is; a number that is none is refused. */
    @Test
    void finerStrand_canBeTriedToo() {
        Piece stone = Patterns.find("stone-frame").orElseThrow().usual();
        int fine = stone.strands().size() - 1;
        Field.Trial trial = new Field.Trial(List.of(gauge(0.35)), TEMPERS, Metal.COPPER, fine);
        Field.Cell cell = Field.of(stone, trial, Toolbox.STARTER, Prices.STARTER, Double::sum)
                .cells()
                .get(0);

        assertThat(cell.refused()).isEmpty();
        assertThat(cell.takes().massG())
                .isLessThan(Planner.plan(stone, PlanOptions.USUAL).totals().wire().stream()
                        .mapToDouble(Plan.WireTotal::massG)
                        .sum());
        Field.Trial none = new Field.Trial(List.of(gauge(1)), TEMPERS, Metal.COPPER, 60);
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> Field.of(stone, none, Toolbox.STARTER, Prices.STARTER, Double::sum))
                .withMessageContaining("strand");
    }

    /** Every reason names a formula, a source and how sure it is, one for every topic. */
    @Test
    void reasons_areThereForEveryTopic() {
        assertThat(Reason.ALL).extracting(Reason::topic).containsExactly(Reason.Topic.values());
        assertThat(Reason.ALL)
                .allMatch(r -> !r.formula().isBlank()
                        && !r.source().isBlank()
                        && !r.sure().isBlank());
    }
}
