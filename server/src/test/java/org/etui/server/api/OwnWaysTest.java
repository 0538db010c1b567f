package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Settings, personal measures, sizes and the guide over HTTP. */
@ServerTest
class OwnWaysTest {
    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void ask() {
        http = new Http(port);
    }

    @Test
    void personalMeasure_countsInEveryLength_andIsUndone() {
        JsonNode kept = http.get("/api/measures").json();
        long version = kept.get("version").asLong();
        String mine = "{\"measures\": [{\"name\": \"Thumb\", \"mm\": 21.5}]}";

        assertThat(http.post("/api/lengths", "{\"text\": \"2 thumbs\"}").paths())
                .containsExactly("measures.thumb");
        assertThat(http.put("/api/measures", version, mine).status()).isEqualTo(200);
        assertThat(http.post("/api/lengths", "{\"text\": \"2 thumbs\"}")
                        .json()
                        .get("mm")
                        .asDouble())
                .isEqualTo(43);
        assertThat(http.post("/api/lengths", "{\"text\": \"thumb\", \"measures\": {\"thumb\": 9}}")
                        .json()
                        .get("mm")
                        .asDouble())
                .isEqualTo(9);
        assertThat(http.put("/api/measures", version, mine).status()).isEqualTo(409);
        http.post("/api/measures/undo", "");
        assertThat(http.get("/api/measures").json().get("measures")).isEqualTo(kept.get("measures"));
    }

    @Test
    void nameThatCannotBeOne_isRefusedByPath() {
        long version = http.get("/api/measures").json().get("version").asLong();
        Http.Answer answer = http.put(
                "/api/measures",
                version,
                "{\"measures\": [{\"name\": \"peg\", \"mm\": 3}, {\"name\": \"inch\", \"mm\": 3}, {\"name\": \"PEG\", \"mm\": 3}]}");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly("measures.1.name", "measures.2.name");
        assertThat(http.put("/api/measures", version, "{\"measures\": [{\"name\": \"peg\", \"mm\": -3}]}")
                        .paths())
                .containsExactly("measures.0.mm");
    }

    @Test
    void school_changesTheWordsOfTheCard() {
        JsonNode kept = http.get("/api/settings").json();
        long version = kept.get("version").asLong();
        String document = http.post("/api/patterns/flat-spiral", "{}").json().toString();
        assertThat(http.post("/api/plans", document).json().toString()).contains("push the wire round it");

        Http.Answer changed = http.put("/api/settings", version, """
                {"units": "in32", "school": {"spiral": "draw"}, "seenHints": ["wire"]}
                """);
        assertThat(changed.json().at("/settings/school/polish").asString()).isEqualTo("to-and-fro");
        assertThat(http.post("/api/plans", document).json().toString())
                .contains("turn the pliers")
                .doesNotContain("push the wire round it");
        assertThat(http.put("/api/settings", version + 1, "{\"units\": \"ells\"}")
                        .paths())
                .containsExactly("units");
        http.post("/api/settings/undo", "");
        assertThat(http.get("/api/settings").json().get("settings")).isEqualTo(kept.get("settings"));
    }

    /** Source: GNU Units: ringsize(7) is 54.209 mm round; common practice: 15 mm of ease for a bracelet. */
    @Test
    void sizes_answerFromAGirth() {
        JsonNode ring = http.post("/api/sizes", "{\"worn\": \"ring\", \"girthMm\": 54.209}")
                .json();
        JsonNode bracelet = http.post("/api/sizes", "{\"worn\": \"bracelet\", \"girthMm\": 170, \"thicknessMm\": 2}")
                .json();

        assertThat(ring.at("/size/rings/0/size").asString()).isEqualTo("7");
        assertThat(ring.at("/size/insideMm").asDouble()).isCloseTo(17.255, within(1e-3));
        assertThat(bracelet.get("easeMm").asDouble()).isEqualTo(15);
        assertThat(bracelet.at("/size/lengthMm").asDouble()).isCloseTo(185 + 2 * Math.PI, within(1e-9));
        assertThat(http.post("/api/sizes", "{\"worn\": \"crown\", \"girthMm\": 0}")
                        .paths())
                .containsExactlyInAnyOrder("worn", "girthMm");
    }

    /** Every formula names its source and how sure it is; estimates are marked. */
    @Test
    void guide_namesItsSources() {
        JsonNode formulas = http.get("/api/formulas").json();

        assertThat(formulas.size()).isGreaterThan(15);
        for (JsonNode formula : formulas) {
            assertThat(formula.get("source").asString()).isNotBlank();
            assertThat(formula.get("sure").asString()).isNotBlank();
            if (formula.get("source").asString().contains("estimate")) {
                assertThat(formula.get("estimate").asBoolean()).isTrue();
            }
        }
        assertThat(http.get("/api/tool-care").json().size()).isGreaterThan(10);
        assertThat(http.get("/api/cautions").json().toString()).contains("sulfide", "heat", "eyes");
    }
}
