package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Jobs over HTTP: they follow their piece, undo and redo, and refuse by path. */
@ServerTest
class JobsTest {
    @LocalServerPort
    private int port;

    private Http http;
    private String earrings;

    @BeforeEach
    void ask() {
        http = new Http(port);
        for (JsonNode piece : http.get("/api/pieces").json()) {
            if (piece.get("name").asString().equals("Hazel earrings")) {
                earrings = piece.get("id").asString();
            }
        }
    }

    private String job(int quantity, String more) {
        return """
                {"format": "etui-job", "version": 1, "name": "Gift desk", "piece": "%s",
                 "lines": [{"label": "", "quantity": %d, "measures": {}}]%s}
                """.formatted(earrings, quantity, more);
    }

    /** Arithmetic: seven pairs take seven times the wire of one. */
    @Test
    void job_followsItsPiece() {
        JsonNode kept =
                http.post("/api/jobs", job(7, ", \"due\": \"2026-12-18\"")).json();
        String id = kept.get("id").asString();
        JsonNode one = http.post(
                        "/api/plans",
                        http.get("/api/pieces/" + earrings)
                                .json()
                                .get("document")
                                .toString())
                .json();
        JsonNode all = http.post(
                        "/api/plans",
                        http.get("/api/jobs/" + id + "/piece").json().toString())
                .json();

        assertThat(all.at("/totals/wire/0/lengthMm").asDouble())
                .isCloseTo(7 * one.at("/totals/wire/0/lengthMm").asDouble(), within(1e-6));
        assertThat(all.at("/strands/0/count").asInt()).isEqualTo(14);
        JsonNode row = row(id);
        assertThat(row.get("quantity").asInt()).isEqualTo(7);
        assertThat(row.get("wires").asInt()).isEqualTo(14);
        assertThat(row.get("due").asString()).isEqualTo("2026-12-18");
        assertThat(row.get("pieceName").asString()).isEqualTo("Hazel earrings");
        assertThat(http.get("/api/jobs/" + id + "/sheets/card").status()).isEqualTo(200);
        assertThat(new String(
                        http.get("/api/jobs/" + id + "/tables/cut-list").body(),
                        java.nio.charset.StandardCharsets.UTF_8))
                .contains("net mm")
                .contains(",14,");
    }

    private JsonNode row(String id) {
        for (JsonNode row : http.get("/api/jobs").json()) {
            if (row.get("id").asString().equals(id)) {
                return row;
            }
        }
        throw new AssertionError("no row " + id);
    }

    @Test
    void change_isUndoneRedoneAndPutAway() {
        String id = http.post("/api/jobs", job(2, "")).json().get("id").asString();
        long second =
                http.put("/api/jobs/" + id, 1, job(3, "")).json().get("version").asLong();

        assertThat(second).isEqualTo(2);
        assertThat(http.post("/api/jobs/" + id + "/undo", "")
                        .json()
                        .at("/document/lines/0/quantity")
                        .asInt())
                .isEqualTo(2);
        assertThat(http.post("/api/jobs/" + id + "/redo", "")
                        .json()
                        .at("/document/lines/0/quantity")
                        .asInt())
                .isEqualTo(3);
        assertThat(http.send(http.request("/api/jobs/" + id).DELETE().build()).status())
                .isEqualTo(204);
        assertThat(http.get("/api/jobs/" + id).status()).isEqualTo(404);
        assertThat(http.post("/api/jobs/" + id + "/undelete", "").status()).isEqualTo(200);
    }

    @Test
    void staleChange_answersWithBothJobs() {
        String id = http.post("/api/jobs", job(2, "")).json().get("id").asString();
        http.put("/api/jobs/" + id, 1, job(3, ""));

        Http.Answer stale = http.put("/api/jobs/" + id, 1, job(9, ""));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/standingJob/document/lines/0/quantity").asInt())
                .isEqualTo(3);
        assertThat(stale.json().at("/yourJob/lines/0/quantity").asInt()).isEqualTo(9);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"due\": \"2026-02-30\" | due",
                "\"notes\": 7 | notes",
                "\"sizes\": [] | sizes",
            })
    void badField_isRefusedByPath(String field, String path) {
        Http.Answer answer = http.post("/api/jobs", job(2, ", " + field));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly(path);
    }

    @Test
    void quantityMeasureAndPiece_areLookedAt() {
        assertThat(http.post("/api/jobs", job(0, "")).paths()).containsExactly("lines.0.quantity");
        assertThat(http.post("/api/jobs", job(2, "").replace("{}", "{\"turns\": 4000}"))
                        .paths())
                .containsExactly("lines.0.measures.turns");
        assertThat(http.post("/api/jobs", job(2, "").replace(earrings, "nothing"))
                        .paths())
                .containsExactly("piece");
    }

    /** Its piece may go: then the job says so, and nothing fails. */
    @Test
    void pieceOffTheTray_isSaid() {
        String copy = http.post("/api/pieces/" + earrings + "/duplicate", "")
                .json()
                .get("id")
                .asString();
        String id = http.post("/api/jobs", job(2, "").replace(earrings, copy))
                .json()
                .get("id")
                .asString();
        http.send(http.request("/api/pieces/" + copy).DELETE().build());

        assertThat(row(id).get("wrong").asString()).isEqualTo("Its piece is off the tray.");
        assertThat(http.get("/api/jobs/" + id).status()).isEqualTo(200);
        assertThat(http.get("/api/jobs/" + id + "/piece").status()).isEqualTo(404);
        assertThat(http.get("/api/pieces/" + id).status()).isEqualTo(404);
        http.post("/api/pieces/" + copy + "/undelete", "");
        assertThat(row(id).has("wrong")).isFalse();
    }

    /** Where a card stands is what was written last, and bad progress changes nothing. */
    @Test
    void progress_isKept() {
        String fresh = http.post("/api/pieces/" + earrings + "/duplicate", "")
                .json()
                .get("id")
                .asString();
        String at = "/api/progress/" + fresh;
        assertThat(http.get(at).json().get("step").asInt()).isZero();
        String third =
                "{\"step\": 3, \"title\": \"Cut\", \"timers\": [{\"title\": \"Tumble\", \"endsAtMs\": 1e12, \"step\": 2}]}";

        assertThat(put(at, third).status()).isEqualTo(200);
        assertThat(put(at, "{\"step\": -1}").paths()).isEqualTo(List.of("step"));
        assertThat(put("/api/progress/no%20name", third).paths()).isEqualTo(List.of("subject"));
        JsonNode kept = http.get(at).json();
        assertThat(kept.get("step").asInt()).isEqualTo(3);
        assertThat(kept.at("/timers/0/endsAtMs").asDouble()).isEqualTo(1e12);
    }

    private Http.Answer put(String path, String json) {
        return http.send(http.request(path)
                .header("Content-Type", "application/json")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** A job leaves with its piece and comes back: to the piece that is there, or with one of its own. */
    @Test
    void job_savedAndOpenedAgain_makesTheSame() {
        String id = http.post("/api/jobs", job(4, "")).json().get("id").asString();
        Http.Answer saved = http.get("/api/jobs/" + id + "/export");
        String file = new String(saved.body(), java.nio.charset.StandardCharsets.UTF_8);
        int before = http.get("/api/pieces").json().size();

        Http.Answer same = http.post("/api/jobs/import", file);
        assertThat(same.status()).isEqualTo(201);
        assertThat(http.get("/api/pieces").json()).hasSize(before);
        Http.Answer other = http.post("/api/jobs/import", file.replaceFirst("Hazel earrings", "Hazel earrings, far"));
        assertThat(other.status()).isEqualTo(201);
        assertThat(http.get("/api/pieces").json()).hasSize(before + 1);
        for (Http.Answer opened : java.util.List.of(same, other)) {
            String at = "/api/jobs/" + opened.json().get("id").asString();
            assertThat(http.get(at + "/piece").json().get("strands"))
                    .isEqualTo(http.get("/api/jobs/" + id + "/piece").json().get("strands"));
        }
        assertThat(http.post("/api/jobs/import", file.replace("etui-job-file", "other"))
                        .status())
                .isEqualTo(400);
        String far = other.json().at("/document/piece").asString();
        http.send(http.request("/api/pieces/" + far).DELETE().build());
        for (Http.Answer opened : java.util.List.of(same, other)) {
            String at = "/api/jobs/" + opened.json().get("id").asString();
            http.send(http.request(at).DELETE().build());
        }
        http.send(http.request("/api/jobs/" + id).DELETE().build());
        assertThat(http.get("/api/jobs/bin").json()).hasSizeGreaterThanOrEqualTo(3);
    }
}
