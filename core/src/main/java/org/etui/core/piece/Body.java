package org.etui.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.etui.core.check.Check;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.element.Outline;

/** What a part is as a solid, mm. Height 0 is the flat back of a cabochon, slab or sheet, and the middle of all others. */
@Family("shape")
public sealed interface Body {
    /** Its greatest section, seen from the front; empty for what is round about its hole, and for a cord. */
    Optional<Outline> front();

    /** How much of a wire it takes that runs through its hole, mm; of what has none, how high it stands. */
    double alongMm();

    /** The holes through it. */
    List<Hole> holes();

    /** How wide its widest hole is, mm; empty where it has none. */
    default OptionalDouble boreMm() {
        return holes().stream().mapToDouble(Hole::diameterMm).max();
    }

    /**
     * A hole.
     *
     * @param atMm where its middle is: across, up, to the front, mm
     * @param along the direction that it runs
     * @param diameterMm how wide it is, mm
     */
    record Hole(
            @Term(value = "where its middle is: across, up, to the front, mm", from = 3, to = 3, or = "[0, 0, 0]")
            List<Double> atMm,

            @Term(value = "the direction that it runs", from = 3, to = 3, or = "[0, 0, 1]")
            List<Double> along,

            @Term(value = "how wide it is, mm", from = 0.01, to = 100)
            double diameterMm) {
        /** @throws IllegalArgumentException if it runs in no direction */
        public Hole {
            atMm = List.copyOf(atMm);
            along = List.copyOf(along);
            Check.that(
                    along.stream().mapToDouble(a -> a * a).sum() > LEAST_SQUARED,
                    "along must point somewhere, was 0, 0, 0");
        }

        private static final double LEAST_SQUARED = 1e-12;

        /** Through the middle, from back to front. */
        public static Hole through(double diameterMm) {
            return new Hole(List.of(0.0, 0.0, 0.0), List.of(0.0, 0.0, 1.0), diameterMm);
        }
    }

    /** What a bead looks like. */
    enum BeadForm {
        /** A ball. */
        ROUND,
        /** A barrel. */
        BARREL,
        /** A tube. */
        TUBE,
        /** Faceted. */
        FACETED
    }

    /**
     * A flat back, an upright edge and a dome.
     *
     * @param outline its greatest section, seen from the front
     * @param heightMm height, mm
     * @param girdleMm height of the upright edge, mm
     * @param domeness exponent of the dome: 2 is an ellipse, more is boxier
     * @param hole a hole through it
     */
    @Titled("cabochon")
    record Cabochon(
            @Term(
                    value = "its greatest section, seen from the front",
                    usual = "{\"shape\": \"oval\", \"lengthMm\": 24, \"widthMm\": 16}")
            Outline outline,

            @Term(value = "height, mm", from = 0.01, to = 1000, title = "height", usual = "6")
            double heightMm,

            @Term(value = "height of the upright edge, mm", from = 0, to = 1000, or = "1", title = "upright edge")
            double girdleMm,

            @Term(
                    value = "exponent of the dome: 2 is an ellipse, more is boxier",
                    from = 1,
                    to = 20,
                    or = "2",
                    title = "dome, 2 is an ellipse",
                    unit = "share")
            double domeness,

            @Term("a hole through it") Optional<Hole> hole)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.of(outline);
        }

        @Override
        public double alongMm() {
            return heightMm;
        }

        @Override
        public List<Hole> holes() {
            return hole.stream().toList();
        }
    }

    /**
     * A pebble or tumbled stone: an ellipse about its middle.
     *
     * @param outline its greatest section, seen from the front
     * @param thicknessMm thickness, mm
     * @param hole a hole through it
     */
    @Titled("pebble")
    record Lens(
            @Term(
                    value = "its greatest section, seen from the front",
                    usual = "{\"shape\": \"oval\", \"lengthMm\": 24, \"widthMm\": 16}")
            Outline outline,

            @Term(value = "thickness, mm", from = 0.01, to = 1000, title = "thickness", usual = "8")
            double thicknessMm,

            @Term("a hole through it") Optional<Hole> hole)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.of(outline);
        }

        @Override
        public double alongMm() {
            return thicknessMm;
        }

        @Override
        public List<Hole> holes() {
            return hole.stream().toList();
        }
    }

    /**
     * A slice.
     *
     * @param outline its greatest section, seen from the front
     * @param thicknessMm thickness, mm
     * @param edgeMm rounding of its edges, mm
     * @param hole a hole through it
     */
    @Titled("slice")
    record Slab(
            @Term(
                    value = "its greatest section, seen from the front",
                    usual = "{\"shape\": \"oval\", \"lengthMm\": 24, \"widthMm\": 16}")
            Outline outline,

            @Term(value = "thickness, mm", from = 0.01, to = 1000, title = "thickness", usual = "6")
            double thicknessMm,

            @Term(
                    value = "rounding of its edges, mm",
                    from = 0,
                    to = 1000,
                    or = "0",
                    title = "rounding of its edges",
                    usual = "0.5")
            double edgeMm,

            @Term("a hole through it") Optional<Hole> hole)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.of(outline);
        }

        @Override
        public double alongMm() {
            return thicknessMm;
        }

        @Override
        public List<Hole> holes() {
            return hole.stream().toList();
        }
    }

    /**
     * A crystal: a prism that stands upright, its tip to the front.
     *
     * @param acrossMm across its flats, mm
     * @param sides how many sides
     * @param lengthMm length with the tip, mm
     * @param tipMm length of the tip, mm
     * @param hole a hole through it
     */
    @Titled("crystal")
    record Point(
            @Term(value = "across its flats, mm", from = 0.01, to = 1000, title = "across flats", usual = "10")
            double acrossMm,

            @Term(value = "how many sides", from = 3, to = 60, or = "6", title = "sides", unit = "count")
            int sides,

            @Term(value = "length with the tip, mm", from = 0.01, to = 1000, title = "length", usual = "28")
            double lengthMm,

            @Term(value = "length of the tip, mm", from = 0, to = 1000, or = "0", title = "tip", usual = "6")
            double tipMm,

            @Term("a hole through it") Optional<Hole> hole)
            implements Body {
        /** A regular polygon, one flat upwards. */
        @Override
        public Optional<Outline> front() {
            double half = Math.PI / sides;
            double out = acrossMm / 2 / Math.cos(half);
            return Optional.of(new Outline.Polygon(IntStream.range(0, sides)
                    .mapToObj(i -> Math.PI / 2 + (2 * i + 1) * half)
                    .map(a -> new Outline.Point(out * Math.cos(a), out * Math.sin(a)))
                    .toList()));
        }

        @Override
        public double alongMm() {
            return lengthMm;
        }

        @Override
        public List<Hole> holes() {
            return hole.stream().toList();
        }
    }

    /**
     * A bead, round about its hole.
     *
     * @param form what it looks like
     * @param diameterMm diameter, mm
     * @param lengthMm length along its hole, mm; default: its diameter
     * @param hole its hole
     */
    @Titled("bead")
    record Bead(
            @Term(value = "what it looks like", or = "\"round\"")
            BeadForm form,

            @Term(value = "diameter, mm", from = 0.01, to = 1000, title = "across", usual = "6")
            double diameterMm,

            @Term(
                    value = "length along its hole, mm; default: its diameter",
                    from = 0.01,
                    to = 1000,
                    title = "along its hole")
            OptionalDouble lengthMm,

            @Term(value = "its hole", usual = "{\"diameterMm\": 1}")
            Hole hole)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.empty();
        }

        @Override
        public double alongMm() {
            return lengthMm.orElse(diameterMm);
        }

        @Override
        public List<Hole> holes() {
            return List.of(hole);
        }
    }

    /**
     * A ring.
     *
     * @param insideMm inside, mm
     * @param thicknessMm thickness of its wire, mm
     */
    @Titled("ring")
    record Ring(
            @Term(value = "inside, mm", from = 0.01, to = 1000, title = "inside", usual = "6")
            double insideMm,

            @Term(value = "thickness of its wire, mm", from = 0.01, to = 1000, title = "its wire", usual = "1")
            double thicknessMm)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.empty();
        }

        @Override
        public double alongMm() {
            return thicknessMm;
        }

        @Override
        public List<Hole> holes() {
            return List.of(Hole.through(insideMm));
        }
    }

    /**
     * A cord.
     *
     * @param diameterMm diameter, mm
     * @param lengthMm length, mm
     */
    @Titled("cord")
    record Cord(
            @Term(value = "diameter, mm", from = 0.01, to = 1000, title = "across", usual = "2")
            double diameterMm,

            @Term(value = "length, mm", from = 0.01, to = 100000, title = "length")
            OptionalDouble lengthMm)
            implements Body {
        @Override
        public Optional<Outline> front() {
            return Optional.empty();
        }

        @Override
        public double alongMm() {
            return lengthMm.orElse(diameterMm);
        }

        @Override
        public List<Hole> holes() {
            return List.of();
        }
    }

    /**
     * A fold across sheet.
     *
     * @param atMm where its middle line is while the sheet is flat, mm above the middle
     * @param upDeg how far what lies above the line is turned to the front, degrees; below 0 to the back
     * @param insideMm inside radius, mm
     */
    record Fold(
            @Term(
                    value = "where its middle line is while the sheet is flat, mm above the middle",
                    from = -1000,
                    to = 1000)
            double atMm,

            @Term(
                    value = "how far what lies above the line is turned to the front, degrees; below 0 to the back",
                    from = -270,
                    to = 270)
            double upDeg,

            @Term(value = "inside radius, mm", from = 0, to = 100, or = "0")
            double insideMm) {}

    /**
     * Sheet that the maker cuts, pierces and folds.
     *
     * @param outline its greatest section, seen from the front
     * @param thicknessMm thickness, mm
     * @param holes its holes, as it lies flat
     * @param folds where it is folded across, from below upward; none where it stays flat
     * @param frontMm the place along it that faces the front when it is folded, mm above its middle
     */
    @Titled("sheet")
    record Sheet(
            @Term(
                    value = "its greatest section, seen from the front",
                    usual = "{\"shape\": \"oval\", \"lengthMm\": 24, \"widthMm\": 16}")
            Outline outline,

            @Term(value = "thickness, mm", from = 0.01, to = 20, title = "thickness", usual = "0.5")
            double thicknessMm,

            @Term(value = "its holes, as it lies flat", to = 100, or = "[]")
            List<Hole> holes,

            @Term(value = "where it is folded across, from below upward; none where it stays flat", to = 20, or = "[]")
            List<Fold> folds,

            @Term(
                    value = "the place along it that faces the front when it is folded, mm above its middle",
                    from = -1000,
                    to = 1000,
                    or = "0")
            double frontMm)
            implements Body {
        /** Copies the lists. */
        public Sheet {
            holes = List.copyOf(holes);
            folds = List.copyOf(folds);
        }

        /** Left flat. */
        public Sheet(Outline outline, double thicknessMm, List<Hole> holes) {
            this(outline, thicknessMm, holes, List.of(), 0);
        }

        @Override
        public Optional<Outline> front() {
            return Optional.of(outline);
        }

        @Override
        public double alongMm() {
            return thicknessMm;
        }
    }
}
