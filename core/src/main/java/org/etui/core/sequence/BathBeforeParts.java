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
        Draft first = bath.get(0);
        course.all().stream()
                .filter(d -> !later.contains(d) && !bath.contains(d))
                .forEach(first::after);
        shy.forEach(d -> d.after(bath.get(bath.size() - 1)));
    }

    private static boolean isShy(Part part) {
        String material = part.material().toLowerCase(Locale.ROOT);
        return METALS.stream().noneMatch(material::contains);
    }
}
