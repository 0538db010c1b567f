package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ServerTest
class PiecesTest {
    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void connect() {
        http = new Http(port);
    }

    private static String document(String name) {
        return Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName(name));
    }

    private JsonNode create(String name) {
        Http.Answer answer = http.post("/api/pieces", document(name));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.response().headers().firstValue("ETag")).hasValue("\"1\"");
        return answer.json();
    }

    @Test
    void demoFolder_holdsTheHedgerowSet() {
        await().atMost(Duration.ofMinutes(1))
                .until(() -> http.get("/api/pieces")
                        .json()
                        .valueStream()
                        .noneMatch(p -> p.get("waiting").asBoolean()));
        JsonNode tray = http.get("/api/pieces").json();

        assertThat(tray.size()).isGreaterThanOrEqualTo(6);
        assertThat(tray.get(0).get("name").asString()).isEqualTo("Quince bangle");
        tray.forEach(p -> {
            assertThat(p.at("/drawing/0/outline")).isNotEmpty();
            assertThat(p.get("cutMm").asDouble()).isPositive();
        });
    }

    @Test
    void undoAndRedo_goThroughEveryKeptChange() {
        String id = create("First").get("id").asString();
        http.put("/api/pieces/" + id, 1, document("Second"));
        http.put("/api/pieces/" + id, 2, document("Third"));

        assertThat(name(http.post("/api/pieces/" + id + "/undo", ""))).isEqualTo("Second");
        assertThat(name(http.post("/api/pieces/" + id + "/undo", ""))).isEqualTo("First");
        Http.Answer end = http.post("/api/pieces/" + id + "/undo", "");
        assertThat(name(end)).isEqualTo("First");
        assertThat(end.json().get("canUndo").asBoolean()).isFalse();
        assertThat(name(http.post("/api/pieces/" + id + "/redo", ""))).isEqualTo("Second");
        assertThat(name(http.post("/api/pieces/" + id + "/redo", ""))).isEqualTo("Third");
        Http.Answer last = http.post("/api/pieces/" + id + "/redo", "");
        assertThat(last.json().get("canRedo").asBoolean()).isFalse();
        assertThat(last.json().get("version").asLong()).isEqualTo(7);
    }

    @Test
    void redo_goesToTheNewestChild_andTheOldBranchIsKept() {
        String id = create("Trunk").get("id").asString();
        http.put("/api/pieces/" + id, 1, document("Old branch"));
        http.post("/api/pieces/" + id + "/undo", "");
        http.put("/api/pieces/" + id, 3, document("New branch"));
        http.post("/api/pieces/" + id + "/undo", "");

        assertThat(name(http.post("/api/pieces/" + id + "/redo", ""))).isEqualTo("New branch");
    }

    private static String name(Http.Answer answer) {
        assertThat(answer.status()).isEqualTo(200);
        return answer.json().at("/document/name").asString();
    }

    @Test
    void staleVersion_is409WithBothDocuments_andNothingIsLost() {
        String id = create("Base").get("id").asString();
        assertThat(http.put("/api/pieces/" + id, 1, document("Mine")).status()).isEqualTo(200);

        Http.Answer stale = http.put("/api/pieces/" + id, 1, document("Yours"));

        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/standing/document/name").asString()).isEqualTo("Mine");
        assertThat(stale.json().at("/standing/version").asLong()).isEqualTo(2);
        assertThat(stale.json().at("/yours/name").asString()).isEqualTo("Yours");
        assertThat(name(http.get("/api/pieces/" + id))).isEqualTo("Mine");
    }

    @Test
    void missingOrOddVersion_isRefused() {
        String id = create("Base").get("id").asString();
        Http.Answer missing = http.send(http.request("/api/pieces/" + id)
                .header("Content-Type", "application/json")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString(document("X")))
                .build());
        Http.Answer odd = http.send(http.request("/api/pieces/" + id)
                .header("Content-Type", "application/json")
                .header("If-Match", "latest")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString(document("X")))
                .build());

        assertThat(missing.status()).isEqualTo(400);
        assertThat(missing.paths()).containsExactly("If-Match");
        assertThat(odd.status()).isEqualTo(400);
    }

    @Test
    void sameDocumentAgain_isNoNewRevision() {
        String id = create("Same").get("id").asString();

        assertThat(http.put("/api/pieces/" + id, 1, document("Same"))
                        .json()
                        .get("version")
                        .asLong())
                .isEqualTo(1);
    }

    @Test
    void badDocument_isNotKept() {
        String id = create("Good").get("id").asString();
        ObjectNode bad = (ObjectNode) Json.MAPPER.readTree(document("Bad"));
        ((ObjectNode) bad.at("/strands/0")).putArray("order").add("nothing");

        assertThat(http.put("/api/pieces/" + id, 1, bad.toString()).paths()).containsExactly("strands.0.order.0");
        assertThat(name(http.get("/api/pieces/" + id))).isEqualTo("Good");
    }

    @Test
    void deletedPiece_leavesTheTrayAndComesBack() {
        String id = create("Gone").get("id").asString();

        assertThat(http.send(http.request("/api/pieces/" + id).DELETE().build()).status())
                .isEqualTo(204);
        assertThat(http.get("/api/pieces/" + id).status()).isEqualTo(404);
        assertThat(http.get("/api/pieces").json().toString()).doesNotContain(id);
        assertThat(http.put("/api/pieces/" + id, 2, document("X")).status()).isEqualTo(404);
        assertThat(name(http.post("/api/pieces/" + id + "/undelete", ""))).isEqualTo("Gone");
        assertThat(http.post("/api/pieces/none/undelete", "").status()).isEqualTo(404);
    }

    @Test
    void duplicate_isItsOwnPiece() {
        String id = create("One").get("id").asString();
        JsonNode copy = http.post("/api/pieces/" + id + "/duplicate", "").json();

        assertThat(copy.at("/document/name").asString()).isEqualTo("One, copy");
        assertThat(copy.get("id").asString()).isNotEqualTo(id);
    }

    @Test
    void exportedDocument_importedAgain_isEqual() {
        String id = create("Travels").get("id").asString();
        Http.Answer file = http.get("/api/pieces/" + id + "/export");

        assertThat(file.response().headers().firstValue("Content-Disposition").orElseThrow())
                .contains("Travels.etui.json");
        JsonNode again = http.post("/api/pieces", new String(file.body(), StandardCharsets.UTF_8))
                .json();
        assertThat(again.get("document")).isEqualTo(file.json());
    }

    @ParameterizedTest
    @CsvSource({"s-hook, 7", "hook-clasp, 5", "hook-and-eye-bangle, 8"})
    void pattern_givesABarePiece(String name, int elements) {
        Http.Answer answer = http.post("/api/patterns/" + name, "{}");

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().at("/strands/0/elements").size()).isEqualTo(elements);
        assertThat(answer.json().at("/source/pattern").asString()).isEqualTo(name);
    }

    @Test
    void pattern_takesWireAndPurpose_andRefusesWhatItDoesNotKnow() {
        String wire = "{\"metal\": \"brass\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1.5}}";
        Http.Answer made = http.post(
                "/api/patterns/s-hook", "{\"hookInsideMm\": 8, \"purpose\": \"link\", \"wire\": " + wire + "}");
        Http.Answer refused =
                http.post("/api/patterns/s-hook", "{\"hookInsideMm\": 8, \"purpose\": \"boat\", \"wire\": {}}");

        assertThat(made.json().at("/strands/0/wire/metal").asString()).isEqualTo("brass");
        assertThat(made.json().at("/source/parameters/hookInsideMm").asDouble()).isEqualTo(8);
        assertThat(made.json().get("purpose").asString()).isEqualTo("link");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.paths()).contains("purpose", "wire.metal", "wire.section");
        assertThat(http.post("/api/patterns/knot", "{}").paths()).containsExactly("name");
    }

    @Test
    void tables_sayWhatTheyKnow() {
        assertThat(http.get("/api/metals").json()).hasSize(12);
        JsonNode near = http.get("/api/gauges?thicknessMm=0.8").json().get("nearest");
        assertThat(near).hasSize(3);
        assertThat(near.get(0).get("number").asString()).isEqualTo("20");
        assertThat(http.get("/api/gauges").json().get("all").size()).isGreaterThan(90);
        assertThat(http.get("/api/schema/piece").json().get("$ref").asString()).isEqualTo("#/$defs/Piece");
    }

    @Test
    void length_isReadByTheOneParser() {
        assertThat(http.post("/api/lengths", "{\"text\": \"2 1/2\", \"unit\": \"in\"}")
                        .json()
                        .get("mm")
                        .asDouble())
                .isCloseTo(63.5, within(1e-9));
        assertThat(http.post("/api/lengths", "{\"text\": \"2 fingers\", \"measures\": {\"finger\": 17}}")
                        .json()
                        .get("mm")
                        .asDouble())
                .isEqualTo(34);
        assertThat(http.post("/api/lengths", "{\"text\": \"\"}").status()).isEqualTo(400);
    }

    /** Source of the size: finite-element run, CalculiX 2.20, 1.63 mm copper bent to 10.8 frees to 11.054. */
    @Test
    void springback_isAnsweredBothWays() {
        String wire = "{\"wire\": {\"metal\": \"copper\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1.63}}, ";

        JsonNode there =
                http.post("/api/springback", wire + "\"toolInsideMm\": 19.97}").json();
        double free = there.get("freeInsideMm").asDouble();
        assertThat(free).isCloseTo(2 * 11.054 - 1.63, within(0.1));
        assertThat(there.get("formedBy").asString()).isEqualTo("fingers");
        assertThat(there.get("rings")).hasSize(3);

        JsonNode back = http.post("/api/springback", wire + "\"freeInsideMm\": " + free + "}")
                .json();
        assertThat(back.get("toolInsideMm").asDouble()).isCloseTo(19.97, within(1e-3));
    }

    @Test
    void springback_ofNeitherOrBothSizes_isRefused() {
        String wire = "{\"wire\": {\"metal\": \"copper\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1.63}}";

        JsonNode neither = http.post("/api/springback", wire + "}").json();
        assertThat(neither.at("/violations/0/path").asString()).isEqualTo("toolInsideMm");
        JsonNode both = http.post("/api/springback", wire + ", \"toolInsideMm\": 5, \"freeInsideMm\": 5}")
                .json();
        assertThat(both.get("status").asInt()).isEqualTo(400);
        assertThat(both.at("/violations/0/limit").asString()).contains("exactly one");
        assertThat(http.post("/api/springback", wire + ", \"toolInsideMm\": -1}")
                        .status())
                .isEqualTo(400);
    }

    /** What a wire at hand makes of a pattern; a length that is none is refused by name, a pattern that is none too. */
    @Test
    void wireAtHand_saysWhatItMakes() {
        String wire =
                "{\"metal\": \"copper\", \"temper\": \"dead-soft\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1}}";
        String asked = "{\"wireMm\": 120, \"wire\": " + wire + "}";
        JsonNode rings = http.post("/api/patterns/jump-rings/making", asked).json();
        JsonNode bangle =
                http.post("/api/patterns/hook-and-eye-bangle/making", asked).json();
        Http.Answer none = http.post("/api/patterns/jump-rings/making", asked.replace("120", "0"));
        Http.Answer unknown = http.post("/api/patterns/boat/making", asked);

        assertThat(rings.get("most").asDouble()).isGreaterThanOrEqualTo(1);
        assertThat(rings.has("lacksMm")).isFalse();
        assertThat(bangle.get("lacksMm").asDouble()).isPositive();
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.json().at("/violations/0/path").asString()).isEqualTo("wireMm");
        assertThat(unknown.json().at("/violations/0/path").asString()).isEqualTo("name");
    }
}
