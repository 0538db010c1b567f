package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.wire.Wire;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;

/** The rack: tables in and out, entries booked and taken back, cuts planned; what cannot be is refused and nothing is lost. */
@ServerTest
@DirtiesContext
class RackApiTest {
    private static final String HEAD =
            "name,form,metal,temper,finish,shape,gauge,thickness mm,width mm,length mm,mass g,pieces,where,low\n";

    @LocalServerPort
    private int port;

    private Http http() {
        return new Http(port);
    }

    private JsonNode rack() {
        return http().get("/api/rack").json();
    }

    private Http.Answer book(long version, String entry) {
        return http().send(http().request("/api/rack/entries")
                .header("Content-Type", "application/json")
                .header("If-Match", "\"" + version + "\"")
                .POST(HttpRequest.BodyPublishers.ofString(entry))
                .build());
    }

    private JsonNode preview(String csv) {
        return http().post("/api/rack/csv", Json.MAPPER.writeValueAsString(Map.of("text", csv)))
                .json();
    }

    /** Puts up what a table says. */
    private JsonNode put(String csv) {
        JsonNode preview = preview(csv);
        return book(preview.get("version").asLong(), preview.get("entry").toString())
                .json();
    }

    private static JsonNode held(JsonNode rack, String name) {
        for (JsonNode h : rack.get("held")) {
            if (h.at("/stock/name").asString().equals(name)) {
                return h;
            }
        }
        throw new AssertionError(name + " is not on the rack: " + rack.get("held"));
    }

    /** AWG 18 is 1.024 mm (ASTM B258); 100 g of brass of that thickness are about 14.3 m at 8.53 g/cm³. */
    @Test
    void aTable_isShownBeforeItChangesAnything_andComesBackAsItWentIn() {
        String csv = HEAD + "one,spool,brass,dead soft,,,AWG 18,,,,100,,rail,500\n"
                + "two;half,length,brass,half-hard,bare,flat,,1,3,250,,,\"drawer, left\",\n"
                + "pins,parts,,,,,,,,,,12,dish,5\n";
        long before = rack().get("version").asLong();
        JsonNode preview = preview(csv);

        assertThat(rack().get("version").asLong()).isEqualTo(before);
        assertThat(preview.at("/rows/0/does").asString()).startsWith("new: 14");
        assertThat(preview.at("/rows/2/does").asString()).isEqualTo("new: 12 pieces");

        JsonNode rack = book(before, preview.get("entry").toString()).json();
        assertThat(held(rack, "one").get("has").asDouble()).isBetween(14_200.0, 14_450.0);
        assertThat(held(rack, "two;half").at("/stock/where").asString()).isEqualTo("drawer, left");

        String out = new String(http().get("/api/rack/csv").body(), StandardCharsets.UTF_8);
        assertThat(preview(out).get("rows"))
                .allSatisfy(r -> assertThat(r.get("does").asString()).isEqualTo("stays as it is"));
        assertThat(preview(out).has("entry")).isFalse();

        JsonNode less = preview(out.replace("250.0", "200").replace(",12,", ",13,"));
        assertThat(less.get("rows").toString()).contains("50.0 mm less").contains("1 piece more");
    }

    @Test
    void aTableThatCannotBeRead_saysWhichRowAndWhy_andChangesNothing() {
        JsonNode preview = preview(HEAD + "bad gauge,spool,copper,,,,18,,,100,,,,\n"
                + "bad metal,spool,tin foil,,,,,1,,100,,,,\n"
                + "no amount,spool,copper,,,,,1,,,,,,\n"
                + "no form,,copper,,,,,1,,5,,,,\n"
                + "music wire that is soft,spool,music-wire,dead-soft,,,,1,,5,,,,\n");
        assertThat(preview.has("entry")).isFalse();
        assertThat(preview.at("/rows/0/bad").asString()).contains("gauge").contains("AWG, SWG");
        assertThat(preview.at("/rows/1/bad").asString()).contains("tin-foil");
        assertThat(preview.at("/rows/2/bad").asString()).contains("length mm").contains("mass g");
        assertThat(preview.at("/rows/3/bad").asString()).contains("form");
        assertThat(preview.at("/rows/4/bad").asString()).contains("temper");

        Http.Answer none = http().post("/api/rack/csv", "{\"text\": \"a,b\\n1,2\\n\"}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.paths()).containsExactly("text");
    }

    @Test
    void twoWindowsThatCutFromOneSpool_oneIsTold() {
        JsonNode rack = put(HEAD + "shared,spool,copper,,,,,0.8,,1000,,,,\n");
        String id = held(rack, "shared").at("/stock/id").asString();
        long version = rack.get("version").asLong();
        String cut = """
                {"what": "cut", "lines": [{"stock": "%s", "by": -600}]}
                """.formatted(id);

        assertThat(book(version, cut).status()).isEqualTo(200);
        Http.Answer second = book(version, cut);

        assertThat(second.status()).isEqualTo(409);
        assertThat(second.json().get("detail").asString()).contains("rack has changed");
        Http.Answer third = book(version + 1, cut);
        assertThat(third.status()).isEqualTo(400);
        assertThat(third.paths()).containsExactly("lines.0.by");
        assertThat(held(rack(), "shared").get("has").asDouble()).isEqualTo(400);
    }

    @Test
    void aPiece_isCutFromTheRack_andTheCutCanBeTakenBack() {
        String piece = http().post(
                        "/api/pieces",
                        Json.MAPPER.writeValueAsString(Patterns.find("hook-clasp")
                                .orElseThrow()
                                .make(
                                        Map.of(),
                                        Optional.of(Wire.ofRound(Metal.GOLD_14K, Temper.HALF_HARD, 1.2)),
                                        Optional.empty())))
                .json()
                .get("id")
                .asString();
        String question = "{\"pieces\": [\"" + piece + "\"]}";
        JsonNode without = http().post("/api/rack/cut-plans", question).json();
        assertThat(without.get("missing")).as(without.toString()).hasSize(1);
        JsonNode missing = without.at("/missing/0");
        assertThat(missing.get("wires").asInt()).isEqualTo(1);
        assertThat(without.has("entry")).isFalse();

        double thick = missing.at("/wire/section/diameterMm").asDouble();
        String metal = missing.at("/wire/metal").asString();
        String temper = missing.at("/wire/temper").asString();
        JsonNode rack =
                put(HEAD + "for the clasp,length," + metal + "," + temper + ",,," + "," + thick + ",,400,,,,\n");
        JsonNode plan = http().post("/api/rack/cut-plans", question).json();
        assertThat(plan.get("missing")).isEmpty();
        assertThat(plan.at("/sure/proven").asBoolean()).isTrue();
        double cut = plan.at("/bars/0/cuts/0/lengthMm").asDouble();

        JsonNode after = book(
                        plan.get("rackVersion").asLong(), plan.get("entry").toString())
                .json();
        JsonNode rest = held(after, "for the clasp");
        assertThat(rest.get("has").asDouble()).isEqualTo(400 - cut - 3);
        assertThat(rest.at("/stock/form").asString()).isEqualTo("off-cut");

        JsonNode back = book(
                        after.get("version").asLong(),
                        "{\"what\": \"undone\", \"undoes\": "
                                + after.get("version").asLong() + "}")
                .json();
        assertThat(held(back, "for the clasp")).isEqualTo(held(rack, "for the clasp"));

        Http.Answer sheet = http().get("/api/rack/cutting-sheet?pieces=" + piece);
        assertThat(sheet.status()).isEqualTo(200);
        assertThat(new String(sheet.body(), 0, 4, StandardCharsets.US_ASCII)).isEqualTo("%PDF");
    }

    @Test
    void questionsThatNameNothing_areRefused() {
        assertThat(http().post("/api/rack/cut-plans", "{}").paths()).containsExactly("pieces");
        assertThat(http().post("/api/rack/cut-plans", "{\"pieces\": [\"none\"]}")
                        .status())
                .isEqualTo(404);
        assertThat(http().post("/api/rack/cut-plans", "{\"jobs\": [\"none\"]}").status())
                .isEqualTo(404);
        assertThat(http().post("/api/rack/entries", "{\"what\": \"described\"}").paths())
                .containsExactly("If-Match");
        assertThat(http().get("/api/rack/cutting-sheet?pieces=none&nipMm=-1").paths())
                .containsExactly("nipMm");
        assertThat(http().get("/api/rack/cutting-sheet?pieces=none&usefulMm=1e9")
                        .paths())
                .containsExactly("usefulMm");
    }
}
