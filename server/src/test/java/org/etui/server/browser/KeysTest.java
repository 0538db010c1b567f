package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole piece without a mouse: nothing holds the focus, the focus is always seen, what changes is read out (WCAG 2.2: 2.1.1, 2.1.2, 2.1.4, 2.4.7, 4.1.3). */
@ServerTest
@DirtiesContext
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KeysTest {
    private static final int MOST_TABS = 250;

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

    /** What has the focus, in words, with how wide its outline is. */
    private static String focused(Page page) {
        return (String) page.evaluate("""
                () => {
                  const e = document.activeElement;
                  if (!e || e === document.body) return 'nothing';
                  return `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent.trim().slice(0, 40)}`;
                }
                """);
    }

    private static boolean isSeen(Page page) {
        return (Boolean) page.evaluate("""
                () => {
                  const e = document.activeElement;
                  if (!e || e === document.body || e.tabIndex < 0) return true;
                  const shown = (x) => {
                    const s = getComputedStyle(x);
                    return (s.outlineStyle !== 'none' && parseFloat(s.outlineWidth) >= 2) || s.boxShadow !== 'none';
                  };
                  for (let at = e; at && at !== document.body; at = at.parentElement) {
                    if (shown(at)) return true;
                    const after = getComputedStyle(at, '::after');
                    if (at !== e && at.matches('.MuiInputBase-root') && parseFloat(after.borderBottomWidth) >= 2) return true;
                    if (at.matches('.MuiInputBase-root, span')) continue;
                    if (at !== e) break;
                  }
                  return false;
                }
                """);
    }

    private static void tabTo(Page page, String words) {
        for (int i = 0; i < MOST_TABS; i++) {
            page.keyboard().press("Tab");
            if (focused(page).matches("(?s)" + words)) {
                return;
            }
        }
        throw new AssertionError("no " + words + " by the tab key");
    }

    @Test
    void aPiece_fromTheTrayToItsCard() {
        Page page = browser.open("/tray");
        page.waitForSelector(".tray-piece");
        page.keyboard().press("Tab");
        assertThat(focused(page)).as("first of all").contains("to the view");
        tabTo(page, "A New piece");
        page.keyboard().press("Enter");
        assertThat(page).hasTitle("New piece – Etui");
        page.waitForSelector(".card h3");
        assertThat(focused(page)).isEqualTo("H2 New piece");
        tabTo(page, "BUTTON Hook clasp.*");
        page.keyboard().press("Enter");
        assertThat(page.getByText("what is it for?")).isVisible();
        assertThat(focused(page)).as("the question has the focus").isEqualTo("BUTTON necklace closure");
        page.keyboard().press("Enter");
        page.waitForSelector("[data-testid=cut]");
        assertThat(page).hasTitle("shape: Hook clasp – Etui");
        assertThat(focused(page)).isEqualTo("H2 shape: Hook clasp");

        tabTo(page, "INPUT needs|INPUT ");
        assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("what it comes to")))
                .containsText(Pattern.compile("cut 62 mm, holds [\\d.]+ k?g"));
        page.keyboard().press("6");
        assertThat(page).hasURL(Pattern.compile("/shape$"));

        page.keyboard().press("Escape");
        tabTo(page, "A Make.*");
        page.keyboard().press("Enter");
        page.waitForSelector(".bench-card h1");
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            assertThat(page.evaluate("document.activeElement === document.body "
                            + "|| document.activeElement.closest('.bench-card, main, .skip') !== null"))
                    .as("nothing behind the card: " + focused(page))
                    .isEqualTo(true);
        }
        String first = page.locator(".bench-card h1").textContent();
        tabTo(page, "BUTTON pause the clock");
        page.keyboard().press("Space");
        assertThat(page.locator(".bench-card h1")).hasText(first);
        assertThat(page.locator("[aria-label='let the clock go on']")).isVisible();
        page.keyboard().press("PageDown");
        assertThat(page.locator(".bench-card h1")).not().hasText(first);
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    @Test
    void noView_holdsTheFocus_andItIsAlwaysSeen() {
        String piece = Screen.pieceNamed(new Http(port), "Medlar clasp");
        List<String> unseen = new ArrayList<>();
        for (String path : List.of(
                "/tray",
                "/jobs",
                "/settings",
                "/pieces/" + piece + "/shape",
                "/pieces/" + piece + "/wire",
                "/pieces/" + piece + "/cut",
                "/pieces/" + piece + "/log")) {
            Page page = browser.open(path);
            page.waitForSelector("main > :not(h2)");
            page.waitForTimeout(700);
            boolean left = false;
            List<String> walked = new ArrayList<>();
            for (int i = 0; i < MOST_TABS && !left; i++) {
                page.keyboard().press("Tab");
                String now = focused(page);
                left = i > 3 && (now.equals("nothing") || now.contains("to the view"));
                walked.add(now);
                if (!isSeen(page)) {
                    unseen.add(path + " " + now);
                }
            }
            assertThat(left).as(path + " lets the focus go: " + walked).isTrue();
            page.close();
        }
        assertThat(unseen).isEmpty();
    }

    @Test
    void singleKeys_canBeTurnedOff() {
        Http http = new Http(port);
        JsonNode kept = http.get("/api/settings").json();
        ObjectNode settings = (ObjectNode) kept.get("settings").deepCopy();
        http.put(
                "/api/settings",
                kept.get("version").asLong(),
                settings.put("keys", false).toString());
        Page page = browser.open("/tray");
        page.waitForSelector(".tray-piece");
        page.keyboard().press("2");
        page.keyboard().press("m");
        page.waitForTimeout(300);
        assertThat(page).hasURL(Pattern.compile("/tray$"));
        page.close();
        JsonNode now = http.get("/api/settings").json();
        assertThat(now.at("/settings/units").asString()).isEqualTo("mm");
        http.put(
                "/api/settings",
                now.get("version").asLong(),
                settings.put("keys", true).toString());
        assertThat(Json.MAPPER.writeValueAsString(
                        http.get("/api/settings").json().get("settings")))
                .contains("\"keys\":true");
    }
}
