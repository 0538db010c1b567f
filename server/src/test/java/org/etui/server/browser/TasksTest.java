package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/** Three tasks of a stranger, who presses only what is in sight in a window of 1280 × 800, and who types a figure as one press. */
@ServerTest
@TestPropertySource(properties = "etui.demo=false")
@DirtiesContext
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TasksTest {
    @LocalServerPort
    private int port;

    private Browser browser;
    private int presses;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    @BeforeEach
    void begin() {
        presses = 0;
    }

    private static Locator named(Page page, AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .first();
    }

    /** Counts, and does not scroll to what a stranger would not see. */
    private void inSight(Locator locator) {
        presses++;
        assertThat(locator).isVisible();
        try {
            locator.page().waitForCondition(() -> isInWindow(locator.boundingBox()));
        } catch (TimeoutError never) {
            throw new AssertionError(locator + " is not in sight", never);
        }
    }

    private static boolean isInWindow(BoundingBox box) {
        return box != null
                && box.x >= 0
                && box.x + box.width / 2 <= 1280
                && box.y >= 0
                && box.y + box.height / 2 <= 800;
    }

    private void press(Locator locator) {
        inSight(locator);
        locator.click();
    }

    private void type(Page page, Locator field, String text) {
        inSight(field);
        field.fill(text);
        page.keyboard().press("Enter");
    }

    private byte[] printed(Page page, Locator link) {
        inSight(link);
        return new Http(port).get(link.getAttribute("href")).body();
    }

    /** A hook of 1 mm sterling that holds a kilogram, with its template on paper. */
    @Test
    void aHookThatHoldsAKilogram_withItsTemplate() throws Exception {
        Page page = browser.open("/tray");
        press(named(page, AriaRole.LINK, "New piece"));
        press(named(page, AriaRole.BUTTON, "^Hook clasp"));
        press(named(page, AriaRole.BUTTON, "^necklace closure"));
        page.waitForSelector("[data-testid=cut]");
        press(named(page, AriaRole.LINK, "^Wire"));
        page.waitForSelector(".field-cell");
        press(named(page, AriaRole.BUTTON, "^sterling"));
        assertThat(page.getByText("You are looking at sterling silver")).isVisible();
        page.waitForSelector(".field-grid[aria-busy=false]");
        press(named(page, AriaRole.BUTTON, "^1\\.02 mm hard"));
        assertThat(named(page, AriaRole.LINK, "^Wire")).containsText("sterling silver · 1.02 mm");
        press(named(page, AriaRole.LINK, "^Shape"));
        Locator line = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("what it holds"));
        type(page, line.getByLabel("needs"), "1000");
        assertThat(line).containsText(Pattern.compile("will (not )?hold"));
        if (line.textContent().contains("will not hold")) {
            press(line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("mm"))));
        }
        assertThat(line).containsText(Pattern.compile("(?<!not )will hold"));
        press(named(page, AriaRole.BUTTON, "^print"));
        try (var pdf = Loader.loadPDF(printed(page, named(page, AriaRole.LINK, "Open PDF")))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Hook clasp", "1.02 mm sterling silver");
        }
        JsonNode plan = Screen.plan(new Http(port), page);
        assertThat(plan.at("/weakest/holdsN").asDouble()).isGreaterThanOrEqualTo(9.80665);
        assertThat(presses).isLessThanOrEqualTo(12);
        page.close();
    }

    /** Why a bought hook of 1 mm brass opened, and what can be done. */
    @Test
    void whyABoughtHookOpened() {
        Page page = browser.open("/tray");
        press(named(page, AriaRole.LINK, "measure it"));
        type(page, page.getByLabel("wire, thickness"), "1.0");
        type(page, page.getByLabel("bend, inside"), "8");
        Locator metal = page.getByLabel("metal", new Page.GetByLabelOptions().setExact(true));
        inSight(metal);
        metal.selectOption("brass");
        assertThat(page.locator(".measure-says")).containsText("That is why it opens");
        Locator way = page.locator(".ways button").first();
        press(way);
        page.waitForURL(Pattern.compile("/pieces/[^/]+/"));
        assertThat(presses).isLessThanOrEqualTo(6);
        page.close();
    }

    /** Ear wires in two sizes for twelve pupils: cut list, card and sheet. */
    @Test
    void twoSizesOfEarWires_forTwelvePupils() throws Exception {
        Page page = browser.open("/tray");
        press(named(page, AriaRole.LINK, "New piece"));
        press(named(page, AriaRole.BUTTON, "^ear wires"));
        press(named(page, AriaRole.BUTTON, "^Ear wires"));
        page.waitForSelector("[data-testid=cut]");
        press(named(page, AriaRole.LINK, "^Cut"));
        press(named(page, AriaRole.BUTTON, "^make many of it"));
        press(named(page, AriaRole.BUTTON, "^add a size"));
        Locator differs = page.getByLabel("a measure that differs");
        inSight(differs);
        differs.selectOption("bowInsideMm");
        type(page, page.getByLabel("bow, inside").nth(1), "12");
        type(page, page.getByLabel("how many").nth(0), "6");
        type(page, page.getByLabel("how many").nth(1), "6");
        assertThat(page.locator(".big b")).hasText("12");
        assertThat(page.getByText("Cut list").first()).isVisible();
        press(named(page, AriaRole.BUTTON, "^print$"));
        try (var pdf = Loader.loadPDF(printed(page, named(page, AriaRole.LINK, "Open PDF")))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Ear wires, batch");
        }
        assertThat(presses).isLessThanOrEqualTo(12);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }
}
