package org.etui.server.print;

import java.awt.geom.Ellipse2D;
import org.etui.core.photo.StoneSheet;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** The sheet that a stone is photographed on: its dots in their places, words outside of them. */
final class StonePage {
    private static final double HIGH_MM = 2 * (StoneSheet.HALF_MM + StoneSheet.DOT_MM) + 4;

    private StonePage() {}

    static void draw(Flow flow) {
        flow.paragraph(
                3.2,
                "Print it at full size; check the bar above with a rule. Lay the sheet flat in even light and one stone, back down, in"
                        + " the middle. Photograph it from straight above with all dots in the picture, without flash. A white or"
                        + " clear stone does not stand out from paper and cannot be traced so: measure it.");
        double top = flow.room(HIGH_MM);
        double x = flow.left() + flow.width() / 2;
        double y = top + HIGH_MM / 2;
        flow.add(g -> {
            g.setColor(java.awt.Color.BLACK);
            for (Vector2D dot : StoneSheet.dots()) {
                g.fill(new Ellipse2D.Double(
                        x + dot.getX() - StoneSheet.DOT_MM,
                        y - dot.getY() - StoneSheet.DOT_MM,
                        2 * StoneSheet.DOT_MM,
                        2 * StoneSheet.DOT_MM));
            }
        });
        flow.paragraph(2.8, "The single dot within the square is at the top left: it tells which way is up.");
    }
}
