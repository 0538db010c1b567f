package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.etui.server.store.PieceStore;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/**
 * The tray with what does not fit on it: damaged pieces, the bin, several pieces at once, files that are there already. A tray of its own:
 * other tests begin with an empty one.
 */
@ServerTest
@TestPropertySource(properties = {"etui.demo=false", "etui.patience-ms=60001"})
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TrayTest {
    @LocalServerPort
    private int port;

    @Autowired
    private PieceStore store;

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

    private static String named(String name) {
        return Json.MAPPER.writeValueAsString(
                Patterns.find("s-hook").orElseThrow().usual().withName(name));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    @Test
    void damagedPiece_saysWhy_hidesNoOther_andIsSavedAsAFile() throws IOException {
        http.post("/api/pieces", named("Hop whole"));
        store.create("{\"format\": \"etui-piece\", \"version\": 1, \"name\": \"Sloe damaged\"}");
        Page page = browser.open("/tray");

        assertThat(link(page, "Hop whole")).containsText("cut");
        assertThat(link(page, "Sloe damaged")).containsText("strands was missing: must be given");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("more for Sloe damaged"))
                .click();
        Download saved =
                page.waitForDownload(() -> page.getByText("Save as a file").click());
        assertThat(Files.readString(saved.path())).contains("Sloe damaged");
        page.close();
    }

    @Test
    void whatIsTakenOff_liesInTheBin_isPutBack_orThrownAway() {
        http.post("/api/pieces", named("Alder off"));
        Page page = browser.open("/tray");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("more for Alder off"))
                .click();
        page.getByText("Take off the tray").click();
        assertThat(link(page, "Alder off")).hasCount(0);

        link(page, "^bin$").click();
        Screen.button(page, "put Alder off back").click();
        assertThat(page.getByText("The bin is empty.")).isVisible();
        link(page, "to the tray").click();
        assertThat(link(page, "Alder off")).isVisible();

        String id = Screen.pieceNamed(http, "Alder off");
        http.send(http.request("/api/pieces/" + id).DELETE().build());
        link(page, "^bin$").click();
        Screen.button(page, "Empty the bin").click();
        Screen.button(page, "Throw away").click();
        assertThat(page.getByText("The bin is empty.")).isVisible();
        assertThat(http.get("/api/pieces/bin").json()).isEmpty();
        page.close();
    }

    @Test
    void severalChosenPieces_makeOneCutList() throws IOException {
        http.post("/api/pieces", named("Quince one"));
        http.post("/api/pieces", named("Quince two"));
        Page page = browser.open("/tray");
        Screen.button(page, "choose several").click();
        for (String name : new String[] {"Quince one", "Quince two"}) {
            page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                    .click();
        }
        assertThat(page.getByText("2 chosen")).isVisible();
        Download list = page.waitForDownload(() -> link(page, "One cut list").click());
        assertThat(Files.readString(list.path())).contains("Quince one").contains("Quince two");
        Screen.button(page, "Done").click();
        assertThat(link(page, "New piece")).isVisible();
        page.close();
    }

    /** Tags given to one and to several; words and tags together narrow the tray; the key opens what looks. */
    @Test
    void pieces_areFoundByWordsAndTags() {
        for (String name : new String[] {"Teasel red", "Teasel green", "Sorrel red"}) {
            http.post("/api/pieces", named(name));
        }
        Page page = browser.open("/tray");
        Screen.button(page, "more for Teasel red").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Tags"))
                .click();
        page.getByRole(AriaRole.COMBOBOX).fill("gift desk");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.COMBOBOX).fill("small");
        Screen.button(page, "Save the tags").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        String id = Screen.pieceNamed(http, "Teasel red");
        assertThat(http.get("/api/pieces/" + id).json().at("/document/tags").toString())
                .isEqualTo("[\"gift desk\",\"small\"]");

        Screen.button(page, "choose several").click();
        for (String name : new String[] {"Teasel red", "Sorrel red"}) {
            page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                    .click();
        }
        Screen.button(page, "^Tags$").click();
        page.getByRole(AriaRole.COMBOBOX).fill("autumn");
        Screen.button(page, "Save the tags").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        Screen.button(page, "^Done$").click();

        page.keyboard().press("/");
        Screen.button(page, "^autumn · 2$").click();
        assertThat(link(page, "Teasel red")).isVisible();
        assertThat(link(page, "Sorrel red")).isVisible();
        assertThat(link(page, "Teasel green")).hasCount(0);
        page.getByLabel("words to find").fill("teasel copper");
        assertThat(link(page, "Sorrel red")).hasCount(0);
        assertThat(link(page, "Teasel red")).isVisible();
        page.getByLabel("words to find").fill("nothing like it");
        assertThat(page.getByText("Nothing on the tray has all of these.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(link(page, "Teasel green")).isVisible();
        assertThat(http.get("/api/pieces/" + id).json().at("/document/tags").toString())
                .isEqualTo("[\"gift desk\",\"small\",\"autumn\"]");
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    @Test
    void fileThatIsThereAlready_isAskedAbout() {
        http.post("/api/pieces", named("Bramble twice"));
        int before = http.get("/api/pieces").json().size();
        String other = named("Bramble twice").replace("\"notes\":\"\"", "\"notes\":\"from elsewhere\"");
        Page page = browser.open("/tray");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(
                        "bramble.etui.json", "application/json", other.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Bramble twice");
        Screen.button(page, "^Replace$").click();
        assertThat(page.getByText("Replaced: Bramble twice.")).isVisible();

        String id = Screen.pieceNamed(http, "Bramble twice");
        assertThat(http.get("/api/pieces/" + id).json().at("/document/notes").asString())
                .isEqualTo("from elsewhere");
        assertThat(http.get("/api/pieces").json()).hasSize(before);
        page.close();
    }

    /** Chosen by use, by words, and by what a wire at hand would make: that wire is what the piece is made of. */
    @Test
    void form_isChosenByUseByWordsAndByTheWireAtHand() {
        Page page = browser.open("/tray/new");
        Locator cards = page.locator(".card h3");
        assertThat(cards.first()).hasText("Hook clasp");
        int all = cards.count();

        Screen.button(page, "^bangles$").click();
        assertThat(cards).hasText(new String[] {"Hook-and-eye bangle", "Pressed bangle", "Bare wire"});
        Screen.button(page, "^all$").click();
        page.getByLabel("search forms").fill("coil saw");
        assertThat(cards).hasText(new String[] {"Jump rings off a coil", "Bare wire"});
        page.getByLabel("search forms").fill("");
        assertThat(cards).hasCount(all);

        Screen.button(page, "what would this wire make").click();
        Locator has = page.getByLabel("I have");
        has.fill("120");
        has.press("Enter");
        Locator rings = page.locator(
                ".card",
                new Page.LocatorOptions()
                        .setHas(page.locator(
                                "h3",
                                new Page.LocatorOptions()
                                        .setHasText(java.util.regex.Pattern.compile("^Jump rings$")))));
        assertThat(rings.locator(".makes")).hasText(java.util.regex.Pattern.compile("rings: \\d"));
        assertThat(page.locator(".card", new Page.LocatorOptions().setHasText("Hook-and-eye bangle"))
                        .locator(".makes"))
                .hasText(java.util.regex.Pattern.compile("lacks \\d+ mm"));
        String most = rings.locator(".makes").textContent().replaceAll("\\D", "");
        rings.click();
        assertThat(page.getByTestId("cut")).isVisible();
        assertThat(Screen.document(http, page).at("/strands/0/count").asString())
                .isEqualTo(most);
    }
}
