package org.etui.core.plan;

import java.util.List;
import org.etui.core.check.Term;

/**
 * Why a figure of the plan is what it is: the formula, where it comes from, how sure it is.
 *
 * @param topic which figure
 * @param formula how it is reckoned, with the names of what goes in
 * @param source author, work, year; or that it is an estimate
 * @param sure how far it can be trusted
 * @param estimate whether it is an estimate
 */
public record Reason(
        @Term("which figure") Topic topic,

        @Term("how it is reckoned, with the names of what goes in")
        String formula,

        @Term("author, work, year; or that it is an estimate")
        String source,

        @Term("how far it can be trusted") String sure,
        @Term("whether it is an estimate") boolean estimate) {

    /** Figures of a plan. */
    public enum Topic {
        /** Wire in an element. */
        WIRE,
        /** Tool and springback. */
        SPRINGBACK,
        /** What forming takes. */
        FORMING,
        /** Load that starts to open it. */
        GIVES,
        /** Load that it holds. */
        HOLDS,
        /** Squeeze test of an ear wire. */
        SQUEEZE,
        /** Load that a purpose wants. */
        WANTS,
        /** Strain and what is left. */
        STRAIN,
        /** Hardness and temper. */
        HARDNESS,
        /** Openings left. */
        OPENS,
        /** Growth under the hammer. */
        GROWTH
    }

    /** One for every topic. */
    public static final List<Reason> ALL = List.of(
            new Reason(
                    Topic.WIRE,
                    "wire = ∫ (1 − (κt)²/26) ds along the centre line; κ curvature, t thickness in the plane of bending",
                    "engineering estimate, fitted to finite-element bending (CalculiX 2.20)",
                    "within 1 % down to an inside of about the wire's thickness",
                    true),
            new Reason(
                    Topic.SPRINGBACK,
                    "bend the fibres of the section to the tool's curvature, let go, read the curvature at which the moment is"
                            + " nothing; backwards by a bracketed solver",
                    "fibre beam, Spacone, Filippou and Taucer 1996; hardening after Voce 1948 and Armstrong and Frederick"
                            + " 1966, constants from memory",
                    "the flow curves are good to about ±10 %; soft wire varies from spool to spool",
                    true),
            new Reason(
                    Topic.FORMING,
                    "M = ∫ σ·y dA over the fibres on the tool; up to 600 N·mm fingers, up to 2000 pliers, beyond jig or vice",
                    "textbook bending; the limits are engineering estimates",
                    "hands differ by a factor of two",
                    true),
            new Reason(
                    Topic.GIVES,
                    "the load that leaves 0.01 mm of opening; at the inside σ = F/A + K·F·R·c/I, K of a curved beam",
                    "Castigliano's theorem; Winkler 1858 and Bach 1889, table of Wilson and Quereau 1927",
                    "about ±15 %",
                    true),
            new Reason(
                    Topic.HOLDS,
                    "the load that leaves 0.2 mm of opening: the moment F·R·sin θ opens each place as its fibres say",
                    "Castigliano's theorem over the fibre section; checked against a finite-element hook (CalculiX 2.20)",
                    "about ±10 %",
                    true),
            new Reason(
                    Topic.SQUEEZE,
                    "the load at the leg, 5 mm beyond the bow, that leaves 0.2 mm of opening",
                    "as what a hook holds, with the arm R + 5 mm; the 5 mm are an engineering estimate",
                    "about ±15 %",
                    true),
            new Reason(
                    Topic.WANTS,
                    "ear wire 1 N, pendant 5, necklace closure and link 10, bracelet closure 15, bangle closure 20",
                    "engineering estimates",
                    "a habit of the bench, not a standard",
                    true),
            new Reason(
                    Topic.STRAIN,
                    "plastic strain added since purchase, mean over the section; it may crack at the metal's limit times 1.0, 0.9,"
                            + " 0.8, 0.6, 0.45 for dead soft to spring",
                    "fibres as for springback; the limits are engineering estimates",
                    "limits within a third",
                    true),
            new Reason(
                    Topic.HARDNESS,
                    "HV = 3·σ(p + 0.08)/9.807; temper by p = 0.232 for each AWG number drawn",
                    "Tabor 1951; reductions of ASTM B134",
                    "reads up to 20 % low on silver and aluminium",
                    true),
            new Reason(
                    Topic.OPENS,
                    "(strain left / strain a time)²; a time turns the end out by 30° over a quarter of the loop and back",
                    "engineering estimate after Coffin 1954 and Manson 1953",
                    "a factor of three",
                    true),
            new Reason(
                    Topic.GROWTH,
                    "width = 1.02·d·(d/h)^0.45, the volume is kept, a bend keeps its sweep and grows with the length",
                    "Kazeminezhad and Karimi Taheri, Materials & Design 26, 2005, from memory",
                    "growth within 15 % of finite elements",
                    true));
}
