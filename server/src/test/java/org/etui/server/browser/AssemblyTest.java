package org.etui.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Curl;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.etui.server.contract.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Put together in the order of the bench; asked by the wire at hand; refused in words. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class AssemblyTest {
    @LocalServerPort
    private int port;

    private Browser browser;
    private Http http;
    private BrowserContext window;

    @BeforeAll
    void open() {
        browser = new Browser(port);
        http = new Http(port);
        window = browser.window(1280, 800);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private String kept(Piece piece) {
        return http.post("/api/pieces", Json.MAPPER.writeValueAsString(piece))
                .json()
                .get("id")
                .asString();
    }

    private JsonNode steps(String id) {
        JsonNode document = http.get("/api/pieces/" + id).json().get("document");
        return http.post("/api/plans", document.toString()).json().get("steps");
    }

    private List<String> titles(String id) {
        JsonNode steps = steps(id);
        return StreamSupport.stream(steps.spliterator(), false)
                .map(s -> s.get("title").asString())
                .toList();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Piece hangerWithDrop() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8);
        Strand hanger = Strand.of(
                "hanger",
                "Hanger",
                wire,
                List.of(Loop.of("top", 3, Turn.LEFT), Straight.of("neck", 8), Loop.of("low", 3, Turn.RIGHT)));
        Strand drop = Strand.of(
                "drop",
                "Drop",
                wire,
                List.of(
                        Curl.of("head", 1.2, Turn.LEFT),
                        Straight.of("run", 14),
                        Loop.of("loop", 2.5, Turn.LEFT),
                        Wrap.of("tie", Wrap.Core.ofStem(0.8), 2, Turn.LEFT).rolled(90)));
        return Piece.of("Haw hanger", Purpose.PENDANT, List.of(hanger, drop));
    }

    /** The scrubber of Harden goes from the wire by itself through the lashed bundle, four wires and three lashings, to the pendant. */
    @Test
    void stoneFrame_isPutTogetherInHarden() {
        String id = kept(Patterns.find("woven-front").orElseThrow().usual());
        Page page = browser.open(window, "/pieces/" + id + "/harden");
        Locator form = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("the form,"));
        Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("order of the work"))
                .getByRole(AriaRole.BUTTON);
        steps.last().waitFor();

        steps.nth(steps.count() - 2).click();
        assertThat(form).hasAccessibleName(Pattern.compile(".*, with [6-9] more wires"));
        steps.nth(1).click();
        assertThat(form).hasAccessibleName(Pattern.compile(".*, with 6 more wires"));
        steps.first().click();
        assertThat(form).not().hasAccessibleName(Pattern.compile(".*more wires"));
    }

    /** A bead is strung, its run takes its length from it, the drop is hung before its loop is wound shut: read on the card. */
    @Test
    void drop_isThreadedHungAndClosed() {
        String id = kept(hangerWithDrop());
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        page.getByText("beads, stones and joins").click();
        button(page, "add a part").click();
        Locator part = page.getByLabel("part part-1");
        part.getByLabel("part 1", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("bead");
        part.getByLabel("sits on").selectOption("drop.run");
        part.getByLabel("across").fill("10");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-part=bead]")).hasCount(1);
        assertThat(page.getByText("can slide on the straight")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the straight 10.0 mm long"))
                .click();
        assertThat(page.getByText("can slide on the straight")).hasCount(0);
        button(page, "add a join").click();
        Locator join = page.getByLabel("join 1");
        join.getByLabel("join", new Locator.GetByLabelOptions().setExact(true)).selectOption("hanger.low");
        join.getByLabel("with").selectOption("drop.loop");
        Browser.untilDrawn(page);
        untilKept(page, id, "Hang the");

        assertThat(titles(id))
                .containsSubsequence("Put on the bead 1", "Form the loop", "Form the tie")
                .containsSubsequence("Form the low", "Form the tie");
        int hung = indexOf(titles(id), "Hang the");
        assertThat(hung)
                .isGreaterThan(titles(id).indexOf("Form the low"))
                .isLessThan(titles(id).indexOf("Form the tie"));

        page.navigate("http://127.0.0.1:" + port + "/pieces/" + id + "/make");
        for (int i = 0; i < hung; i++) {
            assertThat(page.getByText("step " + (i + 1) + " of")).isVisible();
            page.keyboard().press("Space");
        }
        assertThat(page.getByText("afterwards it does not go on any more")).isVisible();
        page.close();
        assertThat(browser.complaints).isEmpty();
    }

    private int slotOf(String id) {
        return http.get("/api/pieces/" + id)
                .json()
                .at("/document/strands/0/elements/1/seat/slot")
                .asInt();
    }

    /** The save leaves after the figures are shown. */
    private void untilKept(Page page, String id, String title) {
        for (int i = 0; i < 50 && indexOf(titles(id), title) < 0; i++) {
            page.waitForTimeout(100);
        }
    }

    private static int indexOf(List<String> titles, String start) {
        for (int i = 0; i < titles.size(); i++) {
            if (titles.get(i).startsWith(start)) {
                return i;
            }
        }
        return -1;
    }

    /** Every wire of a held stone by itself, as it is formed, with its own size; then together again. */
    @Test
    void wireInHand_isLaidOutByItself() {
        String id = kept(Patterns.find("woven-front").orElseThrow().usual());
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        Locator overall = page.locator(".mat").getByText("overall");
        assertThat(overall).hasCount(0);
        Locator alone = button(page, "laid out by itself");
        alone.click();
        assertThat(overall).hasCount(1);
        String wire = overall.textContent();
        button(page, "Frame wire 4").click();
        page.waitForCondition(() -> overall.count() == 0 || !wire.equals(overall.textContent()));
        alone.click();
        assertThat(overall).hasCount(0);
        page.close();
    }

    /** A choice that leads nowhere stays in sight with the reason; the piece stands. */
    @Test
    void refusedChoice_staysAndSaysWhy() {
        String id = kept(Patterns.find("double-scroll-link")
                .orElseThrow()
                .make(Map.of("links", 60, "scrollMm", 29.8), Optional.empty(), Optional.empty()));
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        Locator choice = page.getByLabel("work out");
        choice.selectOption("gap");

        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("must be fewer")))
                .isVisible();
        assertThat(choice).hasValue("gap");
        assertThat(http.get("/api/pieces/" + id)
                        .json()
                        .at("/document/source/parameters/find")
                        .asString())
                .isEqualTo("links");
        choice.selectOption("links");
        assertThat(page.getByText("must be fewer")).hasCount(0);
        page.close();
    }

    /** A moment that cannot be stays in the list with the reason; the piece stands. */
    @Test
    void refusedMoment_staysAndSaysWhy() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);
        Strand strand =
                Strand.of("wire", "Wire", wire, List.of(Straight.of("run", 10), Loop.thatOpens("round", 9, Turn.LEFT)));
        Work flat = Work.of("flat", "wire", List.of("run"), new Act.Flatten(0.7, With.DOMED_HAMMER))
                .at("start");
        Work polish = Work.of("polish", "wire", List.of("run"), new Act.Polish(Act.Polish.Abrasive.CLOTH))
                .at("flat");
        String id =
                kept(Piece.of("Hazel pin", Purpose.DECORATIVE, List.of(strand)).withWork(List.of(flat, polish)));
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        Locator moment = page.getByLabel("work: flatten").getByLabel("when");
        moment.selectOption("polish");

        assertThat(page.getByLabel("work: flatten").getByRole(AriaRole.ALERT))
                .containsText("must not come round to itself");
        assertThat(moment).hasValue("polish");
        assertThat(http.get("/api/pieces/" + id)
                        .json()
                        .at("/document/work/0/after")
                        .asString())
                .isEqualTo("start");
        moment.selectOption("forming");
        assertThat(page.getByLabel("work: flatten").getByRole(AriaRole.ALERT)).hasCount(0);
        page.close();
    }

    /** Two pairs of discs out of sheet, with two holes each: told on screen, cut out and pierced on the card. */
    @Test
    void blanks_areToldWithTheirHoles() {
        String id = kept(Patterns.find("paddle-drop").orElseThrow().usual());
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        button(page, "add a part").click();
        Locator part = page.getByLabel("part part-1");
        part.getByLabel("part 1", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("blank");
        part.getByLabel("given as").selectOption("sheet");
        part.getByLabel("from the front").selectOption("round");
        part.getByLabel("how many").fill("4");
        page.keyboard().press("Enter");
        part.getByText("add a hole").click();
        part.getByLabel("hole, above the middle").fill("8");
        page.keyboard().press("Enter");
        assertThat(part.getByText("one weighs about")).isVisible();
        part.getByText("one more hole").click();
        page.getByText("work", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("add work").selectOption("pierce");
        assertThat(page.getByLabel("work: pierce a blank")).isVisible();
        Browser.untilDrawn(page);
        untilKept(page, id, "Pierce all 4");

        assertThat(titles(id)).containsSubsequence("Cut out all 4 of the blank 1", "Pierce all 4 of the blank 1");
        assertThat(steps(id).toString()).contains("8.0 mm up; the middle itself, then", "file them as one");
        page.close();
    }

    /** Wire round a stone is laid on it by hand: at its height, in its slot; its own outline is not asked for any more. */
    @Test
    void girth_isLaidOnItsStone() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8);
        Outline oval = new Outline.Oval(24, 16);
        Strand strand = Strand.of(
                "wire",
                "Wire",
                wire,
                List.of(Straight.of("tail", 8), Girth.of("round", new Outline.Round(30), Turn.LEFT)));
        Part stone = Part.of("stone", PartKind.STONE, "agate", 24, Optional.empty())
                .withBody(new Body.Slab(oval, 6, 0, Optional.empty()));
        String id =
                kept(Piece.of("Sloe slice", Purpose.PENDANT, List.of(strand)).withParts(List.of(stone), List.of()));
        Page page = browser.open(window, "/pieces/" + id + "/shape");
        page.locator("[data-segment=round]").click();
        page.getByLabel("lies on").selectOption("stone");
        page.getByLabel("wires of the bundle behind it").fill("2");
        page.keyboard().press("Enter");
        assertThat(page.getByText("It goes round the stone as it is given")).isVisible();
        assertThat(page.getByLabel("goes round")).hasCount(0);
        Browser.untilDrawn(page);
        for (int i = 0; i < 50 && slotOf(id) != 2; i++) {
            page.waitForTimeout(100);
        }

        JsonNode document = http.get("/api/pieces/" + id).json().get("document");
        JsonNode plan = http.post("/api/plans", document.toString()).json();
        JsonNode line = plan.at("/strands/0/outline");
        // Two wires of 0.8 mm lie between it and the back; the last point is on the girth.
        assertThat(line.get(line.size() - 1).get(2).asDouble()).isCloseTo(1.6, within(0.01));
        assertThat(plan.at("/strands/0/elements/1/lengthMm").asDouble())
                .isCloseTo(oval.round(0.4).lengthMm(), within(0.3));
        page.close();
    }

    /** Two and a half inches of wire become a hook; what lacks is said and what is left is drawn. */
    @Test
    void wireAtHand_makesTheHook_orSaysWhatLacks() {
        String id = kept(Patterns.find("s-hook")
                .orElseThrow()
                .make(Map.of("hookInsideMm", 8), Optional.empty(), Optional.empty()));
        Page page = browser.open(window, "/pieces/" + id + "/cut");
        Locator have = page.getByLabel("I have");
        have.fill("2 1/2 in");
        page.keyboard().press("Enter");
        assertThat(page.getByText("are left over")).isVisible();
        button(page, "make it of this wire").click();
        assertThat(page.getByText("hooks, sweep: 240 becomes 28")).isVisible();
        have.fill("20");
        page.keyboard().press("Enter");
        assertThat(page.getByText("lack")).isVisible();
        button(page, "make it of this wire").click();
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("even the least")))
                .isVisible();
        page.close();
    }

    /** In inches no two marks of a wire read alike. */
    @Test
    void marksInInches_areToldApart() {
        String id = kept(Patterns.find("stone-frame").orElseThrow().usual());
        Page page = browser.open(window, "/pieces/" + id + "/cut");
        page.keyboard().press("m");
        Locator tables = page.getByLabel("marks of Frame wire 1").getByRole(AriaRole.ROW);
        assertThat(tables.nth(1)).containsText(" in");
        List<String> read = tables.all().stream()
                .skip(1)
                .map(row -> row.getByRole(AriaRole.CELL).first().innerText())
                .toList();

        assertThat(read).hasSizeGreaterThan(4).doesNotHaveDuplicates();
        page.close();
        Screen.inMillimetres(http);
    }

    /** Hammered flat before it is closed over itself, a loop is sound; moved behind its forming, the step says what that breaks. */
    @Test
    void movedStep_saysWhatItBreaks() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);
        Loop round = new Loop("round", 9, 1.2, Turn.LEFT, false, false, 0, Optional.empty(), Target.RELEASED);
        Strand strand = Strand.of("wire", "Wire", wire, List.of(Straight.of("run", 10), round));
        Work flat = Work.of("flat", "wire", List.of("round"), new Act.Flatten(0.7, With.DOMED_HAMMER))
                .at("start");
        String id =
                kept(Piece.of("Hazel loop", Purpose.DECORATIVE, List.of(strand)).withWork(List.of(flat)));
        Page page = browser.open(window, "/pieces/" + id + "/harden");
        Locator step = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1 flatten round"));
        assertThat(page.getByText("In this order:")).hasCount(0);
        step.focus();
        page.keyboard().press("Alt+ArrowRight");

        assertThat(page.getByText("In this order:").first()).isVisible();
        page.close();
    }
}
