package org.etui.core.piece;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * The piece document. Measures are as wanted after release and before the maker's own work, in mm and degrees.
 *
 * @param format always etui-piece
 * @param version always 1
 * @param name what the piece is called
 * @param notes free text
 * @param purpose what it has to do
 * @param source the pattern it came from
 * @param strands its wires
 * @param parts what is not wire
 * @param joins what hangs in what
 * @param work what is done besides forming
 * @param colour how it is darkened
 * @param entered what was typed where that was not mm, by path
 * @param loadN what it has to hold where that is not what its purpose needs, N
 * @param tags words to find it by
 * @param measures measures that the maker has named
 * @param pattern whether it is kept as a pattern of the maker's own, offered when a new piece is begun
 */
public record Piece(
        @Term("always etui-piece") Format format,
        @Term(value = "always 1", from = 1, to = 1) int version,

        @Term(value = "what the piece is called", from = 1, to = 120)
        String name,

        @Term(value = "free text", to = 20000, or = "\"\"") String notes,

        @Term(value = "what it has to do", or = "\"decorative\"")
        Purpose purpose,

        @Term("the pattern it came from") Optional<Source> source,
        @Term(value = "its wires", from = 1, to = 60) List<Strand> strands,

        @Term(value = "what is not wire", to = 400, or = "[]")
        List<Part> parts,

        @Term(value = "what hangs in what", to = 400, or = "[]")
        List<Join> joins,

        @Term(value = "what is done besides forming", to = 400, or = "[]")
        List<Work> work,

        @Term("how it is darkened") Optional<Colour> colour,

        @Term(value = "what was typed where that was not mm, by path", or = "{}")
        Map<String, String> entered,

        @Term(value = "what it has to hold where that is not what its purpose needs, N", above = 0, to = 2000)
        OptionalDouble loadN,

        @Term(value = "words to find it by, each 1 to 40 characters", to = 20, or = "[]")
        List<String> tags,

        @Term(value = "measures that the maker has named", to = 60, or = "[]")
        List<OwnMeasure> measures,

        @Term(value = "whether it is offered when a new piece is begun", or = "false")
        boolean pattern) {
    /** The longest tag, characters. */
    public static final int MOST_TAG = 40;

    /** @throws IllegalArgumentException if there are no strands or the version is unknown */
    public Piece {
        Check.that(version == 1, () -> "version must be 1, was " + version);
        Check.that(!strands.isEmpty(), "strands must hold at least one");
        strands = List.copyOf(strands);
        parts = List.copyOf(parts);
        joins = List.copyOf(joins);
        work = List.copyOf(work);
        entered = Map.copyOf(entered);
        tags = List.copyOf(tags);
        measures = List.copyOf(measures);
    }

    /** A bare piece of these strands. */
    public static Piece of(String name, Purpose purpose, List<Strand> strands) {
        return new Piece(
                Format.ETUI_PIECE,
                1,
                name,
                "",
                purpose,
                Optional.empty(),
                strands,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Map.of(),
                OptionalDouble.empty(),
                List.of(),
                List.of(),
                false);
    }

    /** What it has to hold, N: its own load, else what its purpose needs; 0 where it carries none. */
    public double wantsN() {
        return purpose.carriesLoad() ? loadN.orElse(purpose.wantsN()) : 0;
    }

    /** What a changed piece is made of: every field as it stands until it is set. */
    private final class Draft {
        private String called = name;
        private String told = notes;
        private Optional<Source> from = source;
        private List<Strand> wires = strands;
        private List<Part> solids = parts;
        private List<Join> joined = joins;
        private List<Work> done = work;
        private Optional<Colour> dark = colour;
        private OptionalDouble newtons = loadN;
        private List<String> words = tags;

        private Piece piece() {
            return new Piece(
                    format, version, called, told, purpose, from, wires, solids, joined, done, dark, entered, newtons,
                    words, measures, pattern);
        }
    }

    private Piece with(Consumer<Draft> change) {
        Draft draft = new Draft();
        change.accept(draft);
        return draft.piece();
    }

    /** The same with a load of its own. */
    public Piece withLoad(double newtons) {
        return with(d -> d.newtons = OptionalDouble.of(newtons));
    }

    /** The same, remembering the pattern it came from. */
    public Piece withSource(Source from) {
        return with(d -> d.from = Optional.of(from));
    }

    /** The same under another name. */
    public Piece withName(String other) {
        return with(d -> d.called = other);
    }

    /** The same with other notes. */
    public Piece withNotes(String other) {
        return with(d -> d.told = other);
    }

    /** The same with other words to find it by. */
    public Piece withTags(List<String> other) {
        return with(d -> d.words = other);
    }

    /** The same with other strands. */
    public Piece withStrands(List<Strand> other) {
        return with(d -> d.wires = other);
    }

    /** The same with other work. */
    public Piece withWork(List<Work> other) {
        return with(d -> d.done = other);
    }

    /** The same with another colour. */
    public Piece withColour(Colour other) {
        return with(d -> d.dark = Optional.of(other));
    }

    /** The same with parts and joins. */
    public Piece withParts(List<Part> otherParts, List<Join> otherJoins) {
        return with(d -> {
            d.solids = otherParts;
            d.joined = otherJoins;
        });
    }

    /**
     * Thickness of a strand's wire in the plane of bending, mm.
     *
     * @throws IllegalArgumentException if there is no such strand
     */
    public double thicknessMm(String strand) {
        return strand(strand)
                .orElseThrow(() -> new IllegalArgumentException("no strand " + strand))
                .wire()
                .section()
                .inPlaneMm();
    }

    /**
     * Whether a strand can carry a load: the thickest wire does, and any other that is not wound round other wire or woven over a stone.
     */
    public boolean carries(Strand strand) {
        double most = strands.stream()
                .mapToDouble(s -> s.wire().section().thicknessMm())
                .max()
                .orElse(0);
        if (strand.wire().section().thicknessMm() >= most) {
            return true;
        }
        boolean wound = strand.elements().stream()
                .anyMatch(e -> e.hanging().locksOnMm().isPresent()
                        && (!e.sitsOn().isEmpty()
                                || joined(strand.id() + "." + e.id()).count() > 0));
        List<String> others = strand.elements().stream()
                .flatMap(e -> joined(strand.id() + "." + e.id()))
                .toList();
        boolean woven = !others.isEmpty() && others.stream().allMatch(this::isStone);
        return !wound && !woven;
    }

    /** What an element is joined to. */
    private Stream<String> joined(String address) {
        return joins.stream()
                .filter(j -> j.a().equals(address) || j.b().equals(address))
                .map(j -> j.other(address));
    }

    private boolean isStone(String address) {
        return parts.stream().anyMatch(p -> p.id().equals(address) && p.kind() == PartKind.STONE);
    }

    /** How often a loop is opened and closed to hang in it what is joined to it. */
    public int opened(String strand, String element) {
        return (int)
                joined(strand + "." + element).filter(other -> !isStone(other)).count();
    }

    /** The wire of a bought ring as a share of its outside (engineering estimate). */
    public static final double RING_WIRE = 0.2;

    /**
     * How thick the wire is that hangs in an element, mm: that of the strand or ring it is joined to, the thickest; as thick as its own where
     * nothing is.
     *
     * @throws IllegalArgumentException if there is no such strand
     */
    public double hungMm(String strand, String element) {
        String here = strand + "." + element;
        double own = thicknessMm(strand);
        return joins.stream()
                .filter(j -> j.a().equals(here) || j.b().equals(here))
                .mapToDouble(j -> wireMm(j.a().equals(here) ? j.b() : j.a()))
                .filter(mm -> mm > 0)
                .max()
                .orElse(own);
    }

    /** The wire of a joined thing, mm; 0 of what is no wire. */
    private double wireMm(String address) {
        int dot = address.indexOf('.');
        return parts.stream()
                .filter(p -> p.id().equals(address))
                .findFirst()
                .map(p -> p.kind() == PartKind.FINDING ? RING_WIRE * p.sizeMm() : 0)
                .orElseGet(() -> dot < 0
                        ? 0
                        : strand(address.substring(0, dot))
                                .map(s -> s.wire().section().thicknessMm())
                                .orElse(0.0));
    }

    /** The strand of that id. */
    public Optional<Strand> strand(String id) {
        for (Strand strand : strands) {
            if (strand.id().equals(id)) {
                return Optional.of(strand);
            }
        }
        return Optional.empty();
    }
}
