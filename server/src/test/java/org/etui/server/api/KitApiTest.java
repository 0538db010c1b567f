package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Kits for a class over the wire and on paper; jobs over days. */
@ServerTest
class KitApiTest {
    @LocalServerPort
    private int port;

    private String job() {
        for (JsonNode job : new Http(port).get("/api/jobs").json()) {
            if (job.get("name").asString().startsWith("Spindle")) {
                return job.get("id").asString();
            }
        }
        throw new IllegalStateException("the demo has no such job");
    }

    @Test
    void aJob_isLaidOutInKits_withSpares() {
        Http http = new Http(port);
        JsonNode none = http.get("/api/jobs/" + job() + "/kit").json();
        JsonNode two = http.get("/api/jobs/" + job() + "/kit?spares=2").json();
        assertThat(none.get("sizes").size()).isEqualTo(3);
        assertThat(two.get("kits").asInt()).isEqualTo(none.get("kits").asInt() + 2 * 3);
        assertThat(two.get("materials").asDouble())
                .isGreaterThan(none.get("materials").asDouble());
    }

    @Test
    void theHandout_hasTheKit_tools_cautions_andEveryStep() throws Exception {
        Http.Answer pdf = new Http(port).get("/api/jobs/" + job() + "/kit-sheet?spares=1");
        assertThat(pdf.status()).isEqualTo(200);
        try (PDDocument document = Loader.loadPDF(pdf.body())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains(
                            "Lay out",
                            "To buy",
                            "Materials for all kits",
                            "In your kit:",
                            "Tools:",
                            "Take care:",
                            "1 ");
        }
    }

    @Test
    void whatCannotBe_isRefused() {
        Http http = new Http(port);
        assertThat(http.get("/api/jobs/" + job() + "/kit?spares=-1").paths()).containsExactly("spares");
        assertThat(http.get("/api/jobs/none/kit").status()).isEqualTo(404);
        assertThat(http.get("/api/jobs/" + job() + "/kit-sheet?paper=wall").status())
                .isEqualTo(400);
    }

    @Test
    void jobs_standOnDays_fromWhereTheirCardsAre() {
        Http http = new Http(port);
        JsonNode plan = http.get("/api/day-plan?from=2026-11-30&minutes=120&days=1,2,3,4,5,6,7")
                .json();
        assertThat(plan.get("jobs").findValuesAsString("name")).contains("Spindle rings, three sizes");
        assertThat(plan.at("/days/0/day").asString()).isEqualTo("2026-11-30");
        assertThat(plan.get("days").toString()).contains("rest the hands");
        assertThat(http.get("/api/day-plan?days=9").paths()).containsExactly("days");
        assertThat(http.get("/api/day-plan?from=soon").paths()).containsExactly("from");
        assertThat(http.get("/api/day-plan?from=%2B999999999-12-31").paths()).containsExactly("from");
        assertThat(http.get("/api/day-plan?minutes=NaN").paths()).containsExactly("minutes");
        assertThat(http.get("/api/day-plan?minutes=5").paths()).containsExactly("minutes");
    }

    /** A job that is done takes no more time; one that is not done yet after all does again. */
    @Test
    void aJobThatIsDone_standsOnNoDay() {
        Http http = new Http(port);
        String path = "/api/jobs/" + job();
        JsonNode kept = http.get(path).json();
        ObjectNode done = ((ObjectNode) kept.get("document").deepCopy()).put("doneOn", "2026-11-30");
        JsonNode now =
                http.put(path, kept.get("version").asLong(), done.toString()).json();
        assertThat(http.get("/api/day-plan").json().get("jobs").findValuesAsString("name"))
                .doesNotContain("Spindle rings, three sizes");
        assertThat(http.get("/api/jobs").json().findValuesAsString("doneOn")).containsExactly("2026-11-30");
        http.put(path, now.get("version").asLong(), kept.get("document").toString());
        assertThat(http.get("/api/day-plan").json().get("jobs").findValuesAsString("name"))
                .contains("Spindle rings, three sizes");
    }

    @Test
    void benchHours_areKept_andPlannedBy() {
        Http http = new Http(port);
        JsonNode kept = http.get("/api/settings").json();
        ObjectNode settings = (ObjectNode) kept.get("settings").deepCopy();
        settings.set("bench", Json.MAPPER.readTree("{\"minutesADay\": 60, \"days\": [6]}"));
        Http.Answer answer = http.put("/api/settings", kept.get("version").asLong(), settings.toString());
        assertThat(answer.status()).isEqualTo(200);
        for (JsonNode day : http.get("/api/day-plan").json().get("days")) {
            assertThat(LocalDate.parse(day.get("day").asString()).getDayOfWeek())
                    .isEqualTo(DayOfWeek.SATURDAY);
            day.get("slots").forEach(s -> assertThat(s.get("toMin").asDouble()).isLessThanOrEqualTo(60));
        }
        http.put(
                "/api/settings",
                answer.json().get("version").asLong(),
                kept.get("settings").toString());
        settings.set("bench", Json.MAPPER.readTree("{\"days\": [8]}"));
        assertThat(http.put("/api/settings", answer.json().get("version").asLong() + 1, settings.toString())
                        .paths())
                .containsExactly("bench.days");
    }
}
