package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/** A new user, from an empty tray to paper and to the last step of the card. */
@ServerTest
@TestPropertySource(properties = "etui.demo=false")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class JourneyTest {
    @LocalServerPort
    private int port;

    private Browser browser;
    private int actions;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private void press(Page page, AriaRole role, String name) {
        actions++;
        page.getByRole(role, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    @Test
    void emptyTray_toPrintedTemplateAndLastStep_inAtMost12Actions() throws Exception {
        actions = 0;
        Page page = browser.open("/");
        assertThat(page.getByText("The tray is empty")).isVisible();

        press(page, AriaRole.LINK, "New piece");
        press(page, AriaRole.BUTTON, "S-hook");
        press(page, AriaRole.BUTTON, "necklace closure");
        Locator cut = page.getByTestId("cut");
        assertThat(cut).isVisible();

        String id = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
        Http http = new Http(port);
        JsonNode document = http.get("/api/pieces/" + id).json().get("document");
        JsonNode strand = http.post("/api/plans", document.toString()).json().at("/strands/0");
        double net = strand.get("netLengthMm").asDouble();
        assertThat(net).isCloseTo(netByHand(), within(1e-6));
        assertThat(cut.textContent()).isEqualTo(whole(strand.get("cutLengthMm").asDouble()));
        assertThat(page.getByLabel("read-outs").textContent()).contains(shown(net) + " mm");
        assertThat(page.getByText(shown(strand.at("/finished/widthMm").asDouble()) + " mm overall"))
                .isVisible();

        press(page, AriaRole.BUTTON, "print");
        Page paper = page.waitForPopup(() -> press(page, AriaRole.LINK, "Open PDF"));
        String address = paper.url().isEmpty() || paper.url().equals("about:blank")
                ? page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open PDF"))
                        .getAttribute("href")
                : paper.url().replaceFirst("^http://[^/]+", "");
        paper.close();
        try (var pdf = Loader.loadPDF(http.get(address).body())) {
            String cutText = whole(strand.get("cutLengthMm").asDouble()) + " mm";
            assertThat(new PDFTextStripper().getText(pdf)).contains("S-hook", cutText, "second hook starts");
        }
        press(page, AriaRole.BUTTON, "Close");

        press(page, AriaRole.LINK, "Make");
        press(page, AriaRole.BUTTON, "step 10");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Check the piece")))
                .isVisible();
        assertThat(page.getByText("step 10 of 10")).isVisible();

        assertThat(actions).isLessThanOrEqualTo(12);
        assertThat(browser.complaints).isEmpty();
    }

    /** From the chooser over the last step of the card to the sheet, by clicks. */
    @ParameterizedTest
    @CsvSource({
        "Bow link, decorative, Form the coil",
        "Chime hanger, pendant, Form the point",
        "Wound ring, , Form the band"
    })
    void newForms_goFromTheChooserToCardAndSheet(String form, String purpose, String step) throws Exception {
        Page page = browser.open("/tray/new");
        press(page, AriaRole.BUTTON, form);
        if (purpose != null) {
            press(page, AriaRole.BUTTON, purpose);
        }
        page.waitForURL(Pattern.compile("/shape$"));
        String id = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
        Http http = new Http(port);
        JsonNode piece = http.get("/api/pieces/" + id).json();
        JsonNode steps =
                http.post("/api/plans", piece.get("document").toString()).json().get("steps");

        press(page, AriaRole.LINK, "Make");
        assertThat(page.getByText("step 1 of " + steps.size())).isVisible();
        page.keyboard().press("End");
        assertThat(page.getByText("step " + steps.size() + " of " + steps.size()))
                .isVisible();
        assertThat(steps.toString()).contains(step);
        try (var pdf = Loader.loadPDF(
                http.get("/api/pieces/" + id + "/sheets/template").body())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains(piece.at("/document/name").asString());
        }
        assertThat(browser.complaints).isEmpty();
        http.send(http.request("/api/pieces/" + id).DELETE().build());
    }

    /** Section 3.3 for the usual S-hook: two curls, two lips, two hooks, the middle; 1.29 mm wire. */
    private static double netByHand() {
        double t = 1.29;
        return 2 * arc((0.9 + t) / 2, 0.9 * 360, t) + 2 * 1 + 2 * arc((6 + t) / 2, 240, t) + 2;
    }

    private static double arc(double radius, double degrees, double t) {
        return radius * Math.toRadians(degrees) * (1 - Math.pow(t / radius, 2) / 26);
    }

    /** What is cut is rounded up to whole millimetres. */
    private static String whole(double mm) {
        return String.format(Locale.ROOT, "%.0f", mm);
    }

    private static String shown(double mm) {
        return String.format(Locale.ROOT, "%.1f", mm);
    }
}
