package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.Base64;
import java.util.regex.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.node.ObjectNode;

/** From the bench card through the calliper into the log, into the daybook, and into the next plan. */
@ServerTest
@DirtiesContext
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LogTest {
    @LocalServerPort
    private int port;

    private Browser browser;
    private String piece;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        piece = new Http(port)
                .post(
                        "/api/pieces",
                        Json.MAPPER.writeValueAsString(Patterns.find("hook-clasp")
                                .orElseThrow()
                                .usual()
                                .withName("Teasel clasp")))
                .json()
                .get("id")
                .asString();
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    /** The thermometer in the bath, the shade that came out of it, and the finished piece on the scale. */
    @Test
    void theBath_andTheFinishedPiece_areMeasuredOnTheCard() {
        ObjectNode dark = Json.MAPPER.valueToTree(
                Patterns.find("s-hook").orElseThrow().usual().withName("Sloe S-hook"));
        dark.set("colour", Json.MAPPER.readTree("{\"bath\": \"gel\", \"stopAt\": \"purple\"}"));
        String id = new Http(port)
                .post("/api/pieces", dark.toString())
                .json()
                .get("id")
                .asString();
        Page page = browser.open("/pieces/" + id + "/make");
        button(page, "step \\d+: Darken").click();
        page.getByText("measure it").click();
        button(page, "read the thermometer").click();
        page.getByLabel(Pattern.compile("shade$")).selectOption("blue");
        button(page, "write it down").last().click();
        assertThat(page.locator(".card-log")).containsText("In the log: blue, planned purple");
        button(page, "write it down").first().click();
        assertThat(page.locator(".card-log")).containsText(Pattern.compile("In the log: \\d\\d °C, planned 60 °C"));
        page.keyboard().press("End");
        page.getByText("measure it").click();
        button(page, "read the scale").click();
        button(page, "write it down").click();
        assertThat(page.locator(".card-log")).containsText(Pattern.compile("In the log: [\\d.]+ g, planned [\\d.]+ g"));

        Browser.go(page, "/daybook");
        page.getByLabel("look for").fill("sloe s");
        assertThat(page.locator(".mat")).containsText("blue darker than planned");
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    @Test
    void aMeasureOnTheCard_dropsIntoTheLog_andStandsInTheDaybook() {
        Page page = browser.open("/pieces/" + piece + "/make");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("step \\d+: Form the loop")))
                .click();
        page.getByText("measure it").click();
        button(page, "read the calliper").click();
        button(page, "write it down").click();
        assertThat(page.locator(".card-log [role=status]")).containsText("In the log: ");
        String read = page.locator(".card-log [role=status]").textContent().replaceAll(".*log: (\\S+ mm).*", "$1");

        button(page, "^close$").click();
        page.waitForSelector("[data-testid=cut]");
        page.keyboard().press("7");
        Locator line = button(page, "^loop inside");
        assertThat(line).containsText("planned");
        line.click();
        assertThat(page.locator(".written").first()).containsText(read);

        Browser.go(page, "/daybook");
        page.getByLabel("look for").fill("teasel");
        assertThat(page.locator(".mat")).containsText(read);
        assertThat(page.locator(".mat")).not().containsText("Medlar");
        page.close();
    }

    /** A clasp of the demo's own wire takes as long as the demo's log says, once the maker wants it. */
    @Test
    void whatWasLearnt_isUsedWhenTheMakerSaysSo_andCanBeTakenBack() {
        Http http = new Http(port);
        String document =
                http.get("/api/pieces/" + piece).json().get("document").toString();
        double before = handsOn(http, document);
        Page page = browser.open("/daybook");
        Locator use = page.getByLabel("use what was learnt of time");
        use.click();
        page.waitForCondition(() -> handsOn(http, document) > before);
        use.click();
        page.waitForCondition(() -> handsOn(http, document) == before);
        page.close();
    }

    private static double handsOn(Http http, String document) {
        return http.post("/api/plans", document)
                .json()
                .at("/totals/handsOnMinutes")
                .asDouble();
    }

    @Test
    void whatBroke_isWrittenInWords_takenBack_andKeptAfterAll() {
        Page page = browser.open("/pieces/" + piece + "/log");
        page.getByText("a note, or something broke").click();
        page.getByLabel("it is").selectOption("breakage");
        page.getByLabel("where and how").fill("at the neck of the loop");
        page.getByLabel("what helped").fill("a wider jaw");
        page.getByLabel("what helped").press("Enter");
        button(page, "write the words down").click();
        Locator written = page.locator(".written").last();
        assertThat(written).containsText("at the neck of the loop");
        assertThat(written).containsText("a wider jaw");
        button(page, "take back what was written").first().click();
        assertThat(page.getByText("at the neck of the loop")).hasCount(0);
        button(page, "undo: keep what was taken back").click();
        assertThat(written).containsText("at the neck of the loop");
        page.close();
    }

    /** A JPEG of one pixel. */
    private static final String PIXEL =
            "/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8Q"
                    + "EBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=";

    @Test
    void aPhotograph_isKeptWithTheLog_andShownOnTheTray() {
        Page page = browser.open("/pieces/" + piece + "/log");
        page.getByLabel("a photograph of what was made")
                .setInputFiles(new FilePayload(
                        "clasp.jpg", "image/jpeg", Base64.getDecoder().decode(PIXEL)));
        Locator picture = page.locator("section[aria-label=photographs] img");
        assertThat(picture).hasCount(1);
        assertThat(page.evaluate("async () => (await fetch('/api/photographs')).json()")
                        .toString())
                .contains(piece);
        Browser.go(page, "/tray");
        assertThat(page.locator("img[alt=\"Teasel clasp, as it was made\"]")).hasCount(1);
        page.close();
    }
}
