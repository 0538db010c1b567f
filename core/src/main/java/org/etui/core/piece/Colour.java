package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Term;

/**
 * Darkening in a sulfide bath, or staying out of it; and what it is sealed with.
 *
 * @param bath form of the sulfide; none: it stays bright, and only the seal counts
 * @param drops drops of it
 * @param volumeMl water, ml
 * @param temperatureC temperature, °C
 * @param stopAt where to stop
 * @param polishBack share taken off the high places
 * @param polishWith with what
 * @param seal what it is sealed with
 * @param stopIn what the bath is stopped in; absent: as the maker was taught
 * @param dry how it is dried
 */
public record Colour(
        @Term(value = "form of the sulfide; none: it stays bright, and only the seal counts", or = "\"gel\"")
        Bath bath,

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
        Seal seal,

        @Term("what the bath is stopped in; absent: as the maker was taught")
        Optional<StopIn> stopIn,

        @Term(value = "how it is dried", or = "\"warm-air\"")
        Dry dry) {
    /** Bright, and not sealed. */
    public static final Colour BRIGHT =
            new Colour(Bath.NONE, 2, 118, 60, Stop.RED_BROWN, 0, PolishWith.STEEL_WOOL, Seal.NONE);

    /** Stopped as the maker was taught, dried in warm air. */
    public Colour(
            Bath bath,
            double drops,
            double volumeMl,
            double temperatureC,
            Stop stopAt,
            double polishBack,
            PolishWith polishWith,
            Seal seal) {
        this(bath, drops, volumeMl, temperatureC, stopAt, polishBack, polishWith, seal, Optional.empty(), Dry.WARM_AIR);
    }

    /** Whether it goes into a bath. */
    public boolean darkens() {
        return bath != Bath.NONE;
    }

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
        LIQUID,
        /** None: it stays bright. */
        NONE
    }

    /** What a bath is stopped in. */
    public enum StopIn {
        /** Cold water with baking soda. */
        SODA,
        /** Running water. */
        WATER,
        /** Warm water with soap, which takes grease and smell off, too. */
        SOAP
    }

    /** How it is dried. */
    public enum Dry {
        /** A soft cloth. */
        CLOTH,
        /** Left in the air. */
        AIR,
        /** Warm air on both sides, then left to cool. */
        WARM_AIR
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
