package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.etui.core.check.Stopped;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.databind.JsonNode;

/** What one request may take, and what is answered to requests that are none: nothing brings the server down. */
@ServerTest
class BoundsTest {
    @LocalServerPort
    private int port;

    @Autowired
    private org.etui.server.store.PieceStore store;

    private Http http;

    @BeforeEach
    void connect() {
        http = new Http(port);
    }

    private static String piece(String elements) {
        return "{\"format\": \"etui-piece\", \"version\": 1, \"name\": \"Large\", \"strands\": [{\"wire\": {\"metal\": "
                + "\"copper\", \"temper\": \"dead-soft\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1}}, "
                + "\"elements\": [" + elements + "]}]}";
    }

    private static String times(int count, String element) {
        return IntStream.range(0, count).mapToObj(i -> element).collect(Collectors.joining(","));
    }

    @Test
    void loopOfVeryManyTurns_isRefusedByPathValueAndLimit() {
        Http.Answer answer = http.post("/api/plans", piece("{\"kind\": \"loop\", \"insideMm\": 3, \"turns\": 500}"));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly("strands.0.elements");
        assertThat(answer.json().at("/violations/0/limit").asString()).contains("1,500 places");
    }

    @ParameterizedTest
    @CsvSource({
        "400, '{\"kind\": \"loop\", \"insideMm\": 3}', strands.0.elements",
        "10, '{\"kind\": \"spiral\", \"centre\": \"closed\", \"turns\": 200}', strands.0.elements.8",
        "400, '{\"kind\": \"spiral\", \"centre\": \"closed\", \"turns\": 400}', strands.0.elements",
        "4, '{\"kind\": \"wrap\", \"core\": {\"wires\": 50, \"diameterMm\": 1}, \"turns\": 500}', strands.0.elements.1"
    })
    void pieceThatTakesTooMuch_isRefusedByPath(int count, String element, String path) {
        Http.Answer answer = http.post("/api/plans", piece(times(count, element)));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly(path);
    }

    /** 300 half turns in a zigzag cross nowhere: what is too much is every state of it. */
    @Test
    void everyStateOfALargePiece_isRefusedByTheQuestion() {
        String zigzag = piece(times(
                150,
                "{\"kind\": \"arc\", \"insideMm\": 3, \"sweepDeg\": 170, \"turn\": \"left\"},"
                        + "{\"kind\": \"arc\", \"insideMm\": 3, \"sweepDeg\": 170, \"turn\": \"right\"}"));

        assertThat(http.post("/api/plans", zigzag).status()).isEqualTo(200);
        assertThat(http.post("/api/plans?states=all", zigzag).paths()).containsExactly("states");
    }

    @Test
    void workThatTakesTooLong_isCutOff_andTheThreadIsFreeForTheNext() {
        Watch watch = new Watch(60);
        watch.warmedUp(new org.etui.server.Ready.Warm());

        assertThatThrownBy(() -> watch.plan(BoundsTest::endless))
                .isInstanceOf(Watch.CutOff.class)
                .hasMessageContaining("0.1 s");
        assertThat(Thread.currentThread().isInterrupted()).isFalse();
        assertThat(watch.<Integer>plan(() -> 7)).isEqualTo(7);
    }

    @Test
    void workThatIsTakenBack_ends() throws Exception {
        Watch watch = new Watch(60_000);
        CompletableFuture<Throwable> ended = CompletableFuture.supplyAsync(() -> {
            MockHttpServletRequest request = new MockHttpServletRequest();
            request.addHeader(Watch.ASK, "ask-1");
            RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
            try {
                watch.plan(BoundsTest::endless);
                return null;
            } catch (Watch.CutOff cut) {
                return cut;
            } finally {
                RequestContextHolder.resetRequestAttributes();
            }
        });
        while (!ended.isDone()) {
            watch.takeBack("ask-1");
            Thread.sleep(5);
        }
        assertThat(ended.get(10, TimeUnit.SECONDS)).hasMessage("The question was taken back.");
    }

    private static <T> T endless() {
        while (true) {
            Stopped.where(Thread.currentThread());
            Thread.onSpinWait();
        }
    }

    @Test
    void piecesThatCannotBeReadOrPlanned_areRowsThatSayWhy_andCanBeSaved() {
        String broken = store.create("{\"format\": \"etui-piece\", \"version\": 1, \"name\": \"Broken\"}")
                .row()
                .id();
        String none = store.create("no JSON at all").row().id();
        String large = store.create(piece("{\"kind\": \"loop\", \"insideMm\": 3, \"turns\": 500}"))
                .row()
                .id();
        List<String> three = List.of(broken, none, large);
        List<String> wrong = new ArrayList<>();
        int fine = 0;
        for (JsonNode row : http.get("/api/pieces").json()) {
            if (three.contains(row.get("id").asString())) {
                wrong.add(row.get("name").asString() + ": " + row.get("wrong").asString());
            } else if (!row.has("wrong")) {
                fine++;
                assertThat(row.get("drawing")).isNotEmpty();
            }
        }
        three.forEach(id ->
                assertThat(http.get("/api/pieces/" + id + "/export").status()).isEqualTo(200));
        three.forEach(id -> assertThat(http.get("/api/pieces/" + id).status()).isBetween(200, 499));
        assertThat(http.get("/api/pieces/export").status()).isEqualTo(200);
        three.forEach(id -> http.send(http.request("/api/pieces/" + id).DELETE().build()));

        assertThat(fine).isGreaterThanOrEqualTo(14);
        assertThat(wrong).hasSize(3);
        assertThat(wrong.get(0)).startsWith("Broken: ").contains("strands");
        assertThat(wrong.get(1)).startsWith("A piece that cannot be read: ");
        assertThat(wrong.get(2)).startsWith("Large: ").contains("1,500 places");
    }

    @Test
    void unchangedTray_isNotSentAgain_andPagesAddUp() {
        Http.Answer first = http.get("/api/pieces");
        String tag = first.response().headers().firstValue("ETag").orElseThrow();
        Http.Answer again = http.send(
                http.request("/api/pieces").header("If-None-Match", tag).GET().build());
        assertThat(again.status()).isEqualTo(304);

        String id = first.json().get(0).get("id").asString();
        http.post("/api/pieces/" + id + "/duplicate", "");
        assertThat(http.send(http.request("/api/pieces")
                                .header("If-None-Match", tag)
                                .GET()
                                .build())
                        .status())
                .isEqualTo(200);
        int all = http.get("/api/pieces").json().size();
        assertThat(http.get("/api/pieces?from=0&most=5").json()).hasSize(5);
        assertThat(http.get("/api/pieces?from=5").json()).hasSize(all - 5);
        assertThat(http.get("/api/pieces?from=-1").paths()).containsExactly("from");
    }

    @Test
    void bin_isSeenAndEmptied() {
        String piece = Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName("Thrown away"));
        String id = http.post("/api/pieces", piece).json().get("id").asString();
        http.put("/api/pieces/" + id, 1, piece.replace("\"notes\":\"\"", "\"notes\":\"once\""));
        http.send(http.request("/api/pieces/" + id).DELETE().build());

        assertThat(http.get("/api/pieces/bin").json().get(0).get("name").asString())
                .isEqualTo("Thrown away");
        int gone = http.send(http.request("/api/pieces/bin").DELETE().build())
                .json()
                .get("pieces")
                .asInt();
        assertThat(gone).isPositive();
        assertThat(http.get("/api/pieces/bin").json()).isEmpty();
        assertThat(http.post("/api/pieces/" + id + "/undelete", "").status()).isEqualTo(404);
    }

    /** RFC 9112: a chunked body announces no length. */
    @ParameterizedTest
    @ValueSource(strings = {"/api/plans", "/api/pieces/import", "/api/jobs/import"})
    void chunkedBodyBeyondTheLimit_isRefused(String path) {
        byte[] large = ("{\"name\": \"" + "x".repeat(1_100_000) + "\"}").getBytes(StandardCharsets.UTF_8);
        Http.Answer answer = http.send(http.request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(large)))
                .build());

        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.json().at("/violations/0/path").asString()).isEqualTo("body");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET /api/gauges?thicknessMm=1e999",
                "GET /api/gauges?thicknessMm=99999999999999999999",
                "GET /api/gauges?thicknessMm=%00",
                "GET /api/gauges?thicknessMm=NaN",
                "GET /api/gauges?%%%=1",
                "GET /api/gauges?a=%zz",
                "GET /api/pieces?from=99999999999",
                "GET /api/pieces?most=a",
                "GET /api/pieces/%00",
                "GET /api/pieces/%2e%2e%2f",
                "GET /api/pieces/a;b=c/d",
                "GET /api/{}|",
                "GET /api/pieces/x/sheets/%ff",
                "GET /api/nothing",
                "BREW /api/pieces",
                "PATCH /api/pieces",
                "GET /api/plans"
            })
    void requestThatIsNone_isAnsweredWithAProblemDocument_thatNamesNoClass(String line) throws IOException {
        String answer = raw(line + " HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n\r\n");

        assertThat(answer).startsWith("HTTP/1.1 4");
        assertThat(answer).contains("application/problem+json");
        assertThat(answer).doesNotContain("org.", "java.", "Exception", "jakarta", "<html");
    }

    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void hostIsReadWithoutRegardToCase_andForeignOnesStayOut() throws IOException {
        String close = "\r\nConnection: close\r\n\r\n";
        assertThat(raw("GET /api/tempers HTTP/1.1\r\nHost: LocalHost:" + port + close))
                .startsWith("HTTP/1.1 200");
        assertThat(raw("GET /api/tempers HTTP/1.1\r\nHost: example.org" + close))
                .startsWith("HTTP/1.1 403");
    }
}
