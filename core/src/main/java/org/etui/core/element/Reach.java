package org.etui.core.element;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * Wire from where the last element ended to where the next seat begins: two bends that meet with one heading ({@link org.etui.core.curve.Biarc}).
 *
 * @param id name, unique in its strand
 * @param leastInsideMm no bend is tighter inside, mm
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("reach")
public record Reach(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(
                value = "no bend is tighter inside, mm",
                from = 0,
                or = "0",
                title = "no bend tighter inside than",
                usual = "0.5")
        double leastInsideMm,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {
    private static final double LEAST_MM = 1e-6;

    /** @throws IllegalArgumentException if the measure is out of range */
    public Reach {
        Check.within("leastInsideMm", leastInsideMm, 0, Check.GREATEST);
    }

    /** As tight as the wire goes. */
    public static Reach of(String id) {
        return new Reach(id, 0, Optional.empty(), Target.RELEASED);
    }

    /** @throws IllegalArgumentException where no seat comes after it, or no bend leads there */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        List<CurvePiece> way = forming.setting()
                .reach(this)
                .orElseThrow(() -> new IllegalArgumentException("no seat comes after it that it could lead to"));
        double least = (leastInsideMm + forming.thicknessMm()) / 2;
        for (CurvePiece piece : way) {
            Check.that(
                    piece.turnRad() == 0 || piece.lengthMm() / piece.turnRad() >= least - LEAST_MM,
                    () -> String.format(
                            Locale.ROOT,
                            "leastInsideMm would be %.2f on the way to the next seat",
                            2 * piece.lengthMm() / piece.turnRad() - forming.thicknessMm()));
        }
        return way;
    }

    @Override
    public double rollDeg() {
        return 0;
    }

    @Override
    public Winding winding() {
        return Winding.NONE;
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.BENT;
    }

    @Override
    public double acrossMm(Section section) {
        return section.thicknessMm();
    }

    @Override
    public List<Spacing> spacings() {
        return List.of();
    }

    @Override
    public List<String> sitsOn() {
        return List.of();
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return Optional.empty();
    }

    @Override
    public Reach renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.reach(this);
    }
}
