package org.etui.core.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;

/**
 * The stones that a maker has.
 *
 * @param stones at most 400
 */
public record StoneDrawer(
        @Term(value = "the stones", to = 400) List<KeptStone> stones) {
    /** What a bench begins with: none. */
    public static final StoneDrawer EMPTY = new StoneDrawer(List.of());

    /** Copies the list. */
    public StoneDrawer {
        stones = List.copyOf(stones);
    }

    /** @throws BadInput if two stones have one id, or one is not a solid with an outline */
    public void require() {
        List<Violation> violations = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < stones.size(); i++) {
            KeptStone stone = stones.get(i);
            if (!seen.add(stone.id())) {
                violations.add(new Violation("stones." + i + ".id", stone.id(), "must not stand twice"));
            }
            if (stone.body().front().isEmpty()) {
                violations.add(new Violation(
                        "stones." + i + ".body",
                        stone.name(),
                        "must be a stone with an outline: a cabochon, pebble, slice or crystal"));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }
}
