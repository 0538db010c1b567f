package org.etui.server.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.regex.Pattern;
import org.etui.server.Http;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What tests read off a page of a piece, and how the screen writes what the API says. */
final class Screen {
    /** Standard gravity (ISO 80000-3). */
    private static final double GRAMS = 1000 / 9.80665;

    private Screen() {}

    /** A button by a pattern of its name. */
    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    /** The id of the piece of the demo data that has this name. */
    static String pieceNamed(Http http, String name) {
        for (JsonNode piece : http.get("/api/pieces").json()) {
            if (piece.get("name").asString().equals(name)) {
                return piece.get("id").asString();
            }
        }
        throw new IllegalArgumentException(name);
    }

    /** The document as kept of the piece that a page shows. */
    static JsonNode document(Http http, Page page) {
        String id = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
        return http.get("/api/pieces/" + id).json().get("document");
    }

    /** Its plan. */
    static JsonNode plan(Http http, Page page) {
        return http.post("/api/plans", document(http, page).toString()).json();
    }

    /** Lengths are read in mm again: the unit is kept for all windows. */
    static void inMillimetres(Http http) {
        JsonNode kept = http.get("/api/settings").json();
        ObjectNode settings = (ObjectNode) kept.get("settings");
        http.put(
                "/api/settings",
                kept.get("version").asLong(),
                settings.put("units", "mm").toString());
    }

    /** A load in N as the screen writes it in grams. */
    static String grams(JsonNode newtons) {
        double g = newtons.asDouble() * GRAMS;
        MathContext two = new MathContext(2, RoundingMode.HALF_UP);
        return g < 995
                ? new BigDecimal(g).round(two).toPlainString() + " g"
                : new BigDecimal(g / 1000).round(two).toPlainString() + " kg";
    }
}
