package org.etui.core.plan;

import java.util.List;
import org.etui.core.check.Term;

/**
 * Why a figure of the plan is what it is: the formula, where it comes from, how sure it is.
 *
 * @param topic which figure
 * @param formula how it is worked out, with the names of what goes in
 * @param source author, work, year; or that it is an estimate
 * @param sure how far it can be trusted
 * @param estimate whether it is an estimate
 */
public record Reason(
        @Term("which figure") Topic topic,

        @Term("how it is worked out, with the names of what goes in")
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
        /** Load that a closed eye holds. */
        EYE,
        /** Load across the plane of a hook. */
        SIDEWAYS,
        /** Squeeze that shuts it. */
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
        GROWTH,
        /** Coils, twists and cuffs as springs. */
        SPRINGS
    }

    /** One for every topic. What {@code sure} calls “within” is measured against its source, and a test holds the claim to it. */
    public static final List<Reason> ALL = List.of(
            new Reason(
                    Topic.WIRE,
                    "wire = ∫ (1 − (κt)²/26) ds along the centre line; κ curvature, t thickness in the plane of bending",
                    "engineering estimate, fitted to finite-element bending (CalculiX 2.20)",
                    "within 0.3 % of finite elements for an inside of two and a half times the thickness; tighter, about 1 %",
                    true),
            new Reason(
                    Topic.SPRINGBACK,
                    "bend the fibres of the section to the tool's curvature, let go, read the curvature at which the moment is"
                            + " nothing; backwards by a bracketed solver",
                    "fibre beam, Spacone, Filippou and Taucer 1996; hardening after Voce 1948, Armstrong and Frederick 1966 and"
                            + " Chaboche 1986, constants from memory",
                    "radius within 1 % of finite elements in the same metal; the flow curves are good to about ±10 %, and soft wire"
                            + " varies from spool to spool",
                    true),
            new Reason(
                    Topic.FORMING,
                    "M = ∫ σ·y dA over the fibres on the tool; up to 600 N·mm fingers, up to 2000 pliers, beyond jig or vice",
                    "textbook bending; the limits are engineering estimates",
                    "moment within 4 % of finite elements in the same metal; hands differ by a factor of two",
                    true),
            new Reason(
                    Topic.GIVES,
                    "the load that leaves 0.01 mm of opening; at the inside σ = F/A + K·F·R·c/I, K of a curved beam",
                    "Castigliano's theorem; Winkler 1858 and Bach 1889, table of Wilson and Quereau 1927",
                    "stress within 4 % of finite elements; metal scatters by ±40 %: soft copper yields at 50 to 100 MPa from spool"
                            + " to spool",
                    true),
            new Reason(
                    Topic.HOLDS,
                    "the load that leaves 0.2 mm of opening: the moment F·arm opens each place as its fibres say, the arms those of"
                            + " the bend as it then lies",
                    "Castigliano's theorem over the fibre section",
                    "within 8 % of finite-element hooks in the same metal (CalculiX 2.20); metal scatters by ±25 %",
                    true),
            new Reason(
                    Topic.EYE,
                    "the least of: the ring, drawn out by 0.2 mm for good, near 4·Mp/R; the turns that hold its end, (Mp/r)·e^(2πnμ),"
                            + " μ 0.15; the wire at its tensile strength",
                    "Roark, ring under two opposite loads, with plastic hinges; Euler and Eytelwein, that the end holds by its own"
                            + " stiffness is an estimate; Considère 1885",
                    "ring within 15 % of a rigid-plastic computation; metal scatters by ±25 %, the turns by a factor of two",
                    true),
            new Reason(
                    Topic.SIDEWAYS,
                    "0.58 of what it holds in its plane; flattened, less by the power 1.2 of thickness over width",
                    "engineering estimate: a pull across the plane twists the base of the hook",
                    "about ±40 %",
                    true),
            new Reason(
                    Topic.SQUEEZE,
                    "the squeeze 5 mm beyond the bow at which the moment at its back begins to bend it further: M/(R + 5 mm)",
                    "the fibres of the bend; the 5 mm are an engineering estimate",
                    "within 3 % of the moment that formed it; metal scatters by ±25 %",
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
                            + " 0.8, 0.6, 0.45 for dead soft to spring; what a curl or spiral is by its nature uses nothing up",
                    "fibres as for springback; the limits are engineering estimates",
                    "limits to about a third",
                    true),
            new Reason(
                    Topic.HARDNESS,
                    "HV = 3·σ(p + 0.08)/9.807; temper by p = 0.232 for each AWG number drawn",
                    "Tabor 1951; reductions of ASTM B134",
                    "within 25 % of handbooks: low on dead-soft sterling, high on half-hard aluminium",
                    true),
            new Reason(
                    Topic.OPENS,
                    "N of Δε/2 = εf·(2N)^−0.6, less what other work used up; the end is turned out by 1.3·t/(2R) for a wire of"
                            + " thickness t to pass, over a quarter of the loop",
                    "Coffin 1954, Manson 1953, Miner 1945, constants from memory; the angle is an engineering estimate",
                    "a factor of three",
                    true),
            new Reason(
                    Topic.GROWTH,
                    "x = ln(d/h): width ln(w/d) = S·x²/(x + c), growth ln λ = G·x²/(x + k); domed hammer 0.495, 0.050, 0.46, 0.44; flat"
                            + " hammer 0.71, 0.146, 0.23, 0.27; dies 0.92, 0.186, no growth; a bend keeps its sweep",
                    "fit to rigid-plastic finite elements, annealed copper, friction factor 0.2",
                    "width within 1 %, growth within 4 % of those for d/h up to 3, dies to 2.8; hands and faces differ by more",
                    true),
            new Reason(
                    Topic.SPRINGS,
                    "coil k = G·d⁴/(8·D³·n), sets at 0.45 of the tensile strength by Wahl's factor; twist T·L/(G·J), T = (2π/3)·τ·r³; cuff"
                            + " opened until 0.2 mm stay",
                    "Shigley, from memory; Nádai 1931; fibres as for a hook",
                    "coil within 4 % of Shigley's example; metal scatters by ±25 %",
                    true));
}
