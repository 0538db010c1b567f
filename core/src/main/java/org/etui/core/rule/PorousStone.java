package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;

/** Porous and soft stones take harm in a sulfide bath (common practice). */
final class PorousStone implements Rule {
    private static final String NAME = "porous-stone";

    private static final List<String> POROUS =
            List.of("pearl", "opal", "turquoise", "malachite", "coral", "amber", "shell", "jet", "howlite", "lapis");

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        List<Part> parts = bench.piece().parts();
        boolean bath = !Dip.asked(bench.piece()).isEmpty();
        for (int i = 0; bath && i < parts.size(); i++) {
            Part part = parts.get(i);
            boolean stone = part.kind() == PartKind.STONE || part.kind() == PartKind.BEAD;
            String material = part.material().toLowerCase(Locale.ROOT);
            if (stone && POROUS.stream().anyMatch(material::contains)) {
                advice.add(new Advice(
                        Advice.Severity.STOP,
                        NAME,
                        "parts." + i + ".material",
                        "The " + part.label() + " of " + part.material() + " must not go into the bath.",
                        "It soaks the sulfide up and is stained or eaten (common practice).",
                        "Leave the colour out, or colour the wire before the stone goes in.",
                        bench.piece().colour().map(c -> List.of(Advice.Patch.remove("/colour")))));
            }
        }
        return advice;
    }
}
