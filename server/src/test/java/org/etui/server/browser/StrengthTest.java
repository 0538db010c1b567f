package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.etui.server.browser.Screen.button;
import static org.etui.server.browser.Screen.document;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.regex.Pattern;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What the wire remembers, on screen: hold against purpose, advice with a fix, work, tools owned; the figures are those of the API. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StrengthTest {
    private static final String CLASP = """
            {"format": "etui-piece", "version": 1, "name": "Quince clasp", "purpose": "necklace-closure",
             "strands": [{"id": "hook", "wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": 1.25}},
                          "elements": [{"kind": "straight", "id": "run", "lengthMm": 30},
                                       {"kind": "arc", "id": "bend", "insideMm": 7, "sweepDeg": 200}]}]}
            """;

    @LocalServerPort
    private int port;

    private Browser browser;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private Page clasp() {
        String id = new Http(port).post("/api/pieces", CLASP).json().get("id").asString();
        Page page = browser.open("/pieces/" + id + "/shape");
        page.waitForSelector("[data-testid=cut]");
        return page;
    }

    private JsonNode bend(Page page) {
        return new Http(port)
                .post("/api/plans", document(new Http(port), page).toString())
                .json()
                .at("/strands/0/elements/1");
    }

    private static Locator row(Page page, String label) {
        return page.locator(".why-row").filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + label)));
    }

    private static String newtons(JsonNode value) {
        double n = value.asDouble();
        return String.format(Locale.ROOT, n < 9.95 ? "(%.1f N)" : "(%.0f N)", n);
    }

    /** By mouse: what a beginner sees first is that it does not hold, why, and one press that mends it. */
    @Test
    void hookThatHoldsTooLittle_isMendedByOnePress() {
        Page page = clasp();
        Locator holds = row(page, "bend holds");
        assertThat(holds).containsText(newtons(bend(page).get("holdN")));
        holds.locator("summary").click();
        assertThat(holds).containsText("Estimate.");
        assertThat(holds).containsText("Castigliano");
        assertThat(holds).containsText("1.25 mm copper, dead soft");
        assertThat(holds).containsText("metal scatters: from");

        Locator advice = page.locator(".advice.mind");
        assertThat(advice).containsText("a necklace closure needs 1.0 kg (10 N)");
        advice.getByRole(AriaRole.BUTTON).click();
        assertThat(advice).hasCount(0);

        page.waitForCondition(() -> bend(page).get("holdN").asDouble() > 10);
        assertThat(row(page, "bend holds")).containsText(newtons(bend(page).get("holdN")));
        button(page, "^undo").click();
        assertThat(page.locator(".advice.mind")).hasCount(1);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** By keys: choose the bend, add a flattening, see thickness, growth and hold follow; the card has the step. */
    @Test
    void flattening_isAddedByKeys_andTheCardHasItsStep() {
        Page page = clasp();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        double before = bend(page).get("holdN").asDouble();
        Locator add = page.getByLabel("add work");
        add.focus();
        add.selectOption("flatten");
        page.getByLabel("to", new Page.GetByLabelOptions().setExact(true)).focus();
        page.keyboard().press("ControlOrMeta+a");
        page.keyboard().type("0.9");
        page.keyboard().press("Enter");

        page.waitForCondition(() ->
                document(new Http(port), page).at("/work").get(0).get("toMm").asDouble() == 0.9);
        JsonNode bend = bend(page);
        assertThat(bend.get("holdN").asDouble()).isGreaterThan(2 * before);
        assertThat(row(page, "holds")).containsText(newtons(bend.get("holdN")));
        assertThat(row(page, "inside after the work"))
                .containsText(String.format(
                        Locale.ROOT, "%.2f mm", bend.at("/finished/insideMm").asDouble()));
        assertThat(row(page, "temper now"))
                .containsText(bend.get("temperNow").asString().replace('-', ' '));
        assertThat(row(page, "form it on")).containsText("mandrel 7 mm");

        page.keyboard().press("Escape");
        page.navigate(page.url().replace("/shape", "/make"));
        page.waitForSelector(".bench-card h1");
        button(page, "step \\d+: Flatten the bend to 0.90 mm").click();
        assertThat(page.getByText("goes from 7.0 mm to about")).isVisible();
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** A tool measured anew changes what plans say; undo brings it back. */
    @Test
    void toolMeasuredAnew_changesThePlan() {
        Page page = browser.open("/tools");
        button(page, "^mandrel 7.00 mm").click();
        Locator size = page.getByLabel("measured across");
        size.fill("6.8");
        size.press("Enter");
        assertThat(button(page, "^mandrel 6.80 mm")).isVisible();
        button(page, "^plier step 7.00 mm").click();
        button(page, "I do not own this").click();
        assertThat(button(page, "^plier step 7.00 mm")).hasCount(0);
        Browser.seriousByAxe(page).forEach(a -> assertThat(a).isEmpty());

        JsonNode tool = new Http(port).post("/api/plans", CLASP).json().at("/strands/0/elements/1/tool");
        assertThat(tool.at("/owned/sizeMm").asDouble()).isEqualTo(6.8);

        button(page, "^undo").click();
        button(page, "^undo").click();
        assertThat(button(page, "^mandrel 7.00 mm")).isVisible();
        button(page, "add a tool").click();
        assertThat(button(page, "I do not own this")).isVisible();
        size = page.getByLabel("measured across");
        size.fill("spoon");
        size.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        button(page, "^undo").click();
        page.close();
        assertThat(browser.complaints).isEmpty();
    }
}
