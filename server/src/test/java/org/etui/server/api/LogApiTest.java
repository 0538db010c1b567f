package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The log over the wire: written down, taken back, learnt from, found in the daybook. */
@ServerTest
@DirtiesContext
class LogApiTest {
    @LocalServerPort
    private int port;

    private Http http;
    private String piece;

    @BeforeEach
    void aPieceOfItsOwn() {
        http = new Http(port);
        ObjectNode hook = Json.MAPPER.valueToTree(
                Patterns.find("s-hook").orElseThrow().usual().withName("Logged hook"));
        ((ObjectNode) hook.get("strands").get(0).get("allowance")).put("policy", "learnt");
        piece = http.post("/api/pieces", hook.toString()).json().get("id").asString();
    }

    private Http.Answer log(String facts) {
        return http.post("/api/log/" + piece, "{\"facts\":[" + facts + "]}");
    }

    private JsonNode first(String what) {
        for (JsonNode each : http.get("/api/log/" + piece).json().get("measurable")) {
            if (each.get("what").asString().equals(what)) {
                return each;
            }
        }
        throw new IllegalStateException("no " + what);
    }

    private double cutMm() {
        JsonNode document = http.get("/api/pieces/" + piece).json().get("document");
        return http.post("/api/plans", document.toString())
                .json()
                .get("strands")
                .get(0)
                .get("cutLengthMm")
                .asDouble();
    }

    @Test
    void whatElementsTook_makesTheNextPlanLonger_untilItIsTakenBack() {
        JsonNode used = first("used");
        double planned = used.get("planned").asDouble();
        double before = cutMm();
        String fact = "{\"what\":\"used\",\"about\":\"" + used.get("about").asString() + "\",\"actual\":"
                + planned * 1.15 + "}";
        String more = String.join(",", java.util.Collections.nCopies(8, fact));
        JsonNode answer = log(more).json();
        assertThat(answer.get("facts")).hasSize(8);
        // 15 % is far out of what hands differ by, but all records say so: none is left out
        assertThat(answer.get("learnt").get(0).get("records").asInt()).isEqualTo(8);
        assertThat(answer.get("learnt").get(0).get("factor").asDouble()).isCloseTo(1 + 0.15 * 8 / 9, within(1e-6));
        assertThat(cutMm()).isGreaterThan(before + 0.1 * planned);

        for (JsonNode page : answer.get("facts")) {
            http.send(http.request(
                            "/api/log/" + piece + "/facts/" + page.get("number").asLong())
                    .DELETE()
                    .build());
        }
        assertThat(cutMm()).isEqualTo(before);
        long number = answer.get("facts").get(0).get("number").asLong();
        JsonNode kept = http.send(http.request("/api/log/" + piece + "/facts/" + number + "/keep")
                        .POST(HttpRequest.BodyPublishers.noBody())
                        .build())
                .json();
        assertThat(kept.get("facts")).hasSize(1);
    }

    @Test
    void whatIsLeftOver_countsTheWireAsItWasReallyCut() {
        JsonNode left = first("left-over");
        JsonNode cut = first("cut");
        String about = cut.get("about").asString();
        JsonNode answer = log("{\"what\":\"cut\",\"about\":\"" + about + "\",\"actual\":"
                        + (cut.get("planned").asDouble() + 5) + "},{\"what\":\"left-over\",\"about\":\"" + about
                        + "\",\"actual\":4}")
                .json();
        assertThat(answer.get("facts").get(1).get("fact").get("planned").asDouble())
                .isCloseTo(left.get("planned").asDouble() + 5, within(1e-9));
    }

    @Test
    void badFacts_nameFieldAndLimit_andNothingIsKept() {
        Http.Answer none = log("{\"what\":\"hold\",\"about\":\"nowhere\",\"actual\":-3},{\"what\":\"note\"}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.json().toString())
                .contains("facts.0.actual", "facts.0.about", "facts.0.outcome", "facts.1.note");
        assertThat(http.get("/api/log/" + piece).json().get("facts")).isEmpty();
        assertThat(http.get("/api/log/nobody").status()).isEqualTo(404);
    }

    @Test
    void theDaybook_findsIt_countsWhatWentWrong_andWritesItAsATable() {
        log("{\"what\":\"breakage\",\"about\":\"" + first("used").get("about").asString()
                + "\",\"note\":\"cracked at the crutch\",\"helped\":\"annealed first\"}");
        JsonNode found = http.get("/api/daybook?search=crutch").json();
        assertThat(found.get("facts").asInt()).isEqualTo(1);
        assertThat(found.get("days").get(0).get("made").get(0).get("name").asString())
                .isEqualTo("Logged hook");
        assertThat(http.get("/api/daybook?search=nothing%20of%20the%20kind")
                        .json()
                        .get("days"))
                .isEmpty();
        assertThat(http.get("/api/daybook/lessons").json().get("wrongs").toString())
                .contains("cracked at the crutch", "annealed first");
        assertThat(new String(http.get("/api/daybook/csv").body(), StandardCharsets.UTF_8))
                .contains("cracked at the crutch")
                .startsWith("day,made,of,what,planned");
    }

    @Test
    void aShade_isWrittenDownByItsName_besideTheOneThatWasPlanned() {
        ObjectNode hook = Json.MAPPER.valueToTree(
                Patterns.find("s-hook").orElseThrow().usual().withName("Dark hook"));
        hook.set("colour", Json.MAPPER.readTree("{\"bath\": \"gel\", \"stopAt\": \"purple\"}"));
        piece = http.post("/api/pieces", hook.toString()).json().get("id").asString();
        JsonNode shade = first("shade");
        assertThat(shade.get("word").asString()).isEqualTo("purple");
        double blue = 0;
        for (JsonNode choice : shade.get("choices")) {
            blue = choice.get("name").asString().equals("blue")
                    ? choice.get("filmNm").asDouble()
                    : blue;
        }
        String about = shade.get("about").asString();
        JsonNode fact = log("{\"what\":\"shade\",\"about\":\"" + about + "\",\"actual\":" + blue + "}")
                .json()
                .at("/facts/0/fact");
        assertThat(fact.get("word").asString()).isEqualTo("blue");
        assertThat(fact.get("planned").asDouble())
                .isEqualTo(shade.get("planned").asDouble());
        assertThat(log("{\"what\":\"ring\",\"about\":\"\",\"actual\":17.3}").paths())
                .as("a hook has no ring size")
                .containsExactly("facts.0.about");
    }
}
