package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/**
 * A job of the trade, from an empty tray to the printed card: a shard of 30 × 19 × 7 mm, its point down, in four round wires of 0.64 mm, lashed with
 * half-round wire.
 */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PendantTest {
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

    private static void press(Page page, AriaRole role, String name) {
        page.getByRole(role, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .first()
                .click();
    }

    private static Locator measure(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    private static void type(Page page, String label, String value) {
        measure(page, label).fill(value);
        measure(page, label).press("Enter");
    }

    private JsonNode parameter(Page page, String name) {
        return Screen.document(http, page).at("/source/parameters/" + name);
    }

    @Test
    void shardPointDown_fromEmptyTrayToPrintedCard() throws Exception {
        BrowserContext window = browser.window(1280, 800);
        Page page = browser.open(window, "/tray");
        press(page, AriaRole.LINK, "New piece");
        press(page, AriaRole.BUTTON, "Woven front");
        press(page, AriaRole.BUTTON, "pendant");
        assertThat(page.getByTestId("cut")).isVisible();

        measure(page, "stone").selectOption("shard");
        page.waitForCondition(() -> parameter(page, "outline").asString().equals("shard"));
        measure(page, "its point").selectOption("down");
        type(page, "stone, length", "30");
        type(page, "stone, width of its length", "63.3");
        type(page, "stone, thickness", "7");
        measure(page, "lashing wire").selectOption("half-round");
        page.waitForCondition(() -> parameter(page, "thicknessMm").asDouble() == 7
                && parameter(page, "points").asString().equals("down"));
        press(page, AriaRole.LINK, "Wire");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^0.64 mm dead soft:")))
                .click();
        page.waitForCondition(() -> Math.abs(Screen.document(http, page)
                                .at("/strands/0/wire/section/diameterMm")
                                .asDouble()
                        - 0.64)
                < 0.01);

        press(page, AriaRole.LINK, "Shape");
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^held on all sides"))))
                .isVisible();
        assertThat(page.locator(".mat canvas")).isVisible();
        JsonNode plan = Screen.plan(http, page);
        plan.at("/bodies/0/held").forEach(way -> assertThat(way.asString()).isEqualTo("held"));
        assertThat(plan.get("locks")).isEmpty();
        assertThat(plan.get("clashes")).isEmpty();
        assertThat(plan.get("strands").findValuesAsString("shape")).contains("half-round");

        everyStepInPictures(page, plan);
        printedCard(page, plan);
        window.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** The card is followed to its end: every step has a picture before and after, and stone and wires come in the order of the bench. */
    private void everyStepInPictures(Page page, JsonNode plan) {
        press(page, AriaRole.LINK, "Make");
        page.waitForSelector(".bench-card h1");
        List<String> titles = new ArrayList<>();
        plan.get("steps").forEach(s -> titles.add(s.get("title").asString()));
        for (String title : titles) {
            assertThat(page.locator(".bench-card h1")).hasText(title);
            if (page.locator(".rest-dial").count() == 0) {
                Set<Object> pictures = new HashSet<>(
                        (List<?>)
                                page.evaluate(
                                        "[...document.querySelectorAll('.pictures figure svg[role=img]')].map(s => s.innerHTML.replaceAll(/ id=\"[^\"]*\"/g, ''))"));
                assertThat(pictures).as(title).hasSizeGreaterThan(1);
            }
            if (!title.equals(titles.get(titles.size() - 1))) {
                page.keyboard().press("Space");
            }
        }
        int lashed = first(titles, "Wind the lashing");
        int bent = first(titles, "Form side 1");
        int stone = first(titles, "Put in the stone");
        int tied = first(titles, "Wind the back tie");
        int neck = first(titles, "Wind the neck lashing");
        int scroll = first(titles, "Form the first scroll");
        assertThat(List.of(lashed, bent, stone, tied, neck, scroll)).isSorted().doesNotContain(-1);
        press(page, AriaRole.BUTTON, "close");
    }

    private static int first(List<String> titles, String begins) {
        for (int i = 0; i < titles.size(); i++) {
            if (titles.get(i).startsWith(begins)) {
                return i;
            }
        }
        return -1;
    }

    private void printedCard(Page page, JsonNode plan) throws Exception {
        String id = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
        try (var pdf = Loader.loadPDF(http.get("/api/pieces/" + id + "/sheets/card?format=pdf&paper=a4&units=mm")
                .body())) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            plan.get("steps")
                    .forEach(s ->
                            assertThat(text).contains(s.get("title").asString().replaceAll("\\s+", " ")));
        }
    }

    /** A stone is photographed on its sheet, traced, mended by a key and held: a drop of 27 by 18 mm as the simulated camera has it. */
    @Test
    void photographedStone_isTracedAndHeld() {
        BrowserContext window = browser.window(1280, 800);
        Page page = browser.open(window, "/tray/new");
        press(page, AriaRole.BUTTON, "Woven front");
        press(page, AriaRole.BUTTON, "pendant");
        measure(page, "stone").selectOption("traced");
        page.waitForCondition(() -> parameter(page, "outline").asString().equals("traced"));
        press(page, AriaRole.BUTTON, "trace it");

        page.getByLabel("photograph of the stone")
                .setInputFiles(new FilePayload("white.png", "image/png", whitePaper()));
        assertThat(page.getByText("the dots of the sheet are not found")).isVisible();
        press(page, AriaRole.BUTTON, "simulated camera");
        Locator point = page.getByLabel(Pattern.compile("^point 1 of"));
        point.waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        String before = point.getAttribute("cx");
        point.focus();
        page.keyboard().press("ArrowRight");
        assertThat(point).not().hasAttribute("cx", before);
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByText("may be off by")).isVisible();
        press(page, AriaRole.BUTTON, "Take this outline");
        page.waitForCondition(() -> !parameter(page, "way").asString().startsWith("10 0,"));

        JsonNode plan = Screen.plan(http, page);
        JsonNode outline = Screen.document(http, page).at("/parts/0/body/outline/points");
        double least = 0;
        double most = 0;
        for (JsonNode p : outline) {
            least = Math.min(least, p.get(1).asDouble());
            most = Math.max(most, p.get(1).asDouble());
        }
        assertThat(most - least).isCloseTo(27, within(0.6));
        plan.at("/bodies/0/held").forEach(way -> assertThat(way.asString()).isEqualTo("held"));
        assertThat(plan.get("locks")).isEmpty();
        press(page, AriaRole.BUTTON, "put it in the drawer");
        assertThat(page.getByLabel("from the drawer").locator("option:checked")).hasText("Stone of Woven front");
        page.close();
        drawerIsTakenFrom(window);
        window.close();
        assertThat(browser.complaints).isEmpty();
    }

    /** What lies in the drawer is seen there, and another piece is made for it. */
    private void drawerIsTakenFrom(BrowserContext window) {
        Page page = browser.open(window, "/stones");
        assertThat(page.getByLabel("Stone of Woven front").getByText("in Woven front"))
                .isVisible();
        assertThat(page.getByAltText("photograph of Stone of Woven front")).isVisible();
        press(page, AriaRole.LINK, "Tray");
        press(page, AriaRole.LINK, "New piece");
        press(page, AriaRole.BUTTON, "Stone frame");
        press(page, AriaRole.BUTTON, "pendant");
        measure(page, "from the drawer").selectOption("Stone of Woven front");
        page.waitForCondition(() -> parameter(page, "outline").asString().equals("traced"));
        assertThat(page.getByLabel("from the drawer").locator("option:checked")).hasText("Stone of Woven front");
        page.close();
    }

    private static byte[] whitePaper() {
        BufferedImage white = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = white.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 400, 300);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(white, "png", bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }
}
