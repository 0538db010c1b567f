package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What holds a stone or a bead cannot lie flat on the block, nor what is bound to it: what is formed later is looked at from the side. */
final class OffTheBlock {
    private final List<Set<String>> bound = new ArrayList<>();
    private final Set<String> off = new HashSet<>();

    private OffTheBlock() {}

    /** Words of the checks, for drafts in their order. */
    static void tell(List<List<Draft>> order) {
        OffTheBlock looked = new OffTheBlock();
        order.forEach(alike -> alike.forEach(looked::look));
    }

    private void look(Draft draft) {
        switch (draft.kind) {
            case THREAD, PUT_IN -> off.addAll(strands(draft));
            case LASH -> bound.add(strands(draft));
            case FORM -> {
                if (off.contains(draft.strand)) {
                    draft.check = draft.checkOff;
                }
            }
            default -> {}
        }
        while (bound.stream().anyMatch(b -> b.stream().anyMatch(off::contains) && off.addAll(b))) {
            // what is bound to one that has just been found may be bound to others
        }
    }

    private static Set<String> strands(Draft draft) {
        Set<String> strands = draft.about.stream()
                .filter(a -> a.contains("."))
                .map(a -> a.substring(0, a.indexOf('.')))
                .collect(Collectors.toCollection(HashSet::new));
        strands.add(draft.strand);
        strands.remove("");
        return strands;
    }
}
