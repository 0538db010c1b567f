package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.metal.Metal;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.rule.Advice;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Mark;
import org.etui.core.work.Marks;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** Writes the bench card: straighten, true, mark, cut, dress, every forming, work, trim the handle last, dress, check. */
public final class BenchCard {
    private static final String EYES = "Wear safety glasses; cover the off-cut, it flies.";

    private final Piece piece;
    private final LengthFormat format;
    private final Toolbox box;
    private final FormingWords words;
    private final WorkWords works;
    private final List<Advice> advice;
    private final List<Step> steps = new ArrayList<>();

    private BenchCard(Piece piece, LengthFormat format, Toolbox box, List<Advice> advice) {
        this.piece = piece;
        this.format = format;
        this.box = box;
        this.words = new FormingWords(format);
        this.works = new WorkWords(format, box);
        this.advice = advice;
    }

    /**
     * The steps of a piece.
     *
     * @param piece the document
     * @param strands its strands as worked
     * @param advice advice on the piece: steps name the rules that speak of them
     * @param format how lengths are written
     * @param box the tools owned
     */
    public static List<Step> of(
            Piece piece, List<StrandWork> strands, List<Advice> advice, LengthFormat format, Toolbox box) {
        BenchCard card = new BenchCard(piece, format, box, advice);
        piece.work().forEach(w -> card.works.ofBlank(w).ifPresent(card::add));
        for (int i = 0; i < strands.size(); i++) {
            card.strand(strands.get(i), "strands." + i);
        }
        card.joins(piece);
        card.finish(piece, strands);
        return List.copyOf(card.steps);
    }

    private void strand(StrandWork work, String path) {
        List<Mark> marks = Marks.of(work);
        Set<Part> threaded = new LinkedHashSet<>();
        prepare(work, marks, path);
        for (int i = 0; i < work.operations().size(); i++) {
            Operation operation = work.operations().get(i);
            int state = i + 1;
            if (i == 0 && isFiledFirst(work)) {
                continue;
            }
            if (operation instanceof Operation.Form form) {
                string(work, form, threaded);
                form(work, form, marks, path, state);
            } else if (!(operation instanceof Operation.Trim)) {
                add(works.draft(work, operation, state).advice(path));
            } else {
                trim(work, state);
            }
        }
    }

    /** Beads and spacers go on before the wire is closed: at the first forming beyond their place, seen from the end formed first. */
    private void string(StrandWork work, Operation.Form form, Set<Part> threaded) {
        List<Element> along = work.strand().elements();
        for (Part part : piece.parts()) {
            Optional<Element> seat = part.on()
                    .filter(on -> on.startsWith(work.strand().id() + "."))
                    .flatMap(on -> work.strand()
                            .element(on.substring(work.strand().id().length() + 1)));
            boolean strung = part.kind() == PartKind.BEAD || part.kind() == PartKind.SPACER;
            if (strung && seat.isPresent() && !threaded.contains(part)) {
                int at = along.indexOf(seat.get());
                int formed = along.indexOf(work.strand().element(form.element()).orElseThrow());
                if (formed > at) {
                    threaded.add(part);
                    add(new Draft(work.strand().id(), "Put on the " + part.label(), "fingers")
                            .text("Slide the " + part.label() + " onto the "
                                    + seat.get().label() + " now: later the wire is closed.")
                            .check("It sits against what was formed before it.")
                            .minutes(0.5 * work.strand().count()));
                }
            }
        }
    }

    /** What hangs in what, when every strand is formed. */
    private void joins(Piece piece) {
        for (int i = 0; i < piece.joins().size(); i++) {
            Join join = piece.joins().get(i);
            boolean opens = opens(join.a()) || opens(join.b());
            String a = inWords(join.a());
            String b = inWords(join.b());
            add(new Draft("", "Join " + a + " and " + b, opens ? "two pairs of flat-nose pliers" : "fingers")
                    .text(
                            opens
                                    ? "Open the loop sideways, never pull it round; hang the other in, close it again."
                                    : "Bring the " + a + " and the " + b + " together.")
                    .check(opens ? "No light shows at the cut, and both move freely." : "It sits firmly.")
                    .advice("joins." + i)
                    .minutes(1));
        }
    }

    private Optional<Element> elementAt(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? Optional.empty()
                : piece.strand(address.substring(0, dot)).flatMap(s -> s.element(address.substring(dot + 1)));
    }

    private boolean opens(String address) {
        return elementAt(address)
                .filter(e -> e instanceof Loop loop && loop.opens())
                .isPresent();
    }

    private String inWords(String address) {
        return elementAt(address).map(Element::label).orElse(address.replace('-', ' '));
    }

    private void prepare(StrandWork work, List<Mark> marks, String path) {
        String wire = work.strand().wire().inWords();
        String id = work.strand().id();
        int count = work.strand().count();
        add(new Draft(id, "Straighten the wire", "nylon jaws")
                .text("Draw " + wire + " through the jaws or your fingers, gently: straightening hardens too.")
                .check("It lies on the block without a bow.")
                .minutes(1)
                .advice(path + ".wire"));
        add(new Draft(id, "True the end", "flush cutters")
                .text("Nip the end, the flat side of the cutter towards the piece: 1 to 2 mm goes to the scrap.")
                .check("The end is flat and square.")
                .caution(EYES)
                .minutes(0.5));
        if (!marks.isEmpty()) {
            add(new Draft(id, "Mark the wire", "fine marker, steel rule")
                    .text(markText(marks))
                    .check("Every mark measured from the same end, none added up.")
                    .minutes(1));
        }
        String times = count > 1 ? count + " × " : "";
        add(new Draft(id, "Cut " + times + format.write(work.cutMm(), Rounding.UP), cutters(work))
                .text("From the trued end. " + stretchText(work) + " True the end left on the spool as well.")
                .check(count > 1 ? "All " + count + " lie even, end to end." : "It measures what the card says.")
                .caution(EYES)
                .minutes(0.5 * count)
                .state(0));
        boolean filed = isFiledFirst(work);
        double left = work.netMm() + work.stretch().tailMm();
        String to = filed ? ", down to " + format.write(left, Rounding.NEAREST) : "";
        Draft dress = new Draft(id, "Dress the ends" + to, "file, emery 600")
                .text(dressText(work))
                .check("No edge catches a fingertip.")
                .caution("Do not breathe the dust.")
                .minutes(1);
        add(filed ? dress.state(1) : dress);
    }

    /** Without a handle the spare is filed off before anything is formed. */
    private static boolean isFiledFirst(StrandWork work) {
        return work.handleAt() == HandleAt.NONE
                && !work.operations().isEmpty()
                && work.operations().get(0) instanceof Operation.Trim;
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

    private static String cutters(StrandWork work) {
        if (work.strand().wire().metal() == Metal.MUSIC_WIRE) {
            return "hard-wire cutters";
        }
        return work.strand().wire().section().thicknessMm() >= 1.25 ? "sturdy flush cutters" : "flush cutters";
    }

    private String stretchText(StrandWork work) {
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

    private static String dressText(StrandWork work) {
        List<Element> elements = work.strand().elements();
        Element first = elements.get(0);
        Element last = elements.get(elements.size() - 1);
        if (first instanceof Curl || last instanceof Curl) {
            return "File the end that will be a curl to a slope, so that it tucks in; take the burr off the other.";
        }
        if (first instanceof Paddle || last instanceof Paddle) {
            return "Round the end that will be a paddle, so that the paddle comes out round; take the burr off the other.";
        }
        return "Take the burr off both ends; a toothed file cuts in one direction only.";
    }

    private void form(StrandWork work, Operation.Form form, List<Mark> marks, String path, int state) {
        Element element = work.strand().element(form.element()).orElseThrow();
        Tool tool = Tool.of(work, element, box);
        OptionalDouble mark = marks.stream()
                .filter(m -> m.element().equals(Optional.of(element.id())))
                .mapToDouble(Mark::atMm)
                .findFirst();
        String at = mark.isPresent()
                ? "Start at the mark, " + format.write(mark.getAsDouble(), Rounding.NEAREST) + ". "
                : "Start at the very end; the last wire thickness or so stays straight. ";
        add(new Draft(work.strand().id(), "Form the " + element.label(), toolText(tool))
                .text(at
                        + words.how(element, tool, work.reading(element.id()).overbend())
                        + FormingWords.way(work, element))
                .check(words.check(element) + pairText(work))
                .minutes(1.5 * work.strand().count())
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

    private static String pairText(StrandWork work) {
        if (!work.strand().matched()) {
            return "";
        }
        return work.strand().mirror()
                ? " Form the second of each pair as the mirror image; lay them side by side."
                : " Lay the pair one on the other.";
    }

    private void trim(StrandWork work, int state) {
        boolean handle = work.stretch().handleMm() > 0 && work.handleAt() != HandleAt.NONE;
        add(new Draft(work.strand().id(), handle ? "Trim the handle" : "Trim to length", cutters(work))
                .text(
                        handle
                                ? "Now, not before: it kept your fingers away from the tools. Flat side towards the piece."
                                : "Take the spare off with the file or one nip, flat side towards the piece.")
                .check("The cut is flush.")
                .caution(EYES)
                .minutes(0.5 * work.strand().count())
                .state(state));
        add(new Draft(work.strand().id(), "Dress the cut", "file, emery 600")
                .text("File the cut smooth and round its edge.")
                .check("It does not catch on cloth.")
                .minutes(1.0 * work.strand().count()));
    }

    private void finish(Piece piece, List<StrandWork> strands) {
        boolean several = strands.size() > 1 || strands.get(0).strand().count() > 1;
        add(new Draft("", "Check the piece", "the 1:1 template")
                .text("Lay it on the printed template" + (several ? ", pairs side by side, then turned over" : "")
                        + ". Run a fingertip along every end.")
                .check("It lies within the lines, is flat, and nothing catches on skin, hair or cloth.")
                .minutes(1));
    }

    /** Every step names the rules that speak of it. */
    private void add(Draft draft) {
        steps.add(draft.step(advice));
    }
}
