package org.etui.core.tool;

import java.util.List;
import org.etui.core.check.Term;

/**
 * A tool of the bench and how it is kept (common practice).
 *
 * @param tool what it is called
 * @param use what it is for
 * @param care how it is kept
 */
public record Care(
        @Term("what it is called") String tool,
        @Term("what it is for") String use,
        @Term("how it is kept") String care) {
    /** The tools of a bench that shapes wire cold, in the order of the work. */
    public static final List<Care> ALL = List.of(
            new Care(
                    "nylon-jaw pliers",
                    "Straightening wire and hardening it a little without marks.",
                    "Change the jaws when they are grooved: grooves print on the wire. Tape or dip plain jaws for coated wire."),
            new Care(
                    "flush cutters",
                    "Cutting with one flat face: the flat side looks towards the piece.",
                    "Keep to their capacity: 1.25 mm needs a sturdy pair. Hardened steel wire ruins them; a drop of oil at the"
                            + " pivot."),
            new Care(
                    "hard-wire cutters",
                    "Steel music wire, near the pivot.",
                    "Only for steel; never twist while cutting."),
            new Care(
                    "files, cup burr, emery 600 to 800",
                    "Flush ends, sloped ends for curls, rounded ends for paddles and ear wires.",
                    "Toothed files cut in one direction only, diamond both ways. Brush them out; no aluminium on the good one."),
            new Care(
                    "round-nose pliers",
                    "Loops and curls; where the wire sits along the cone sets the size.",
                    "Mark the jaw with a fine marker or a turn of tape, or name the place as a measure of your own."),
            new Care(
                    "stepped and bail-forming pliers",
                    "Loops of one size again and again.",
                    "Measure the steps once with a calliper and enter them as tools: what is printed on them is often off."),
            new Care(
                    "chain-nose and flat-nose pliers",
                    "Holding, corners at the jaw edge, opening and closing loops sideways.",
                    "Smooth jaws only; round their edges a little with emery, polish away every burr."),
            new Care(
                    "mandrels",
                    "Rings, bangles, coils.",
                    "Steel ones may be hammered on, aluminium and wood dent. Wipe steel dry and oil it thinly."),
            new Care(
                    "ring sizer, paper strip",
                    "The finger, at the joint the ring must pass.",
                    "Check the printed bar before you trust the strip."),
            new Care(
                    "chasing and ball hammers",
                    "Flattening with the domed face, dimples with the ball.",
                    "A dent in the face prints on every piece: keep them polished, and never strike steel with them."),
            new Care(
                    "heavy plain hammer",
                    "Striking dies.",
                    "That is what it is for: the good hammer never touches a die."),
            new Care(
                    "nylon or rawhide mallet",
                    "Hardening without changing the shape.",
                    "Dress the face when it mushrooms; keep grit off it."),
            new Care(
                    "bench block, dies",
                    "The polished ground for everything that is hammered.",
                    "Oiled and dry, covered overnight; dies are stored with their spacer."),
            new Care(
                    "tumbler with steel shot",
                    "A bright skin, hardened a little all over.",
                    "Rinse and dry the shot at once; a little soap against rust. Nothing porous goes in."),
            new Care(
                    "calliper and steel rule",
                    "Thickness to a hundredth, lengths to a half.",
                    "Close it and look for zero; wipe the jaws; never measure a piece that still turns."),
            new Care(
                    "wire",
                    "Everything.",
                    "In closed bags by gauge, so that it does not tarnish. Copper from a hardware shop only from the drum or from"
                            + " scrap, never from an installation."));
}
