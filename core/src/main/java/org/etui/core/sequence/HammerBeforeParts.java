package org.etui.core.sequence;

import java.util.List;
import java.util.Set;

/**
 * Steel comes before what it would hit: wire is struck, or pushed over a mandrel, before a bead sits on it and before something hangs in it
 * (common practice).
 */
final class HammerBeforeParts implements Precedence {
    @Override
    public void apply(Course course) {
        List<Draft> between = List.copyOf(course.between());
        for (List<Draft> steps : course.strands()) {
            for (Draft struck : steps) {
                if (struck.strikes) {
                    between.stream().filter(d -> isHit(struck, d)).forEach(d -> order(course, struck, d));
                }
            }
        }
    }

    /** Whether what is put on or hung by a step is where another strikes. */
    private static boolean isHit(Draft struck, Draft put) {
        boolean there = put.kind == Step.Kind.THREAD || put.kind == Step.Kind.HANG;
        return there && put.about.stream().anyMatch(struck.about::contains);
    }

    private static void order(Course course, Draft struck, Draft put) {
        if (!course.since(Set.of(put)).contains(struck)) {
            put.after(struck);
            return;
        }
        String place =
                put.about.stream().filter(struck.about::contains).findFirst().orElseThrow();
        course.locks()
                .add(new Lock(
                        put.about,
                        "“" + struck.title + "” would strike what is there by then: “" + put.title
                                + "” has to come first, since the wire is closed afterwards.",
                        "Do this work first, on the straight wire, or before the "
                                + place.substring(place.indexOf('.') + 1).replace('-', ' ') + " takes anything on."));
    }
}
