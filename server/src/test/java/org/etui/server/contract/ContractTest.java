package org.etui.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.etui.core.act.Act;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.element.Element;
import org.etui.core.element.Outline;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Work;
import org.etui.core.section.WireSection;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Holds together what says the contract: the core's records, the JSON Schema, the OpenAPI document that the front end's
 * types are generated from, and the project's own page of the format. Run with {@code -Detui.write=true} to write page
 * and OpenAPI document anew.
 */
@ServerTest
class ContractTest {
    private static final Path PAGE = Path.of("../docs/format.md");
    private static final Path OPENAPI = Path.of("../web/src/api/openapi.json");
    private static final Path KINDS = Path.of("../web/src/api/kinds.json");
    private static final ObjectNode SCHEMA = Schemas.document(Piece.class);

    @LocalServerPort
    private int port;

    @Test
    void pageOfTheFormat_isThatOfTheSchema() throws IOException {
        String page = Files.readString(PAGE);
        String words = page.substring(0, page.indexOf(FormatPage.BEGIN));
        String expected = words + FormatPage.tables(SCHEMA);
        if (Boolean.getBoolean("etui.write")) {
            Files.writeString(PAGE, expected);
        }

        assertThat(Files.readString(PAGE)).isEqualTo(expected);
    }

    @Test
    void openApi_isTheOneThatTypesAreGeneratedFrom() throws IOException {
        JsonNode served = new Http(port).get("/api/openapi").json();
        if (Boolean.getBoolean("etui.write")) {
            Files.writeString(
                    OPENAPI, Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }

        assertThat(Json.MAPPER.readTree(Files.readAllBytes(OPENAPI))).isEqualTo(served);
    }

    /** The front end's own tests read the same kinds that the server tells. */
    @Test
    void kinds_areThoseThatTheScreenIsTestedWith() throws IOException {
        JsonNode served = new Http(port).get("/api/kinds").json();
        if (Boolean.getBoolean("etui.write")) {
            Files.writeString(
                    KINDS, Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }

        assertThat(Json.MAPPER.readTree(Files.readAllBytes(KINDS))).isEqualTo(served);
        assertThat(served.get("elements")).hasSize(Element.class.getPermittedSubclasses().length);
        assertThat(served.get("work")).hasSize(Act.class.getPermittedSubclasses().length);
    }

    /** What the screen begins with is a whole element: it is read, but for its name and what follows the wire. */
    @Test
    void usualElements_areReadAsTheyAreTold() {
        Reader reader = new Reader();
        for (JsonNode row : new Http(port).get("/api/kinds").json().get("elements")) {
            ObjectNode fresh = (ObjectNode) row.get("usual").deepCopy();
            fresh.put("id", "new");
            for (JsonNode field : row.get("fields")) {
                if (field.has("usualShare")) {
                    fresh.put(
                            field.get("name").asString(),
                            field.get("usualShare").asDouble());
                }
            }
            Element element = reader.read(fresh, Element.class);
            assertThat(element.kind()).isEqualTo(row.get("kind").asString());
        }
    }

    @Test
    void openApi_carriesTheSchemaOfThePiece() {
        JsonNode components = new Http(port).get("/api/openapi").json().at("/components/schemas");

        for (Map.Entry<String, JsonNode> definition : SCHEMA.get("$defs").properties()) {
            JsonNode same = components.path(definition.getKey());
            assertThat(same.path("properties").propertyNames())
                    .as(definition.getKey())
                    .containsExactlyElementsOf(
                            definition.getValue().path("properties").propertyNames());
            assertThat(same.path("discriminator").path("mapping").propertyNames())
                    .containsExactlyInAnyOrderElementsOf(definition
                            .getValue()
                            .path("discriminator")
                            .path("mapping")
                            .propertyNames());
        }
    }

    static List<Class<?>> families() {
        return List.of(Element.class, Act.class, WireSection.class, Outline.class, Body.class);
    }

    /** Work holds an act, and is written flat: each act with what is common to all work beside it. */
    @Test
    void work_isOneOfItsActsWithItsOwnFieldsBesideTheirs() {
        Schemas schemas = new Schemas("#/$defs/", false);
        schemas.of(Work.class);
        JsonNode work = schemas.definitions().get("Work");

        assertThat(work.get("oneOf")).hasSize(Act.class.getPermittedSubclasses().length);
        assertThat(work.at("/discriminator/mapping/flatten").asString()).isEqualTo("#/$defs/WorkFlatten");
        assertThat(schemas.definitions().get("WorkFlatten").get("properties").propertyNames())
                .containsExactlyInAnyOrder("op", "id", "strand", "elements", "after", "toMm", "with", "face");
    }

    @ParameterizedTest
    @MethodSource("families")
    void family_isOneOfItsPermittedMembersByDiscriminator(Class<?> family) {
        Schemas schemas = new Schemas("#/$defs/", false);
        schemas.of(family);
        JsonNode schema = schemas.definitions().get(Schemas.name(family));

        assertThat(schema.get("oneOf")).hasSize(family.getPermittedSubclasses().length);
        assertThat(schema.at("/discriminator/propertyName").asString())
                .isEqualTo(family.getAnnotation(Family.class).value());
        for (Class<?> member : family.getPermittedSubclasses()) {
            assertThat(Arrays.stream(member.getRecordComponents())).allMatch(c -> c.getAnnotation(Term.class) != null);
        }
    }

    /** Names of the design's fourth page, copied by hand. */
    @Test
    void namesOfTheFormat_areThoseAgreed() {
        assertThat(words("Element", "kind"))
                .containsExactlyInAnyOrder(
                        "straight",
                        "bend",
                        "arc",
                        "loop",
                        "curl",
                        "spiral",
                        "coil",
                        "wrap",
                        "girth",
                        "across",
                        "reach",
                        "paddle",
                        "twist",
                        "knit",
                        "ball",
                        "lead");
        assertThat(words("Work", "op"))
                .containsExactlyInAnyOrder(
                        "flatten",
                        "planish",
                        "texture",
                        "jaws",
                        "mallet",
                        "flex",
                        "tumble",
                        "cut-apart",
                        "reclose",
                        "straighten",
                        "open-close",
                        "trim",
                        "pierce",
                        "dimple",
                        "press",
                        "round-mandrel",
                        "bring-to-size",
                        "close",
                        "polish");
        assertThat(words("WireSection", "shape")).containsExactlyInAnyOrder("round", "half-round", "square", "flat");
        assertThat(values("/$defs/Wire/properties/metal/enum"))
                .containsExactly(
                        "copper",
                        "brass",
                        "jewelers-bronze",
                        "sterling-silver",
                        "fine-silver",
                        "aluminium",
                        "gold-filled",
                        "silver-plated-copper",
                        "enamelled-copper",
                        "gold-14k",
                        "annealed-steel",
                        "music-wire");
        assertThat(values("/$defs/Wire/properties/temper/enum"))
                .containsExactly("dead-soft", "quarter-hard", "half-hard", "hard", "spring");
        assertThat(values("/$defs/Piece/properties/purpose/enum"))
                .containsExactly(
                        "decorative",
                        "link",
                        "ear-wire",
                        "pendant",
                        "necklace-closure",
                        "bracelet-closure",
                        "bangle-closure");
        assertThat(values("/$defs/WorkFlatten/properties/with/enum"))
                .containsExactly(
                        "flat-hammer",
                        "domed-hammer",
                        "ball-hammer",
                        "cross-hammer",
                        "nylon-mallet",
                        "rawhide-mallet",
                        "nylon-jaws",
                        "shot",
                        "die");
        assertThat(values("/$defs/GaugeLabel/properties/system/enum")).containsExactly("AWG", "SWG", "metric");
    }

    private static Set<String> words(String family, String field) {
        JsonNode discriminator = SCHEMA.at("/$defs/" + family + "/discriminator");
        assertThat(discriminator.get("propertyName").asString()).isEqualTo(field);
        return new LinkedHashSet<>(discriminator.get("mapping").propertyNames());
    }

    private static List<String> values(String pointer) {
        List<String> values = new java.util.ArrayList<>();
        SCHEMA.at(pointer).forEach(v -> values.add(v.asString()));
        return values;
    }

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void document_writtenAndReadAgain_isTheSame(Pattern pattern) {
        Piece piece = pattern.usual();
        byte[] written = Json.MAPPER.writeValueAsBytes(piece);

        assertThat(new Reader().read(written, Piece.class)).isEqualTo(piece);
    }

    @Test
    void leastDocument_isFilledWithTheDefaultsThatTheSchemaStates() {
        String least = """
                {"format": "etui-piece", "version": 1, "name": "Hop",
                 "strands": [{"wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": 1}},
                              "elements": [{"kind": "loop", "insideMm": 3}, {"kind": "curl"}]}]}
                """;
        Piece piece = new Reader().read(least.getBytes(StandardCharsets.UTF_8), Piece.class);
        JsonNode written = Json.MAPPER.valueToTree(piece);

        assertThat(written.at("/strands/0/id").asString()).isEqualTo("0");
        assertThat(written.at("/strands/0/elements/1/id").asString()).isEqualTo("1");
        assertThat(written.at("/strands/0/elements/0/turn").asString()).isEqualTo("left");
        assertThat(written.at("/strands/0/elements/0/opens").asBoolean()).isFalse();
        assertThat(written.at("/strands/0/elements/1/insideMm").asDouble()).isEqualTo(0.9);
        assertThat(written.at("/strands/0/allowance/handleMm").asDouble()).isEqualTo(20);
        assertThat(written.at("/strands/0/wire/temper").asString()).isEqualTo("dead-soft");
        assertThat(written.at("/purpose").asString()).isEqualTo("decorative");
        assertThat(written.at("/work")).isEmpty();
    }
}
