package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Extremes;
import org.etui.server.contract.Json;
import org.etui.server.contract.Schemas;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;

/**
 * Twenty thousand bodies that are almost documents: none is answered with 5xx, and the server keeps no memory of them. A server of its own: what
 * is taken of them would lie on the tray of the others.
 */
@ServerTest
@TestPropertySource(properties = "server.tomcat.threads.max=20")
@DirtiesContext
class FuzzTest {
    private static final int BODIES = 20_000;
    private static final int AT_ONCE = 4;
    private static final long MOST_MORE_BYTES = 200_000_000;
    private static final List<String> PATHS = List.of(
            "/api/plans",
            "/api/plans?states=all&units=in",
            "/api/remakes",
            "/api/moments",
            "/api/lengths",
            "/api/springback",
            "/api/patterns/s-hook",
            "/api/pieces/import?existing=ask",
            "/api/measured-hooks",
            "/api/jobs",
            "/api/rack/csv",
            "/api/rack/cut-plans",
            "/api/sizes",
            "/api/pieces/import?existing=leave");
    private static final List<String> ODD = List.of(
            "null",
            "-1",
            "0",
            "1e400",
            "-0.0",
            "99999999999999999999",
            "\"\"",
            "[]",
            "{}",
            "true",
            "\"\\u0000\"",
            "\"copper\"",
            "[[[[]]]]",
            "1e-320",
            "\"\\ud800\"");

    @LocalServerPort
    private int port;

    @Test
    void bodiesThatAreAlmostDocuments_areNeverAnsweredWithAFault() {
        String[] usual = Patterns.ALL.stream()
                .map(p -> Json.MAPPER.writeValueAsString(p.usual()))
                .toArray(String[]::new);
        long before = used();
        Map<Integer, Integer> statuses = new ConcurrentHashMap<>();
        Map<String, String> faults = new ConcurrentHashMap<>();
        long from = System.nanoTime();
        IntStream.range(0, AT_ONCE).parallel().forEach(thread -> {
            Random random = new Random(thread);
            Extremes extremes = new Extremes(Schemas.document(Piece.class), random);
            Http http = new Http(port);
            for (int i = 0; i < BODIES / AT_ONCE; i++) {
                String path = PATHS.get(random.nextInt(PATHS.size()));
                String body = body(usual[random.nextInt(usual.length)], path, extremes, random);
                Http.Answer answer = http.post(path, body);
                statuses.merge(answer.status(), 1, Integer::sum);
                if (answer.status() >= 500) {
                    faults.putIfAbsent(path, body);
                }
            }
        });
        long more = used() - before;
        System.err.printf(
                "fuzz: %s in %d s, %d MB more%n",
                new TreeMap<>(statuses), (System.nanoTime() - from) / 1_000_000_000, more / 1_000_000);

        assertThat(faults).isEmpty();
        assertThat(statuses.values().stream().mapToInt(Integer::intValue).sum()).isEqualTo(BODIES);
        assertThat(statuses.get(400)).isGreaterThan(BODIES / 2);
        assertThat(more).isLessThan(MOST_MORE_BYTES);
    }

    private static long used() {
        System.gc();
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private static String body(String usual, String path, Extremes extremes, Random random) {
        String document = switch (random.nextInt(8)) {
            case 0 -> extremes.next().toString();
            case 1 -> torn(usual, random);
            case 2 -> usual.replaceFirst("\\d", "\"" + random.nextInt(10));
            default -> replaced(usual, random);
        };
        boolean asked = path.contains("remakes") || path.contains("moments");
        return asked ? "{\"piece\": " + document + ", \"strand\": " + random.nextInt(3) + "}" : document;
    }

    private static String torn(String usual, Random random) {
        int cut = random.nextInt(usual.length());
        return random.nextBoolean() ? usual.substring(0, cut) : usual.substring(cut);
    }

    /** A value somewhere in the document becomes another. */
    private static String replaced(String usual, Random random) {
        int values = 0;
        for (int i = 0; i < usual.length(); i++) {
            values += usual.charAt(i) == ':' ? 1 : 0;
        }
        int wanted = random.nextInt(Math.max(1, values));
        int at = -1;
        for (int n = 0; n <= wanted; n++) {
            at = usual.indexOf(':', at + 1);
        }
        int end = at + 1;
        while (end < usual.length() && ",}]".indexOf(usual.charAt(end)) < 0) {
            end++;
        }
        return usual.substring(0, at + 1) + ODD.get(random.nextInt(ODD.size())) + usual.substring(end);
    }
}
