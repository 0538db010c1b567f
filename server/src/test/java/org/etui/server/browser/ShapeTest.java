package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Changing a piece: by handle, by keys, by typed length; nothing is lost. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ShapeTest {
    /** How many times the processor is slowed where time counts. */
    private static final int THROTTLE = 4;

    @LocalServerPort
    private int port;

    private Browser browser;
    private Http http;
    private String id;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        http = new Http(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    @BeforeEach
    void fresh() {
        Screen.inMillimetres(new Http(port));
        String piece = Json.MAPPER.writeValueAsString(
                Patterns.find("hook-clasp").orElseThrow().usual());
        id = http.post("/api/pieces", piece).json().get("id").asString();
    }

    private Page shape() {
        Page page = browser.open("/pieces/" + id + "/shape");
        assertThat(page.getByTestId("cut")).isVisible();
        return page;
    }

    /** Waits until that many changes are kept. */
    private JsonNode keptAt(long version) {
        for (int i = 0; i < 600 && kept().get("version").asLong() < version; i++) {
            java.util.concurrent.locks.LockSupport.parkNanos(50_000_000);
        }
        assertThat(kept().get("version").asLong()).isEqualTo(version);
        return kept();
    }

    private static Locator field(Page page, String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    private JsonNode kept() {
        return http.get("/api/pieces/" + id).json();
    }

    private double keptInside(String element) {
        for (JsonNode e : kept().at("/document/strands/0/elements")) {
            if (e.get("id").asString().equals(element)) {
                return e.get("insideMm").asDouble();
            }
        }
        throw new IllegalArgumentException(element);
    }

    @Test
    void typedLength_inAnySpelling_changesThePieceAsAWhole() {
        Page page = shape();
        page.getByLabel("hook, inside").fill("5/16in");
        page.keyboard().press("Enter");

        assertThat(page.getByLabel("hook, inside")).hasValue("7.9");
        assertThat(keptAt(2).at("/document/source/detached").asBoolean()).isFalse();
        assertThat(keptInside("hook-bend")).isEqualTo(7.9375);
    }

    @Test
    void inchesTypedForAnElement_areRemembered() {
        Page page = shape();
        page.locator("[data-segment=run]").click();
        field(page, "length").fill("1/4in");
        page.keyboard().press("Enter");

        assertThat(page.getByText("typed 1/4in")).isVisible();
        assertThat(keptAt(2)
                        .at("/document/entered")
                        .get("strands.hook.elements.run.lengthMm")
                        .asString())
                .isEqualTo("1/4in");
    }

    @Test
    void thinWire_remakesThePieceByItsPattern() {
        String bangle = Json.MAPPER.writeValueAsString(
                Patterns.find("hook-and-eye-bangle").orElseThrow().usual());
        id = http.post("/api/pieces", bangle).json().get("id").asString();
        Page page = browser.open("/pieces/" + id + "/wire");
        page.getByLabel("thickness", new Page.GetByLabelOptions().setExact(true))
                .fill("0.3");
        page.keyboard().press("Enter");

        assertThat(page.getByText("A bangle of 0.30 mm wire does not keep its shape"))
                .isVisible();
        assertThat(keptAt(2).at("/document/strands/0/elements/7/toMm").asDouble())
                .isEqualTo(0.19);
    }

    @Test
    void impossibleLength_saysWhatIsAllowed_andThePieceStands() {
        Page page = shape();
        page.getByLabel("hook, inside").fill("blue");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“blue” is no unit and no measure of yours");

        page.getByLabel("hook, inside").fill("900");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("1 to 60 mm");
        assertThat(keptInside("hook-bend")).isEqualTo(7);
    }

    /** What a measure measures is lit on the form and the tape while its field has the focus: the hook bend by its inside. */
    @Test
    void measureAtHand_lightsWhatItMeasures() {
        Page page = shape();
        Locator glow = page.getByTestId("glow");
        assertThat(glow).hasCount(0);
        page.getByLabel("hook, inside").focus();
        assertThat(glow).hasCount(1);
        String hook = glow.getAttribute("d");
        page.getByLabel("curl, inside").focus();
        assertThat(glow).hasCount(1);
        page.waitForCondition(() -> !hook.equals(glow.getAttribute("d")));
        page.getByLabel("name of the piece").focus();
        assertThat(glow).hasCount(0);
        assertThat(keptInside("hook-bend")).isEqualTo(7);
    }

    @Test
    void draggedHandle_changesTheMeasure_inOneRevision_andUndoTakesItBack() {
        Page page = shape();
        page.locator("[data-element=hook-bend]").dispatchEvent("pointerdown");
        BoundingBox handle = page.locator("[data-handle=insideMm]").boundingBox();
        double x = handle.x + handle.width / 2;
        double y = handle.y + handle.height / 2;
        String before = page.getByTestId("cut").textContent();
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 12; i++) {
            page.mouse().move(x, y + 4 * i);
        }
        page.mouse().up();

        assertThat(page.getByTestId("cut")).not().hasText(before);
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("undo")))
                .isEnabled();
        assertThat(keptAt(2).at("/document/source/detached").asBoolean()).isTrue();
        assertThat(keptInside("hook-bend")).isGreaterThan(7.5);

        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("cut")).hasText(before);
        page.reload();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("redo"))
                .click();
        assertThat(page.getByTestId("cut")).not().hasText(before);
    }

    /** Pressed while a change is still being kept, undo takes back that change and not the one before it. */
    @Test
    void undoPressedAtOnce_takesBackWhatIsStillOnItsWay() {
        Page page = shape();
        String before = page.getByTestId("cut").textContent();
        List<Route> held = new ArrayList<>();
        page.route("**/api/pieces/" + id, route -> {
            if (route.request().method().equals("PUT")) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        page.getByLabel("hook, inside").fill("9");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("cut")).not().hasText(before);
        page.waitForCondition(() -> !held.isEmpty());
        page.keyboard().press("Control+z");
        assertThat(page.locator(".kept")).hasText("saving…");
        assertThat(kept().get("version").asLong()).isEqualTo(1);
        held.get(0).resume();

        assertThat(page.getByTestId("cut")).hasText(before);
        assertThat(keptInside("hook-bend")).isEqualTo(7);
        page.keyboard().press("Control+Shift+z");
        assertThat(page.getByLabel("hook, inside")).hasValue("9.0");
        page.close();
    }

    @Test
    void keysAlone_chooseChangeAddMoveAndRemove() {
        Page page = shape();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("hook bend")))
                .isVisible();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByLabel("inside", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("7.1");

        press(page, "loop");
        assertThat(page.locator("[data-segment=loop-2]")).isVisible();
        press(page, "move to the end");
        press(page, "remove");
        assertThat(page.locator("[data-segment=loop-2]")).hasCount(0);
        keptAt(5);
        List<String> ids = new java.util.ArrayList<>();
        kept().at("/document/strands/0/elements")
                .forEach(e -> ids.add(e.get("id").asString()));
        assertThat(ids).containsExactly("loop", "run", "hook-bend", "lip", "tip-curl");
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .focus();
        page.keyboard().press("Enter");
        page.waitForTimeout(200);
    }

    @Test
    void formTapeAndReadOuts_areTiedTogether() {
        Page page = shape();
        page.locator("[data-segment=tip-curl]").click();

        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("tip curl")))
                .isVisible();
        assertThat(page.locator("[data-segment=tip-curl]")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("[data-handle=insideMm]")).isVisible();
    }

    @Test
    void units_switchEverywhere() {
        Page page = shape();
        page.keyboard().press("m");

        assertThat(page.getByTestId("cut")).hasText("2 1/2");
        assertThat(page.getByLabel("hook, inside")).hasValue("1/4");
        page.keyboard().press("6");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Straighten the wire")))
                .isVisible();
        assertThat(page.getByText("step 1 of 11")).isVisible();
        page.close();
        Screen.inMillimetres(http);
    }

    @Test
    void twoWindows_theLaterChangeIsAskedAbout_andBothStayInTheHistory() {
        Page one = shape();
        Page two = shape();
        field(one, "straight").fill("5");
        one.keyboard().press("Enter");
        keptAt(2);
        field(two, "straight").fill("6");
        two.keyboard().press("Enter");

        assertThat(two.getByText("Changed in another window")).isVisible();
        two.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("keep what is here"))
                .click();
        assertThat(two.getByText("Changed in another window")).isHidden();
        assertThat(keptAt(3).at("/document/strands/0/elements/1/lengthMm").asDouble())
                .isEqualTo(6);
        JsonNode before = http.post("/api/pieces/" + id + "/undo", "").json();
        assertThat(before.at("/document/strands/0/elements/1/lengthMm").asDouble())
                .isEqualTo(5);
    }

    @Test
    void serverThatDoesNotAnswer_isSaid_andNothingChangesOnScreen() {
        Page page = shape();
        String cut = page.getByTestId("cut").textContent();
        page.route("**/api/**", route -> route.abort());
        field(page, "straight").fill("9");
        page.keyboard().press("Enter");

        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
        assertThat(page.getByTestId("cut")).hasText(cut);
    }

    @Test
    void card_picksUpAfterAReload_andGoesByOneKey() {
        Page page = browser.open("/pieces/" + id + "/make");
        assertThat(page.getByText("step 1 of 11")).isVisible();
        page.keyboard().press("Space");
        page.keyboard().press("PageDown");
        assertThat(page.getByText("step 3 of 11")).isVisible();

        page.reload();
        assertThat(page.getByText("step 3 of 11")).isVisible();
        page.keyboard().press("PageUp");
        assertThat(page.getByText("step 2 of 11")).isVisible();
        page.keyboard().press("End");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("done, back to the piece")))
                .isVisible();
    }

    @Test
    void tray_duplicatesTakesOffAndPutsBack() {
        Page page = browser.open("/tray");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("more for Bramble link"))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Duplicate"))
                .click();
        assertThat(page.getByText("Bramble link, copy")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("more for Bramble link, copy"))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Take off the tray"))
                .click();
        assertThat(page.locator(".tray-piece", new Page.LocatorOptions().setHasText("Bramble link, copy")))
                .hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it back"))
                .click();
        assertThat(page.locator(".tray-piece", new Page.LocatorOptions().setHasText("Bramble link, copy")))
                .hasCount(1);
    }

    /**
     * From the key to changed figures on screen, an ordinary processor slowed four times: the 95th percentile of 50 tries.
     * Times are in milliseconds of an ordinary machine: a slower one is measured right before each series. Other work on the
     * machine can only add to the time, so the quietest of up to five series counts, and only series at whose start a round
     * trip that does nothing keeps within 40 ms: a machine that is never that quiet cannot time this, and says so.
     */
    @Tag("timed")
    @Test
    void changeOnScreen_takesUnder100Milliseconds() {
        BrowserContext window = browser.window(1280, 800);
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        page.locator("[data-segment=run]").click();
        JsonObject rate = new JsonObject();
        rate.addProperty("rate", THROTTLE);
        window.newCDPSession(page).send("Emulation.setCPUThrottlingRate", rate);
        fiftyTries(page);
        double quietest = Double.POSITIVE_INFINITY;
        for (int series = 0; series < 5 && quietest >= 100; series++) {
            double slowness = Math.max(1, Browser.slowness(page) / THROTTLE);
            if (stall(page) / slowness < 40) {
                quietest = Math.min(quietest, fiftyTries(page).get(47) / slowness);
            }
        }

        assumeThat(quietest)
                .as("the machine was never quiet enough to time this")
                .isFinite();
        assertThat(quietest).as("95th percentile, ms").isLessThan(100);
        window.close();
    }

    /** The 95th percentile of round trips to the server and the screen that change nothing, ms. */
    private static double stall(Page page) {
        Number stall = (Number) page.evaluate("""
                async () => {
                  const times = [];
                  for (let i = 0; i < 40; i++) {
                    const from = performance.now();
                    await fetch('/api/gauges?thicknessMm=1').then((r) => r.text());
                    await new Promise((r) => requestAnimationFrame(r));
                    times.push(performance.now() - from);
                    await new Promise((r) => setTimeout(r, 50));
                  }
                  return times.sort((a, b) => a - b)[37];
                }
                """);
        return stall.doubleValue();
    }

    /** Fifty changes by key, each timed from the key to the frame that shows the changed figure, ms, sorted. */
    @SuppressWarnings("unchecked")
    private static List<Double> fiftyTries(Page page) {
        List<Number> times = (List<Number>) page.evaluate("""
                async () => {
                  const net = [...document.querySelectorAll('dt')].find((d) => d.textContent.startsWith('wire in it')).nextSibling;
                  const times = [];
                  for (let i = 0; i < 50; i++) {
                    const before = net.textContent;
                    const start = performance.now();
                    const changed = new Promise((tell) => {
                      const watch = new MutationObserver(() => {
                        if (net.textContent === before) return;
                        watch.disconnect();
                        requestAnimationFrame(() => tell(performance.now() - start));
                      });
                      watch.observe(net, { characterData: true, subtree: true, childList: true });
                    });
                    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', code: 'ArrowUp', bubbles: true }));
                    document.body.dispatchEvent(new KeyboardEvent('keyup', { key: 'ArrowUp', code: 'ArrowUp', bubbles: true }));
                    times.push(await changed);
                    await new Promise((r) => setTimeout(r, 200));
                  }
                  return times;
                }
                """);
        List<Double> sorted = times.stream().map(Number::doubleValue).sorted().toList();
        assertThat(sorted).hasSize(50);
        return sorted;
    }
}
