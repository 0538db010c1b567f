package org.etui.core.sequence;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.etui.core.piece.Part;

/**
 * The bath, and all that belongs to it, comes before stones, glass, pearls and cords are put on or in, and after all other work (common practice).
 */
final class BathBeforeParts implements Precedence {
    /** What takes no harm in the bath. */
    private static final List<String> METALS =
            List.of("copper", "brass", "bronze", "silver", "gold", "steel", "metal", "wire");

    @Override
    public void apply(Course course) {
        List<Draft> bath = course.between().stream()
                .filter(d -> d.kind == Step.Kind.BATH || d.kind == Step.Kind.FINISH)
                .toList();
        if (bath.isEmpty()) {
            return;
        }
        Set<Draft> shy = Collections.newSetFromMap(new IdentityHashMap<>());
        course.between().stream()
                .filter(d -> d.kind == Step.Kind.THREAD || d.kind == Step.Kind.PUT_IN)
                .filter(d -> course.piece().parts().stream().anyMatch(p -> d.about.contains(p.id()) && isShy(p)))
                .forEach(shy::add);
        Set<Draft> later = course.since(shy);
        if (later.stream().anyMatch(d -> d.kind == Step.Kind.FORM || d.kind == Step.Kind.LASH)) {
            bath.stream().filter(d -> d.shows == Step.Shows.DARKENING).forEach(BathBeforeParts::withTheRest);
        }
        Draft first = bath.get(0);
        course.all().stream()
                .filter(d -> !later.contains(d) && !bath.contains(d))
                .forEach(first::after);
        shy.forEach(d -> d.after(bath.get(bath.size() - 1)));
    }

    /** What is bent or wound on after the stone is in goes into the bath straight as it is. */
    private static void withTheRest(Draft dip) {
        dip.text(dip.text
                + " Wire that is bent or wound on later goes in with it, straight as it is; what is cut or rubbed bare"
                + " afterwards is touched up with a brush, away from the stone.");
    }

    private static boolean isShy(Part part) {
        String material = part.material().toLowerCase(Locale.ROOT);
        return METALS.stream().noneMatch(material::contains);
    }
}
