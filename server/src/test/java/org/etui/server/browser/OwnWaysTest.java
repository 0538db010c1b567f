package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.etui.server.browser.Screen.button;
import static org.etui.server.browser.Screen.document;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
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
import tools.jackson.databind.JsonNode;

/** The maker's own ways: measures named in place, units, hints, sizes, files, sheets, sizes of a job. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OwnWaysTest {
    @LocalServerPort
    private int port;

    private Http http;
    private Browser browser;

    @BeforeAll
    void open() {
        http = new Http(port);
        Screen.inMillimetres(http);
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private String id(String name) {
        for (JsonNode piece : http.get("/api/pieces").json()) {
            if (piece.get("name").asString().equals(name)) {
                return piece.get("id").asString();
            }
        }
        throw new AssertionError("no " + name);
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    /** A word that is not known yet is asked for where it was typed, and counts at once. */
    @Test
    void unknownMeasure_isNamedInPlace() {
        Page page = browser.open("/pieces/" + id("Medlar clasp") + "/shape");
        page.waitForSelector("[data-testid=cut]");
        Locator hook = field(page, "hook, inside");
        hook.fill("2 knuckles");
        hook.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“knuckles” is no unit and no measure of yours");
        Locator one = page.getByLabel("how long one knuckle is");
        one.fill("4.25mm");
        one.press("Enter");

        assertThat(hook).hasValue("8.5");
        page.waitForCondition(() -> document(http, page).toString().contains("\"hookInsideMm\":8.5"));
        hook.focus();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(button(page, "^jaw mark [0-9.]+ mm$")).isVisible();
        button(page, "^peg [0-9.]+ mm$").click();
        assertThat(hook).hasValue("6.4");
        hook.press("Alt+ArrowDown");
        button(page, "^name this length$").click();
        page.getByPlaceholder("its name").fill("sloe peg");
        page.keyboard().press("Enter");
        assertThat(button(page, "^sloe peg [0-9.]+ mm$")).isVisible();
        page.keyboard().press("Escape");
        assertThat(http.get("/api/measures").json().toString()).contains("knuckle", "sloe peg");
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** Three ways to read lengths, on every page by one key, and kept for the next window. */
    @Test
    void units_goRoundByOneKey_andAreKept() {
        Page page = browser.open("/pieces/" + id("Hop S-hook") + "/cut");
        Locator cut = page.locator(".MuiTable-root", new Page.LocatorOptions().setHasText("Cut list"))
                .first();
        assertThat(cut).containsText(" mm");
        page.keyboard().press("m");
        assertThat(cut).containsText(Pattern.compile("\\d/(16|8|4|2) in"));
        page.keyboard().press("m");
        assertThat(button(page, "^in 1.32$")).hasAttribute("aria-pressed", "true");
        page.waitForCondition(() -> http.get("/api/settings")
                .json()
                .at("/settings/units")
                .asString()
                .equals("in32"));
        Page other = browser.open("/pieces/" + id("Hop S-hook") + "/cut");
        assertThat(button(other, "^in 1.32$")).hasAttribute("aria-pressed", "true");
        other.keyboard().press("m");
        assertThat(other.locator(".MuiTable-root").first()).containsText(" mm");
        page.close();
        other.close();
    }

    /** A hint shows once, goes away for good, and can be had again. */
    @Test
    void hint_goesAwayAndComesAgain() {
        Page page = browser.open("/pieces/" + id("Sloe hook") + "/harden");
        assertThat(page.locator(".hint-line")).containsText("Hatched is where no hammer may go");
        button(page, "^hide this tip$").click();
        assertThat(page.locator(".hint-line")).hasCount(0);
        page.waitForCondition(() -> http.get("/api/settings").json().toString().contains("\"harden\""));
        page.reload();
        page.waitForSelector(".step");
        assertThat(page.locator(".hint-line")).hasCount(0);
        page.navigate("http://127.0.0.1:" + port + "/settings");
        button(page, "^show them all again$").click();
        page.waitForCondition(() -> !http.get("/api/settings").json().toString().contains("\"harden\""));
        page.close();
    }

    /** Another school, other words on the card. */
    @Test
    void school_isTakenOnTheCard() {
        Page page = browser.open("/settings");
        button(page, "^turn the pliers and draw the wire$").click();
        page.waitForCondition(() -> http.get("/api/settings").json().toString().contains("\"draw\""));
        Page card = browser.open("/pieces/" + id("Hazel earrings") + "/make");
        card.waitForSelector(".bench-card h1");
        card.getByLabel(Pattern.compile("Form the spiral")).click();
        assertThat(card.locator(".bench-card .text")).containsText("turn the pliers");
        button(page, "^hold it still and push the wire$").click();
        page.close();
        card.close();
    }

    /** Source: GNU Units: ringsize(7) is 54.209 mm round. A ring size is typed where a girth is asked for by its inside. */
    @Test
    void sizes_followAGirth() {
        Page page = browser.open("/sizes");
        Locator girth = field(page, "girth of the finger");
        girth.fill("54.2");
        girth.press("Enter");
        assertThat(page.locator(".side")).containsText("ring size US7");
        button(page, "^bracelet$").click();
        Locator wrist = field(page, "girth of the wrist");
        wrist.fill("6 1/2in");
        wrist.press("Enter");
        assertThat(wrist).hasValue("165.1");
        assertThat(page.locator(".big")).containsText("185.1");
        button(page, "^print a strip").click();
        untilShown(page, "ring strip");
        button(page, "^bangle strip$").click();
        untilShown(page, "bangle strip");
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    private static void untilShown(Page page, String sheet) {
        page.waitForSelector(".sheet-shown img[alt^='" + sheet + "']");
        page.waitForCondition(
                () -> (Integer) page.evaluate("document.querySelector('.sheet-shown img')?.naturalWidth ?? 0") > 0);
    }

    @Test
    void everySheet_isShownAndLinked() {
        Page page = browser.open("/pieces/" + id("Medlar clasp") + "/shape");
        page.waitForSelector("[data-testid=cut]");
        page.keyboard().press("p");
        for (String sheet : new String[] {"1:1 template", "marks strip", "jig sheet", "bench card"}) {
            button(page, "^" + sheet + "$").click();
            untilShown(page, sheet);
            String pdf = page.getByText("Open PDF").getAttribute("href");
            Http.Answer answer = http.get(pdf);
            assertThat(answer.status()).isEqualTo(200);
            assertThat(new String(answer.body(), 0, 5, StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF-");
        }
        assertThat(button(page, "^gap strip$")).hasCount(0);
        assertThat(button(page, "^stone sheet$")).hasCount(0);
        assertThat(Browser.seriousByAxe(page)).isEmpty();
        page.close();
    }

    /** A good file lands on the tray; a foreign one is refused with its path and nothing changes. */
    @Test
    void files_areOpenedOrRefused() {
        byte[] good = http.get("/api/pieces/" + id("Alder clasp") + "/export").body();
        Page page = browser.open("/tray");
        page.waitForSelector(".tray-piece");
        int before = page.locator(".tray-piece").count();
        Locator open = page.locator("input[type=file]");
        open.setInputFiles(new FilePayload("alder.etui.json", "application/json", good));
        button(page, "^Keep both$").click();
        assertThat(page.getByText("On the tray: Alder clasp.")).isVisible();
        assertThat(page.locator(".tray-piece")).hasCount(before + 1);
        String bad = new String(good, StandardCharsets.UTF_8).replaceFirst("\"elements\"", "\"elephants\"");
        open.setInputFiles(new FilePayload("bad.etui.json", "application/json", bad.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText(Pattern.compile("bad.etui.json is not taken.*elephants")))
                .isVisible();
        assertThat(page.locator(".tray-piece")).hasCount(before + 1);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** Sizes of a job are added, named, counted and undone; the drawing and the cut table follow. */
    @Test
    void job_takesSizes() {
        Page page = browser.open("/tray");
        page.getByLabel("more for Quince bangle").click();
        page.getByText("Make many").click();
        page.waitForSelector(".bench.job svg");
        button(page, "^add a size$").click();
        assertThat(page.getByLabel("how many")).hasCount(2);
        page.getByLabel("a measure that differs").selectOption("size");
        Locator size = page.locator(".sizes select[id]");
        assertThat(size).hasCount(2);
        size.nth(1).selectOption("large");
        Locator called = page.getByLabel("size name");
        called.nth(1).fill("large");
        called.nth(1).press("Enter");
        Locator cuts = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Cut list"));
        assertThat(cuts).containsText("Bangle, large");
        assertThat(page.locator(".mat svg text")).hasCount(2);
        page.getByLabel("how many").nth(1).fill("0");
        page.getByLabel("how many").nth(1).press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("1");
        assertThat(page.locator(".big b")).hasText("10");
        page.getByLabel("how many").nth(1).press("Escape");
        button(page, "^undo$").click();
        assertThat(cuts).not().containsText("Bangle, large");
        page.getByLabel("due on").fill("2027-01-15");
        assertThat(page.locator(".side .due")).containsText("Friday 15 January");
        assertThat(Browser.seriousByAxe(page)).isEmpty();
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** Every chapter of the model has formulas; tools and cautions have pages of their own. */
    @Test
    void guide_isRead() {
        Page page = browser.open("/help/model");
        assertThat(page.locator("h2:not(.unseen)").first()).containsText("Gauges");
        assertThat(page.locator("article").first()).containsText("ASTM B258");
        page.getByText("tools and their care").click();
        assertThat(page.locator(".MuiTable-root")).containsText("flush cutters");
        page.getByText("cautions").first().click();
        assertThat(page.locator(".cautions")).containsText("hydrogen sulfide");
        page.close();
    }

    /** A piece of one's own is kept as a pattern with two measures of its own; a new piece begun with it is asked for those. */
    @Test
    void ownPiece_isKeptAsAPattern_andANewOneIsMadeFromIt() {
        String made = Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName("Spindle hook"));
        String kept = http.post("/api/pieces", made).json().get("id").asString();
        Page page = browser.open("/pieces/" + kept + "/shape");
        button(page, "keep as a pattern").click();
        page.getByLabel("name for first hook, inside").fill("hooks, inside");
        page.getByLabel("name for second hook, inside").fill("hooks, inside");
        page.getByLabel("name for middle, length").fill("between");
        button(page, "Keep the names").click();
        assertThat(page.getByText("Measures you have named")).isVisible();

        Browser.go(page, "/tray/new");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("yours").setExact(true))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Spindle hook")))
                .click();
        page.waitForURL(Pattern.compile("/shape$"));
        String begun = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
        assertThat(begun).isNotEqualTo(kept);
        Locator hooks = field(page, "hooks, inside");
        hooks.fill("8.5");
        hooks.press("Enter");
        assertThat(page.getByText("saved")).isVisible();
        page.waitForCondition(() -> inside(begun, "first-hook") == 8.5);

        assertThat(inside(begun, "second-hook")).isEqualTo(8.5);
        assertThat(inside(kept, "first-hook")).isEqualTo(6);
        JsonNode document = http.get("/api/pieces/" + begun).json().get("document");
        assertThat(document.get("pattern").asBoolean()).isFalse();
        assertThat(document.at("/measures/1/title").asString()).isEqualTo("between");
        assertThat(browser.complaints).isEmpty();
        for (String id : List.of(begun, kept)) {
            http.send(http.request("/api/pieces/" + id).DELETE().build());
        }
    }

    private double inside(String piece, String element) {
        for (JsonNode of : http.get("/api/pieces/" + piece).json().at("/document/strands/0/elements")) {
            if (of.get("id").asString().equals(element)) {
                return of.get("insideMm").asDouble();
            }
        }
        throw new AssertionError("no " + element);
    }
}
