package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What is asked at the bench: other wire, moments, pulls, pairs, a measured hook, the calliper, prices; bad questions by path. */
@ServerTest
class BenchApiTest {
    private static final String CLASP = Json.MAPPER.writeValueAsString(
            Patterns.find("hook-clasp").orElseThrow().usual());

    @LocalServerPort
    private int port;

    private Http http() {
        return new Http(port);
    }

    @Test
    void remake_followsThePattern_orChangesTheWire() {
        JsonNode wider = http().post("/api/remakes", """
                        {"piece": %s, "measures": {"hookInsideMm": 9}}
                        """.formatted(CLASP)).json();
        JsonNode brass = http().post("/api/remakes", """
                        {"piece": %s, "strand": 0,
                         "wire": {"metal": "brass", "section": {"shape": "round", "diameterMm": 1.5}}}
                        """.formatted(CLASP)).json();

        assertThat(wider.at("/strands/0/elements/2/insideMm").asDouble()).isEqualTo(9);
        assertThat(wider.at("/source/parameters/hookInsideMm").asDouble()).isEqualTo(9);
        assertThat(brass.at("/strands/0/wire/metal").asString()).isEqualTo("brass");
        assertThat(brass.at("/source/detached").asBoolean()).isFalse();
    }

    @Test
    void moment_withoutAState_isTheFinishedStrand() {
        JsonNode plan = http().post("/api/plans", CLASP).json().at("/strands/0");
        JsonNode last = http().post("/api/moments", "{\"piece\": %s, \"strand\": \"hook\"}".formatted(CLASP))
                .json();
        JsonNode cut = http().post(
                        "/api/moments", "{\"piece\": %s, \"strand\": \"hook\", \"state\": 0}".formatted(CLASP))
                .json();

        assertThat(last).isEqualTo(plan);
        assertThat(cut.at("/states/0/operation").asString()).isEqualTo("cut");
        assertThat(cut.at("/states/0/lengthMm").asDouble())
                .isEqualTo(plan.at("/cutLengthMm").asDouble());
    }

    @Test
    void tempersAndInstruments_answer() {
        JsonNode tempers = http().get("/api/tempers").json();
        JsonNode read = http().post("/api/readings", "{\"from\": \"calliper\", \"about\": 1.3}")
                .json();
        JsonNode mass = http().post("/api/readings", "{\"from\": \"scale\", \"about\": 4}")
                .json();
        JsonNode bath = http().post("/api/readings", "{\"from\": \"thermometer\", \"about\": 60}")
                .json();

        assertThat(tempers).hasSize(6);
        // ASTM B134: half hard is 37.1 % off the area, ln(1/(1 − 0.371)) = 0.464.
        assertThat(tempers.at("/2/strain").asDouble()).isBetween(0.46, 0.468);
        assertThat(read.at("/value").asDouble()).isBetween(1.1, 1.5);
        assertThat(mass.at("/value").asDouble()).isBetween(3.7, 4.3);
        assertThat(bath.at("/value").asDouble()).isBetween(52.0, 68.0);
        assertThat(bath.at("/from").asString()).isEqualTo("simulated thermometer");
        assertThat(read.at("/from").asString()).contains("simulated");
    }

    /** Prices are kept, change what a field says, and are brought back by undo. */
    @Test
    void prices_areKept_andChangeTheField() {
        JsonNode before = http().get("/api/prices").json();
        String one = "{\"currency\": \"crowns\", \"metals\": [{\"metal\": \"copper\", \"perG\": 2}]}";
        Http.Answer kept = http().put("/api/prices", before.at("/version").asLong(), one);
        JsonNode cell = http().post("/api/fields", """
                        {"piece": %s, "gauges": [{"thicknessMm": 1.29}], "tempers": ["dead-soft"]}
                        """.formatted(CLASP)).json().at("/cells/0");

        assertThat(kept.status()).isEqualTo(200);
        assertThat(cell.at("/price").asDouble()).isEqualTo(2 * cell.at("/massG").asDouble());
        assertThat(http().put("/api/prices", before.at("/version").asLong(), one.replace("2", "3"))
                        .status())
                .isEqualTo(409);
        assertThat(http().put("/api/prices", 99, one.replace("}]", "}, {\"metal\": \"copper\", \"perG\": 1}]"))
                        .paths())
                .containsExactly("metals.1.metal");
        assertThat(http().post("/api/prices/undo", "").json().at("/prices")).isEqualTo(before.at("/prices"));
        assertThat(http().post("/api/prices/redo", "")
                        .json()
                        .at("/prices/currency")
                        .asString())
                .isEqualTo("crowns");
        http().post("/api/prices/undo", "");
    }

    /** Bad questions are refused with 400 and the path, never with a failure of the server. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/remakes | {'piece': PIECE, 'measures': {'hookInsideMm': -4}} | hookInsideMm",
                "/api/remakes | {'piece': PIECE, 'measures': {'wings': 2}} | wings",
                "/api/remakes | {'piece': PIECE, 'strand': 7} | strand",
                "/api/moments | {'piece': PIECE, 'strand': 'ghost'} | strand",
                "/api/moments | {'piece': PIECE, 'strand': 'hook', 'state': 77} | state",
                "/api/moments | {'piece': PIECE, 'strand': 'hook', 'state': -1} | state",
                "/api/thinnings | {'piece': PIECE, 'strand': 'hook', 'element': 'gill'} | element",
                "/api/thinnings | {'piece': PIECE, 'strand': 'hook', 'element': 'run', 'with': 'spoon'} | with",
                "/api/pairs | {'piece': PIECE, 'first': {'outsideMm': 9, 'lengthMm': 9, 'thicknessMm': 0},"
                        + " 'second': {'outsideMm': 9, 'lengthMm': 9, 'thicknessMm': 1}} | first",
                "/api/pairs | {'piece': PIECE, 'first': {'outsideMm': 9, 'lengthMm': 9}} | second",
                "/api/measured-hooks | {'wire': {'metal': 'copper', 'section': {'shape': 'round', 'diameterMm': 1}},"
                        + " 'insideMm': 0, 'fails': 'opens'} | insideMm",
                "/api/measured-hooks | {'wire': {'metal': 'copper', 'section': {'shape': 'round', 'diameterMm': 1}},"
                        + " 'insideMm': 5, 'fails': 'sings'} | fails",
                "/api/readings | {'from': 'calliper', 'about': 0} | about",
                "/api/readings | {'from': 'nose', 'about': 1} | from",
                "/api/fields | {'piece': PIECE, 'gauges': [{'thicknessMm': 1}], 'tempers': ['hard'], 'strand': 4} | strand"
            })
    void badQuestion_isRefusedByPath(String path, String body, String where) {
        Http.Answer answer = http().post(path, body.replace('\'', '"').replace("PIECE", CLASP));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).anyMatch(p -> p.contains(where));
    }

    /** A wire of every thickness and a hook of every size answers, or says in words why not. */
    @Test
    void measuredHook_ofAnySize_isAnsweredOrRefusedInWords() {
        for (double mm : List.of(0.05, 0.3, 1.0, 3.3, 8.0, 20.0)) {
            for (double inside : List.of(0.4, 2.0, 7.0, 25.0, 60.0)) {
                Http.Answer answer = http().post("/api/measured-hooks", String.format(Locale.ROOT, """
                                {"wire": {"metal": "brass", "section": {"shape": "round", "diameterMm": %s}},
                                 "insideMm": %s, "fails": "opens"}
                                """, mm, inside));
                assertThat(answer.status()).as("%s %s", mm, inside).isIn(200, 400);
                assertThat(answer.status() == 200 || !answer.paths().isEmpty()).isTrue();
            }
        }
    }
}
