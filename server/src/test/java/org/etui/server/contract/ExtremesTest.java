package org.etui.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.etui.core.check.BadInput;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every document that meets the schema has a plan or a refusal by path, value and limit; a plan holds no number that is none. */
class ExtremesTest {
    private static final int DOCUMENTS = 2500;
    private final Reader reader = new Reader();

    /** What went wrong, each once, with a document that shows it. */
    private final Map<String, String> faults = new TreeMap<>();

    private enum Outcome {
        PLANNED,
        REFUSED,
        FAULT
    }

    @Test
    void everyDocumentAtTheEdgesOfTheSchema_isPlannedOrRefused() {
        Random random = new Random(20261127);
        Extremes extremes = new Extremes(Schemas.document(Piece.class), random);
        List<JsonNode> usual = new ArrayList<>();
        for (Pattern pattern : Patterns.ALL) {
            usual.add(Json.MAPPER.valueToTree(pattern.usual()));
        }
        Map<Outcome, Integer> outcomes = new EnumMap<>(Outcome.class);
        long slowest = 0;
        for (int i = 0; i < DOCUMENTS; i++) {
            JsonNode document = i % 5 == 0
                    ? extremes.next()
                    : extremes.bent(usual.get(random.nextInt(usual.size())), 1 + random.nextInt(3));
            long from = System.nanoTime();
            outcomes.merge(planned(document), 1, Integer::sum);
            slowest = Math.max(slowest, System.nanoTime() - from);
        }
        System.err.printf("extremes: %s, slowest %d ms%n", outcomes, slowest / 1_000_000);

        assertThat(faults).isEmpty();
        assertThat(outcomes.get(Outcome.PLANNED) + outcomes.get(Outcome.REFUSED))
                .isEqualTo(DOCUMENTS);
        assertThat(outcomes.get(Outcome.PLANNED)).isGreaterThan(DOCUMENTS / 4);
        assertThat(outcomes.get(Outcome.REFUSED)).isGreaterThan(DOCUMENTS / 10);
    }

    private Outcome planned(JsonNode document) {
        String text = document.toString();
        try {
            Piece piece = reader.read(text.getBytes(StandardCharsets.UTF_8), Piece.class);
            PlanOptions options = new PlanOptions(
                    PlanOptions.States.LAST,
                    new LengthFormat(Units.MM),
                    PlanOptions.USUAL.box(),
                    PlanOptions.USUAL.school(),
                    PlanOptions.USUAL.log(),
                    Hand.GENERAL);
            JsonNode plan = Json.MAPPER.valueToTree(Planner.plan(piece, options));
            String notFinite = notFinite(plan, "");
            if (!notFinite.isEmpty()) {
                faults.putIfAbsent("not finite: " + notFinite.replaceAll("\\d+", "n"), text);
                return Outcome.FAULT;
            }
            return Outcome.PLANNED;
        } catch (BadInput refused) {
            assertThat(refused.violations()).allSatisfy(v -> {
                assertThat(v.path()).isNotBlank();
                assertThat(v.limit()).isNotBlank();
            });
            return Outcome.REFUSED;
        } catch (RuntimeException | StackOverflowError fault) {
            faults.putIfAbsent(
                    fault + " " + Arrays.stream(fault.getStackTrace()).limit(4).toList(), text);
            return Outcome.FAULT;
        }
    }

    /** Where a tree holds a number that is none; empty where it holds no such. */
    private static String notFinite(JsonNode node, String path) {
        if (node.isNumber() && !Double.isFinite(node.doubleValue())) {
            return path;
        }
        if (node.isString() && node.asString().matches(".*\\b(NaN|Infinity)\\b.*")) {
            return path + ": " + node.asString();
        }
        for (Map.Entry<String, JsonNode> property : node.properties()) {
            String found = notFinite(property.getValue(), path + "." + property.getKey());
            if (!found.isEmpty()) {
                return found;
            }
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            String found = notFinite(node.get(i), path + "." + i);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return "";
    }
}
