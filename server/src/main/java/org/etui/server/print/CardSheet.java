package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.plan.Plan;
import org.etui.core.sequence.Step;

/** The bench card on paper: every step with a box to tick, its pictures before and after, tool, words, check, caution. */
final class CardSheet {
    private static final double PICTURE_MM = 27;
    private static final double PICTURES_MM = 2 * PICTURE_MM + 6;
    private static final double BOX_MM = 5;
    private static final double TEXT_MM = 3;
    private static final double LINE_MM = 4.2;
    private static final double PAD_MM = 3;

    /** A part smaller than this share of the form is shown close up. */
    private static final double SMALL = 0.6;

    private final Plan plan;
    private final Flow flow;

    private CardSheet(Plan plan, Flow flow) {
        this.plan = plan;
        this.flow = flow;
    }

    /** @param plan with all states */
    static void draw(Plan plan, Flow flow) {
        CardSheet card = new CardSheet(plan, flow);
        for (int i = 0; i < plan.steps().size(); i++) {
            card.step(i + 1, plan.steps().get(i));
        }
    }

    /** A line of words of a step. */
    private record Words(String text, boolean bold, double sizeMm) {}

    private void step(int number, Step step) {
        List<Area> pictures = pictures(step);
        double text = flow.width() - BOX_MM - PAD_MM - (pictures.isEmpty() ? 0 : PICTURES_MM + PAD_MM);
        List<Words> lines = lines(number, step, text);
        double words = lines.size() * LINE_MM;
        double height = Math.max(words, pictures.isEmpty() ? 0 : PICTURE_MM) + PAD_MM;
        double at = flow.room(height);
        flow.add(g -> {
            Pen pen = new Pen(g);
            double x = flow.left();
            box(pen, x, at + 1);
            double y = at;
            for (Words w : lines) {
                y += LINE_MM;
                if (w.bold()) {
                    pen.bold(x + BOX_MM + PAD_MM, y - 0.8, w.sizeMm(), w.text());
                } else {
                    pen.text(x + BOX_MM + PAD_MM, y - 0.8, w.sizeMm(), w.text());
                }
            }
            for (int i = 0; i < pictures.size(); i++) {
                double left = x + flow.width() - PICTURES_MM + i * (PICTURE_MM + 6);
                picture(g, pictures.get(i), left, at + 1);
                if (i == 1) {
                    pen.text(left - 4.6, at + PICTURE_MM / 2 + 1, 3.4, ">");
                }
            }
            pen.line(x, at + height - 0.5, x + flow.width(), at + height - 0.5, 0.08);
        });
    }

    private static List<Words> lines(int number, Step step, double width) {
        List<Words> lines = new ArrayList<>();
        String times = step.wires() > 1 && !step.title().contains("×") ? "  (" + step.wires() + " wires)" : "";
        wrap(lines, number + "  " + step.title() + times, true, 3.6, width);
        wrap(lines, "With " + step.tool() + ". " + step.text(), false, TEXT_MM, width);
        Map<String, List<String>> alike = new LinkedHashMap<>();
        step.each().stream()
                .filter(e -> !e.text().isEmpty())
                .forEach(e -> alike.computeIfAbsent(e.text(), t -> new ArrayList<>())
                        .add(e.title() + (e.wires() > 1 ? " ×" + e.wires() : "")));
        alike.forEach((text, titles) -> wrap(lines, String.join(", ", titles) + ": " + text, false, TEXT_MM, width));
        wrap(lines, "Check: " + step.check(), false, TEXT_MM, width);
        if (!step.caution().isEmpty()) {
            wrap(lines, "Take care: " + step.caution(), true, TEXT_MM, width);
        }
        if (!step.handsOn()) {
            wrap(lines, "About " + Math.round(step.minutes()) + " min by itself.", false, TEXT_MM, width);
        }
        return lines;
    }

    private static void wrap(List<Words> lines, String words, boolean bold, double sizeMm, double width) {
        double room = bold ? width * 0.9 : width;
        Pen.lines(words, sizeMm, room).forEach(line -> lines.add(new Words(line, bold, sizeMm)));
    }

    private static void box(Pen pen, double x, double y) {
        pen.line(x, y, x + BOX_MM, y, 0.25);
        pen.line(x, y + BOX_MM, x + BOX_MM, y + BOX_MM, 0.25);
        pen.line(x, y, x, y + BOX_MM, 0.25);
        pen.line(x + BOX_MM, y, x + BOX_MM, y + BOX_MM, 0.25);
    }

    /** The wire before and after, where the step changes it; nothing else is drawn on paper. */
    private List<Area> pictures(Step step) {
        if (step.shows() != Step.Shows.STATES || step.state().orElse(0) == 0) {
            return List.of();
        }
        Plan.StrandPlan strand = plan.strands().stream()
                .filter(s -> s.id().equals(step.strand()))
                .findFirst()
                .orElseThrow();
        int state = step.state().getAsInt();
        return List.of(
                Silhouette.of(strand.states().get(state - 1)).createTransformedArea(flow.facing()),
                Silhouette.of(strand.states().get(state)).createTransformedArea(flow.facing()));
    }

    private static void picture(Graphics2D g, Area form, double x, double y) {
        Rectangle2D box = form.getBounds2D();
        double scale = Math.min(PICTURE_MM / box.getWidth(), (PICTURE_MM - 2) / box.getHeight());
        Graphics2D own = (Graphics2D) g.create();
        own.translate(
                x + (PICTURE_MM - scale * box.getWidth()) / 2 - scale * box.getX(),
                y + (PICTURE_MM - 2 - scale * box.getHeight()) / 2 - scale * box.getY());
        own.scale(scale, scale);
        own.setColor(Pen.FILL);
        own.fill(form);
        own.setColor(Pen.INK);
        own.setStroke(new BasicStroke((float) (0.2 / scale)));
        own.draw(form);
        own.dispose();
    }
}
