package org.etui.core.piece;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.metal.Metal;

/**
 * What is not wire.
 *
 * @param id name, unique in the piece
 * @param kind what it is
 * @param material of what
 * @param sizeMm its size, mm
 * @param on where it sits: strand.element
 * @param count how many there are, one after the other where they sit
 * @param body what it is as a solid
 * @param place where it lies in the drawing; what lies on it lies there too; folded sheet is turned by rotDeg about the coil that it lies on
 * @param colour how it is darkened, where not as the piece is
 */
public record Part(
        @Term(value = "name of the part, unique in the piece", to = 60, position = true)
        String id,

        @Term("what it is") PartKind kind,
        @Term(value = "of what", to = 120, or = "\"\"") String material,
        @Term(value = "its size, mm", from = 0.01) double sizeMm,

        @Term(value = "where it sits: strand.element", to = 121)
        Optional<String> on,

        @Term(value = "how many there are, one after the other where they sit", from = 1, to = 1000, or = "1")
        int count,

        @Term("what it is as a solid") Optional<Body> body,

        @Term(
                value =
                        "where it lies in the drawing; what lies on it lies there too; folded sheet is turned by rotDeg about the coil that it lies on",
                or = "{}")
        Place place,

        @Term("how it is darkened, where not as the piece is")
        Optional<Colour> colour) {
    /** What takes no harm in the bath. */
    private static final List<String> METALS =
            List.of("copper", "brass", "bronze", "silver", "gold", "steel", "metal", "wire");

    /** A metal as makers name it. */
    private record Named(String word, Metal metal) {}

    private static final List<Named> NAMES = List.of(
            new Named("fine silver", Metal.FINE_SILVER),
            new Named("plated", Metal.SILVER_PLATED_COPPER),
            new Named("silver", Metal.STERLING_SILVER),
            new Named("copper", Metal.COPPER),
            new Named("bronze", Metal.JEWELERS_BRONZE),
            new Named("brass", Metal.BRASS));

    /** One, told by its size only. */
    public static Part of(String id, PartKind kind, String material, double sizeMm, Optional<String> on) {
        return new Part(id, kind, material, sizeMm, on, 1, Optional.empty(), Place.FREE, Optional.empty());
    }

    /** The same as a solid. */
    public Part withBody(Body solid) {
        return new Part(id, kind, material, sizeMm, on, count, Optional.of(solid), place, colour);
    }

    /** The same, so many of it. */
    public Part times(int number) {
        return new Part(id, kind, material, sizeMm, on, number, body, place, colour);
    }

    /** The same under another name, sitting elsewhere. */
    public Part renamed(String name, Optional<String> elsewhere) {
        return new Part(name, kind, material, sizeMm, elsewhere, count, body, place, colour);
    }

    /** The same, lying somewhere. */
    public Part placed(Place there) {
        return new Part(id, kind, material, sizeMm, on, count, body, there, colour);
    }

    /** The same, lying further to the right, mm. */
    public Part moved(double rightMm) {
        Place there = place.moved(rightMm);
        return rightMm == 0 ? this : new Part(id, kind, material, sizeMm, on, count, body, there, colour);
    }

    /** The same, darkened otherwise than the piece. */
    public Part withColour(Optional<Colour> own) {
        return new Part(id, kind, material, sizeMm, on, count, body, place, own);
    }

    /** The same of something else. */
    public Part withMaterial(String of) {
        return new Part(id, kind, of, sizeMm, on, count, body, place, colour);
    }

    /** Whether the bath harms or stains it: whatever is not of metal (common practice). */
    public boolean isShyOfBath() {
        String of = material.toLowerCase(Locale.ROOT);
        return METALS.stream().noneMatch(of::contains);
    }

    /** The metal that its material says; empty where it is none that a bath knows. */
    public Optional<Metal> metal() {
        String of = material.toLowerCase(Locale.ROOT);
        return isShyOfBath()
                ? Optional.empty()
                : NAMES.stream()
                        .filter(n -> of.contains(n.word()))
                        .map(Named::metal)
                        .findFirst();
    }

    /** Surface of all of it, mm²: both faces of sheet, else at least that of a ball of its volume, an estimate; 0 where its body is not told. */
    public double surfaceMm2() {
        return count * body.map(Part::surfaceMm2).orElse(0.0);
    }

    private static double surfaceMm2(Body body) {
        double volume = new Solid(body).volumeMm3();
        return body instanceof Body.Sheet sheet
                ? 2 * volume / sheet.thicknessMm()
                : Math.cbrt(36 * Math.PI * volume * volume);
    }

    /** Mass of all of it, g, an estimate; 0 where its body is not told. */
    public double massG() {
        return count * body.map(b -> new Solid(b).massG(material)).orElse(0.0);
    }

    /** How much of the wire that it sits on it takes, with all that are like it, mm: as long as its body, else as its size. */
    public double stackMm() {
        return count * body.map(b -> new Solid(b).alongMm()).orElse(sizeMm);
    }

    /** The name to read: the id, or kind and number where the id is only a number, or that of any part. */
    public String label() {
        String number = id.startsWith("part-") ? id.substring("part-".length()) : id;
        return !number.isEmpty() && number.chars().allMatch(Character::isDigit)
                ? Word.of(kind) + " " + number
                : id.replace('-', ' ');
    }
}
