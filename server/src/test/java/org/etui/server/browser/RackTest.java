package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.wire.Wire;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;

/** From a table of stock to a price: what hangs on the rack, what is cut from which length, what is left, what it costs. */
@ServerTest
@DirtiesContext
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RackTest {
    @LocalServerPort
    private int port;

    private Browser browser;
    private Http http;
    private BrowserContext window;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        http = new Http(port);
        window = browser.window(1280, 800);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A clasp of wire that the rack of the demo has none of. */
    private String clasp() {
        Wire wire = Wire.ofRound(Metal.GOLD_FILLED, Temper.HALF_HARD, 1.2);
        return http.post(
                        "/api/pieces",
                        Json.MAPPER.writeValueAsString(Patterns.find("hook-clasp")
                                .orElseThrow()
                                .make(Map.of(), Optional.of(wire), Optional.empty())
                                .withName("Sloe clasp")))
                .json()
                .get("id")
                .asString();
    }

    /** By hand: three wires with two nips of 1.5 mm each are cut from 300 mm; one more is cut from what is left. */
    @Test
    void aTableOfStock_aJob_itsCuts_theOffCut_theNextPlan_thePrice() {
        String piece = clasp();
        String job = http.post(
                        "/api/jobs",
                        Json.MAPPER.writeValueAsString(new Job(
                                JobFormat.ETUI_JOB,
                                1,
                                "Sloe clasps",
                                piece,
                                List.of(new JobLine("", 3, Map.of())),
                                Optional.empty(),
                                "",
                                Optional.empty())))
                .json()
                .get("id")
                .asString();
        double cut = http.post(
                        "/api/plans",
                        http.get("/api/pieces/" + piece).json().get("document").toString())
                .json()
                .at("/strands/0/cutLengthMm")
                .asDouble();
        double left = 300 - 3 * (cut + 3);
        assertThat(left).as("room for one more, and long enough to keep").isBetween(cut + 3, 150.0);

        Page page = browser.open(window, "/rack");
        page.getByLabel("a table of a rack")
                .setInputFiles(new FilePayload(
                        "bought.csv",
                        "text/csv",
                        ("name;form;metal;temper;thickness mm;length mm;where\n"
                                        + "gold filled, first;length;gold-filled;half hard;1,2;300;drawer\n"
                                        + "gold filled, second;length;gold-filled;half hard;1,2;300;drawer\n")
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("new: 300.0 mm");
        button(page, "change the rack").click();
        assertThat(button(page, "300 mm gold filled, first")).isVisible();

        page.navigate(page.url().replaceFirst("/rack$", "/jobs/" + job));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("cut from the rack"))
                .click();
        Locator plan = page.locator(".cut-plan");
        assertThat(plan).containsText("3 wires from 1 stock, 1 newly opened, no scrap");
        assertThat(plan).containsText("No plan from this rack does better.");
        button(page, "cut: take it off the rack").click();
        assertThat(page.getByText("Cut, and taken off the rack.")).isVisible();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look at the rack"))
                .click();
        String rest = String.format(java.util.Locale.ROOT, "%.1f", left).replace(".0", "") + " mm";
        assertThat(button(page, rest + " gold filled, first")).isVisible();
        assertThat(page.getByLabel("what came and went")).containsText("for Sloe clasps");

        page.navigate(page.url().replaceFirst("/rack$", "/pieces/" + piece + "/cut"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("cut it from the rack"))
                .click();
        assertThat(plan).containsText("1 wire from 1 stock, none newly opened");
        assertThat(plan.getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(3)))
                .containsText("gold filled, first");
        button(page, "set it aside").click();
        assertThat(page.getByText("Set aside for this.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look at the rack"))
                .click();
        assertThat(button(page, rest + " gold filled, first")).containsText("set aside");
        page.getByLabel("what came and went")
                .getByText("cut it", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.locator(".mat").getByText("set aside")).hasCount(0);

        page.navigate(page.url().replaceFirst("/rack.*$", "/jobs/" + job));
        Locator cost = page.getByLabel("cost and price", new Page.GetByLabelOptions().setExact(true));
        assertThat(cost).containsText("sells at");
        String csv = new String(
                http.get("/api/jobs/" + job + "/price-sheet?format=csv").body(), StandardCharsets.UTF_8);
        String price = csv.lines().skip(1).findFirst().orElseThrow().split(",")[9];
        assertThat(cost).containsText(price);
        cost.getByLabel("times the cost").fill("3");
        cost.getByLabel("times the cost").press("Enter");
        assertThat(cost).not().containsText("sells at " + price);
    }

    /** What was added is drawn; what was booked can be taken back. */
    @Test
    void aStock_isPutUpByWeight_used_andTheUseTakenBack() {
        Page page = browser.open(window, "/rack");
        button(page, "add a stock").click();
        Locator form = page.getByLabel("add a stock", new Page.GetByLabelOptions().setExact(true));
        form.getByLabel("metal").selectOption("fine-silver");
        form.getByLabel("known by").selectOption("weight");
        form.getByLabel("how much").fill("100");
        form.getByLabel("how much").press("Enter");
        form.getByLabel("label").fill("hedgerow silver");
        form.getByLabel("label").press("Enter");
        button(page, "add it").click();

        Locator inHand = page.getByLabel("hedgerow silver", new Page.GetByLabelOptions().setExact(true));
        // fine silver: 10.49 g/cm³ (handbook), 1 mm thick: 8.24 g a metre, 12.1 m
        assertThat(inHand.locator(".big")).containsText("12.1");
        inHand.getByLabel("what happened").selectOption("lost");
        inHand.getByLabel("how much").fill("2000");
        inHand.getByLabel("how much").press("Enter");
        button(page, "book it").click();
        assertThat(inHand.locator(".big")).containsText("10.1");
        page.getByLabel("what came and went").getByRole(AriaRole.BUTTON).first().click();
        assertThat(inHand.locator(".big")).containsText("12.1");

        inHand.getByLabel("how much").fill("99m");
        inHand.getByLabel("how much").press("Enter");
        button(page, "book it").click();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("must not be more than");
        assertThat(inHand.locator(".big")).containsText("12.1");
    }
}
