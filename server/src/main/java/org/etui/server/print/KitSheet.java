package org.etui.server.print;

import java.util.List;
import java.util.Locale;
import org.etui.core.cutting.CutPlan;
import org.etui.core.kit.Kit;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;

/** Kits on paper: what to lay out and to buy for the teacher; then the handout: what lies in the kit, tools, cautions, every step with its pictures. */
public final class KitSheet {
    private static final double TEXT_MM = 3.4;

    private KitSheet() {}

    /** @param plan of one piece, with all states */
    public static byte[] of(
            String name, Kit kit, Piece piece, Plan plan, Paper paper, LengthFormat format, Writer.As as) {
        Flow flow = new Flow(paper, name, "kits for a class");
        flow.heading("Lay out " + kit.kits() + (kit.kits() == 1 ? " kit" : " kits"));
        kit.sizes().forEach(size -> forSize(size, kit, format, flow));
        shopping(kit, format, flow);
        flow.heading("Handout: " + piece.name());
        flow.paragraph(TEXT_MM, "In your kit: " + inKit(kit.sizes().get(0), format) + sizes(kit));
        flow.paragraph(TEXT_MM, "Tools: " + String.join("; ", kit.tools()) + ".");
        kit.cautions().forEach(c -> flow.paragraph(TEXT_MM, "Take care: " + c.message()));
        CardSheet.draw(plan, flow);
        return as.write(flow.laidOut(), paper, name + ", kits");
    }

    private static String sizes(Kit kit) {
        return kit.sizes().size() == 1 ? "" : " Lengths are those of the first size; yours are on your kit.";
    }

    private static void forSize(Kit.ForSize size, Kit kit, LengthFormat format, Flow flow) {
        String label = size.label().isBlank() ? "one size" : size.label();
        flow.paragraph(
                TEXT_MM,
                label + ", " + size.kits() + (size.kits() == 1 ? " kit: " : " kits, in each: ") + inKit(size, format)
                        + " Materials " + String.format(Locale.ROOT, "%.2f ", size.materials()) + kit.currency()
                        + " a kit.");
    }

    private static String inKit(Kit.ForSize size, LengthFormat format) {
        List<String> things = new java.util.ArrayList<>();
        size.wires()
                .forEach(
                        w -> things.add((w.count() == 1 ? "" : w.count() + " × ") + format.write(w.cutMm(), Rounding.UP)
                                + " of " + w.wireInWords() + " (" + w.title().toLowerCase(Locale.ROOT) + ")"));
        things.addAll(size.parts());
        return String.join("; ", things) + ".";
    }

    private static void shopping(Kit kit, LengthFormat format, Flow flow) {
        flow.heading("To buy");
        boolean nothing = kit.wireToBuy().isEmpty() && kit.parts().stream().allMatch(p -> p.toBuy() == 0);
        if (nothing) {
            flow.paragraph(TEXT_MM, "Nothing: the rack has all of it.");
        }
        for (CutPlan.Missing m : kit.wireToBuy()) {
            flow.paragraph(
                    TEXT_MM,
                    format.write(m.lengthMm(), Rounding.UP) + " of " + m.wireInWords()
                            + (m.gaugesInWords().isEmpty() ? "" : " (" + m.gaugesInWords() + ")") + ", "
                            + String.format(Locale.ROOT, "%.1f g", m.massG()) + ".");
        }
        kit.parts().stream()
                .filter(p -> p.toBuy() > 0)
                .forEach(p -> flow.paragraph(
                        TEXT_MM,
                        p.toBuy() + " × " + p.name() + (p.onRack() == 0 ? "" : " (" + p.onRack() + " on the rack)")
                                + "."));
        flow.paragraph(
                TEXT_MM,
                "Materials for all kits: " + String.format(Locale.ROOT, "%.2f ", kit.materials()) + kit.currency()
                        + ". The pupils' time is not in it.");
    }
}
