package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.WireSection;
import org.etui.core.verify.PieceChecks;
import org.etui.core.work.StrandWork;

/**
 * A way out that is tried before it is offered: the piece is worked again, the advice must be gone and no new stop may come. Ways that
 * set a single measure, the allowance or the colour are not tried; where many pieces are looked at, as in a field, none is sought.
 *
 * @param after the piece with it
 * @param patches the same as patches of the document
 */
record Fix(Piece after, List<Advice.Patch> patches) {
    /** @param patches in the order in which they are applied */
    Fix {
        patches = List.copyOf(patches);
    }

    /** The patches, if the piece then is without this advice and without a stop that was not there before. */
    Optional<List<Advice.Patch>> tried(Bench bench, String rule, String where) {
        if (!bench.seeksFixes()) {
            return Optional.empty();
        }
        try {
            PieceChecks.require(after);
            List<StrandWork> works = works(bench);
            List<Advice> left = Rules.look(Bench.withoutFixes(after, works, bench.box()));
            boolean gone = left.stream()
                    .noneMatch(a -> a.rule().equals(rule) && a.where().equals(where));
            Set<String> stops = stops(left);
            return gone && (stops.isEmpty() || bench.stops().containsAll(stops))
                    ? Optional.of(patches)
                    : Optional.empty();
        } catch (BadInput refused) {
            return Optional.empty();
        }
    }

    /** Only what changes is worked again. */
    private List<StrandWork> works(Bench bench) {
        boolean alike = sections(after).equals(sections(bench.piece()));
        List<StrandWork> works = new ArrayList<>();
        for (int i = 0; i < after.strands().size(); i++) {
            Strand strand = after.strands().get(i);
            StrandWork known = bench.strands().get(i);
            boolean same =
                    alike && strand.equals(known.strand()) && on(after, strand).equals(on(bench.piece(), strand));
            works.add(same ? known : StrandWork.of(after, strand, known));
        }
        return works;
    }

    private static List<WireSection> sections(Piece piece) {
        return piece.strands().stream().map(s -> s.wire().section()).toList();
    }

    private static List<Work> on(Piece piece, Strand strand) {
        return piece.work().stream()
                .filter(w -> w.strand().isEmpty() || w.strand().equals(strand.id()))
                .toList();
    }

    static Set<String> stops(List<Advice> advice) {
        return advice.stream()
                .filter(a -> a.severity() == Advice.Severity.STOP)
                .map(a -> a.rule() + " " + a.where())
                .collect(Collectors.toSet());
    }
}
