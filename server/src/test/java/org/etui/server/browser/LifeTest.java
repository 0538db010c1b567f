package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.wire.Wire;
import org.etui.server.EmptyBench;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;

/** A whole life of a piece: rack, plan, cut, card with measures, bath, log, what was learnt, kits, backup, and all of it in an empty folder. */
@ServerTest
@DirtiesContext
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LifeTest {
    /** As many times as a maker has to measure before it counts for much. */
    private static final int TIMES = 6;

    @LocalServerPort
    private int port;

    private Browser browser;
    private Http http;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        http = new Http(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private String kept() {
        return http.post(
                        "/api/pieces",
                        Json.MAPPER.writeValueAsString(Patterns.find("hook-clasp")
                                .orElseThrow()
                                .make(
                                        Map.of(),
                                        Optional.of(Wire.ofRound(Metal.JEWELERS_BRONZE, Temper.DEAD_SOFT, 1.2)),
                                        Optional.empty())
                                .withName("Bramble clasp")))
                .json()
                .get("id")
                .asString();
    }

    private double cutMm(String piece) {
        String document =
                http.get("/api/pieces/" + piece).json().get("document").toString();
        return http.post("/api/plans", document)
                .json()
                .at("/strands/0/cutLengthMm")
                .asDouble();
    }

    private static List<JsonNode> whatIsKept(Http http, String piece, String job) {
        return List.of(
                http.get("/api/pieces/" + piece).json().get("document"),
                http.get("/api/jobs/" + job).json().get("document"),
                http.get("/api/rack").json().get("held"),
                http.get("/api/bath").json().get("records"),
                http.get("/api/log/" + piece).json().get("facts"),
                http.get("/api/settings").json().get("settings"));
    }

    @Test
    void fromTheRack_toTheHandout_andIntoAnEmptyFolder() throws Exception {
        Page page = browser.open("/rack");
        page.getByLabel("a table of a rack")
                .setInputFiles(new FilePayload(
                        "bought.csv",
                        "text/csv",
                        ("name,form,metal,temper,thickness mm,length mm\nbronze,length,jewelers-bronze,dead soft,1.2,500\n")
                                .getBytes(StandardCharsets.UTF_8)));
        button(page, "change the rack").click();
        assertThat(button(page, "500 mm bronze")).isVisible();

        String piece = kept();
        Browser.go(page, "/pieces/" + piece + "/cut");
        link(page, "cut it from the rack").click();
        button(page, "cut: take it off the rack").click();
        assertThat(page.getByText("Cut, and taken off the rack.")).isVisible();

        Browser.go(page, "/pieces/" + piece + "/make");
        button(page, "step \\d+: Form the loop").click();
        page.getByText("measure it").click();
        button(page, "read the calliper").click();
        button(page, "write it down").click();
        assertThat(page.locator(".card-log [role=status]")).containsText("In the log: ");
        button(page, "^close$").click();

        Browser.go(page, "/pieces/" + piece + "/colour");
        button(page, "^brown, stop").click();
        page.waitForCondition(() ->
                http.get("/api/pieces/" + piece).json().at("/document/colour").isObject());
        bath(page);

        double before = cutMm(piece);
        learn(page, piece);
        page.waitForCondition(() -> cutMm(piece) > before);

        String job = aClass(page, piece);
        byte[] backup = http.get("/api/backup").body();
        try (EmptyBench empty = new EmptyBench()) {
            Http other = empty.http();
            Http.Answer restored = other.send(other.request("/api/backup/import")
                    .header("Content-Type", "application/zip")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(backup))
                    .build());
            assertThat(restored.status()).isEqualTo(200);
            assertThat(whatIsKept(other, piece, job)).isEqualTo(whatIsKept(http, piece, job));
            String document =
                    other.get("/api/pieces/" + piece).json().get("document").toString();
            assertThat(other.post("/api/plans", document)
                            .json()
                            .at("/strands/0/cutLengthMm")
                            .asDouble())
                    .as("what was learnt is there, too")
                    .isEqualTo(cutMm(piece));
        }
        page.close();
    }

    private void bath(Page page) {
        page.clock().install();
        Browser.go(page, "/bath");
        button(page, "^they are in").click();
        page.clock().runFor(30_000);
        Locator pull = button(page, "^pull ");
        assertThat(pull.first()).isVisible();
        for (int left = pull.count(); left > 0; left--) {
            pull.first().click();
            assertThat(pull).hasCount(left - 1);
        }
        assertThat(page.getByText("What came out?")).isVisible();
        page.getByLabel("shade of Bramble clasp").getByText("red-brown").click();
        button(page, "keep what came out").click();
        page.waitForCondition(
                () -> http.get("/api/bath").json().get("records").toString().contains("Bramble clasp"));
    }

    /** The loop takes a tenth more wire every time; the policy of the wire is what was learnt. */
    private void learn(Page page, String piece) {
        Browser.go(page, "/pieces/" + piece + "/log");
        button(page, "^loop 1").click();
        Locator field = page.getByLabel("loop, wire taken");
        for (int i = 1; i <= TIMES; i++) {
            double planned = Double.parseDouble(field.inputValue());
            field.fill(String.format(java.util.Locale.ROOT, "%.1f", planned * 1.1));
            field.press("Enter");
            button(page, "write it down").click();
            assertThat(page.locator(".written").first().locator("li")).hasCount(i);
        }
        JsonNode now = http.get("/api/pieces/" + piece).json();
        JsonNode document = now.get("document").deepCopy();
        ((tools.jackson.databind.node.ObjectNode) document.at("/strands/0/allowance")).put("policy", "learnt");
        http.put("/api/pieces/" + piece, now.get("version").asLong(), document.toString());
    }

    private String aClass(Page page, String piece) {
        String job = http.post(
                        "/api/jobs",
                        Json.MAPPER.writeValueAsString(new Job(
                                JobFormat.ETUI_JOB,
                                1,
                                "Evening class",
                                piece,
                                List.of(
                                        new JobLine("small", 4, Map.of("hookInsideMm", 6)),
                                        new JobLine("large", 2, Map.of())),
                                Optional.empty(),
                                "",
                                Optional.empty())))
                .json()
                .get("id")
                .asString();
        Browser.go(page, "/jobs/" + job);
        page.getByText("kits for a class").click();
        Locator kits = page.locator(".kits");
        assertThat(kits).containsText("5 kits, small");
        assertThat(kits).containsText("3 kits, large");
        String address = link(page, "print kits and handout").getAttribute("href");
        assertThat(new String(http.get(address).body(), 0, 4, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF");
        return job;
    }
}
