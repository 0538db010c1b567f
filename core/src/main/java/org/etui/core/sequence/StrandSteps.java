package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.act.Operation;
import org.etui.core.element.Element;
import org.etui.core.element.Handling;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.metal.Metal;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Mark;
import org.etui.core.work.Marks;
import org.etui.core.work.StrandWork;

/** Writes the steps of one strand: straighten, true, mark, cut, dress, every forming, work, trim the handle last, dress. */
final class StrandSteps {
    static final String EYES = "Wear safety glasses; cover the off-cut, it flies.";

    private final Piece piece;
    private final StrandWork work;
    private final LengthFormat format;
    private final Toolbox box;
    private final FormingWords words;
    private final WorkWords works;
    private final String wire;
    private final List<Element> bent;
    private final List<Draft> drafts = new ArrayList<>();

    private StrandSteps(Piece piece, StrandWork work, LengthFormat format, Toolbox box, School school) {
        this.piece = piece;
        this.work = work;
        this.format = format;
        this.box = box;
        this.words = new FormingWords(format, school);
        this.works = new WorkWords(format, box);
        this.wire = work.strand().wire().inWords(format);
        this.bent = work.strand().inOrder().stream().filter(Element::isBent).toList();
    }

    /** The steps of a strand, in order. */
    static List<Draft> of(Piece piece, StrandWork work, LengthFormat format, Toolbox box, School school) {
        StrandSteps steps = new StrandSteps(piece, work, format, box, school);
        steps.all("strands." + piece.strands().indexOf(work.strand()));
        return steps.drafts;
    }

    private Draft draft(String key, String title, String tool) {
        return new Draft(work.strand(), wire, key, title, tool);
    }

    /** A step of the whole strand. */
    private Draft whole(Step.Kind kind, String key, String title, String tool) {
        return draft(key, title, tool).kind(kind).about(addresses(Set.of()));
    }

    /** Elements by their addresses, in order along the wire; all where none is named. */
    private List<String> addresses(Set<String> elements) {
        return work.strand().elements().stream()
                .map(Element::id)
                .filter(id -> elements.isEmpty() || elements.contains(id))
                .map(id -> work.strand().id() + "." + id)
                .toList();
    }

    private void add(Draft draft) {
        drafts.add(draft);
    }

    private void all(String path) {
        List<Mark> marks = Marks.of(work);
        prepare(marks, path);
        for (int i = 0; i < work.operations().size(); i++) {
            Operation operation = work.operations().get(i);
            int state = i + 1;
            if (i == 0 && isFiledFirst()) {
                continue;
            }
            operation.forms().flatMap(work.strand()::element).ifPresent(element -> form(element, marks, path, state));
            operation
                    .worked()
                    .ifPresent(w -> add(works.draft(work, w, state)
                            .kind(Step.Kind.WORK)
                            .about(addresses(w.elements()))
                            .advice(path)));
            if (operation.trims()) {
                trim(state);
            }
        }
    }

    private void prepare(List<Mark> marks, String path) {
        String gauges = work.strand().wire().gaugesInWords();
        int count = work.strand().count();
        add(whole(Step.Kind.DRESS, "straighten", "Straighten the wire", "nylon jaws")
                .shows(Step.Shows.STRAIGHTENING)
                .text("Draw " + wire + (gauges.isEmpty() ? "" : " (" + gauges + ")")
                        + " through the jaws or your fingers, gently: straightening hardens too.")
                .check("It lies on the block without a bow.")
                .minutes(count * Minutes.straightening(work.cutMm()))
                .advice(path + ".wire"));
        add(whole(Step.Kind.DRESS, "true", "True the end", "flush cutters")
                .shows(Step.Shows.TRUING)
                .text("Nip the end, the flat side of the cutter towards the piece: " + format.say(1, 0) + " to "
                        + format.say(2, 0) + " goes to the scrap.")
                .check("The end is flat and square.")
                .caution(EYES)
                .minutes(count * Minutes.TRUE_AN_END));
        if (!marks.isEmpty()) {
            add(whole(Step.Kind.MARK, "mark", "Mark the wire", "fine marker, steel rule")
                    .shows(Step.Shows.MARKS)
                    .text(markText(marks))
                    .check("Every mark measured from the same end, none added up.")
                    .minutes(count * Minutes.marking(marks.size())));
        }
        String times = count > 1 ? count + " × " : "";
        add(whole(Step.Kind.CUT, "cut", "Cut " + times + format.write(work.cutMm(), Rounding.UP), cutters())
                .shows(Step.Shows.CUT)
                .text("From the trued end. True the end left on the spool as well.")
                .alone(" " + stretchText())
                .check(
                        count > 1
                                ? (count == 2 ? "Both" : "All " + count) + " lie even, end to end."
                                : "It measures what the card says.")
                .caution(EYES)
                .minutes(count * Minutes.CUT_A_WIRE)
                .state(0));
        boolean filed = isFiledFirst();
        double left = work.netMm() + work.stretch().tailMm();
        String to = filed ? ", down to " + format.write(left, Rounding.NEAREST) : "";
        Draft dress = whole(Step.Kind.DRESS, "dress", "Dress the ends" + to, "file, emery 600")
                .shows(Step.Shows.DRESSING)
                .text(dressText())
                .check("No edge catches a fingertip.")
                .caution("Do not breathe the dust.")
                .minutes(count * 2 * Minutes.DRESS_AN_END);
        add(filed ? dress.state(1) : dress);
    }

    /** Without a handle the spare is filed off before anything is formed. */
    private boolean isFiledFirst() {
        return work.handleAt() == HandleAt.NONE
                && !work.operations().isEmpty()
                && work.operations().get(0).trims();
    }

    private String markText(List<Mark> marks) {
        StringBuilder text = new StringBuilder("From the trued ");
        text.append(marks.get(0).from() == Mark.From.END ? "end" : "beginning").append(": ");
        List<String> each = marks.stream()
                .sorted((a, b) -> Double.compare(a.atMm(), b.atMm()))
                .map(m -> format.write(m.atMm(), Rounding.NEAREST) + " " + m.label())
                .toList();
        return text.append(String.join("; ", each)).append('.').toString();
    }

    private String cutters() {
        if (work.strand().wire().metal() == Metal.MUSIC_WIRE) {
            return "hard-wire cutters";
        }
        return work.strand().wire().section().thicknessMm() >= 1.25 ? "sturdy flush cutters" : "flush cutters";
    }

    private String stretchText() {
        StringBuilder text = new StringBuilder();
        text.append(format.write(work.netMm(), Rounding.NEAREST)).append(" goes into the piece");
        if (work.stretch().handleMm() > 0) {
            text.append(", ")
                    .append(format.write(work.stretch().handleMm(), Rounding.NEAREST))
                    .append(" is the handle");
        }
        double rest = work.stretch().tailMm()
                + work.stretch().fileMm()
                + work.stretch().roundingMm();
        if (rest > 0) {
            text.append(", ").append(format.write(rest, Rounding.NEAREST)).append(" is spare and filing");
        }
        return text.append('.').toString();
    }

    private String dressText() {
        List<Element> elements = work.strand().elements();
        Element first = elements.get(0);
        Element last = elements.get(elements.size() - 1);
        if (isDressed(first, last, Handling.End.SLOPED)) {
            return "File the end that will be a curl to a slope, so that it tucks in; take the burr off the other.";
        }
        if (isDressed(first, last, Handling.End.ROUNDED)) {
            return "Round the end that will be a paddle, so that the paddle comes out round; take the burr off the other.";
        }
        return "Take the burr off both ends; a toothed file cuts in one direction only.";
    }

    private static boolean isDressed(Element first, Element last, Handling.End end) {
        return first.handling().end() == end || last.handling().end() == end;
    }

    private void form(Element element, List<Mark> marks, String path, int state) {
        Tool tool = Tool.of(work, element, box);
        OptionalDouble mark = marks.stream()
                .filter(m -> m.element().equals(Optional.of(element.id())))
                .mapToDouble(Mark::atMm)
                .findFirst();
        String at = mark.isPresent()
                ? "Start at the mark, " + format.write(mark.getAsDouble(), Rounding.NEAREST) + ". "
                : "Start at the very end; the last wire thickness or so stays straight. ";
        add(draft("form " + element.id(), "Form the " + element.label(), toolText(tool))
                .shows(Step.Shows.STATES)
                .text(at
                        + words.how(element, tool, work.reading(element.id()).overbend())
                        + FormingWords.way(bent, element))
                .check(words.check(element) + pairText())
                .minutes(work.strand().count()
                        * Minutes.forming(
                                element, work.strand().wire(), work.cut().wireMm(element.id())))
                .kind(Step.Kind.FORM)
                .about(addresses(Set.of(element.id())))
                .element(element.id())
                .mark(mark)
                .state(state)
                .advice(path + ".elements." + work.strand().elements().indexOf(element)));
    }

    /** The tool owned by its name; else the kind and the size that it should have. */
    private String toolText(Tool tool) {
        if (tool.owned().isPresent()) {
            OwnedTool owned = tool.owned().get();
            return (owned.name().isBlank() ? owned.kind().inWords() : owned.name()) + ", "
                    + format.write(owned.sizeMm(), Rounding.NEAREST);
        }
        return tool.insideMm() == 0 || tool.kind().startsWith("flat-nose")
                ? tool.kind()
                : tool.kind() + ", " + format.write(tool.insideMm(), Rounding.NEAREST);
    }

    private String pairText() {
        if (!work.strand().matched()) {
            return "";
        }
        return work.strand().mirror()
                ? " Form the second of each pair as the mirror image; lay them side by side."
                : " Lay the pair one on the other.";
    }

    private void trim(int state) {
        boolean handle = work.stretch().handleMm() > 0 && work.handleAt() != HandleAt.NONE;
        add(whole(Step.Kind.TRIM, "trim", handle ? "Trim the handle" : "Trim to length", cutters())
                .shows(Step.Shows.STATES)
                .text(
                        handle
                                ? "Now, not before: it kept your fingers away from the tools. Flat side towards the piece."
                                : "Take the spare off with the file or one nip, flat side towards the piece.")
                .check("The cut is flush.")
                .caution(EYES)
                .minutes(work.strand().count() * Minutes.TRIM_AN_END)
                .state(state));
        add(whole(Step.Kind.TRIM, "dress-cut", "Dress the cut", "file, emery 600")
                .shows(Step.Shows.DRESSING)
                .text("File the cut smooth and round its edge.")
                .check("It does not catch on cloth.")
                .minutes(work.strand().count() * Minutes.DRESS_AN_END));
    }
}
