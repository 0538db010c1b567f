package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.etui.server.browser.Screen.button;
import static org.etui.server.browser.Screen.document;
import static org.etui.server.browser.Screen.grams;
import static org.etui.server.browser.Screen.plan;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The field of gauges and tempers, and a hook that was measured: chosen by mouse and by keys; what is on screen is what the API says. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ChooseWireTest {
    private static final String CLASP = """
            {"format": "etui-piece", "version": 1, "name": "Spindle clasp", "purpose": "necklace-closure",
             "strands": [{"id": "hook", "wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": 1.02}},
                          "elements": [{"kind": "straight", "id": "run", "lengthMm": 30},
                                       {"kind": "arc", "id": "bend", "insideMm": 7, "sweepDeg": 200}]}]}
            """;

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

    private Page wire() {
        String id = http.post("/api/pieces", CLASP).json().get("id").asString();
        Page page = browser.open("/pieces/" + id + "/wire");
        page.waitForSelector(".field-cell[aria-pressed=true]");
        return page;
    }

    private JsonNode cell(Page page, double mm, String temper, String metal) {
        String question = """
                {"piece": %s, "gauges": [{"thicknessMm": %s}], "tempers": ["%s"], "metal": "%s", "strand": 0}
                """.formatted(document(http, page), mm, temper, metal);
        return http.post("/api/fields", question).json().at("/cells/0");
    }

    private static Locator cellOf(Page page, String wire) {
        return button(page, "^" + wire + ":");
    }

    /** By mouse: the wire that it has fails and says where and by how much; pointed at another is tried, pressed it is taken. */
    @Test
    void betterWire_isChosenByMouse() {
        Page page = wire();
        Locator taken = page.locator(".field-cell[aria-pressed=true]");
        JsonNode before = cell(page, 1.02, "dead-soft", "copper");
        assertThat(before.get("holds").asBoolean()).isFalse();
        assertThat(taken).containsText(grams(before.get("holdN")));
        assertThat(taken).containsText("bend −" + grams(before.get("shortN")));
        assertThat(page.locator(".field-line path")).not().hasAttribute("d", "");

        cellOf(page, "1.02 mm half hard").hover();
        JsonNode tried = cell(page, 1.02, "half-hard", "copper");
        assertThat(page.locator(".compare [data-row=holds]")).containsText(grams(tried.get("holdN")));
        assertThat(page.locator(".compare [data-row='form it on']")).containsText("mandrel");
        assertThat(page.locator(".compare [data-row='wire costs']"))
                .containsText(
                        String.format(Locale.ROOT, "%.2f €", tried.get("price").asDouble()));
        cellOf(page, "1.02 mm half hard").click();

        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("1.02 mm copper, half hard")))
                .isVisible();
        assertThat(taken).containsText(grams(tried.get("holdN")));
        page.waitForCondition(() -> document(http, page).toString().contains("half-hard"));
        assertThat(page.locator(".advice.stop")).hasCount(0);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** By keys alone: arrows walk the field, enter takes; undo brings the old wire back. */
    @Test
    void betterWire_isChosenByKeys() {
        Page page = wire();
        page.locator(".field-cell[tabindex='0']").focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".field-cell[data-tried]")).hasCount(1);
        page.keyboard().press("Enter");

        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("1.29 mm copper, quarter hard")))
                .isVisible();
        page.waitForCondition(() -> document(http, page).toString().contains("quarter-hard"));
        assertThat(document(http, page)
                        .at("/strands/0/wire/section/label/number")
                        .asString())
                .isEqualTo("16");
        page.keyboard().press("ControlOrMeta+z");
        page.waitForCondition(() -> !document(http, page).toString().contains("quarter-hard"));
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** Practice in another metal changes the field and not the piece; a price changed at its place changes what a wire costs. */
    @Test
    void practiceInAnotherMetal_leavesThePiece_andAPriceIsChanged() {
        Page page = wire();
        button(page, "^brass$").click();
        assertThat(page.getByText("the piece is still copper")).isVisible();
        JsonNode brass = cell(page, 1.02, "dead-soft", "brass");
        assertThat(page.locator(".compare [data-row=holds]")).containsText(grams(brass.get("holdN")));
        assertThat(document(http, page).toString()).doesNotContain("brass");
        Locator price = page.getByLabel("a gram of brass");
        price.fill("2");
        price.press("Enter");
        assertThat(page.locator(".compare [data-row='wire costs']"))
                .containsText(String.format(
                        Locale.ROOT, "%.2f €", 2 * brass.get("massG").asDouble()));
        price.fill("0.05");
        price.press("Enter");
        button(page, "back to copper").click();

        button(page, "^SWG$").click();
        assertThat(page.locator(".field-gauge").first()).containsText("SWG");
        Locator measured = page.getByLabel("measured thickness");
        measured.fill("0.8");
        measured.press("Enter");
        assertThat(page.getByText("The systems disagree here: 20 or 21.")).isVisible();
        button(page, "read the calliper: the wire").click();
        page.getByLabel("the piece is for").selectOption("bangle-closure");
        assertThat(page.locator(".compare")).containsText("2.0 kg");
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** The beginner whose hook opens: from the tray to a hook that holds, by mouse, counted. */
    @Test
    void beginnerWhoseHookOpens_getsToOneThatHolds_inAtMostTenActions() {
        Page page = browser.open("/tray");
        int actions = 0;
        page.getByText("I have one: measure it").click();
        actions++;
        Locator thickness = page.getByLabel("wire, thickness");
        thickness.fill("1.25");
        thickness.press("Enter");
        actions += 2;
        Locator inside = page.getByLabel("bend, inside");
        inside.fill("7");
        inside.press("Enter");
        actions += 2;
        button(page, "^it opens$").click();
        actions++;
        assertThat(page.getByText("That is why it opens")).isVisible();
        page.locator(".ways button").first().click();
        actions++;

        assertHolds(page);
        assertThat(actions).isLessThanOrEqualTo(10);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** The same by keys alone; every key that is not a figure counts. */
    @Test
    void beginner_getsThereByKeysAlone() {
        Page page = browser.open("/tray");
        page.getByText("I have one: measure it").focus();
        page.keyboard().press("Enter");
        page.waitForSelector(".ways li");
        page.getByLabel("wire, thickness").focus();
        page.keyboard().type("1.25");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("holds")).containsText(grams(found(1.25).get("holdN")));
        page.locator(".ways button").first().focus();
        page.keyboard().press("Enter");
        assertHolds(page);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** It snaps and it slips off have other ways out; what cannot be is refused in words. */
    @Test
    void otherFailures_haveOtherWaysOut_andNonsenseIsRefused() {
        Page page = browser.open("/tray/measure");
        page.waitForSelector(".ways li");
        page.getByLabel("bought as").selectOption("hard");
        button(page, "^it snaps$").click();
        assertThat(page.locator(".ways")).containsText("it stands more bending");
        button(page, "^it slips off$").click();
        assertThat(page.locator(".ways li").first()).containsText("220°");
        page.getByLabel("bend, inside").fill("400");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("60");
        page.close();
    }

    private JsonNode found(double mm) {
        String question = """
                {"wire": {"metal": "copper", "section": {"shape": "round", "diameterMm": %s}}, "insideMm": 7,
                 "purpose": "necklace-closure", "fails": "opens"}
                """.formatted(mm);
        JsonNode found = http.post("/api/measured-hooks", question).json();
        return http.post("/api/plans", found.get("piece").toString()).json().at("/strands/0/elements/2");
    }

    /** The hook that was made holds what a necklace closure wants, on screen and by the API. */
    private void assertHolds(Page page) {
        page.waitForURL("**/harden");
        page.waitForSelector(".step");
        JsonNode plan = plan(http, page);
        JsonNode bend = plan.at("/strands/0/elements/2");
        assertThat(bend.get("holdN").asDouble()).isGreaterThan(10);
        assertThat(page.getByTestId("holds")).containsText(grams(bend.get("holdN")));
        assertThat(plan.get("advice").toString()).doesNotContain("holds-too-little");
    }
}
