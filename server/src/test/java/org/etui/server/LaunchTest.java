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
}
