package org.etui.server.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ViewportSize;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's headless Chromium, driven by Playwright; notes requests to elsewhere and errors in the page. */
final class Browser implements AutoCloseable {
    private static final List<String> SWITCHES = List.of(
            "--no-sandbox",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** A busy machine may take this long to answer. */
    private static final int PATIENCE_MS = 30_000;

    private final Playwright playwright;
    private final com.microsoft.playwright.Browser browser;
    private final String base;
    final List<String> complaints = new ArrayList<>();

    /** @param more further switches of the browser */
    Browser(int port, String... more) {
        base = "http://127.0.0.1:" + port;
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(Stream.concat(SWITCHES.stream(), Stream.of(more))
                                .toList()));
    }

    /** A window with storage of its own. */
    BrowserContext window(int width, int height) {
        BrowserContext context = browser.newContext();
        context.onPage(page -> watch(page, width, height));
        return context;
    }

    private void watch(Page page, int width, int height) {
        page.setViewportSize(width, height);
        page.setDefaultTimeout(PATIENCE_MS);
        page.onPageError(error -> complaints.add("error in the page: " + error));
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().contains("Failed to load resource")) {
                complaints.add("console: " + message.text());
            }
        });
        page.onRequest(request -> {
            String host = URI.create(request.url()).getHost();
            if (request.url().startsWith("http") && !"127.0.0.1".equals(host)) {
                complaints.add("request to " + request.url());
            }
        });
    }

    /** A page of the application. */
    Page open(String path) {
        return open(window(1280, 800), path);
    }

    /** A page of the application in a window. */
    Page open(BrowserContext window, String path) {
        Page page = window.newPage();
        page.navigate(base + path);
        return page;
    }

    /** Goes to another address of the application without loading it again. */
    static void go(Page page, String path) {
        page.evaluate("p => { history.pushState(null, '', p); dispatchEvent(new PopStateEvent('popstate')); }", path);
    }

    /** Text that overlaps or is clipped in what is visible. */
    @SuppressWarnings("unchecked")
    static List<String> overlaps(Page page) {
        try (var script = Browser.class.getResourceAsStream("overlaps.js")) {
            String text = new String(script.readAllBytes(), StandardCharsets.UTF_8);
            return (List<String>) page.evaluate(text.replaceFirst("(?s)^//.*?\\n", ""));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** What axe finds that is serious or worse, one line a rule. */
    @SuppressWarnings("unchecked")
    static List<String> seriousByAxe(Page page) {
        try {
            page.evaluate(Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js")) + ";0");
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
        return (List<String>) page.evaluate("""
                async () => (await axe.run(document, { resultTypes: ['violations'] })).violations
                  .filter((v) => v.impact === 'serious' || v.impact === 'critical')
                  .map((v) => v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 120) + ' ' + (n.any[0]?.message ?? '')).join(' | '))
                """);
    }

    /** Width and height of the page's window. */
    static ViewportSize size(Page page) {
        return page.viewportSize();
    }

    /** Waits for the form on its mat. */
    static void untilDrawn(Page page) {
        page.waitForSelector(
                "[data-testid=form] g path", new Page.WaitForSelectorOptions().setState(WaitForSelectorState.ATTACHED));
    }

    /**
     * How many times slower this machine is now than an ordinary desktop, which writes and reads 20 000 small records as JSON
     * in about 15 ms (from memory).
     */
    static double slowness(Page page) {
        Number median = (Number) page.evaluate("""
                () => {
                  const records = Array.from({ length: 20000 }, (_, i) => ({ i, s: 'x' + i, v: [i, i * 1.5, i / 3] }));
                  const times = [];
                  for (let round = 0; round < 9; round++) {
                    const from = performance.now();
                    JSON.parse(JSON.stringify(records));
                    times.push(performance.now() - from);
                  }
                  return times.sort((a, b) => a - b)[4];
                }
                """);
        return median.doubleValue() / 15;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
