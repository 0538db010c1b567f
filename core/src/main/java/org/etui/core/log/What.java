package org.etui.core.log;

/** What can be written down. */
public enum What {
    /** How long a wire was cut. */
    CUT("cut", Unit.MM),
    /** What was trimmed off when its form was done, handle and spare together. */
    LEFT_OVER("trimmed off", Unit.MM),
    /** How much wire an element took. */
    USED("wire taken", Unit.MM),
    /** How wide it came out inside. */
    INSIDE("inside", Unit.MM),
    /** How wide it came out over all. */
    OUTSIDE("outside", Unit.MM),
    /** How thick it came out. */
    THICKNESS("thickness", Unit.MM),
    /** How wide flattened wire came out. */
    WIDTH("width", Unit.MM),
    /** Which finger a finished ring fits: its inside diameter on the stick. */
    RING("ring size", Unit.MM),
    /** What the finished piece weighs. */
    MASS("mass", Unit.G),
    /** How long a step took, breaks taken out. */
    MINUTES("time", Unit.MIN),
    /** The load of a hold test. */
    HOLD("hold test", Unit.N),
    /** How warm a bath was. */
    BATH("bath", Unit.CELSIUS),
    /** Which shade came out of it, told by the film that has it. */
    SHADE("shade", Unit.NM),
    /** Something broke. */
    BREAKAGE("breakage", Unit.NONE),
    /** Words. */
    NOTE("note", Unit.NONE);

    /** What a figure is counted in. */
    public enum Unit {
        /** Millimetres. */
        MM,
        /** Grams. */
        G,
        /** Minutes. */
        MIN,
        /** Newtons. */
        N,
        /** Degrees Celsius. */
        CELSIUS,
        /** Nanometres of film. */
        NM,
        /** There is no figure. */
        NONE
    }

    private final String words;
    private final Unit unit;

    What(String words, Unit unit) {
        this.words = words;
        this.unit = unit;
    }

    /** The same, to read. */
    public String words() {
        return words;
    }

    /** What its figure is counted in. */
    public Unit unit() {
        return unit;
    }
}
