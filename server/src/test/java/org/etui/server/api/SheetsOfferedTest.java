package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Only sheets that have something to show of a piece are offered, and each that is offered can be had. */
@ServerTest
class SheetsOfferedTest {
    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void ask() {
        http = new Http(port);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hook-clasp          | jig, swatches, card   | gaps, shapes, ring-strip, bangle-strip, stone-sheet",
                "spiral-earrings     | gaps                  | shapes, ring-strip",
                "hook-and-eye-bangle | bangle-strip          | shapes, ring-strip, stone-sheet",
                "wound-ring          | ring-strip            | bangle-strip, shapes",
                "stone-frame         | stone-sheet           | ring-strip",
                "dimpled-blank       | shapes                | stone-sheet, ring-strip",
                "coil                | template, marks, card | jig, shapes, stone-sheet"
            })
    void sheets_areThoseOfThePiece(String pattern, String offered, String not) {
        String piece = Json.MAPPER.writeValueAsString(
                Patterns.find(pattern).orElseThrow().usual());
        String id = http.post("/api/pieces", piece).json().get("id").asString();
        List<String> sheets = new ArrayList<>();
        for (JsonNode offer : http.get("/api/pieces/" + id + "/sheets").json()) {
            sheets.add(offer.get("sheet").asString());
            assertThat(offer.get("title").asString()).isNotBlank();
        }

        assertThat(sheets).contains("template", "marks", "card").doesNotHaveDuplicates();
        assertThat(sheets).contains(offered.split(", ")).doesNotContain(not.split(", "));
        for (String sheet : sheets) {
            String owner = sheet.endsWith("-strip") || sheet.equals("stone-sheet") ? "/api" : "/api/pieces/" + id;
            assertThat(http.get(owner + "/sheets/" + sheet).status()).as(sheet).isEqualTo(200);
        }
        assertThat(http.get("/api/pieces/none/sheets").status()).isEqualTo(404);
    }
}
