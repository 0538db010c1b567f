package org.etui.core.act;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.etui.core.curve.Curvature;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Head;
import org.etui.core.curve.Line;
import org.etui.core.mechanics.Bending;
import org.etui.core.mechanics.Fibres;
import org.etui.core.section.Section;

/**
 * A run of the wire of one section and what was done to it so far.
 *
 * @param element id of the element it belongs to
 * @param kind what it is for
 * @param shape its centre line once formed, at the growth where that holds
 * @param shapeGrowth growth at which the shape holds: that at forming, or that of the finished piece
 * @param wireMm wire in it when it was straight, mm
 * @param formed whether it is formed
 * @param section its section now
 * @param growth length now over length before work
 * @param cells what its fibres remember, in order along it, at least one
 */
public record Run(
        String element,
        Kind kind,
        CurvePiece shape,
        double shapeGrowth,
        double wireMm,
        boolean formed,
        Section section,
        double growth,
        List<Cell> cells) {

    /** What a run is for. */
    public enum Kind {
        /** Part of the finished piece. */
        ELEMENT,
        /** Held on to, and trimmed later. */
        HANDLE,
        /** Spare and filing. */
        SPARE
    }

    /** @param cells in order */
    public Run {
        cells = List.copyOf(cells);
    }

    /** Its centre line as it is now. */
    public CurvePiece now() {
        return formed ? formedNow() : new Line(wireMm * growth);
    }

    private CurvePiece formedNow() {
        return growth == shapeGrowth ? shape : shape.scaled(growth / shapeGrowth);
    }

    /** Whether it is as long, of the same section and of the same shape: what its fibres remember may differ. */
    boolean liesLike(Run other) {
        return element.equals(other.element)
                && wireMm == other.wireMm
                && section.equals(other.section)
                && now().equals(other.now());
    }

    /** Bent into its shape on tools that allow for springback, part by part. */
    public Run asFormed() {
        List<Curvature> parts = formedNow().curvatures();
        if (parts.size() == 1 && parts.get(0).perMm() == 0) {
            return new Run(element, kind, shape, shapeGrowth, wireMm, true, section, growth, cells);
        }
        Cell before = cells.get(0);
        List<Cell> bent = parts.stream()
                .map(p -> before.bent(p.toShare(), Bending.toFree(before.fibres(), p.perMm())))
                .toList();
        return new Run(element, kind, shape, shapeGrowth, wireMm, true, section, growth, bent);
    }

    /** Bent straight again. */
    public Run asStraightened() {
        List<Cell> straight = cells.stream()
                .map(c -> c.bent(c.toShare(), Bending.toFree(c.fibres(), 0)))
                .toList();
        return new Run(element, kind, shape, shapeGrowth, wireMm, false, section, growth, straight);
    }

    /** Bent from where it lies into another shape of the same length. */
    Run asReshaped(CurvePiece other) {
        List<Curvature> parts = other.curvatures();
        List<Cell> bent = new ArrayList<>();
        for (Curvature part : parts) {
            Cell before = at(part.toShare() - 1e-9);
            bent.add(before.bent(part.toShare(), Bending.toFree(before.fibres(), part.perMm())));
        }
        return new Run(element, kind, other, growth, wireMm, true, section, growth, bent);
    }

    Run with(Section other, double otherGrowth, UnaryOperator<Fibres> change) {
        List<Cell> changed =
                cells.stream().map(c -> c.with(change.apply(c.fibres()))).toList();
        return new Run(element, kind, shape, shapeGrowth, wireMm, formed, other, otherGrowth, changed);
    }

    Run hardened(Hardening by, int passes) {
        return with(f -> by.after(f, passes, section.thicknessMm()));
    }

    /** Worn by opening and closing, by a share of what its metal stands. */
    Run worn(double share) {
        return new Run(
                element,
                kind,
                shape,
                shapeGrowth,
                wireMm,
                formed,
                section,
                growth,
                cells.stream().map(c -> c.worn(share)).toList());
    }

    Run with(UnaryOperator<Fibres> change) {
        return with(section, growth, change);
    }

    /** The cell at a share of its length. */
    public Cell at(double share) {
        for (Cell cell : cells) {
            if (share <= cell.toShare()) {
                return cell;
            }
        }
        return cells.get(cells.size() - 1);
    }

    /** Plastic strain added since purchase, mean over the section, at the distance along it, mm. */
    public double strainAt(double alongMm) {
        double length = now().lengthMm();
        return at(length == 0 ? 0 : alongMm / length).fibres().addedStrain();
    }

    /** Vickers hardness, mean over the section, at the distance along it, mm. */
    public double hardnessHv(double alongMm) {
        double length = now().lengthMm();
        Fibres fibres = at(length == 0 ? 0 : alongMm / length).fibres();
        return fibres.material().flow().vickers(fibres.meanStrain());
    }

    /** Length of its metal now, mm: a ball that was bought is no length of wire. */
    double metalMm() {
        return shape instanceof Head ? 0 : now().lengthMm();
    }

    /** Width in the plane of bending, mm, at a distance along it, mm. */
    public double inPlaneMm(double alongMm) {
        return shape instanceof Head head ? head.widthMm(alongMm) : section.inPlaneMm();
    }

    /** Its surface, mm². */
    public double surfaceMm2() {
        return shape instanceof Head head
                ? Math.PI * head.diameterMm() * head.diameterMm()
                : section.perimeterMm() * now().lengthMm();
    }
}
