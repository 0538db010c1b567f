package org.etui.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/**
 * Every view, in daylight and lamp light, from a wide window to a phone and a page at 200 % (WCAG 2.2, 1.4.10): accessible, nothing overlapping,
 * nothing to scroll sideways, forms large enough.
 */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ViewsTest {
    private static final Map<String, String> READY = Map.ofEntries(
            Map.entry("/tray", ".tray-piece"),
            Map.entry("/tray/new", ".card h3"),
            Map.entry("/tray/measure", ".ways li"),
            Map.entry("/rack", ".mat button"),
            Map.entry("/rack/cut", ".side input"),
            Map.entry("rack", ".cut-plan svg"),
            Map.entry("/bath", ".bath-row .piece-form"),
            Map.entry("/daybook", ".mat .plain li"),
            Map.entry("/tools", ".tool-mat button"),
            Map.entry("/jobs", ".jobs li"),
            Map.entry("/jobs/days", ".mat svg"),
            Map.entry("job", ".bench.job svg"),
            Map.entry("/settings", ".measures li"),
            Map.entry("/sizes", ".sizes-page svg"),
            Map.entry("/help/model", "article"),
            Map.entry("/help/tools", ".MuiTable-root td"),
            Map.entry("/help/cautions", ".cautions dd"),
            Map.entry("wire", ".field-cell"),
            Map.entry("shape", "[data-testid=cut]"),
            Map.entry("harden", ".step"),
            Map.entry("colour", ".bath-strip rect"),
            Map.entry("cut", ".MuiTable-root"),
            Map.entry("make", ".bench-card h1"),
            Map.entry("log", ".mat button svg"),
            Map.entry("joblog", ".mat button svg"));

    @LocalServerPort
    private int port;

    private Browser browser;
    private JsonNode tray;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        tray = new Http(port).get("/api/pieces").json();
    }

    @AfterAll
    void close() {
        browser.close();
    }

    @ParameterizedTest
    @CsvSource({
        "1280, 800, light",
        "1024, 768, light",
        "1280, 800, dark",
        "390, 844, light",
        "640, 400, dark",
        "320, 640, light"
    })
    void everyView_isAccessibleAndNothingOverlaps(int width, int height, String scheme) {
        BrowserContext window = browser.window(width, height);
        window.addInitScript("localStorage.setItem('mui-mode', '" + scheme + "')");
        int shapes = width == 1280 && scheme.equals("light") ? 4 : 1;
        List<String> wrong = new ArrayList<>();
        Page page = browser.open(window, "/tray");
        for (Map.Entry<String, String> view : READY.entrySet()) {
            boolean outside = view.getKey().startsWith("/");
            for (String path : outside ? List.of(view.getKey()) : paths(view.getKey(), shapes)) {
                Browser.go(page, path);
                page.waitForSelector(view.getValue());
                page.evaluate("document.fonts.ready.then(() => undefined)");
                Browser.overlaps(page).forEach(o -> wrong.add(path + " " + o));
                if (width != 1024) {
                    Browser.seriousByAxe(page).forEach(a -> wrong.add(path + " axe " + a));
                }
                assertThat(page.evaluate("document.documentElement.scrollWidth <= innerWidth + 1"))
                        .as("%s scrolls sideways", path)
                        .isEqualTo(true);
            }
        }
        window.close();
        assertThat(wrong).isEmpty();
        assertThat(browser.complaints).isEmpty();
    }

    private List<String> paths(String station, int shapes) {
        List<String> paths = new ArrayList<>();
        if (station.equals("job") || station.equals("rack") || station.equals("joblog")) {
            String address = station.equals("rack") ? "/rack/cut?job=" : "/jobs/";
            String behind = station.equals("joblog") ? "/log" : "";
            new Http(port)
                    .get("/api/jobs")
                    .json()
                    .forEach(j -> paths.add(address + j.get("id").asString() + behind));
            return paths;
        }
        int most = Set.of("shape", "wire", "harden").contains(station) ? shapes : 1;
        for (int i = 0; i < most; i++) {
            paths.add("/pieces/" + tray.get(i).get("id").asString() + "/" + station);
        }
        return paths;
    }

    @Test
    void printDialog_isAccessible_andShowsTheSheet() {
        Page page = browser.open("/pieces/" + tray.get(1).get("id").asString() + "/shape");
        page.waitForSelector("[data-testid=cut]");
        page.keyboard().press("p");
        page.waitForSelector("img[alt^=\"1:1 template\"]");
        // not waitForFunction: what it looks at a second time is evaluated by the page, which allows no such thing
        page.waitForCondition(
                () -> Boolean.TRUE.equals(
                        page.evaluate(
                                "document.querySelector('img[alt^=\"1:1 template\"]').naturalWidth > 0 && document.getAnimations().length === 0")));

        assertThat(Browser.seriousByAxe(page)).isEmpty();
        assertThat(Browser.overlaps(page)).isEmpty();
        page.close();
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768"})
    void form_fillsAtLeast55PercentOfTheLimitingSideOfItsMat(int width, int height) {
        BrowserContext window = browser.window(width, height);
        Page page = browser.open(window, "/tray");
        for (JsonNode piece : tray) {
            Browser.go(page, "/pieces/" + piece.get("id").asString() + "/shape");
            page.waitForSelector("[aria-label='name of the piece'][value='"
                    + piece.get("name").asString() + "']");
            Browser.untilDrawn(page);
            BoundingBox form = page.getByTestId("form").boundingBox();
            BoundingBox mat = page.locator(".mat").boundingBox();

            double share = Math.max(form.width / mat.width, form.height / mat.height);
            assertThat(share).as(piece.get("name").asString()).isBetween(0.55, 1.0);
        }
        window.close();
    }

    @Test
    void everyStepOfEveryCard_fitsTheScreen() {
        BrowserContext window = browser.window(1280, 800);
        Page page = browser.open(window, "/tray");
        for (JsonNode piece : tray) {
            Browser.go(page, "/pieces/" + piece.get("id").asString() + "/make");
            page.waitForSelector(".bench-card h1");
            page.keyboard().press("Home");
            for (int i = 0; i < piece.get("steps").asInt(); i++) {
                assertThat(Browser.overlaps(page))
                        .as(piece.get("name").asString() + " step " + (i + 1))
                        .isEmpty();
                assertThat(page.evaluate("document.querySelector('.bench-card').scrollHeight <= innerHeight + 1"))
                        .as(piece.get("name").asString() + " step " + (i + 1) + " fits")
                        .isEqualTo(true);
                if (i < piece.get("steps").asInt() - 1) {
                    page.keyboard().press("Space");
                }
            }
            Browser.go(page, "/tray");
            page.waitForSelector(".tray-piece");
        }
        window.close();
    }

    /** First load: all that the application ships, compressed as served; the maker's own data come on top. */
    @Test
    void firstLoad_isUnder200Kilobytes() {
        BrowserContext window = browser.window(1280, 800);
        Page page = window.newPage();
        var session = window.newCDPSession(page);
        session.send("Network.enable");
        Map<String, String> names = new HashMap<>();
        Map<String, Double> bytes = new TreeMap<>();
        session.on(
                "Network.requestWillBeSent",
                e -> names.put(
                        e.get("requestId").getAsString(),
                        e.getAsJsonObject("request").get("url").getAsString()));
        session.on(
                "Network.loadingFinished",
                e -> bytes.merge(
                        names.get(e.get("requestId").getAsString()),
                        e.get("encodedDataLength").getAsDouble(),
                        Double::sum));
        page.navigate("http://127.0.0.1:" + port + "/");
        page.waitForSelector(".tray-piece");
        page.waitForTimeout(500);

        double all = bytes.entrySet().stream()
                .filter(e -> !e.getKey().contains("/api/"))
                .mapToDouble(Map.Entry::getValue)
                .sum();
        assertThat(all).as("%s", bytes).isBetween(50_000.0, 200_000.0);
        window.close();
    }
}
