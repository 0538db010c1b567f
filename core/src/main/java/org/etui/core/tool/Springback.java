package org.etui.core.tool;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.measure.RingSize;
import org.etui.core.mechanics.Bending;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Material;
import org.etui.core.metal.Flow;
import org.etui.core.wire.Wire;

/**
 * What wire bent round a tool springs back to, and the tool that gives a size. An estimate: the flow curve is good to about
 * ±10 %, and the band says what that makes of the size.
 *
 * @param toolInsideMm inside diameter on the tool
 * @param freeInsideMm inside diameter after release; absent where it springs back straight
 * @param freeFromMm that for metal a tenth softer than the table says
 * @param freeToMm that for metal a tenth harder
 * @param toolMomentNmm moment that bends it there
 * @param formedBy what that moment takes
 * @param strain plastic strain added, mean over the section
 * @param hardnessHv Vickers hardness afterwards, mean over the section
 * @param rings the sizes in every ring system that reaches so far
 * @param owned the nearest tool owned to the size on the tool; absent where none is near
 * @param ownedComesToMm inside diameter after release from that
 */
public record Springback(
        @Term("inside diameter on the tool, mm") double toolInsideMm,

        @Term("inside diameter after release, mm; absent where it springs back straight")
        OptionalDouble freeInsideMm,

        @Term("inside diameter after release of metal a tenth softer, mm; absent where that springs back straight")
        OptionalDouble freeFromMm,

        @Term("inside diameter after release of metal a tenth harder, mm; absent where that springs back straight")
        OptionalDouble freeToMm,

        @Term("moment that bends it there, N·mm") double toolMomentNmm,
        @Term("what that moment takes") FormedBy formedBy,

        @Term("plastic strain added, mean over the section") double strain,

        @Term("Vickers hardness afterwards, mean over the section")
        double hardnessHv,

        @Term("the sizes in every ring system that reaches so far")
        List<Ring> rings,

        @Term("the nearest tool owned to the size on the tool")
        Optional<OwnedTool> owned,

        @Term("inside diameter after release from that, mm") OptionalDouble ownedComesToMm) {
    /** What the flow curves are good to. */
    private static final double BAND = 0.1;

    /**
     * Ring sizes.
     *
     * @param system the system
     * @param tool size on the tool
     * @param free size after release; absent where it springs back straight
     */
    public record Ring(
            @Term("the ring system") RingSize system,
            @Term("size on the tool") double tool,

            @Term("size after release; absent where it springs back straight")
            OptionalDouble free) {}

    /** What wire does on a tool of an inside diameter, mm. */
    public static Springback onTool(Wire wire, double toolInsideMm) {
        Fibres straight = Fibres.of(Material.of(wire), wire.section());
        return of(wire, Bending.onTool(straight, curvature(wire, "toolInsideMm", toolInsideMm)));
    }

    /** The tool for an inside diameter after release, mm. */
    public static Springback toFree(Wire wire, double freeInsideMm) {
        Fibres straight = Fibres.of(Material.of(wire), wire.section());
        return of(wire, Bending.toFree(straight, curvature(wire, "freeInsideMm", freeInsideMm)));
    }

    private static double curvature(Wire wire, String field, double insideMm) {
        Check.within(field, insideMm, 0, Check.GREATEST);
        return 2 / (insideMm + wire.section().inPlaneMm());
    }

    private static Springback of(Wire wire, Bending bending) {
        double tool = 2 / bending.toolCurvaturePerMm() - wire.section().inPlaneMm();
        OptionalDouble free = insideMm(wire, bending.after().curvaturePerMm());
        Material material = bending.after().material();
        return new Springback(
                tool,
                free,
                freeOf(wire, material, bending, 1 - BAND),
                freeOf(wire, material, bending, 1 + BAND),
                bending.toolMomentNmm(),
                FormedBy.of(bending.toolMomentNmm()),
                bending.after().addedStrain(),
                material.flow().vickers(bending.after().meanStrain()),
                rings(tool, free),
                Optional.empty(),
                OptionalDouble.empty());
    }

    /** The same, with the nearest tool owned and what the wire comes to on it. */
    public Springback with(Wire wire, Toolbox box) {
        Optional<OwnedTool> nearest = box.nearest(toolInsideMm);
        OptionalDouble comesTo =
                nearest.isPresent() ? onTool(wire, nearest.get().sizeMm()).freeInsideMm() : OptionalDouble.empty();
        return new Springback(
                toolInsideMm,
                freeInsideMm,
                freeFromMm,
                freeToMm,
                toolMomentNmm,
                formedBy,
                strain,
                hardnessHv,
                rings,
                nearest,
                comesTo);
    }

    private static OptionalDouble freeOf(Wire wire, Material material, Bending bending, double share) {
        Flow flow = material.flow();
        Flow other = new Flow(flow.startMpa() * share, flow.fullMpa() * share, flow.strainScale());
        Material scattered = new Material(
                material.modulusMpa(), other, material.boughtStrain(), material.slowShare(), material.fastShare());
        Fibres straight = Fibres.of(scattered, wire.section());
        return insideMm(
                wire,
                Bending.onTool(straight, bending.toolCurvaturePerMm()).after().curvaturePerMm());
    }

    /** Wire that springs back straight has no size. */
    private static OptionalDouble insideMm(Wire wire, double curvaturePerMm) {
        return curvaturePerMm <= 2 / Check.GREATEST
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        Math.max(0, 2 / curvaturePerMm - wire.section().inPlaneMm()));
    }

    private static List<Ring> rings(double toolMm, OptionalDouble freeMm) {
        return List.of(RingSize.values()).stream()
                .filter(system -> toolMm > 0 && reaches(system, system.sizeOf(toolMm)))
                .map(system -> new Ring(
                        system,
                        system.sizeOf(toolMm),
                        freeMm.isPresent()
                                ? OptionalDouble.of(system.sizeOf(freeMm.getAsDouble()))
                                : OptionalDouble.empty()))
                .toList();
    }

    private static boolean reaches(RingSize system, double size) {
        return size >= system.least() && size <= system.most();
    }
}
