package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Strips, shades, recesses, pieces that wait for a bath, and records of the maker's own. */
@ServerTest
class ColourApiTest {
    @LocalServerPort
    private int port;

    private Http http() {
        return new Http(port);
    }

    private static String strip(String metal, String more) {
        return """
                {"metal": "%s", "bath": {"form": "gel", "drops": 2, "volumeMl": 118, "temperatureC": 60}, %s}
                """.formatted(metal, more);
    }

    @Test
    void strip_hasLooksFromNothingAndStops() {
        JsonNode strip = http().post("/api/colour/strips", strip("copper", "\"untilS\": 120, \"stepS\": 10"))
                .json();

        assertThat(strip.get("looks")).hasSize(13);
        assertThat(strip.at("/looks/0/tS").asDouble()).isZero();
        assertThat(strip.at("/looks/0/name").asString()).isEqualTo("bright");
        assertThat(strip.at("/looks/12/rgb").asString()).matches("#[0-9a-f]{6}");
        assertThat(strip.get("stops").valueStream().map(s -> s.get("name").asString()))
                .containsExactly("straw", "orange", "red-brown", "purple", "blue", "grey", "black");
        assertThat(strip.get("estimate").asBoolean()).isTrue();
    }

    /** Asked for no time, it is shown whole: the last stop is in it, at every stop the colour of that moment. */
    @Test
    void strip_ofNoTime_isWhole() {
        JsonNode strip = http().post(
                        "/api/colour/strips", strip("copper", "\"untilS\": 60").replace(", \"untilS\": 60", ""))
                .json();
        JsonNode black = strip.at("/stops/6");
        JsonNode last = strip.at("/looks/500");

        assertThat(strip.get("looks")).hasSize(501);
        assertThat(last.get("tS").asDouble())
                .isBetween(
                        1.1 * black.get("tS").asDouble(), 1.2 * black.get("tS").asDouble());
        assertThat(strip.get("looks")
                        .valueStream()
                        .filter(l -> l.get("tS").asDouble()
                                >= strip.at("/stops/2/tS").asDouble())
                        .findFirst()
                        .orElseThrow()
                        .get("name")
                        .asString())
                .isEqualTo(strip.at("/stops/2/look").asString());
    }

    /** Taken out at a stop, a metal has the colour that the strip shows there. */
    @Test
    void finish_ofAStop_isItsColourOnTheStrip() {
        JsonNode strip = http().post("/api/colour/strips", strip("copper", "\"untilS\": 60"))
                .json();
        JsonNode finish = http().post(
                        "/api/colour/finishes",
                        "{\"metal\": \"copper\", \"stopAt\": \"red-brown\", \"polishBack\": 0, \"polishWith\": \"cloth\"}")
                .json();

        assertThat(finish.get("outOfBath").asString())
                .isEqualTo(strip.at("/stops/2/rgb").asString())
                .isNotEqualTo(finish.get("bare").asString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "aluminium | \"untilS\": 60, \"stepS\": 1 | metal",
                "copper | \"untilS\": 86400, \"stepS\": 0.01 | stepS",
                "copper | \"untilS\": 0, \"stepS\": 1 | untilS",
                "lead | \"untilS\": 60, \"stepS\": 1 | metal"
            })
    void strip_thatCannotBe_namesTheField(String metal, String more, String field) {
        Http.Answer refused = http().post("/api/colour/strips", strip(metal, more));

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().at("/violations/0/path").asString()).isEqualTo(field);
    }

    @Test
    void finish_isBrightOnHighPlacesAndDarkInRecesses() {
        JsonNode finish = http().post(
                        "/api/colour/finishes",
                        "{\"metal\": \"copper\", \"filmNm\": 120, \"polishBack\": 1, \"polishWith\": \"steel-wool\"}")
                .json();

        assertThat(finish.at("/polished/0").asString())
                .isEqualTo(finish.get("bare").asString());
        assertThat(finish.at("/polished/20").asString())
                .isEqualTo(finish.get("outOfBath").asString());
    }

    @Test
    void places_haveARecessForEveryPointOfTheDrawing() {
        String piece = Json.MAPPER.writeValueAsString(
                Patterns.find("flat-spiral").orElseThrow().usual());
        JsonNode places = http().post("/api/colour/places", piece).json();
        JsonNode plan = http().post("/api/plans", piece).json();

        assertThat(places.at("/strands/0/recess"))
                .hasSize(plan.at("/strands/0/outline").size());
        assertThat(places.get("surfaceMm2").asDouble())
                .isEqualTo(plan.at("/totals/surfaceMm2").asDouble());
    }

    @Test
    void whatIsPlannedForABath_waitsForIt_andABadOneKeepsNoOtherOut() {
        List<String> names = http().get("/api/bath/pieces")
                .json()
                .valueStream()
                .map(p -> p.get("name").asString())
                .toList();

        assertThat(names)
                .contains("Alder clasp", "Dogrose bracelet", "Sloe stone")
                .doesNotContain("Medlar clasp");
    }

    /** What came out times the next bath, is undone, and a bath that never was is refused. */
    @Test
    void records_timeTheNextBath() {
        Http http = http();
        String ask = strip("jewelers-bronze", "\"untilS\": 60, \"stepS\": 60");
        double general =
                http.post("/api/colour/strips", ask).json().at("/stops/2/tS").asDouble();
        JsonNode kept = http.get("/api/bath").json();
        String record = """
                {"name": "Bramble link", "metal": "jewelers-bronze", "seconds": %s, "filmNm": 15, "day": "2026-05-04",
                 "bath": {"form": "gel", "drops": 2, "volumeMl": 118, "temperatureC": 60}}
                """.formatted(general / 2);
        JsonNode now = http.put(
                        "/api/bath",
                        kept.get("version").asLong(),
                        "{\"records\": [%s, %s, %s]}".formatted(record, record, record))
                .json();
        JsonNode fitted = http.post("/api/colour/strips", ask).json();

        assertThat(now.get("records")).hasSize(3);
        assertThat(fitted.get("records").asInt()).isEqualTo(3);
        assertThat(fitted.at("/stops/2/tS").asDouble()).isBetween(general / 2, 0.8 * general);
        assertThat(fitted.at("/stops/2/generalS").asDouble()).isEqualTo(general);
        http.post("/api/bath/undo", "");
        assertThat(http.post("/api/colour/strips", ask).json().get("records").asInt())
                .isZero();
        Http.Answer refused = http.put(
                "/api/bath",
                kept.get("version").asLong(),
                "{\"records\": [%s]}".formatted(record.replaceFirst("\"seconds\": [0-9.]+", "\"seconds\": -1")));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().at("/violations/0/path").asString()).isEqualTo("records.0.seconds");
    }
}
