package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;

/** What a sulfide bath does not colour, colours unevenly, or what polishing back wears through; and what must not be tumbled (common practice). */
final class TakesColour implements Rule {
    private static final String NONE = "takes-no-colour";
    private static final String UNEVEN = "colours-unevenly";
    private static final String SKIN = "skin-wears-through";
    private static final String TUMBLED = "stone-in-the-tumbler";
    private static final String SHY = "part-takes-no-colour";

    @Override
    public List<String> names() {
        return List.of(NONE, UNEVEN, SKIN, TUMBLED, SHY);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        for (Dip dip : Dip.asked(bench.piece())) {
            Colour colour = dip.colour();
            String where = dip.where(bench.piece());
            Set<Metal> metals =
                    dip.strands().stream().map(s -> s.wire().metal()).collect(Collectors.toCollection(TreeSet::new));
            none(metals, where).ifPresent(advice::add);
            uneven(metals, where).ifPresent(advice::add);
            if (colour.polishBack() > 0) {
                skin(metals, where).ifPresent(advice::add);
                if (colour.polishWith() == Colour.PolishWith.TUMBLER) {
                    tumbled(bench, where).ifPresent(advice::add);
                }
            }
        }
        List<Part> parts = bench.piece().parts();
        for (int i = 0; i < parts.size(); i++) {
            shy(parts.get(i), "parts." + i + ".colour").ifPresent(advice::add);
        }
        return advice;
    }

    private static String path(String where) {
        return "/" + where.replace('.', '/');
    }

    private static Optional<Advice> shy(Part part, String where) {
        return part.colour().filter(Colour::darkens).isPresent() && part.isShyOfBath()
                ? Optional.of(new Advice(
                        Advice.Severity.MIND,
                        SHY,
                        where,
                        "The " + part.label() + " is not of metal: it goes into no bath.",
                        "Sulfide darkens metal only, and stains or dulls what is not (common practice).",
                        "Leave it as it is, or say of what metal it is.",
                        Optional.of(List.of(Advice.Patch.remove(path(where))))))
                : Optional.empty();
    }

    private static Optional<Advice> none(Set<Metal> metals, String where) {
        List<Metal> none = metals.stream()
                .filter(m -> m.sulfide() == Metal.Sulfide.NONE || m.sulfide() == Metal.Sulfide.CORE_EDGES)
                .toList();
        if (none.isEmpty()) {
            return Optional.empty();
        }
        boolean all = none.size() == metals.size() && !metals.isEmpty();
        return Optional.of(new Advice(
                Advice.Severity.MIND,
                NONE,
                where,
                listed(none) + (none.size() > 1 ? " take" : " takes") + " no colour in a sulfide bath"
                        + (none.contains(Metal.GOLD_FILLED)
                                ? "; only cut ends of filled wire darken, where the core shows."
                                : "."),
                "Sulfide makes a film on copper, silver and their alloys, not on gold, aluminium, steel or a coat"
                        + " (common practice). What colours those by heat or acid is none of ours.",
                all ? "Leave the colour out." : "Let it stay bright beside what darkens, or take wire that darkens.",
                all ? Optional.of(List.of(Advice.Patch.remove(path(where)))) : Optional.empty()));
    }

    private static Optional<Advice> uneven(Set<Metal> metals, String where) {
        List<Metal> takes = metals.stream()
                .filter(m -> m.sulfide() == Metal.Sulfide.FAST || m.sulfide() == Metal.Sulfide.SLOW)
                .toList();
        if (takes.stream().map(Metal::sulfide).distinct().count() < 2) {
            return Optional.empty();
        }
        return Optional.of(new Advice(
                Advice.Severity.MIND,
                UNEVEN,
                where,
                listed(takes) + " do not darken alike in one bath.",
                "Brass and bronze take a film much more slowly than copper and silver (common practice).",
                "Colour them apart and put them together afterwards, or take all to black.",
                Optional.empty()));
    }

    private static Optional<Advice> skin(Set<Metal> metals, String where) {
        return metals.contains(Metal.SILVER_PLATED_COPPER)
                ? Optional.of(new Advice(
                        Advice.Severity.MIND,
                        SKIN,
                        where + ".polishBack",
                        "Polishing back wears through the plating.",
                        "The silver on plated wire is a few thousandths of a millimetre thick (common practice).",
                        "Stop at a brown and leave it, or polish with a cloth only.",
                        Optional.of(List.of(Advice.Patch.replace(path(where) + "/polishBack", 0)))))
                : Optional.empty();
    }

    private static Optional<Advice> tumbled(Bench bench, String where) {
        boolean stone = bench.piece().parts().stream()
                .anyMatch(p -> p.kind() == PartKind.STONE || p.kind() == PartKind.BEAD || p.kind() == PartKind.CORD);
        return stone
                ? Optional.of(new Advice(
                        Advice.Severity.NOTE,
                        TUMBLED,
                        where + ".polishWith",
                        "The card tumbles the wire before stone, bead and cord are in: what is put in later is not polished.",
                        "Shot chips stones and dulls beads (common practice).",
                        "Polish back with steel wool.",
                        Optional.of(List.of(Advice.Patch.replace(path(where) + "/polishWith", "steel-wool")))))
                : Optional.empty();
    }

    private static String listed(List<Metal> metals) {
        String last = metals.get(metals.size() - 1).title();
        return metals.size() == 1
                ? capital(last)
                : capital(metals.subList(0, metals.size() - 1).stream()
                                .map(Metal::title)
                                .collect(Collectors.joining(", ")))
                        + " and " + last;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
