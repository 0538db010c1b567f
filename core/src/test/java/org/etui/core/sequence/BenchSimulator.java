package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.etui.core.act.Act;
import org.etui.core.element.Element;
import org.etui.core.element.Wrap;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;

/**
 * Somebody at the bench who does a card step by step with a piece in hand, and says what cannot be done. It knows only the document and what the
 * steps say of themselves; it shares no code with what puts them in order.
 */
final class BenchSimulator {
    private final Piece piece;
    private final Set<String> shaped = new HashSet<>();
    private final Set<String> put = new HashSet<>();
    private final Set<String> trimmed = new HashSet<>();
    private final List<String> faults = new ArrayList<>();
    private final Set<String> hung = new HashSet<>();
    private final List<Work> done = new ArrayList<>();
    private boolean bathed;

    private BenchSimulator(Piece piece) {
        this.piece = piece;
    }

    /** What cannot be done, in words; nothing where the card can be followed from start to end. */
    static List<String> follow(Piece piece, List<Step> steps) {
        BenchSimulator bench = new BenchSimulator(piece);
        steps.forEach(bench::step);
        bench.finish(steps);
        return bench.faults;
    }

    private void step(Step step) {
        done.addAll(worksOf(step));
        switch (step.kind()) {
            case FORM, LASH -> shape(step);
            case WORK -> work(step);
            case CLOSE -> close(step);
            case THREAD -> thread(step);
            case HANG -> hang(step);
            case PUT_IN -> putIn(step);
            case BATH -> bath(step);
            case TRIM -> trim(step);
            default -> {}
        }
    }

    private void finish(List<Step> steps) {
        for (Strand strand : piece.strands()) {
            for (Element element : strand.elements()) {
                if (element.isBent() && !shaped.contains(strand.id() + "." + element.id())) {
                    faults.add(element.id() + " of " + strand.id() + " is never formed");
                }
            }
        }
        for (Part part : piece.parts()) {
            boolean bead = part.kind() == PartKind.BEAD && part.on().isPresent();
            if (bead && !put.contains(part.id())) {
                faults.add(part.id() + " is never put on");
            }
        }
        for (Work work : piece.work()) {
            if (java.util.Collections.frequency(done, work) != 1) {
                faults.add(work + " is done " + java.util.Collections.frequency(done, work) + " times");
            }
        }
        if (steps.get(steps.size() - 1).kind() != Step.Kind.CHECK) {
            faults.add("nobody looks at it at the end");
        }
    }

    /** One element a step, of one or several strands that are worked alike; of lashings the turns alone. */
    private void shape(Step step) {
        for (String address : step.about()) {
            boolean turns = step.kind() == Step.Kind.FORM || step.about().indexOf(address) < ownOf(step);
            if (turns && !shaped.add(address)) {
                faults.add(step.title() + ": " + address + " is formed already");
            }
            boolean cut = trimmed.contains(address.substring(0, address.indexOf('.')));
            boolean atTheSpool = isAtTheSpool(address);
            if (turns && cut && !atTheSpool) {
                faults.add(step.title() + ": its handle is gone");
            }
            if (turns && !cut && atTheSpool) {
                faults.add(step.title() + ": its end is still on the spool");
            }
        }
    }

    /** Whether it is rolled from the end that was on the spool: it can be formed when it is clipped off, and not before. */
    private boolean isAtTheSpool(String address) {
        return piece.strands().stream()
                .filter(s -> s.count() == 1 && s.allowance().handleAt().equals(Optional.of(HandleAt.SPOOL)))
                .map(s -> s.elements().get(s.elements().size() - 1))
                .anyMatch(e -> e.isRolledFromItsEnd() && address.endsWith("." + e.id()));
    }

    /** How many of what a step is about are shaped by it. */
    private static int ownOf(Step step) {
        return Math.max(1, step.each().size());
    }

    /** The maker's own work that a step does: on the same things, with words of that work. */
    private List<Work> worksOf(Step step) {
        return piece.work().stream()
                .filter(w -> w.act()
                        .doing()
                        .blank()
                        .map(step.about()::contains)
                        .orElseGet(() -> w.elements().stream()
                                .map(e -> w.strand() + "." + e)
                                .anyMatch(step.about()::contains)))
                .filter(w -> says(step, w))
                .toList();
    }

    private static boolean says(Step step, Work work) {
        return switch (work.act().op()) {
            case "close" ->
                step.title().startsWith("Bring together ")
                        || step.title().startsWith("Squeeze shut ")
                        || step.title().startsWith("Close the ");
            case "bring-to-size" -> step.title().startsWith("Bring the ");
            case "polish" -> step.title().startsWith("Polish ");
            case "pierce" ->
                step.title().startsWith("Pierce ")
                        && work.act() instanceof Act.Pierce pierce
                        && step.text().contains(String.format(Locale.ROOT, "%.2f mm", pierce.diameterMm()));
            case "dimple" -> step.title().startsWith("Dimple ");
            case "cut-apart" -> step.title().startsWith("Cut apart ");
            default -> step.title().startsWith("Flatten ");
        };
    }

    private void close(Step step) {
        step.about().stream()
                .filter(a -> element(a).filter(Element::isBent).isPresent() && !shaped.contains(a))
                .forEach(a -> faults.add(step.title() + ": " + a + " is not formed yet"));
    }

    /** Steel next to a bead or stone that is there already, a mandrel through an eye that something hangs in. */
    private void work(Step step) {
        for (String address : step.about()) {
            boolean mandrel = step.tool().contains("mandrel");
            if (mandrel && !shaped.contains(address)) {
                faults.add(step.title() + ": " + address + " is not formed yet");
            }
            if (mandrel && hung.contains(address)) {
                faults.add(step.title() + ": something hangs in it");
            }
            if (piece.parts().stream()
                    .anyMatch(p -> put.contains(p.id())
                            && p.on().filter(address::equals).isPresent())) {
                faults.add(step.title() + ": something sits there");
            }
            element(address).ifPresent(e -> {
                if (e.handling().flattenedToMm().isPresent()) {
                    shaped.add(address);
                }
            });
        }
    }

    private java.util.Optional<Element> element(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? java.util.Optional.empty()
                : piece.strand(address.substring(0, dot)).flatMap(s -> s.element(address.substring(dot + 1)));
    }

    /** Whether an end of the wire still passes a hole at an element: all beyond it on one side is straight. */
    private boolean isReached(String address) {
        String strand = address.substring(0, address.indexOf('.'));
        List<Element> along = piece.strand(strand).orElseThrow().elements();
        int at = 0;
        while (!along.get(at).id().equals(address.substring(strand.length() + 1))) {
            at++;
        }
        return along.subList(0, at).stream().noneMatch(e -> isBlocked(strand, e))
                || along.subList(at + 1, along.size()).stream().noneMatch(e -> isBlocked(strand, e));
    }

    private boolean isBlocked(String strand, Element element) {
        return shaped.contains(strand + "." + element.id())
                || element.handling().boughtMm3() > 0;
    }

    private void thread(Step step) {
        for (String address : step.about()) {
            if (element(address).isPresent() && !cord(step) && !isReached(address)) {
                faults.add(step.title() + ": both ends of its wire are closed");
            }
            if (element(address).isEmpty()) {
                put.add(address);
            }
        }
    }

    private boolean cord(Step step) {
        return piece.parts().stream()
                .anyMatch(p -> p.kind() == PartKind.CORD && step.about().contains(p.id()));
    }

    /** Whether something can still be hung in: it opens, is a hook, or is not closed yet and can be reached. */
    private boolean takes(String address) {
        return element(address)
                .filter(e -> e.hanging().opens() || e.hanging().hook() || !isShut(address, e) && isReached(address))
                .isPresent();
    }

    /** Shut when it is bent round, or, where turns hold its end, when those are wound. */
    private boolean isShut(String address, Element eye) {
        if (!eye.hanging().eye() || !shaped.contains(address)) {
            return false;
        }
        String strand = address.substring(0, address.indexOf('.'));
        boolean openYet = piece.work().stream()
                .anyMatch(w -> w.strand().equals(strand)
                        && w.act().op().equals("close")
                        && w.elements().contains(eye.id())
                        && !done.contains(w));
        List<Element> along = piece.strand(strand).orElseThrow().elements();
        int at = along.indexOf(eye);
        for (int i = Math.max(0, at - 1); i <= Math.min(along.size() - 1, at + 1); i++) {
            if (along.get(i).hanging().locksOnMm().isPresent()) {
                return shaped.contains(strand + "." + along.get(i).id());
            }
        }
        return !openYet;
    }

    private void hang(Step step) {
        piece.work().stream()
                .filter(w ->
                        w.act().doing().blank().filter(step.about()::contains).isPresent() && !done.contains(w))
                .forEach(w -> faults.add(step.title() + ": its sheet is not worked yet"));
        hung.addAll(step.about());
        boolean eyes = step.about().stream()
                .allMatch(
                        a -> element(a).isEmpty() || element(a).get().hanging().holds());
        if (eyes && step.about().stream().noneMatch(this::takes)) {
            faults.add(step.title() + ": both are closed");
        }
    }

    private void putIn(Step step) {
        for (Part part : piece.parts()) {
            if (part.kind() == PartKind.STONE && step.about().contains(part.id())) {
                put.add(part.id());
                for (Strand strand : piece.strands()) {
                    for (Element element : strand.elements()) {
                        if (element.hanging().frame() && !shaped.contains(strand.id() + "." + element.id())) {
                            faults.add(step.title() + ": there is no frame yet");
                        }
                    }
                }
            }
            if (part.kind() == PartKind.CORD && step.about().contains(part.id())) {
                put.add(part.id());
                for (String address : step.about()) {
                    Optional<Element> coil = element(address);
                    boolean over = coil.filter(e -> e instanceof Wrap wrap
                                    && wrap.legAlong()
                                    && !wrap.sitsOn().isEmpty())
                            .isPresent();
                    if (coil.isPresent() && shaped.contains(address) == over) {
                        faults.add(step.title() + (over ? ": it is wound already" : ": there is no coil yet"));
                    }
                }
            }
        }
    }

    private void bath(Step step) {
        if (!bathed) {
            bathed = true;
            for (Part part : piece.parts()) {
                boolean shy = List.of("glass", "agate", "leather").contains(part.material());
                if (shy && put.contains(part.id())) {
                    faults.add(step.title() + ": the " + part.material() + " goes in with it");
                }
            }
        }
    }

    /** Trimmed twice is dressed afterwards. */
    private void trim(Step step) {
        for (String address : step.about()) {
            if (address.indexOf('.') < 0) {
                continue;
            }
            String strand = address.substring(0, address.indexOf('.'));
            trimmed.add(strand);
        }
    }
}
