package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.etui.server.browser.Screen.button;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.etui.core.act.Act;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Work;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Working from the card: a batch from tray to last step, timers, pictures, one key, what can be read from afar. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class CardTest {
    @LocalServerPort
    private int port;

    private Http http;
    private Browser browser;

    @BeforeAll
    void open() {
        http = new Http(port);
        Screen.inMillimetres(http);
        browser = new Browser(port);
        String tumbled = Json.MAPPER.writeValueAsString(Patterns.find("spiral-earrings")
                .orElseThrow()
                .usual()
                .withName("Hop earrings")
                .withWork(List.of(Work.of("shine", "", List.of(), new Act.Tumble(45)))));
        http.post("/api/pieces", tumbled);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private static Locator title(Page page) {
        return page.locator(".bench-card h1");
    }

    /** Five matched pairs: make many on the tray, the card to its last step, a reload in the middle; the timer goes on. */
    @Test
    void fivePairs_goFromTrayToTheLastStep_withAReloadInTheMiddle() {
        BrowserContext window = browser.window(1280, 800);
        Page page = browser.open(window, "/tray");
        page.getByLabel("more for Hop earrings").click();
        page.getByText("Make many").click();
        page.waitForSelector(".bench.job svg");
        assertThat(page.locator(".big b")).hasText("5");
        Locator many = page.getByLabel("how many");
        many.fill("5");
        many.press("Enter");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench card"))
                .click();
        page.waitForSelector(".bench-card h1");
        String id = page.url().replaceFirst(".*/jobs/([^/]+)/card", "$1");
        JsonNode steps = http.post(
                        "/api/plans",
                        http.get("/api/jobs/" + id + "/piece").json().toString())
                .json()
                .get("steps");
        int tumble = -1;
        for (int i = 0; i < steps.size(); i++) {
            JsonNode step = steps.get(i);
            assertThat(title(page)).hasText(step.get("title").asString());
            if (step.get("wires").asInt() > 1) {
                assertThat(page.locator(".bench-card .batch"))
                        .containsText(step.get("wires").asInt() + " wires");
            }
            assertThat(Browser.overlaps(page)).as(step.get("title").asString()).isEmpty();
            if (step.get("shows").asString().equals("tumbling")) {
                tumble = i;
                assertThat(button(page, "^start the timer")).isVisible();
            }
            if (i == steps.size() - 1) {
                break;
            }
            page.keyboard().press(i % 2 == 0 ? "Space" : "PageDown");
            assertThat(title(page)).hasText(steps.get(i + 1).get("title").asString());
            if (i == steps.size() / 2 || i == tumble) {
                page.reload();
                page.waitForSelector(".bench-card h1");
                assertThat(title(page)).hasText(steps.get(i + 1).get("title").asString());
            }
            if (tumble >= 0 && i >= tumble) {
                assertThat(page.locator(".timer")).containsText("Tumble the wire");
                assertThat(page.locator(".timer b")).hasText(Pattern.compile("4[45]:\\d\\d"));
            }
        }
        assertThat(tumble).isGreaterThan(0);
        assertThat(page.locator(".bench-card .caution")).containsText("Tumble the wire");
        button(page, "take off the timer").click();
        assertThat(page.locator(".timer")).hasCount(0);
        page.keyboard().press("Space");
        page.waitForSelector(".bench.job");
        assertThat(http.get("/api/progress/" + id).json().get("step").asInt()).isZero();
        window.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** A timer that ran out while the window was closed is ready when it is opened again. */
    @Test
    void timerThatRanOutMeanwhile_isReady() {
        String id = Screen.pieceNamed(http, "Quince bangle");
        http.send(http.request("/api/progress/" + id)
                .header("Content-Type", "application/json")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString("""
                        {"step": 2, "title": "Mark the wire", "timers": [{"title": "Tumble the wire", "endsAtMs": 1e12, "step": 1}]}
                        """))
                .build());
        Page page = browser.open("/pieces/" + id + "/make");

        assertThat(title(page)).hasText("Mark the wire");
        assertThat(page.locator(".timer.over b")).hasText("ready");
        button(page, "take off the timer").click();
        assertThat(page.locator(".timer")).hasCount(0);
        page.close();
    }

    /** The piece was changed meanwhile: the card finds its step again by its title. */
    @Test
    void changedPiece_isPickedUpAtTheSameStep() {
        String id = Screen.pieceNamed(http, "Medlar clasp");
        http.send(http.request("/api/progress/" + id)
                .header("Content-Type", "application/json")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString(
                        "{\"step\": 2, \"title\": \"Form the loop\", \"timers\": []}"))
                .build());
        Page page = browser.open("/pieces/" + id + "/make");

        assertThat(title(page)).hasText("Form the loop");
        page.close();
    }

    /** Every picture before differs from the picture after, on every step of every piece of the demo. */
    @Test
    void picturesOfEveryStep_showTwoStates() {
        BrowserContext window = browser.window(1280, 800);
        for (JsonNode piece : http.get("/api/pieces").json()) {
            Page page = browser.open(window, "/pieces/" + piece.get("id").asString() + "/make");
            page.waitForSelector(".bench-card h1");
            page.keyboard().press("Home");
            for (int i = 0; i < piece.get("steps").asInt(); i++) {
                assertThat(page.locator(".bench-card .steps button[aria-current]"))
                        .hasAttribute("aria-label", Pattern.compile("step " + (i + 1) + ": .*"));
                if (page.locator(".rest-dial").count() == 0) {
                    page.waitForSelector(".pictures figure:nth-child(2) svg g path");
                    Set<Object> pictures = new HashSet<>((List<?>) page.evaluate(
                            "[...document.querySelectorAll('.pictures figure svg[role=img]')].map(s => s.innerHTML"
                                    + ".replaceAll(/ id=\"[^\"]*\"/g, '').replaceAll(/url\\([^)]*\\)/g, ''))"));
                    assertThat(pictures)
                            .as(piece.get("name").asString() + ", step " + (i + 1))
                            .hasSize(2);
                }
                if (i < piece.get("steps").asInt() - 1) {
                    page.keyboard().press("Space");
                }
            }
            page.close();
        }
        window.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** For the left hand pictures and words change sides, and the picture is the mirror image. */
    @Test
    void leftHand_hasTheCardMirrored() {
        String address = "/pieces/" + Screen.pieceNamed(http, "Medlar clasp") + "/make";
        Page page = browser.open(address);
        page.waitForSelector(".bench-card h1");
        page.keyboard().press("End");
        assertThat(title(page)).hasText("Check the piece");
        double words = page.locator(".now section").boundingBox().x;
        Object right = drawnTo(page);
        leftHanded(true);
        try {
            page.reload();
            page.waitForSelector(".bench-card.left-hand h1");
            assertThat(title(page)).hasText("Check the piece");
            assertThat(page.locator(".now section").boundingBox().x).isGreaterThan(words + 300);
            Object left = drawnTo(page);
            // Its light falls from the same side as before: the strokes that draw that are no mirror image.
            assertThat(((Number) left).doubleValue()).isCloseTo(-((Number) right).doubleValue(), within(0.15));
            assertThat(Math.abs(((Number) right).doubleValue())).isGreaterThan(0.2);
        } finally {
            leftHanded(false);
        }
        page.close();
    }

    /** How far to the right of its middle the finished form has most of its wire, mm. */
    private static Object drawnTo(Page page) {
        page.waitForSelector(".pictures figure:last-child svg g path");
        return page.evaluate("""
                () => {
                  const group = [...document.querySelectorAll('.pictures figure:last-child svg g')]
                    .find(g => g.getAttribute('transform'));
                  const xs = [...group.querySelectorAll('path')].flatMap(path => {
                    const long = path.getTotalLength();
                    return Array.from({ length: 400 }, (_, i) => path.getPointAtLength(long * i / 400).x);
                  });
                  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
                  return xs.reduce((sum, x) => sum + x, 0) / xs.length - middle;
                }
                """);
    }

    private void leftHanded(boolean is) {
        JsonNode kept = http.get("/api/settings").json();
        ObjectNode settings = (ObjectNode) kept.get("settings");
        ((ObjectNode) settings.get("school")).put("leftHanded", is);
        http.put("/api/settings", kept.get("version").asLong(), settings.toString());
    }

    /** Read at 1.5 m: everything with a figure in it is at least 24 px high, what is pressed at least 44. */
    @Test
    void card_isReadFromAfar() {
        Page page = browser.open("/pieces/" + Screen.pieceNamed(http, "Teasel drops") + "/make");
        page.waitForSelector(".bench-card h1");
        page.keyboard().press("Home");
        for (int i = 0; i < 5; i++) {
            Object small = page.evaluate("""
                    [...document.querySelectorAll('.bench-card *')].filter(e => [...e.childNodes].some(n => n.nodeType === 3 \
                    && /\\\\d/.test(n.textContent)) && parseFloat(getComputedStyle(e).fontSize) < 24 && e.checkVisibility())
                    .map(e => e.textContent)
                    """);
            assertThat((List<?>) small).isEmpty();
            page.keyboard().press("Space");
        }
        Object low = page.evaluate("""
                [...document.querySelectorAll('.bench-card .go button')].filter(e => e.checkVisibility() \
                && e.getBoundingClientRect().height < 44).map(e => e.textContent)
                """);
        assertThat((List<?>) low).isEmpty();
        assertThat(page.locator(".bench-card .go button").count()).isPositive();
        assertThat(Browser.seriousByAxe(page)).isEmpty();
        page.close();
    }
}
