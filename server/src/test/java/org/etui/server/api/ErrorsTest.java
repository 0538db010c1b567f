package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Bad input gets a problem document that names path, value and limit; never a 5xx. */
@ServerTest
class ErrorsTest {
    private static final String PIECE = """
            {"format": "etui-piece", "version": 1, "name": "Hop", "notes": "", "purpose": "link",
             "strands": [{"id": "hook", "wire": {"metal": "copper", "temper": "dead-soft",
                                    "section": {"shape": "round", "diameterMm": 1.29}},
                          "allowance": {"handleMm": 20},
                          "elements": [{"kind": "loop", "id": "eye", "insideMm": 3, "turns": 1},
                                       {"kind": "straight", "id": "run", "lengthMm": 4},
                                       {"kind": "arc", "id": "bend", "insideMm": 7, "sweepDeg": 200}],
                          "order": ["eye", "bend"]}],
             "parts": [], "joins": [], "entered": {},
             "work": [{"op": "flatten", "id": "w", "strand": "hook", "elements": ["bend"], "toMm": 0.95}]}
            """;

    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void connect() {
        http = new Http(port);
    }

    static Stream<Arguments> replacements() {
        return Stream.of(
                Arguments.of("strands.0.elements.0.insideMm", "-3", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.insideMm", "0", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.insideMm", "1e9", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.insideMm", "1e400", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.insideMm", "\"3\"", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.insideMm", "null", "strands.0.elements.0.insideMm"),
                Arguments.of("strands.0.elements.0.kind", "\"zigzag\"", "strands.0.elements.0.kind"),
                Arguments.of("strands.0.elements.0.kind", "\"coil\"", "strands.0.elements.0"),
                Arguments.of("strands.0.elements.0.shiny", "true", "strands.0.elements.0.shiny"),
                Arguments.of("strands.0.elements", "[]", "strands.0.elements"),
                Arguments.of("strands.0.wire.metal", "\"unobtainium\"", "strands.0.wire.metal"),
                Arguments.of("strands.0.wire.section.diameterMm", "0", "strands.0.wire.section.diameterMm"),
                Arguments.of("strands.0.wire.section.shape", "\"star\"", "strands.0.wire.section.shape"),
                Arguments.of("strands.0.order", "[\"nose\"]", "strands.0.order.0"),
                Arguments.of("strands.0.count", "0", "strands.0.count"),
                Arguments.of("strands.0.count", "2.5", "strands.0.count"),
                Arguments.of("work.0.toMm", "3", "work.0.toMm"),
                Arguments.of("work.0.op", "\"melt\"", "work.0.op"),
                Arguments.of("work.0.with", "\"anvil\"", "work.0.with"),
                Arguments.of("format", "\"other\"", "format"),
                Arguments.of("version", "2", "version"),
                Arguments.of("name", "\"\"", "name"),
                Arguments.of("strands", "{}", "strands"),
                Arguments.of("extra", "1", "extra"));
    }

    @ParameterizedTest
    @MethodSource("replacements")
    void badField_isNamedWithPathValueAndLimit(String field, String value, String path) {
        Http.Answer answer = http.post("/api/plans", replaced(field, value));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(answer.paths()).anyMatch(p -> p.startsWith(path));
        answer.json().get("violations").forEach(v -> {
            assertThat(v.get("value").asString()).isNotBlank();
            assertThat(v.get("limit").asString()).isNotBlank();
        });
    }

    private static String replaced(String field, String value) {
        int cut = field.lastIndexOf('.');
        JsonNode tree = Json.MAPPER.readTree(PIECE);
        String holder = cut < 0 ? "" : "/" + field.substring(0, cut).replace('.', '/');
        ((ObjectNode) tree.at(holder)).put(field.substring(cut + 1), "@@");
        return tree.toString().replace("\"@@\"", value);
    }

    @Test
    void severalBadFields_areAnsweredAtOnce() {
        String bad = PIECE.replace("\"insideMm\": 3", "\"insideMm\": -3")
                .replace("\"copper\"", "\"tin\"")
                .replace("\"sweepDeg\": 200", "\"sweepDeg\": 0");

        assertThat(http.post("/api/plans", bad).paths())
                .containsExactlyInAnyOrder(
                        "strands.0.wire.metal", "strands.0.elements.0.insideMm", "strands.0.elements.2.sweepDeg");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''",
                "{",
                "[]",
                "7",
                "null",
                "{\"format\": \"etui-piece\", \"format\": \"etui-piece\"}",
                "{\"name\": NaN}",
                "{} {}"
            })
    void brokenBody_isRefused(String body) {
        Http.Answer answer = http.post("/api/plans", body);

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("violations")).isNotEmpty();
    }

    @Test
    void deepBody_isRefused() {
        assertThat(http.post("/api/plans", "[".repeat(5000)).status()).isEqualTo(400);
    }

    @Test
    void bodyOf2Megabytes_isTooLarge_withAndWithoutALength() {
        String body = "{\"name\": \"" + "x".repeat(2_000_000) + "\"}";
        assertThat(http.post("/api/plans", body).status()).isEqualTo(413);

        Http.Answer chunked = http.send(http.request("/api/plans")
                .header("Content-Type", "application/json")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofInputStream(
                        () -> new java.io.ByteArrayInputStream(body.getBytes(StandardCharsets.UTF_8))))
                .build());
        assertThat(chunked.status()).isEqualTo(413);
        assertThat(chunked.paths()).containsExactly("body");
    }

    @ParameterizedTest
    @CsvSource({
        "/api/gauges?thicknessMm=-1, thicknessMm",
        "/api/gauges?thicknessMm=0, thicknessMm",
        "/api/gauges?thicknessMm=1e9, thicknessMm",
        "/api/gauges?thicknessMm=NaN, thicknessMm",
        "/api/gauges?thicknessMm=thin, thicknessMm"
    })
    void badQuery_isNamed(String path, String name) {
        Http.Answer answer = http.get(path);

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly(name);
    }

    @Test
    void unknownStatesAndUnits_areNamedWithWhatIsAllowed() {
        assertThat(http.post("/api/plans?states=some", PIECE)
                        .json()
                        .at("/violations/0/limit")
                        .asString())
                .isEqualTo("must be one of all, last, none");
        assertThat(http.post("/api/plans?units=furlong", PIECE).paths()).containsExactly("units");
        assertThat(http.post("/api/plans?units=in&states=none", PIECE).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({"/api/nothing", "/api/pieces/none", "/api/pieces/none/sheets/template", "/api/plans/7", "/nothing.html"
    })
    void unknownAddress_isAProblem(String path) {
        Http.Answer answer = http.get(path);

        assertThat(answer.status()).isIn(404, 405);
        assertThat(answer.json().get("status").asInt()).isEqualTo(answer.status());
    }

    /** Who types an address wrong gets the page that says so, not a problem document. */
    @Test
    void unknownView_isThePageThatSaysSo() {
        assertThat(new String(http.get("/nowhere").body(), StandardCharsets.UTF_8))
                .contains("<title>Etui</title>");
        assertThat(http.get("/api").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"GET, /api/plans", "DELETE, /api/plans", "PUT, /api/pieces", "PATCH, /api/metals"})
    void wrongMethod_is405or4xx(String method, String path) {
        Http.Answer answer = http.send(http.request(path)
                .method(method, java.net.http.HttpRequest.BodyPublishers.noBody())
                .build());

        assertThat(answer.status()).isBetween(400, 499);
    }

    @Test
    void bodyThatIsNotJson_isRefused() {
        Http.Answer answer = http.send(http.request("/api/plans")
                .header("Content-Type", "text/plain")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString(PIECE))
                .build());

        assertThat(answer.status()).isEqualTo(415);
    }

    @Test
    void foreignOrigin_isRefused_ownIsNot() {
        Http.Answer foreign = http.send(http.request("/api/metals")
                .header("Origin", "http://example.org")
                .build());
        Http.Answer otherPort = http.send(http.request("/api/metals")
                .header("Origin", "http://127.0.0.1:1")
                .build());
        Http.Answer own = http.send(http.request("/api/metals")
                .header("Origin", "http://127.0.0.1:" + port)
                .build());

        assertThat(foreign.status()).isEqualTo(403);
        assertThat(otherPort.status()).isEqualTo(403);
        assertThat(own.status()).isEqualTo(200);
        assertThat(own.response()
                        .headers()
                        .firstValue("Content-Security-Policy")
                        .orElseThrow())
                .contains("default-src 'self'")
                .doesNotContain("unsafe");
    }

    /** CSP Level 3: the number of a page is in its policy and in what it may make, and is never used again. */
    @Test
    void everyPage_hasAPolicyWithANumberUsedOnce() {
        Set<String> numbers = new HashSet<>();
        for (String address : List.of("/", "/index.html", "/tray", "/pieces/x/shape")) {
            Http.Answer page = http.get(address);
            String policy = page.response()
                    .headers()
                    .firstValue("Content-Security-Policy")
                    .orElseThrow();
            String nonce = policy.replaceFirst(".*style-src 'self' 'nonce-([A-Za-z0-9+/=]{24})'.*", "$1");
            assertThat(policy).doesNotContain("unsafe");
            assertThat(new String(page.body(), StandardCharsets.UTF_8)).contains("nonce=\"" + nonce + "\"");
            assertThat(numbers.add(nonce)).isTrue();
        }
    }

    @Test
    void foreignHost_isRefused() throws java.io.IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write("GET /api/metals HTTP/1.1\r\nHost: example.org\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 403");
        }
    }

    /** Seeded random damage to a good document: whatever comes, the answer is 200 or a problem below 500. */
    @Test
    void randomDocuments_neverProduceA5xx() {
        Random random = new Random(2026);
        int refused = 0;
        for (int i = 0; i < 600; i++) {
            JsonNode tree = Json.MAPPER.readTree(PIECE);
            for (int k = 0; k <= random.nextInt(3); k++) {
                damage(tree, random);
            }
            Http.Answer answer = http.post("/api/plans", tree.toString().replace("\"@inf\"", "1e999"));
            assertThat(answer.status()).as(tree.toString()).isIn(200, 400);
            if (answer.status() == 400) {
                refused++;
                assertThat(answer.json().get("violations")).as(tree.toString()).isNotEmpty();
            }
        }
        assertThat(refused).isBetween(200, 600);
    }

    private static void damage(JsonNode tree, Random random) {
        List<JsonNode> inner = new java.util.ArrayList<>();
        collect(tree, inner);
        JsonNode at = inner.get(random.nextInt(inner.size()));
        JsonNode[] odd = {
            Json.MAPPER.readTree("-1"), Json.MAPPER.readTree("0"), Json.MAPPER.readTree("1e9"),
                    Json.MAPPER.readTree("1e-9"),
            Json.MAPPER.readTree("null"), Json.MAPPER.readTree("\"\""), Json.MAPPER.readTree("\"start\""),
                    Json.MAPPER.readTree("[]"),
            Json.MAPPER.readTree("{}"), Json.MAPPER.readTree("true"), Json.MAPPER.readTree("\"@inf\""),
                    Json.MAPPER.readTree("99999"),
            Json.MAPPER.readTree("\"spiral\""), Json.MAPPER.readTree("[[[1]]]"), Json.MAPPER.readTree("0.3")
        };
        JsonNode value = odd[random.nextInt(odd.length)];
        if (at instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            if (random.nextInt(4) == 0) {
                object.remove(name);
            } else {
                object.set(name, value);
            }
        } else if (at instanceof ArrayNode array && !array.isEmpty()) {
            array.set(random.nextInt(array.size()), value);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> inner) {
        if (node.isContainer()) {
            inner.add(node);
            node.forEach(child -> collect(child, inner));
        }
    }
}
