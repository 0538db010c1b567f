package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.etui.server.EmptyBench;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.store.PieceStore;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything in one file, into an empty folder, and the same again. */
@ServerTest
@DirtiesContext
class BackupTest {
    @LocalServerPort
    private int port;

    @Autowired
    private PieceStore store;

    private Http http() {
        return new Http(port);
    }

    private static Http.Answer restore(Http http, byte[] zip) {
        return http.send(http.request("/api/backup/import")
                .header("Content-Type", "application/zip")
                .POST(HttpRequest.BodyPublishers.ofByteArray(zip))
                .build());
    }

    private static Map<String, String> files(byte[] zip) throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, String> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @Test
    void everything_goesIntoAnEmptyFolder_andIsTheSame() throws Exception {
        String id = http().get("/api/pieces").json().get(0).get("id").asString();
        JsonNode piece = http().get("/api/pieces/" + id).json();
        JsonNode renamed = piece.get("document").deepCopy();
        ((ObjectNode) renamed).put("name", "Hazel, renamed");
        http().put("/api/pieces/" + id, piece.get("version").asLong(), renamed.toString());
        String damaged = store.create("no JSON at all").row().id();
        http().post(
                        "/api/log/" + id,
                        "{\"facts\":[{\"what\":\"note\",\"note\":\"went well\"},{\"what\":\"mass\",\"actual\":3.2}]}");
        byte[] backup = http().get("/api/backup").body();
        Map<String, String> files = files(backup);
        assertThat(files)
                .containsOnlyKeys(
                        "etui-backup.json",
                        "document.jsonl",
                        "document_revision.jsonl",
                        "card_progress.jsonl",
                        "rack_entry.jsonl",
                        "log_entry.jsonl",
                        "photograph.jsonl",
                        "rack.csv",
                        "daybook.csv");
        assertThat(files.get("etui-backup.json")).contains("\"etui-backup\"");
        assertThat(restore(http(), backup).status())
                .as("there is something here")
                .isEqualTo(409);

        try (EmptyBench empty = new EmptyBench()) {
            Http other = empty.http();
            other.get("/api/settings");
            other.get("/api/tools");
            Http.Answer restored = restore(other, backup);
            assertThat(restored.status())
                    .as(new String(restored.body(), StandardCharsets.UTF_8))
                    .isEqualTo(200);
            assertThat(files(other.get("/api/backup").body()))
                    .usingRecursiveComparison()
                    .ignoringFields("etui-backup.json")
                    .isEqualTo(withoutDate(files, other));
            assertThat(other.get("/api/pieces").json().toString()).contains(damaged);
            assertThat(other.get("/api/pieces/" + id)
                            .json()
                            .at("/document/name")
                            .asString())
                    .isEqualTo("Hazel, renamed");
            other.send(other.request("/api/pieces/" + id + "/undo")
                    .POST(HttpRequest.BodyPublishers.noBody())
                    .build());
            assertThat(other.get("/api/pieces/" + id).json().get("document")).isEqualTo(piece.get("document"));
            assertThat(other.get("/api/rack").json().get("held"))
                    .isEqualTo(http().get("/api/rack").json().get("held"));
            assertThat(other.get("/api/log/" + id).json().get("facts"))
                    .isEqualTo(http().get("/api/log/" + id).json().get("facts"))
                    .hasSize(2);
            assertThat(other.get("/api/jobs").json().size())
                    .isEqualTo(http().get("/api/jobs").json().size());
        }
    }

    @Test
    void withoutHistory_whatStandsIsTheSame_andThereIsNothingToUndo() throws Exception {
        String id = http().get("/api/pieces").json().get(1).get("id").asString();
        JsonNode piece = http().get("/api/pieces/" + id).json();
        ObjectNode renamed = (ObjectNode) piece.get("document").deepCopy();
        renamed.put("name", "Renamed before");
        http().put("/api/pieces/" + id, piece.get("version").asLong(), renamed.toString());
        byte[] whole = http().get("/api/backup").body();
        byte[] backup = http().get("/api/backup?history=false").body();
        assertThat(backup.length).isLessThan(whole.length);
        try (EmptyBench empty = new EmptyBench()) {
            Http other = empty.http();
            assertThat(restore(other, backup).status()).isEqualTo(200);
            JsonNode there = other.get("/api/pieces/" + id).json();
            assertThat(there.get("document"))
                    .isEqualTo(http().get("/api/pieces/" + id).json().get("document"));
            assertThat(there.get("canUndo").asBoolean()).isFalse();
        }
    }

    @Test
    void aBackupOfTheFirstVersion_withoutALog_goesInToo() throws Exception {
        Map<String, String> files = files(http().get("/api/backup").body());
        files.put("etui-backup.json", "{\"format\":\"etui-backup\",\"version\":1,\"made\":\"\"}");
        files.remove("log_entry.jsonl");
        files.remove("photograph.jsonl");
        files.remove("daybook.csv");
        try (EmptyBench empty = new EmptyBench()) {
            assertThat(restore(empty.http(), zip(files)).status()).isEqualTo(200);
            assertThat(empty.http().get("/api/daybook").json().get("facts").asInt())
                    .isZero();
        }
    }

    /** The head says when it was made: that of the second stands in both. */
    private static Map<String, String> withoutDate(Map<String, String> files, Http other) throws IOException {
        Map<String, String> same = new TreeMap<>(files);
        same.put("etui-backup.json", files(other.get("/api/backup").body()).get("etui-backup.json"));
        return same;
    }

    @Test
    void whatIsNoBackup_orADamagedOne_isRefused_andNothingOfItIsKept() throws Exception {
        Map<String, String> files = files(http().get("/api/backup").body());
        try (EmptyBench empty = new EmptyBench()) {
            Http other = empty.http();
            assertThat(restore(other, "no zip".getBytes(StandardCharsets.UTF_8)).status())
                    .isEqualTo(400);
            assertThat(restore(other, zip(Map.of("a.txt", "b"))).status()).isEqualTo(400);

            Map<String, String> newer = new TreeMap<>(files);
            newer.put("etui-backup.json", "{\"format\":\"etui-backup\",\"version\":3,\"made\":\"\"}");
            assertThat(restore(other, zip(newer)).json().get("detail").asString())
                    .contains("newer Etui");

            Map<String, String> loose = new TreeMap<>(files);
            loose.computeIfPresent("document_revision.jsonl", (n, rows) -> rows.substring(0, rows.indexOf('\n') + 1));
            assertThat(restore(other, zip(loose)).status()).isEqualTo(409);

            Map<String, String> orphaned = new TreeMap<>(files);
            orphaned.put("document.jsonl", "");
            assertThat(restore(other, zip(orphaned)).status())
                    .as("revisions of nothing")
                    .isEqualTo(409);

            Map<String, String> lacking = new TreeMap<>(files);
            lacking.put("rack_entry.jsonl", "{\"number\": 1}\n");
            assertThat(restore(other, zip(lacking)).status())
                    .as("an entry without its document")
                    .isEqualTo(409);

            Map<String, String> unread = new TreeMap<>(files);
            unread.put("card_progress.jsonl", "{\"subject\":\"a\",\"document\":\"{\",\"changed_at\":\"\"}\n");
            assertThat(restore(other, zip(unread)).status())
                    .as("a document that is none")
                    .isEqualTo(400);

            Map<String, String> odd = new TreeMap<>(files);
            odd.put("rack_entry.jsonl", "{\"number\": 1, \"document\": \"{}\", \"x\\\") --\": \"y\"}\n");
            assertThat(restore(other, zip(odd)).status()).isEqualTo(409);

            Map<String, String> broken = new TreeMap<>(files);
            broken.put("rack_entry.jsonl", "{\"number\":\n");
            assertThat(restore(other, zip(broken)).status()).isEqualTo(400);
            assertThat(other.get("/api/pieces").json()).isEmpty();
        }
    }
}
