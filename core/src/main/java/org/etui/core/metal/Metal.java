package org.etui.core.metal;

import java.util.Optional;
import org.etui.core.check.Word;

/**
 * Metals that are shaped cold. Density g/cm³ and modulus GPa are handbook values, flow constants fits; all from memory, the
 * fits good to about ±10 %. The strain that a metal stands since purchase (amber, red) is an engineering estimate.
 */
public enum Metal {
    /** Electrolytic copper. */
    COPPER("copper", 8.94, 117, Flow.of(80, 430, 0.36), 0.9, 1.4, HammerSense.GOOD, Sulfide.FAST),
    /** Brass 70/30. */
    BRASS("brass 70/30", 8.53, 110, Flow.of(100, 880, 0.52), 0.55, 0.9, HammerSense.STIFFENS, Sulfide.SLOW),
    /** Jeweller's bronze 87/13. */
    JEWELERS_BRONZE(
            "jeweller's bronze 87/13", 8.78, 115, Flow.of(80, 620, 0.45), 0.7, 1.1, HammerSense.GOOD, Sulfide.SLOW),
    /** Sterling silver, 925 in a thousand. */
    STERLING_SILVER(
            "sterling silver 925", 10.36, 76, Flow.of(125, 520, 0.496), 0.7, 1.1, HammerSense.GOOD, Sulfide.FAST),
    /** Fine silver, 999 in a thousand. */
    FINE_SILVER("fine silver 999", 10.49, 76, Flow.of(45, 320, 0.45), 1.0, 1.6, HammerSense.SOFT, Sulfide.FAST),
    /** Aluminium 1100, for practice. */
    ALUMINIUM("aluminium 1100", 2.71, 69, Flow.of(50, 160, 0.40), 1.0, 1.6, HammerSense.SOFT, Sulfide.NONE),
    /** Gold-filled 14/20: a skin over brass. The core rules mechanics, the layered density mass, the skin the limits. */
    GOLD_FILLED(
            "gold-filled 14/20", 9.0, 108, Flow.of(120, 650, 0.47), 0.4, 0.7, HammerSense.LIGHTLY, Sulfide.CORE_EDGES),
    /** Silver-plated copper: the skin cracks under a steel hammer. */
    SILVER_PLATED_COPPER(
            "silver-plated copper", 8.95, 117, Flow.of(80, 430, 0.36), 0.35, 0.6, HammerSense.STOP, Sulfide.FAST),
    /** Enamelled copper: the coat flakes under a steel hammer. */
    ENAMELLED_COPPER("enamelled copper", 8.9, 117, Flow.of(80, 430, 0.36), 0.35, 0.6, HammerSense.STOP, Sulfide.NONE),
    /** 14 karat yellow gold. */
    GOLD_14K("14 k yellow gold", 13.0, 95, Flow.of(280, 780, 0.45), 0.6, 1.0, HammerSense.GOOD, Sulfide.NONE),
    /**
     * Annealed low-carbon steel, binding wire: soft as it is sold, and it rusts. Flow constants fit 295 to 325 MPa annealed (SAE J1397, 1006 to 1010) and 550 MPa
     * drawn (ASTM A1064), both from memory.
     */
    ANNEALED_STEEL("annealed steel", 7.85, 205, Flow.of(190, 650, 0.45), 0.7, 1.1, HammerSense.STIFFENS, Sulfide.NONE),
    /** Steel music wire, spring only (ASTM A228): no flow curve, it snaps. */
    MUSIC_WIRE("steel music wire", 7.85, 205, Optional.empty(), 0, 0, HammerSense.STOP, Sulfide.NONE);

    /** What a steel hammer does to it (common practice). */
    public enum HammerSense {
        /** Takes it well. */
        GOOD,
        /** Stiffens fast. */
        STIFFENS,
        /** Soft: dents easily. */
        SOFT,
        /** Only lightly: the skin is thin. */
        LIGHTLY,
        /** Never: skin or coat cracks, or the wire snaps. */
        STOP
    }

    /** What a sulfide bath does to it (common practice). */
    public enum Sulfide {
        /** Darkens fast. */
        FAST,
        /** Darkens slowly and weakly. */
        SLOW,
        /** Only where the core shows. */
        CORE_EDGES,
        /** Nothing. */
        NONE
    }

    private final String title;
    private final double densityGPerCm3;
    private final double modulusGpa;
    private final Optional<Flow> flow;
    private final double amberStrain;
    private final double redStrain;
    private final HammerSense underHammer;
    private final Sulfide sulfide;

    Metal(
            String title,
            double densityGPerCm3,
            double modulusGpa,
            Optional<Flow> flow,
            double amberStrain,
            double redStrain,
            HammerSense underHammer,
            Sulfide sulfide) {
        this.title = title;
        this.densityGPerCm3 = densityGPerCm3;
        this.modulusGpa = modulusGpa;
        this.flow = flow;
        this.amberStrain = amberStrain;
        this.redStrain = redStrain;
        this.underHammer = underHammer;
        this.sulfide = sulfide;
    }

    /** The name as the trade says it. */
    public String title() {
        return title;
    }

    /** Density in g/cm³; layered for filled and coated wire. */
    public double densityGPerCm3() {
        return densityGPerCm3;
    }

    /** Young's modulus in GPa. */
    public double modulusGpa() {
        return modulusGpa;
    }

    /** Shear modulus in GPa, E/(2·(1 + ν)): ν 0.29 for steel, 0.34 for the others (handbooks, from memory). */
    public double shearModulusGpa() {
        return modulusGpa / (2 * (1 + (isSteel() ? 0.29 : 0.34)));
    }

    /** What a steel hammer does to it. */
    public HammerSense underHammer() {
        return underHammer;
    }

    /** Its flow curve; empty for music wire. */
    public Optional<Flow> flow() {
        return flow;
    }

    /** Strain added since purchase, dead soft, from which to mind; an estimate. Zero where none is stood. */
    public double amberStrain() {
        return amberStrain;
    }

    /** Strain added since purchase, dead soft, at which it may crack; an estimate. Zero where none is stood. */
    public double redStrain() {
        return redStrain;
    }

    /** What a sulfide bath does to it. */
    public Sulfide sulfide() {
        return sulfide;
    }

    /** Whether it rusts, and dulls cutters that are made for softer metal. */
    public boolean isSteel() {
        return this == MUSIC_WIRE || this == ANNEALED_STEEL;
    }

    /** The one temper that it is sold in; empty for what comes in all of them. */
    public Optional<Temper> onlyTemper() {
        return switch (this) {
            case MUSIC_WIRE -> Optional.of(Temper.SPRING);
            case ANNEALED_STEEL -> Optional.of(Temper.DEAD_SOFT);
            default -> Optional.empty();
        };
    }

    /** Whether this temper can be bought. */
    public boolean comesIn(Temper temper) {
        return onlyTemper().map(temper::equals).orElse(true);
    }

    /** The word of the contract, such as {@code sterling-silver}. */
    public String word() {
        return Word.of(this);
    }
}
