package org.etui.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.cutting.CutPlan;
import org.etui.core.cutting.Wanted;
import org.etui.core.job.Job;
import org.etui.core.job.JobLine;
import org.etui.core.log.Hand;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.price.PriceSheet;
import org.etui.core.rule.Caution;
import org.etui.core.sequence.Step;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;

/**
 * Kits for a class: every pupil gets what one piece takes, cut to length, in the pupil's size; a few kits more lie ready for what goes wrong. Wire is cut by
 * the policy of the piece; pupils take longer than the card says, which is the maker's own time.
 *
 * @param kits how many kits in all, spares with them
 * @param spares how many of these for each size
 * @param sizes what lies in a kit, size by size
 * @param tools tools of the steps, each once; pupils can share them
 * @param cautions what pupils are told before they begin
 * @param wireToBuy wire that the rack does not have for all kits
 * @param parts bought-in parts of all kits, beside what the rack has
 * @param materials what the materials of all kits cost: wire with what is cut off, parts, a share for bath and cloths; not the work
 * @param currency what amounts are written in
 */
public record Kit(
        @Term("how many kits in all, spares with them") int kits,
        @Term("how many of these for each size") int spares,
        @Term("what lies in a kit, size by size") List<ForSize> sizes,

        @Term("tools of the steps, each once; pupils can share them")
        List<String> tools,

        @Term("what pupils are told before they begin") List<Caution> cautions,

        @Term("wire that the rack does not have for all kits")
        List<CutPlan.Missing> wireToBuy,

        @Term("bought-in parts of all kits, beside what the rack has")
        List<PartNeed> parts,

        @Term(
                "what the materials of all kits cost: wire with what is cut off, parts, a share for bath and cloths; not the work")
        double materials,

        @Term("what amounts are written in") String currency) {
    /** More than that nobody lays out. */
    public static final int MOST_SPARES = 100;

    private static final double HUNDREDTHS = 100;

    /**
     * What lies in a kit of a size.
     *
     * @param label the size, or the pupil; may be empty where there is one only
     * @param kits how many, spares with them
     * @param wires cut to length
     * @param parts bought-in parts, with how many
     * @param materials what its materials cost
     * @param minutes hands-on minutes of the card for one, an estimate
     */
    public record ForSize(
            @Term("the size, or the pupil; may be empty where there is one only")
            String label,

            @Term("how many, spares with them") int kits,
            @Term("cut to length") List<KitWire> wires,
            @Term("bought-in parts, with how many") List<String> parts,
            @Term("what its materials cost") double materials,

            @Term("hands-on minutes of the card for one, an estimate")
            double minutes) {}

    /**
     * Wires of a kit that are alike.
     *
     * @param title what they are for
     * @param wireInWords what they are made of
     * @param count how many
     * @param cutMm how long each is cut
     */
    public record KitWire(
            @Term("what they are for") String title,
            @Term("what they are made of") String wireInWords,
            @Term("how many") int count,
            @Term("how long each is cut, mm") double cutMm) {}

    /**
     * Bought-in parts that all kits need.
     *
     * @param name what they are called
     * @param count how many
     * @param onRack how many the rack has under that name
     * @param toBuy how many are to be bought
     */
    public record PartNeed(
            @Term("what they are called") String name,
            @Term("how many") int count,
            @Term("how many the rack has under that name") int onRack,
            @Term("how many are to be bought") int toBuy) {}

    /**
     * The kits of a job.
     *
     * @param one the piece as it stands
     * @param spares how many kits more for each size, 0 to 100
     * @param hand the maker's own hand
     * @param goOn false once the search for cuts must end
     */
    public static Kit of(Job job, Piece one, int spares, Prices prices, Rack rack, Hand hand, BooleanSupplier goOn) {
        Check.within("spares", spares, 0, MOST_SPARES);
        List<JobLine> singles = job.lines().stream()
                .map(l -> new JobLine(l.label(), 1, l.measures()))
                .toList();
        List<Piece> pieces = new Job(
                        job.format(), 1, job.name(), job.piece(), singles, job.due(), job.notes(), job.doneOn())
                .asSizes(one);
        List<PriceSheet.Size> sizes = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            sizes.add(new PriceSheet.Size(
                    job.lines().get(i).label(),
                    1,
                    pieces.get(i),
                    Planner.plan(pieces.get(i), PlanOptions.figures(hand))));
        }
        PriceSheet costs = PriceSheet.of(sizes, prices);
        List<ForSize> rows = new ArrayList<>();
        List<Wanted> wanted = new ArrayList<>();
        Set<String> tools = new LinkedHashSet<>();
        Set<Caution> cautions = new LinkedHashSet<>();
        Map<String, Integer> parts = new LinkedHashMap<>();
        for (int i = 0; i < sizes.size(); i++) {
            PriceSheet.Size size = sizes.get(i);
            int kits = job.lines().get(i).quantity() + spares;
            rows.add(row(size, kits, costs.rows().get(i)));
            wanted.addAll(wanted(size, kits));
            size.plan().steps().stream()
                    .filter(s -> s.kind() != Step.Kind.REST && !s.tool().isBlank())
                    .forEach(s -> tools.add(s.tool()));
            cautions.addAll(size.plan().cautions());
            size.piece().parts().stream()
                    .filter(Kit::isBoughtIn)
                    .forEach(p -> parts.merge(PriceSheet.name(p), p.count() * kits, Integer::sum));
        }
        CutPlan cuts = CutPlan.of(wanted, rack, CutPlan.Terms.USUAL, goOn, found -> {});
        double materials =
                rows.stream().mapToDouble(r -> r.materials() * r.kits()).sum();
        return new Kit(
                rows.stream().mapToInt(ForSize::kits).sum(),
                spares,
                rows,
                List.copyOf(tools),
                List.copyOf(cautions),
                cuts.missing(),
                parts.entrySet().stream()
                        .map(e -> need(e.getKey(), e.getValue(), rack))
                        .toList(),
                cents(materials),
                prices.currency());
    }

    private static ForSize row(PriceSheet.Size size, int kits, PriceSheet.Row cost) {
        return new ForSize(
                size.label(),
                kits,
                size.plan().strands().stream()
                        .map(s -> new KitWire(
                                s.title(),
                                s.bought().wireInWords(),
                                s.count(),
                                s.amount().cutLengthMm()))
                        .toList(),
                size.piece().parts().stream()
                        .filter(Kit::isBoughtIn)
                        .map(Kit::counted)
                        .toList(),
                cents(cost.wire() + cost.cutOff() + cost.parts() + cost.consumables()),
                cost.minutes());
    }

    /** What is cut out of sheet is a part, too, but it is made, not bought. */
    private static boolean isBoughtIn(Part part) {
        return part.kind() != PartKind.BLANK;
    }

    private static String counted(Part part) {
        String name = PriceSheet.name(part);
        return part.count() == 1 ? name : part.count() + " × " + name;
    }

    private static List<Wanted> wanted(PriceSheet.Size size, int kits) {
        String behind = size.label().isBlank() ? "" : ", " + size.label();
        return size.plan().strands().stream()
                .map(s -> new Wanted(
                        s.title() + behind,
                        s.bought().wire(),
                        s.amount().cutLengthMm(),
                        s.count() * kits,
                        s.pair() != Plan.Pair.NONE))
                .toList();
    }

    private static PartNeed need(String name, int count, Rack rack) {
        int has = (int) rack.there().stream()
                .filter(h -> h.stock().form() == Stock.Form.PARTS
                        && h.stock().name().strip().equalsIgnoreCase(name))
                .mapToDouble(Rack.Held::free)
                .sum();
        return new PartNeed(name, count, has, Math.max(0, count - has));
    }

    /** Rows of a price sheet are exact to the coin; sums of doubles are brought back to it. */
    private static double cents(double amount) {
        return Math.rint(amount * HUNDREDTHS) / HUNDREDTHS;
    }
}
