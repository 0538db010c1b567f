package org.etui.core.job;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.verify.PieceChecks;

/**
 * A piece made many times. No second road: {@link #asPiece} makes one document of all its pieces, and that is planned, printed and
 * carded like any other.
 *
 * @param format always etui-job
 * @param version always 1
 * @param name what the job is called
 * @param piece name of the piece in the store
 * @param lines its sizes
 * @param due the day it has to be done, ISO 8601, such as 2026-12-18
 * @param notes free text
 * @param doneOn the day it was done, ISO 8601; absent while it is not
 */
public record Job(
        @Term("always etui-job") JobFormat format,
        @Term(value = "always 1", from = 1, to = 1) int version,

        @Term(value = "what the job is called", from = 1, to = 120)
        String name,

        @Term(value = "name of the piece in the store", from = 1, to = 60)
        String piece,

        @Term(value = "its sizes", from = 1, to = 20) List<JobLine> lines,

        @Term(value = "the day it has to be done, ISO 8601, such as 2026-12-18", from = 10, to = 10)
        Optional<String> due,

        @Term(value = "free text", to = 20000, or = "\"\"") String notes,

        @Term(value = "the day it was done, ISO 8601; absent while it is not", from = 10, to = 10)
        Optional<String> doneOn) {

    /** What a piece document can hold. */
    private static final int MOST_STRANDS = 60;

    private static final int MOST_WIRES = 10000;

    /** @throws IllegalArgumentException if there is no line */
    public Job {
        Check.that(version == 1, () -> "version must be 1, was " + version);
        Check.that(!lines.isEmpty(), "lines must hold at least one");
        lines = List.copyOf(lines);
    }

    /** The same of another piece, by its name in the store. */
    public Job of(String otherPiece) {
        return new Job(format, version, name, otherPiece, lines, due, notes, doneOn);
    }

    /** How many pieces in all. */
    public int quantity() {
        return lines.stream().mapToInt(JobLine::quantity).sum();
    }

    /**
     * What holds without the piece.
     *
     * @throws BadInput with a day that is none, and labels that stand twice
     */
    public void require() {
        List<Violation> violations = new ArrayList<>();
        requireDay("due", due, violations);
        requireDay("doneOn", doneOn, violations);
        Set<String> labels = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            String label = lines.get(i).label().strip();
            if (lines.size() > 1 && label.isEmpty()) {
                violations.add(
                        new Violation("lines." + i + ".label", label, "must be given where there are several sizes"));
            } else if (!labels.add(label)) {
                violations.add(
                        new Violation("lines." + i + ".label", label, "stands twice; each size must have its own"));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }

    private static void requireDay(String field, Optional<String> is, List<Violation> violations) {
        is.ifPresent(day -> {
            try {
                LocalDate.parse(day);
            } catch (DateTimeParseException wrong) {
                violations.add(new Violation(field, day, "must be a day such as 2026-12-18"));
            }
        });
    }

    /**
     * All pieces of the job as one document: every strand as often as it is needed, each size made by the pattern.
     *
     * @param one the piece as it stands
     * @throws BadInput if a size cannot be made, or there is more than a document can hold
     */
    public Piece asPiece(Piece one) {
        require();
        List<Piece> sizes = new ArrayList<>();
        List<Violation> violations = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            try {
                sizes.add(size(one, lines.get(i)));
            } catch (BadInput bad) {
                for (Violation v : bad.violations()) {
                    violations.add(new Violation("lines." + i + ".measures." + v.path(), v.value(), v.limit()));
                }
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
        limits(one);
        Piece all = lines.size() == 1 ? Merge.times(sizes.get(0), lines.get(0).quantity()) : Merge.of(sizes, lines);
        Piece named = all.withName(name);
        PieceChecks.require(named);
        return named;
    }

    /**
     * The pieces of each size as one document, in the order of the lines.
     *
     * @param one the piece as it stands
     * @throws BadInput if a size cannot be made
     */
    public List<Piece> asSizes(Piece one) {
        return lines.stream()
                .map(line -> Merge.times(size(one, line), line.quantity()))
                .toList();
    }

    private static Piece size(Piece one, JobLine line) {
        return line.measures().isEmpty() ? one : Remake.with(one, line.measures(), Optional.empty());
    }

    private void limits(Piece one) {
        int strands = one.strands().size() * lines.size();
        if (strands > MOST_STRANDS) {
            throw new BadInput(
                    "lines",
                    lines.size() + " sizes of " + one.strands().size() + " strands",
                    "must come to at most " + MOST_STRANDS + " strands in all");
        }
        for (int i = 0; i < lines.size(); i++) {
            int wires = lines.get(i).quantity()
                    * one.strands().stream().mapToInt(s -> s.count()).max().orElse(1);
            if (wires > MOST_WIRES) {
                throw new BadInput(
                        "lines." + i + ".quantity",
                        lines.get(i).quantity(),
                        "must come to at most " + MOST_WIRES + " wires of a strand, these are " + wires);
            }
        }
    }
}
