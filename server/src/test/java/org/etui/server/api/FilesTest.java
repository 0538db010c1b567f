package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.etui.core.pattern.Patterns;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.etui.server.print.Outline;
import org.etui.server.print.Table;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What leaves as a file comes back equal; what is foreign or damaged is refused by path and changes nothing. */
@ServerTest
class FilesTest {
    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void ask() {
        http = new Http(port);
    }

    private Http.Answer send(String type, byte[] body) {
        return http.send(http.request("/api/pieces/import")
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    private static byte[] zip(Map<String, String> files) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException impossible) {
            throw new AssertionError(impossible);
        }
        return out.toByteArray();
    }

    private int pieces() {
        return http.get("/api/pieces").json().size();
    }

    @Test
    void everyPiece_savedAndOpenedAgain_isEqual() {
        for (JsonNode row : http.get("/api/pieces").json()) {
            String id = row.get("id").asString();
            byte[] file = http.get("/api/pieces/" + id + "/export").body();
            JsonNode opened = send("application/json", file).json().get("kept").get(0);

            assertThat(opened.get("id").asString()).isNotEqualTo(id);
            assertThat(opened.get("document"))
                    .isEqualTo(http.get("/api/pieces/" + id).json().get("document"));
        }
    }

    @Test
    void allPieces_savedAsAnArchiveAndOpenedAgain_areEqual() throws IOException {
        Http.Answer saved = http.get("/api/pieces/export");
        Map<String, JsonNode> inside = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(saved.body()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                inside.put(entry.getName(), Json.MAPPER.readTree(zip.readAllBytes()));
            }
        }
        int before = pieces();
        JsonNode opened = send("application/zip", saved.body()).json().get("kept");

        assertThat(saved.response().headers().firstValue("Content-Type")).hasValue("application/zip");
        assertThat(inside).hasSize(before).containsKey("Medlar clasp.etui.json");
        assertThat(opened).hasSize(before);
        List<JsonNode> documents = new ArrayList<>();
        opened.forEach(o -> documents.add(o.get("document")));
        assertThat(documents).containsExactlyElementsOf(inside.values());
        assertThat(pieces()).isEqualTo(2 * before);
    }

    @Test
    void chosenPieces_areSavedAlone_andOneThatIsNotThereIsRefused() {
        String id = http.get("/api/pieces").json().get(0).get("id").asString();

        assertThat(send(
                                "application/zip",
                                http.get("/api/pieces/export?ids=" + id).body())
                        .json()
                        .get("kept"))
                .hasSize(1);
        assertThat(http.get("/api/pieces/export?ids=nothing").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "not json",
                "[]",
                "{\"format\": \"other\", \"version\": 1}",
                "{\"format\": \"etui-piece\", \"version\": 2, \"name\": \"x\", \"strands\": []}",
                "PK damaged archive"
            })
    void foreignOrDamagedFile_isRefusedAndNothingChanges(String text) {
        int before = pieces();
        Http.Answer answer = send("application/json", text.getBytes(StandardCharsets.UTF_8));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).isNotEmpty();
        assertThat(pieces()).isEqualTo(before);
    }

    @Test
    void oneDamagedDocumentInAnArchive_isNamedWithItsPath_andKeepsNoOtherOut() {
        String good = http.get("/api/pieces").json().get(0).get("id").asString();
        String text = new String(http.get("/api/pieces/" + good + "/export").body(), StandardCharsets.UTF_8);
        int before = pieces();
        byte[] archive = zip(Map.of(
                "good.etui.json",
                text,
                "notes.txt",
                "hello",
                "bad.etui.json",
                text.replaceFirst("\"insideMm\" : [\\d.]+", "\"insideMm\" : -3")));

        Http.Answer answer = send("application/zip", archive);
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.json().get("kept")).hasSize(1);
        Map<String, String> refused = new LinkedHashMap<>();
        answer.json()
                .get("refused")
                .forEach(r -> refused.put(
                        r.get("file").asString(), r.at("/violations/0/path").asString()));
        assertThat(refused).containsOnlyKeys("notes.txt", "bad.etui.json");
        assertThat(refused.get("bad.etui.json")).startsWith("strands.0.elements.");
        assertThat(pieces()).isEqualTo(before + 1);
    }

    @Test
    void archiveWithNothingToTake_isRefusedWithEveryReason() {
        int before = pieces();

        assertThat(send("application/zip", zip(Map.of("notes.txt", "hello"))).paths())
                .containsExactly("notes.txt: file");
        byte[] archive = http.get("/api/pieces/export").body();
        byte[] half = java.util.Arrays.copyOf(archive, archive.length / 3);
        assertThat(send("application/zip", half).status()).isEqualTo(400);
        assertThat(pieces()).isEqualTo(before);
    }

    private Http.Answer open(String document, String existing) {
        return http.post("/api/pieces/import?existing=" + existing, document);
    }

    @Test
    void pieceThatIsThereAlready_isAskedAbout_replaced_keptBeside_orLeft() {
        String usual = Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName("Opened twice"));
        String other = usual.replace("\"notes\":\"\"", "\"notes\":\"from another bench\"");
        String id = open(usual, "ask").json().at("/kept/0/id").asString();
        int before = pieces();

        Http.Answer asked = open(other, "ask");
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.json().at("/violations/0/value").asString()).isEqualTo("Opened twice");
        assertThat(open(usual, "ask").status()).isEqualTo(409);
        assertThat(open(other, "leave").json().at("/left/0").asString()).isEqualTo("Opened twice");
        assertThat(pieces()).isEqualTo(before);

        assertThat(open(other, "replace").json().at("/replaced/0/id").asString())
                .isEqualTo(id);
        assertThat(http.get("/api/pieces/" + id).json().at("/document/notes").asString())
                .isEqualTo("from another bench");
        assertThat(http.post("/api/pieces/" + id + "/undo", "")
                        .json()
                        .at("/document/notes")
                        .asString())
                .isEmpty();
        assertThat(pieces()).isEqualTo(before);
        assertThat(open(other, "both").json().get("kept")).hasSize(1);
        assertThat(pieces()).isEqualTo(before + 1);
        assertThat(open(other, "perhaps").paths()).containsExactly("existing");
    }

    @Test
    void namesThatFileSystemsRefuse_areSavedAndReadBack() {
        List<String> names = List.of("..", "a/b\\c:d", "CON", "Hop", "hop", " ", "ä".repeat(120));
        String ids = names.stream()
                .map(n -> http.post(
                                "/api/pieces",
                                Json.MAPPER.writeValueAsString(Patterns.find("s-hook")
                                        .orElseThrow()
                                        .usual()
                                        .withName(n)))
                        .json()
                        .get("id")
                        .asString())
                .collect(java.util.stream.Collectors.joining(","));

        JsonNode kept = send(
                        "application/zip",
                        http.get("/api/pieces/export?ids=" + ids).body())
                .json()
                .get("kept");
        List<String> back = new ArrayList<>();
        kept.forEach(k -> back.add(k.at("/document/name").asString()));
        assertThat(back).containsExactlyElementsOf(names);
    }

    @Test
    void severalPieces_makeOneCutList() {
        List<JsonNode> rows = new ArrayList<>();
        http.get("/api/pieces").json().forEach(rows::add);
        List<JsonNode> two = rows.stream()
                .filter(r -> r.get("name").asString().matches("Medlar clasp|Hazel earrings"))
                .limit(2)
                .toList();
        String ids =
                two.get(0).get("id").asString() + "," + two.get(1).get("id").asString();

        String csv =
                new String(http.get("/api/together/tables/cut-list?ids=" + ids).body(), StandardCharsets.UTF_8);
        assertThat(csv).contains("Medlar clasp", "Hazel earrings");
        assertThat(http.get("/api/together/sheets/marks?ids=" + ids).status()).isEqualTo(200);
        assertThat(http.get("/api/together/tables/cut-list?ids=nothing").status())
                .isEqualTo(404);
    }

    @Test
    void archiveElsewhere_isRefused() {
        Http.Answer answer = http.send(http.request("/api/pieces")
                .header("Content-Type", "application/zip")
                .POST(HttpRequest.BodyPublishers.ofByteArray(zip(Map.of())))
                .build());

        assertThat(answer.status()).isEqualTo(415);
    }

    /** RFC 4180: read back by a parser; figures are those of the plan. */
    @ParameterizedTest
    @CsvSource({"hook-clasp", "graded-drops", "stone-frame"})
    void tables_areReadBack(String pattern) throws IOException {
        Plan plan = Planner.plan(Patterns.find(pattern).orElseThrow().usual(), PlanOptions.USUAL);
        List<CSVRecord> cut = csv(Table.CUT_LIST.of(plan));
        List<CSVRecord> elements = csv(Table.ELEMENTS.of(plan));
        List<CSVRecord> marks = csv(Table.MARKS.of(plan));

        assertThat(cut).hasSize(plan.strands().size());
        assertThat(elements)
                .hasSize(plan.strands().stream()
                        .mapToInt(s -> s.elements().size())
                        .sum());
        assertThat(marks)
                .hasSize(plan.strands().stream().mapToInt(s -> s.marks().size()).sum());
        for (int i = 0; i < cut.size(); i++) {
            assertThat(Double.parseDouble(cut.get(i).get("cut mm")))
                    .isCloseTo(plan.strands().get(i).amount().cutLengthMm(), within(1e-3));
        }
        double wire = elements.stream()
                .mapToDouble(e -> Double.parseDouble(e.get("wire mm")))
                .sum();
        assertThat(wire)
                .isCloseTo(
                        plan.strands().stream()
                                .mapToDouble(s -> s.amount().netLengthMm())
                                .sum(),
                        within(1e-3 * elements.size()));
    }

    private static List<CSVRecord> csv(byte[] body) throws IOException {
        try (var parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(new String(body, StandardCharsets.UTF_8)))) {
            return parser.getRecords();
        }
    }

    /** Read back by a DXF parser that is none of ours; bounds are those of the plan, arcs have the radius of the form. */
    @ParameterizedTest
    @CsvSource({"s-hook, 2", "hook-clasp, 3", "figure-eight, 2"})
    void dxf_isReadByAParser_andMeasuresTrue(String pattern, int arcs) throws Exception {
        var piece = Patterns.find(pattern).orElseThrow().usual();
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        JsonNode dxf = parsed(Outline.DXF.of(piece, plan));
        double[] box = {1e9, -1e9, 1e9, -1e9};
        int found = 0;
        for (JsonNode entity : dxf.get("entities")) {
            for (JsonNode vertex : entity.path("vertices")) {
                if (entity.get("layer").asString().equals("EDGE")) {
                    box[0] = Math.min(box[0], vertex.get("x").asDouble());
                    box[1] = Math.max(box[1], vertex.get("x").asDouble());
                    box[2] = Math.min(box[2], vertex.get("y").asDouble());
                    box[3] = Math.max(box[3], vertex.get("y").asDouble());
                }
            }
            found += entity.get("type").asString().equals("ARC") ? 1 : 0;
        }

        assertThat(dxf.at("/header/$ACADVER").asString()).isEqualTo("AC1009");
        assertThat(found).isGreaterThanOrEqualTo(arcs);
        assertThat(box[1] - box[0])
                .isCloseTo(plan.strands().get(0).drawn().finished().widthMm(), within(0.1));
        assertThat(box[3] - box[2])
                .isCloseTo(plan.strands().get(0).drawn().finished().heightMm(), within(0.1));
    }

    private static JsonNode parsed(byte[] dxf) throws Exception {
        Process node = new ProcessBuilder(
                        "node",
                        "-e",
                        "const P=require('dxf-parser');let t='';process.stdin.on('data',d=>t+=d).on('end',()=>"
                                + "console.log(JSON.stringify(new (P.default||P)().parseSync(t))))")
                .directory(Path.of("../web").toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (var in = node.getOutputStream()) {
            in.write(dxf);
        }
        JsonNode tree = Json.MAPPER.readTree(node.getInputStream().readAllBytes());
        assertThat(node.waitFor()).isZero();
        return tree;
    }

    @Test
    void outlineAsSvg_measuresTrue() {
        String id = http.get("/api/pieces").json().get(1).get("id").asString();
        String svg =
                new String(http.get("/api/pieces/" + id + "/outline?format=svg").body(), StandardCharsets.UTF_8);
        JsonNode finished = http.post(
                        "/api/plans",
                        http.get("/api/pieces/" + id).json().get("document").toString())
                .json()
                .at("/strands/0/finished");
        var size = java.util.regex.Pattern.compile("width='([\\d.]+)mm' height='([\\d.]+)mm'")
                .matcher(svg);

        assertThat(size.find()).isTrue();
        assertThat(Double.parseDouble(size.group(1)) - 4)
                .isCloseTo(finished.get("widthMm").asDouble(), within(0.1));
        assertThat(Double.parseDouble(size.group(2)) - 4)
                .isCloseTo(finished.get("heightMm").asDouble(), within(0.1));
        assertThat(http.get("/api/pieces/" + id + "/outline?format=step").paths())
                .containsExactly("format");
        assertThat(http.get("/api/pieces/" + id + "/sheets/poster").paths()).containsExactly("sheet");
        assertThat(http.get("/api/pieces/" + id + "/tables/poster").paths()).containsExactly("table");
        assertThat(http.get("/api/sheets/ring-strip?paper=a3").paths()).containsExactly("paper");
    }
}
