package org.etui.core.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.etui.core.element.Element;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.PressedFold;
import org.etui.core.piece.Strand;

/**
 * Marks on the straight wire, in the order of the work. They are measured from the squared end that is formed first: the
 * beginning, or the end where the handle is at the beginning. A mark is where forming begins; a corner is marked at the jaw's edge. What is pressed
 * in behind a fold has none: it comes where the fold ends.
 */
public final class Marks {
    private static final double AT_THE_END_MM = 1e-6;

    /** Marks nearer than this run into each other under a pen (common practice). */
    public static final double APART_MM = 1;

    private final StrandWork work;
    private final boolean fromEnd;
    private final double before;
    private final List<Mark> marks = new ArrayList<>();

    private Marks(StrandWork work) {
        this.work = work;
        this.fromEnd = work.handleAt() == HandleAt.START;
        this.before = work.cut().beforeMm();
    }

    /** The marks of a strand. */
    public static List<Mark> of(StrandWork work) {
        Marks marks = new Marks(work);
        marks.addAll();
        return List.copyOf(marks.marks);
    }

    private void addAll() {
        Strand strand = work.strand();
        Set<String> pressed = PressedFold.bends(strand);
        for (Element element : strand.inOrder()) {
            if (pressed.contains(element.id()) || strand.jig() && Jig.goesRound(element)) {
                continue;
            }
            if (element.isBent() || element.handling().flattenedToMm().isPresent()) {
                add(atMm(work, element), element.label() + where(element), Optional.of(element.id()));
            }
        }
        if (work.stretch().handleMm() > 0) {
            double end = fromEnd ? work.netMm() : before + work.netMm();
            add(end, "trim the handle here, last", Optional.empty());
        }
        if (work.handleAt() == HandleAt.SPOOL) {
            marks.add(new Mark(work.cutMm(), Mark.From.START, "clip it off here", Optional.empty()));
        }
        meet();
    }

    /**
     * Where the forming of an element begins, mm from the end that marks are measured from: its side towards that end, or, where
     * the wire on its other side is formed already and it grows towards the squared end, that other side.
     */
    public static double atMm(StrandWork work, Element element) {
        double from = work.cut().fromMm(element.id());
        double wire = work.cut().wireMm(element.id());
        double nearer = work.handleAt() == HandleAt.START
                ? work.netMm() - from - wire
                : work.cut().beforeMm() + from;
        return growsBack(work, element) ? nearer + wire : nearer;
    }

    /** Whether an element goes on from what is formed already towards the end that marks are measured from. */
    public static boolean growsBack(StrandWork work, Element element) {
        Strand strand = work.strand();
        List<Element> along = new ArrayList<>(strand.elements());
        if (work.handleAt() == HandleAt.START) {
            Collections.reverse(along);
        }
        int at = along.indexOf(element);
        boolean fromTheEnd = at == 0 && !element.handling().laidOver();
        if (fromTheEnd || element.isRolledFromItsEnd() && (at == 0 || at == along.size() - 1)) {
            return false;
        }
        List<Element> formed = strand.inOrder();
        List<Element> before = formed.subList(0, formed.indexOf(element));
        Optional<Element> beyond = along.subList(at + 1, along.size()).stream()
                .filter(Element::isBent)
                .findFirst();
        List<Element> nearer = new ArrayList<>(along.subList(0, at));
        Collections.reverse(nearer);
        Optional<Element> next = nearer.stream().filter(Element::isBent).findFirst();
        return beyond.filter(before::contains).isPresent()
                && next.filter(before::contains).isEmpty();
    }

    private String where(Element element) {
        if (rolledFromFarEnd(work, element)) {
            return " stops, rolled from the far end";
        }
        String starts = element.label().endsWith("s") ? " start" : " starts";
        return element.winding().jawEdge() ? starts + ", at the jaw edge" : starts;
    }

    /** Whether an element is rolled from the end of the wire that the marks are not measured from: its mark is where to stop. */
    public static boolean rolledFromFarEnd(StrandWork work, Element element) {
        List<Element> along = work.strand().elements();
        boolean fromEnd = work.handleAt() == HandleAt.START;
        boolean handle = work.stretch().handleMm() > 0 && work.handleAt() != HandleAt.NONE;
        boolean far = along.size() > 1 && element.equals(along.get(fromEnd ? 0 : along.size() - 1));
        return far && !handle && element.isRolledFromItsEnd();
    }

    private void add(double atMm, String label, Optional<String> element) {
        if (atMm > AT_THE_END_MM && atMm < work.cutMm() - AT_THE_END_MM) {
            marks.add(new Mark(atMm, fromEnd ? Mark.From.END : Mark.From.START, label, element));
        }
    }

    /** Marks that no pen can set apart become one. */
    private void meet() {
        List<Mark> sorted =
                marks.stream().sorted(Comparator.comparingDouble(Mark::atMm)).toList();
        Mark last = null;
        for (Mark mark : sorted) {
            if (last != null && mark.atMm() - last.atMm() < APART_MM) {
                int at = marks.indexOf(last);
                Mark both = new Mark(last.atMm(), last.from(), last.label() + ", " + mark.label(), last.element());
                marks.set(at, both);
                marks.remove(mark);
                last = both;
            } else {
                last = mark;
            }
        }
    }
}
