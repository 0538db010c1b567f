package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.json.Json;
import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import jakarta.json.JsonStructure;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Element;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.core.wire.Wire;
import org.etui.server.contract.Reader;
import org.junit.jupiter.api.Test;

/** What advice offers to do, done as a JSON Patch (RFC 6902, by a library) on the document as it is written. */
class FixesTest {
    private final Reader reader = new Reader();

    private static JsonStructure parsed(byte[] json) {
        try (JsonReader in = Json.createReader(new StringReader(new String(json, StandardCharsets.UTF_8)))) {
            return in.read();
        }
    }

    private Piece applied(Piece piece, List<Advice.Patch> fix) {
        JsonObject document = (JsonObject) parsed(org.etui.server.contract.Json.MAPPER.writeValueAsBytes(piece));
        JsonArray patch = (JsonArray) parsed(org.etui.server.contract.Json.MAPPER.writeValueAsBytes(fix));
        String after = Json.createPatch(patch).apply(document).toString();
        return reader.read(after.getBytes(StandardCharsets.UTF_8), Piece.class);
    }

    private static List<Advice> advice(Piece piece) {
        return Planner.plan(piece, new PlanOptions(PlanOptions.States.NONE, PlanOptions.USUAL.format()))
                .advice();
    }

    private static Set<String> stops(List<Advice> advice) {
        return advice.stream()
                .filter(a -> a.severity() == Advice.Severity.STOP)
                .flatMap(a -> places(a).map(where -> a.rule() + " " + where))
                .collect(Collectors.toSet());
    }

    /** Every place that advice is on: what is said once may hold for several. */
    private static Stream<String> places(Advice advice) {
        return Stream.concat(Stream.of(advice.where()), advice.also().stream());
    }

    /** Patterns in odd wires with odd work, seeded: they raise most of the rules that can mend something. */
    private static List<Piece> pieces() {
        Random random = new Random(51);
        List<Piece> pieces = new ArrayList<>();
        for (Pattern pattern : Patterns.ALL) {
            for (int i = 0; i < 6; i++) {
                Metal metal = Metal.values()[random.nextInt(Metal.values().length - 1)];
                Temper temper = metal.onlyTemper().orElse(Temper.values()[random.nextInt(Temper.values().length)]);
                Wire wire = Wire.ofRound(metal, temper, 0.6 + Math.round(random.nextDouble() * 20) / 10.0);
                Piece piece = pattern.make(
                        Map.of(),
                        Optional.of(wire),
                        Optional.of(pattern.purposes().get(0)));
                pieces.add(random.nextBoolean() ? piece : worked(piece, random));
            }
        }
        return pieces;
    }

    private static Piece worked(Piece piece, Random random) {
        Strand strand = piece.strands().get(0);
        double thickness = strand.wire().section().thicknessMm();
        List<String> ids = strand.elements().stream().map(Element::id).toList();
        List<Work> works = new ArrayList<>(piece.work());
        works.add(Work.of(
                "hammered",
                strand.id(),
                random.nextBoolean() ? List.of() : List.of(ids.get(random.nextInt(ids.size()))),
                new Act.Flatten(Math.round(thickness * (50 + random.nextInt(40))) / 100.0, With.DOMED_HAMMER)));
        return piece.withWork(works);
    }

    @Test
    void everyFix_removesItsAdvice_andRaisesNoStop() {
        Set<String> mended = new HashSet<>();
        for (Piece piece : pieces()) {
            List<Advice> before = advice(piece);
            for (Advice one : before) {
                if (one.fix().isPresent()) {
                    List<Advice> after = advice(applied(piece, one.fix().get()));

                    assertThat(after)
                            .as(
                                    "%s in %s of %s",
                                    one.message(),
                                    piece.name(),
                                    piece.strands().get(0).wire())
                            .noneMatch(a -> a.rule().equals(one.rule())
                                    && places(a).anyMatch(places(one).toList()::contains));
                    assertThat(stops(after))
                            .as(
                                    "stops after %s: %s, in %s of %s",
                                    one.rule(),
                                    one.instead(),
                                    piece.name(),
                                    piece.strands().get(0).wire())
                            .isSubsetOf(stops(before));
                    mended.add(one.rule());
                }
            }
        }

        assertThat(mended)
                .contains("holds-too-little", "left-soft", "coat-under-hammer", "hammered-loop", "hammered-crossing")
                .hasSizeGreaterThan(7);
    }
}
