package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Fields, springback on owned tools, reasons, and the tools themselves. */
@ServerTest
class StrengthApiTest {
    private static final String HOOK = """
            {"format": "etui-piece", "version": 1, "name": "Hop", "purpose": "necklace-closure",
             "strands": [{"wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": 1.25}},
                          "elements": [{"kind": "straight", "id": "run", "lengthMm": 20},
                                       {"kind": "arc", "id": "bend", "insideMm": 7, "sweepDeg": 200}]}]}
            """;

    @LocalServerPort
    private int port;

    private Http http() {
        return new Http(port);
    }

    @Test
    void plan_carriesTheReadOutsOfStrength() {
        JsonNode bend = http().post("/api/plans?states=all", HOOK).json().at("/strands/0/elements/1");

        assertThat(bend.at("/holdN").asDouble()).isBetween(8.5, 10.0);
        assertThat(bend.at("/startsToGiveN").asDouble()).isBetween(5.0, 7.0);
        assertThat(bend.at("/wantsN").asDouble()).isEqualTo(10);
        assertThat(bend.at("/formedBy").asString()).isEqualTo("fingers");
        assertThat(bend.at("/temperNow").asString()).isEqualTo("dead-soft");
        assertThat(bend.at("/strain").asDouble()).isBetween(0.05, 0.1);
        assertThat(bend.at("/hardnessHv").asDouble()).isBetween(50.0, 80.0);
        assertThat(bend.at("/toolMomentNmm").asDouble()).isBetween(40.0, 60.0);
        assertThat(bend.at("/tool/owned/sizeMm").asDouble()).isEqualTo(7);
        assertThat(bend.at("/tool/comesToMm").asDouble()).isGreaterThan(7);
    }

    @Test
    void field_hasACellForEveryGaugeAndTemper() {
        String question = """
                {"piece": %s, "gauges": [{"thicknessMm": 0.8}, {"thicknessMm": 1.63}],
                 "tempers": ["dead-soft", "half-hard"], "metal": "brass"}
                """.formatted(HOOK);
        JsonNode field = http().post("/api/fields", question).json();

        assertThat(field.at("/metal").asString()).isEqualTo("brass");
        assertThat(field.at("/cells")).hasSize(4);
        assertThat(field.at("/cells/0/holds").asBoolean()).isFalse();
        assertThat(field.at("/cells/0/holdsAt").asString()).isEqualTo("strands.0.elements.1");
        assertThat(field.at("/cells/3/holds").asBoolean()).isTrue();
        assertThat(field.at("/cells/3/temper").asString()).isEqualTo("half-hard");
        assertThat(field.at("/cells/3/holdN").asDouble())
                .isGreaterThan(field.at("/cells/2/holdN").asDouble());
    }

    @Test
    void badField_isRefusedByPath() {
        String question = "{\"piece\": %s, \"gauges\": [], \"tempers\": [\"soft\"]}".formatted(HOOK);
        Http.Answer answer = http().post("/api/fields", question);

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).contains("gauges", "tempers.0");
    }

    @Test
    void springback_namesTheNearestToolOwned() {
        JsonNode answer = http().post("/api/springback", """
                        {"wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": 1.63}}, "freeInsideMm": 20}
                        """).json();

        assertThat(answer.at("/owned/kind").asString()).isEqualTo("mandrel");
        assertThat(answer.at("/ownedComesToMm").asDouble())
                .isGreaterThan(answer.at("/owned/sizeMm").asDouble());
    }

    @Test
    void reasons_nameFormulaAndSource() {
        JsonNode reasons = http().get("/api/reasons").json();

        assertThat(reasons).hasSizeGreaterThan(9);
        reasons.forEach(r -> {
            assertThat(r.at("/formula").asString()).isNotBlank();
            assertThat(r.at("/source").asString()).isNotBlank();
            assertThat(r.at("/sure").asString()).isNotBlank();
        });
    }

    /** The tools change what plans say; undo brings them back; who started from an old version is told. */
    @Test
    void tools_areKept_andChangeThePlan() {
        JsonNode before = http().get("/api/tools").json();
        long version = before.at("/version").asLong();
        String one = "{\"tools\": [{\"id\": \"peg\", \"kind\": \"mandrel\", \"name\": \"oak peg\", \"sizeMm\": 6.4}]}";

        Http.Answer kept = http().put("/api/tools", version, one);
        JsonNode tool = http().post("/api/plans", HOOK).json().at("/strands/0/elements/1/tool");
        Http.Answer stale = http().put("/api/tools", version, one.replace("6.4", "6.5"));
        Http.Answer twice = http().put("/api/tools", 99, one.replace("]", ", " + one.substring(11)));
        JsonNode undone = http().post("/api/tools/undo", "").json();

        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.json().at("/canUndo").asBoolean()).isTrue();
        assertThat(tool.at("/owned/name").asString()).isEqualTo("oak peg");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(twice.status()).isEqualTo(400);
        assertThat(undone.at("/tools")).isEqualTo(before.at("/tools"));
        assertThat(http().post("/api/tools/redo", "").json().at("/tools")).hasSize(1);
        assertThat(http().post("/api/tools/undo", "").json().at("/canRedo").asBoolean())
                .isTrue();
    }

    @Test
    void badTools_areRefusedByPath() {
        Http.Answer answer =
                http().put("/api/tools", 1, "{\"tools\": [{\"id\": \"a\", \"kind\": \"spoon\", \"sizeMm\": -1}]}");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).contains("tools.0.kind", "tools.0.sizeMm");
    }

    /** Stones are kept with how they look and about what they weigh; a bead, which is round about its hole, belongs with the findings. */
    @Test
    void stones_areKept_drawnAndWeighed() {
        long version = http().get("/api/stones").json().get("version").asLong();
        String oval =
                "{\"id\": \"one\", \"name\": \"Oval\", \"material\": \"quartz\", \"body\": {\"shape\": \"cabochon\", \"outline\":"
                        + " {\"shape\": \"oval\", \"lengthMm\": 20, \"widthMm\": 20}, \"heightMm\": 5, \"girdleMm\": 5}}";
        String crystal =
                "{\"id\": \"two\", \"name\": \"Crystal\", \"material\": \"quartz\", \"body\": {\"shape\": \"point\", \"sides\": 4, \"acrossMm\": 8, \"lengthMm\": 20}}";
        String bead =
                "{\"id\": \"three\", \"name\": \"Bead\", \"body\": {\"shape\": \"bead\", \"diameterMm\": 6, \"hole\": {\"diameterMm\": 1}}}";
        JsonNode kept = http().put("/api/stones", version, "{\"stones\": [" + oval + "," + crystal + "]}")
                .json();
        Http.Answer refused =
                http().put("/api/stones", kept.get("version").asLong(), "{\"stones\": [" + oval + "," + bead + "]}");
        Http.Answer twice =
                http().put("/api/stones", kept.get("version").asLong(), "{\"stones\": [" + oval + "," + oval + "]}");

        // A round slice of 20 by 5 mm, of quartz with 2.65 g/cm³: π·10²·5 mm³ (closed form).
        assertThat(kept.at("/drawn/0/massG").asDouble()).isCloseTo(Math.PI * 500 * 2.65e-3, within(0.01));
        assertThat(kept.at("/drawn/0/way").size()).isGreaterThan(12);
        // A square prism of 8 × 8 × 20 mm: seen from its side a rectangle, of quartz, 1280 mm³ · 2.65 g/cm³.
        assertThat(kept.at("/drawn/1/massG").asDouble()).isCloseTo(1280 * 2.65e-3, within(1e-6));
        assertThat(kept.at("/drawn/1/way").size()).isGreaterThan(3);
        for (JsonNode corner : kept.at("/drawn/1/way")) {
            assertThat(Math.abs(corner.get(0).asDouble())).isCloseTo(4, within(0.02));
            assertThat(Math.abs(corner.get(1).asDouble())).isCloseTo(10, within(1e-9));
        }
        assertThat(refused.paths()).containsExactly("stones.1.body");
        assertThat(twice.paths()).containsExactly("stones.1.id");
        String elsewhere = oval.replace("\"body\"", "\"picture\": \"http://127.0.0.1/a.jpg\", \"body\"");
        assertThat(http().put("/api/stones", kept.get("version").asLong(), "{\"stones\": [" + elsewhere + "]}")
                        .status())
                .isEqualTo(400);
        http().post("/api/stones/undo", "");
    }
}
