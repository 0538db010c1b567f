package org.etui.core.metal;

import org.etui.core.check.Word;

/**
 * Metals that are shaped cold. Density g/cm³ and modulus GPa are handbook values from memory; they are good to about
 * one in a hundred. Flow stress constants come with the mechanics that use them.
 */
public enum Metal {
    /** Electrolytic copper. */
    COPPER("copper", 8.94, 117, HammerSense.GOOD),
    /** Brass 70/30. */
    BRASS("brass 70/30", 8.53, 110, HammerSense.STIFFENS),
    /** Jeweller's bronze 87/13. */
    JEWELERS_BRONZE("jeweller's bronze 87/13", 8.78, 115, HammerSense.GOOD),
    /** Sterling silver, 925 in a thousand. */
    STERLING_SILVER("sterling silver 925", 10.36, 76, HammerSense.GOOD),
    /** Fine silver, 999 in a thousand. */
    FINE_SILVER("fine silver 999", 10.49, 76, HammerSense.SOFT),
    /** Aluminium 1100, for practice. */
    ALUMINIUM("aluminium 1100", 2.71, 69, HammerSense.SOFT),
    /** Gold-filled 14/20: a skin over brass. The layered density counts for mass. */
    GOLD_FILLED("gold-filled 14/20", 9.0, 108, HammerSense.LIGHTLY),
    /** Silver-plated copper: the skin cracks under a steel hammer. */
    SILVER_PLATED_COPPER("silver-plated copper", 8.95, 117, HammerSense.STOP),
    /** Enamelled copper: the coat flakes under a steel hammer. */
    ENAMELLED_COPPER("enamelled copper", 8.9, 117, HammerSense.STOP),
    /** 14 karat yellow gold. */
    GOLD_14K("14 k yellow gold", 13.0, 95, HammerSense.GOOD),
    /** Steel music wire, spring only (ASTM A228). */
    MUSIC_WIRE("steel music wire", 7.85, 205, HammerSense.STOP);

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

    private final String title;
    private final double densityGPerCm3;
    private final double modulusGpa;
    private final HammerSense underHammer;

    Metal(String title, double densityGPerCm3, double modulusGpa, HammerSense underHammer) {
        this.title = title;
        this.densityGPerCm3 = densityGPerCm3;
        this.modulusGpa = modulusGpa;
        this.underHammer = underHammer;
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

    /** What a steel hammer does to it. */
    public HammerSense underHammer() {
        return underHammer;
    }

    /** Whether this temper can be bought: music wire is spring hard only. */
    public boolean comesIn(Temper temper) {
        return this != MUSIC_WIRE || temper == Temper.SPRING;
    }

    /** The word of the contract, such as {@code sterling-silver}. */
    public String word() {
        return Word.of(this);
    }
}
