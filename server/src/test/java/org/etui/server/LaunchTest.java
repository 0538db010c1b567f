package org.etui.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/** Starts the application as a process of its own, kills it, starts it again. */
class LaunchTest {
    private static final Pattern READY = Pattern.compile("Etui is ready on http://127\\.0\\.0\\.1:(\\d+) .*");
    private final List<Process> started = new ArrayList<>();

    @TempDir(cleanup = CleanupMode.NEVER)
    private Path folder;

    private record Server(Process process, Http http) {}

    private Process launch(String... options) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                System.getProperty("java.home") + "/bin/java",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "org.etui.server.EtuiServer",
                "--server.port=0",
                "--etui.data=" + folder.resolve("data")));
        command.addAll(List.of(options));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        started.add(process);
        return process;
    }

    private Server ready(String... options) throws IOException {
        Process process = launch(options);
        BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            Matcher matcher = READY.matcher(line);
            if (matcher.matches()) {
                return new Server(process, new Http(Integer.parseInt(matcher.group(1))));
            }
        }
        throw new IllegalStateException("did not start");
    }

    @AfterEach
    void stopAll() {
        started.forEach(Process::destroyForcibly);
    }

    private static String named(String name) {
        return Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName(name));
    }

    @Test
    void serverKilledWhileSaving_losesNoAcknowledgedSave_andUndoStillGoesBack() throws Exception {
        Server first = ready();
        String id =
                first.http.post("/api/pieces", named("Start")).json().get("id").asString();
        long moment = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(400 + new Random(5).nextInt(300));
        Thread killer = new Thread(() -> {
            while (System.nanoTime() < moment) {
                Thread.onSpinWait();
            }
            first.process.destroyForcibly();
        });
        killer.start();
        int acknowledged = 0;
        try {
            for (int i = 1; ; i++) {
                if (first.http.put("/api/pieces/" + id, i, named("Change " + i)).status() == 200) {
                    acknowledged = i;
                }
            }
        } catch (java.io.UncheckedIOException killed) {
            killer.join();
        }
        first.process.waitFor();

        Server second = ready();
        Http.Answer kept = second.http.get("/api/pieces/" + id);
        int stands =
                Integer.parseInt(kept.json().at("/document/name").asString().replace("Change ", ""));
        assertThat(acknowledged).isPositive();
        assertThat(stands).isBetween(acknowledged, acknowledged + 1);
        String before = stands == 1 ? "Start" : "Change " + (stands - 1);
        assertThat(second.http
                        .post("/api/pieces/" + id + "/undo", "")
                        .json()
                        .at("/document/name")
                        .asString())
                .isEqualTo(before);
    }

    @Test
    void demo_fillsAnEmptyFolderOnce_andFreshFillsItAgain() throws Exception {
        Server first = ready("--etui.demo=true");
        int pieces = first.http.get("/api/pieces").json().size();
        String id =
                first.http.post("/api/pieces", named("Mine")).json().get("id").asString();
        stop(first);

        Server second = ready("--etui.demo=true");
        assertThat(second.http.get("/api/pieces").json()).hasSize(pieces + 1);
        assertThat(second.http.get("/api/pieces/" + id).status()).isEqualTo(200);
        stop(second);

        Server third = ready("--etui.demo=true", "--etui.fresh=true");
        assertThat(third.http.get("/api/pieces").json()).hasSize(pieces);
        assertThat(third.http.get("/api/pieces/" + id).status()).isEqualTo(404);
    }

    private static void stop(Server server) throws InterruptedException {
        server.process.destroy();
        assertThat(server.process.waitFor(20, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void folderInUse_isRefusedInOneLine() throws Exception {
        ready();
        Process second = launch();

        String out = new String(second.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(second.waitFor()).isEqualTo(3);
        assertThat(out.strip().lines()).hasSize(1);
        assertThat(out)
                .contains("in use by another Etui", folder.resolve("data").toString());
    }

    @Test
    void freshOnOwnData_andForeignAddress_areRefused() throws Exception {
        Files.createDirectories(folder.resolve("data"));
        Process fresh = launch("--etui.fresh=true");
        Process abroad = launch("--server.address=0.0.0.0");

        assertThat(fresh.waitFor()).isEqualTo(2);
        assertThat(abroad.waitFor()).isEqualTo(2);
        assertThat(new String(abroad.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .contains("127.0.0.1 only");
    }

    /** What was acknowledged, by where it is kept; a write of each kind in turn, by a number that grows. */
    private static final class Written {
        private static final String PIXEL =
                "/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=";

        private final List<String> pieces = new ArrayList<>();
        private final List<String> jobs = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        private int entries;
        private int photographs;
        private int step;
        private String piece = "";
        private int count;

        void write(Http http, int i) {
            int acknowledged = switch (i % 6) {
                case 0 -> {
                    Http.Answer made = http.post("/api/pieces", named("Piece " + i));
                    piece = made.json().get("id").asString();
                    pieces.add("Piece " + i);
                    yield made.status();
                }
                case 1 -> {
                    Http.Answer made = http.post(
                            "/api/jobs",
                            "{\"format\":\"etui-job\",\"version\":1,\"name\":\"Job " + i + "\",\"piece\":\"" + piece
                                    + "\",\"lines\":[{\"quantity\":2}]}");
                    jobs.add("Job " + i);
                    yield made.status();
                }
                case 2 -> {
                    int status = rack(http, i);
                    entries++;
                    yield status;
                }
                case 3 -> {
                    int status = http.post(
                                    "/api/log/" + piece,
                                    "{\"facts\":[{\"what\":\"note\",\"note\":\"note " + i + ".\"}]}")
                            .status();
                    notes.add("note " + i + ".");
                    yield status;
                }
                case 4 -> {
                    int status = http.post("/api/photographs/" + piece, "{\"jpeg\":\"" + PIXEL + "\"}")
                            .status();
                    photographs++;
                    yield status;
                }
                default -> {
                    int status = http.put("/api/progress/etui", 0, "{\"step\":" + i + ",\"title\":\"\",\"timers\":[]}")
                            .status();
                    step = i;
                    yield status;
                }
            };
            assertThat(acknowledged).isBetween(200, 299);
            count++;
        }

        private static int rack(Http http, int i) {
            long version = http.get("/api/rack").json().get("version").asLong();
            return http.send(http.request("/api/rack/entries")
                            .header("Content-Type", "application/json")
                            .header("If-Match", "\"" + version + "\"")
                            .POST(java.net.http.HttpRequest.BodyPublishers.ofString(
                                    "{\"what\":\"found\",\"stocks\":[{\"id\":\"s" + i + "\",\"name\":\"Stock " + i
                                            + "\",\"form\":\"parts\"}],\"lines\":[{\"stock\":\"s" + i
                                            + "\",\"by\":3,\"in\":\"pieces\"}]}"))
                            .build())
                    .status();
        }

        /** All that was acknowledged is there; of what was under way when the server was killed, nothing or all. */
        void requireAll(Http http) {
            if (count == 0) {
                return;
            }
            assertThat(http.get("/api/pieces").json().findValuesAsString("name"))
                    .containsAll(pieces);
            assertThat(http.get("/api/jobs").json().findValuesAsString("name")).containsAll(jobs);
            assertThat(http.get("/api/rack").json().get("version").asInt()).isBetween(entries, entries + 9);
            String daybook = new String(http.get("/api/daybook/csv").body(), StandardCharsets.UTF_8);
            notes.forEach(note -> assertThat(daybook).contains(note));
            assertThat(http.get("/api/photographs").json().size()).isGreaterThanOrEqualTo(photographs);
            assertThat(http.get("/api/progress/etui").json().get("step").asInt())
                    .isGreaterThanOrEqualTo(step);
        }
    }

    /** Two hundred acknowledged writes over all tables, the server killed again and again while it writes: none is lost, it comes up clean. */
    @Test
    void serverKilledAtRandom_whileWritingToEveryTable_losesNothingThatItAcknowledged() throws Exception {
        Written written = new Written();
        Random random = new Random(20);
        int kills = 0;
        for (int i = 0; written.count < 200 || kills < 4; ) {
            Server server = ready();
            written.requireAll(server.http);
            long moment = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(900 + random.nextInt(1200));
            Thread killer = new Thread(() -> {
                while (System.nanoTime() < moment) {
                    Thread.onSpinWait();
                }
                server.process.destroyForcibly();
            });
            killer.start();
            try {
                for (; ; i++) {
                    written.write(server.http, i);
                }
            } catch (java.io.UncheckedIOException killed) {
                killer.join();
                kills++;
                // what was under way may be there or not: it is not written again
                i += 6 - i % 6;
            }
            server.process.waitFor();
        }
        written.requireAll(ready().http);
    }
}
