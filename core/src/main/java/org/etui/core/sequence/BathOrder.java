package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.etui.core.colour.BathLog;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;

/**
 * A bath, and all that belongs to it, comes when what goes in is worked as far as it can be alone: before it meets what is darkened otherwise, or stays
 * bright, and before stones, glass, pearls and cords. What is worked after the bath is touched up; sealing is last of all (common practice).
 */
final class BathOrder {
    private final Course course;
    private final Piece piece;
    private final List<Dip> dips;

    /** The colour of what a step is about; none for what stays bright. */
    private final Map<Draft, Set<Optional<Colour>>> colours = new IdentityHashMap<>();

    /** Steps in which what is darkened meets something else. */
    private final Set<Draft> mixed = Collections.newSetFromMap(new IdentityHashMap<>());

    private final Set<Draft> late;
    private final Set<Draft> shy;

    private BathOrder(Course course, List<Dip> dips) {
        this.course = course;
        this.piece = course.piece();
        this.dips = dips;
        for (List<Draft> steps : course.strands()) {
            steps.forEach(d -> colours.put(d, Set.of(ofStrand(d.strand))));
        }
        course.between().forEach(d -> colours.put(d, ofAbout(d)));
        Set<Draft> putting = Collections.newSetFromMap(new IdentityHashMap<>());
        for (Draft draft : course.all()) {
            Set<Optional<Colour>> own = colours.get(draft);
            boolean meets = draft.after.stream()
                    .map(colours::get)
                    .anyMatch(c -> !c.isEmpty() && !own.isEmpty() && !c.equals(own));
            if (isAboutShy(draft)) {
                putting.add(draft);
            }
            if (own.size() > 1 || meets || putting.contains(draft)) {
                mixed.add(draft);
            }
        }
        this.late = course.since(mixed);
        this.shy = course.since(putting);
    }

    /** Adds every bath of a piece to what there is to do, and what comes after it. */
    static void add(Course course, School school, BathLog log) {
        List<Dip> dips = Dip.of(course.piece());
        new BathOrder(course, dips).add(school, log);
    }

    private void add(School school, BathLog log) {
        List<Draft> before = course.all();
        for (int i = 0; i < dips.size(); i++) {
            put(new ColourSteps(piece, dips.get(i), i, school, log), before);
        }
        seals().forEach((with, strands) -> {
            boolean all = strands.size() == piece.strands().size();
            String what = all ? "" : Dip.inWords(piece, strands, List.of());
            Draft seal = ColourSteps.seal(with, what, !shy.isEmpty());
            course.all().forEach(seal::after);
            course.add(seal);
        });
    }

    private void put(ColourSteps steps, List<Draft> before) {
        Optional<Colour> own = Optional.of(steps.in().colour());
        List<Draft> chain = steps.drafts();
        Draft first = chain.get(0);
        before.stream()
                .filter(d -> !late.contains(d))
                .filter(d -> colours.get(d).isEmpty() || colours.get(d).contains(own))
                .forEach(first::after);
        for (int i = 0; i < chain.size(); i++) {
            course.add(i == 0 ? first : chain.get(i).after(chain.get(i - 1)));
        }
        Draft last = chain.get(chain.size() - 1);
        mixed.stream()
                .filter(d -> shy.contains(d)
                        || colours.get(d).contains(own)
                        || d.after.stream()
                                .anyMatch(b -> colours.getOrDefault(b, Set.of()).contains(own)))
                .forEach(d -> d.after(last));
        List<Draft> later = before.stream()
                .filter(d -> late.contains(d) && colours.get(d).contains(own))
                .toList();
        if (later.stream().anyMatch(d -> d.kind == Step.Kind.FORM || d.kind == Step.Kind.LASH)) {
            chain.stream().filter(d -> d.shows == Step.Shows.DARKENING).forEach(BathOrder::withTheRest);
        }
        List<Draft> bared = later.stream().filter(BathOrder::bares).toList();
        if (!bared.isEmpty()) {
            Draft touch = steps.touchUp(bared, !shy.isEmpty());
            later.forEach(touch::after);
            course.add(touch.after(last));
        }
    }

    /** What cuts through the film, or rubs it. */
    private static boolean bares(Draft draft) {
        return switch (draft.kind) {
            case TRIM, FORM, LASH, WORK, CLOSE -> true;
            default -> false;
        };
    }

    /** What is bent or wound on after it meets the rest goes into the bath straight as it is. */
    private static void withTheRest(Draft dip) {
        dip.text(dip.text + " Wire that is bent or wound on later goes in with it, straight as it is.");
    }

    /** What is sealed with what. */
    private Map<Colour.Seal, List<Strand>> seals() {
        Map<Colour.Seal, List<Strand>> seals = new LinkedHashMap<>();
        for (Strand strand : piece.strands()) {
            strand.colour()
                    .or(piece::colour)
                    .map(Colour::seal)
                    .filter(s -> s != Colour.Seal.NONE)
                    .ifPresent(s ->
                            seals.computeIfAbsent(s, x -> new ArrayList<>()).add(strand));
        }
        return seals;
    }

    private Optional<Colour> ofStrand(String id) {
        return piece.strand(id).flatMap(s -> Dip.colourOf(piece, s)).filter(this::isBath);
    }

    private boolean isBath(Colour colour) {
        return dips.stream().anyMatch(d -> d.colour().equals(colour));
    }

    private Set<Optional<Colour>> ofAbout(Draft draft) {
        Map<Optional<Colour>, Boolean> all = new HashMap<>();
        for (String address : draft.about) {
            part(address)
                    .ifPresentOrElse(
                            p -> all.put(Dip.colourOf(piece, p).filter(this::isBath), true),
                            () -> all.put(ofStrand(address.split("\\.", 2)[0]), true));
        }
        return Set.copyOf(all.keySet());
    }

    private Optional<Part> part(String address) {
        return piece.parts().stream().filter(p -> p.id().equals(address)).findFirst();
    }

    private boolean isAboutShy(Draft draft) {
        return draft.kind != Step.Kind.CUT
                && draft.about.stream().flatMap(a -> part(a).stream()).anyMatch(Part::isShyOfBath);
    }
}
