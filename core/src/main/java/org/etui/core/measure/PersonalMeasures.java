package org.etui.core.measure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;

/**
 * The measures that a maker has names for.
 *
 * @param measures each name once
 */
public record PersonalMeasures(
        @Term(value = "each name once", to = 200) List<PersonalMeasure> measures) {
    /** What a bench begins with: none. */
    public static final PersonalMeasures NONE = new PersonalMeasures(List.of());

    /** Copies the list. */
    public PersonalMeasures {
        measures = List.copyOf(measures);
    }

    /** @throws BadInput with every name that cannot be one or stands twice */
    public void require() {
        List<Violation> violations = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < measures.size(); i++) {
            String path = "measures." + i + ".name";
            try {
                measures.get(i).require(path);
            } catch (BadInput bad) {
                violations.addAll(bad.violations());
            }
            if (!seen.add(measures.get(i).key())) {
                violations.add(
                        new Violation(path, measures.get(i).name(), "stands twice; each name must be used once"));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }
}
