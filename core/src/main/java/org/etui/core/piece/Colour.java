package org.etui.core.piece;

import org.etui.core.check.Term;

/**
 * Darkening in a sulfide bath.
 *
 * @param bath form of the sulfide
 * @param drops drops of it
 * @param volumeMl water, ml
 * @param temperatureC temperature, °C
 * @param stopAt where to stop
 * @param polishBack share taken off the high places
 * @param polishWith with what
 * @param seal what it is sealed with
 */
public record Colour(
        @Term(value = "form of the sulfide", or = "\"gel\"") Bath bath,

        @Term(value = "drops of it; crumbs of about 2 mm of a lump", from = 0.01, to = 1000, or = "2")
        double drops,

        @Term(value = "water, ml", from = 0.01, to = 100000, or = "118")
        double volumeMl,

        @Term(value = "temperature, °C", from = 1, to = 99, or = "60")
        double temperatureC,

        @Term(value = "where to stop", or = "\"red-brown\"") Stop stopAt,

        @Term(value = "share taken off the high places, 0 to 1", from = 0, to = 1, or = "0.6")
        double polishBack,

        @Term(value = "what it is polished back with", or = "\"steel-wool\"")
        PolishWith polishWith,

        @Term(value = "what it is sealed with", or = "\"none\"")
        Seal seal) {

    /**
     * What is in a bath.
     *
     * @param form form of the sulfide
     * @param drops drops of it, or crumbs of a lump
     * @param volumeMl water, ml
     * @param temperatureC temperature, °C
     */
    public record Recipe(
            @Term(value = "form of the sulfide", or = "\"gel\"")
            Bath form,

            @Term(value = "drops of it; crumbs of about 2 mm of a lump", from = 0.01, to = 1000, or = "2")
            double drops,

            @Term(value = "water, ml", from = 0.01, to = 100000, or = "118")
            double volumeMl,

            @Term(value = "temperature, °C", from = 1, to = 99, or = "60")
            double temperatureC) {}

    /** What is in the bath. */
    public Recipe recipe() {
        return new Recipe(bath, drops, volumeMl, temperatureC);
    }

    /** Form of the sulfide. */
    public enum Bath {
        /** Gel. */
        GEL,
        /** Lump. */
        LUMP,
        /** Liquid. */
        LIQUID
    }

    /** Where to stop. */
    public enum Stop {
        /** Straw. */
        STRAW,
        /** Orange. */
        ORANGE,
        /** Red-brown. */
        RED_BROWN,
        /** Purple. */
        PURPLE,
        /** Blue. */
        BLUE,
        /** Grey. */
        GREY,
        /** Black. */
        BLACK
    }

    /** What it is polished back with. */
    public enum PolishWith {
        /** Steel wool. */
        STEEL_WOOL,
        /** Emery. */
        EMERY,
        /** Four-grade block. */
        BLOCK,
        /** Cloth. */
        CLOTH,
        /** Polishing pad. */
        PAD,
        /** Brush of glass bristle. */
        GLASS_BRISTLE,
        /** Tumbler with shot. */
        TUMBLER
    }

    /** What it is sealed with. */
    public enum Seal {
        /** Nothing. */
        NONE,
        /** Wax. */
        WAX,
        /** Acrylic. */
        ACRYLIC
    }
}
