package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whole pieces: the first minute in an empty workshop, and three built from nothing on the board. */
class PiecesTest extends BrowserTest {
    /** Presses, choices and fields typed into, from the empty workshop on. */
    private int actions;

    private void press(Locator what) {
        what.click();
        actions++;
    }

    private void type(String label, String value) {
        field(label).fill(value);
        page.keyboard().press("Enter");
        actions++;
    }

    private Locator heading(String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    private Locator length() {
        return page.getByTestId("finished-length");
    }

    private void takeAway() {
        saved();
        button("take it away").click();
        page.waitForURL("**/pieces");
    }

    /** From a workshop with nothing in it to a cut list that is right for a wrist of 172: at most twelve actions. */
    @Test
    void theFirstMinute() {
        visit(EMPTY + "/");
        if (heading("What do you want to make?").count() == 0) {
            visit(EMPTY + "/pieces");
        }
        accessible("where a piece begins");
        press(page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Deckhand's bracelet"))));
        assertThat(length()).containsText("200.4");
        type("Girth", "172");
        assertThat(page.getByText(Pattern.compile("^2\\.\\d mm too short"))).isVisible();
        press(page.locator(".piece-cures button").first());
        assertThat(page.locator(".piece-said").first()).containsText(Pattern.compile("just|0\\.\\d mm"));
        assertThat(page.getByTestId("cut-list")).containsText("8 × ");
        assertThat(page.getByText(Pattern.compile("^It goes together in"))).isVisible();
        assertThat(actions).isLessThanOrEqualTo(12);
        page.waitForURL(Pattern.compile(".*/pieces/[0-9a-f-]{36}"));
        page.reload();
        assertThat(page.getByTestId("cut-list")).containsText("8 × ");
        accessible("a piece on its board");
        takeAway();
    }

    /** Coloured where its beads withstand it: before they go on, or at the end; at the bench its colour has its caution. */
    @Test
    void isFinishedWhenAllOnItWithstandsThat() {
        visit(EMPTY + "/pieces");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Deckhand's bracelet")))
                .click();
        button("coloured").click();
        button("rubbed back").click();
        button("tumbled").click();
        assertThat(page.locator(".finish-when")).containsText("before anything is joined");
        assertThat(page.locator(".finish-when")).containsText("polished with a cloth: 8 bead links");
        accessible("how a piece is finished");
        page.getByLabel("What its beads are").selectOption("hard");
        assertThat(page.locator(".finish-when")).containsText("once all is joined");
        page.getByLabel("Metal").first().selectOption("titanium");
        assertThat(page.getByText("does not darken titanium")).isVisible();
        button("coloured").click();
        assertThat(page.locator(".finish-when")).containsText("Tumbled once all is joined");
        takeAway();
    }

    /** Seen from all sides, pressed there, and two metals side by side. */
    @Test
    void inTheRoundAndSideBySide() {
        visit(DEMO + "/pieces/new/anchor-mobile");
        Locator round = page.getByLabel("in the round", new Page.GetByLabelOptions().setExact(true));
        round.check();
        Locator canvas = page.getByLabel("The piece in the round. Arrow keys turn it.");
        assertThat(canvas).isVisible();
        canvas.press("ArrowLeft");
        button("front").click();
        var box = canvas.boundingBox();
        // its middle drop hangs below the middle
        canvas.click(new Locator.ClickOptions().setPosition(box.width / 2, box.height * 0.45));
        assertThat(page.locator(".part-bar")).isVisible();
        round.uncheck();
        button("set this beside").click();
        page.getByLabel("Metal", new Page.GetByLabelOptions().setExact(true)).selectOption("copper");
        assertThat(page.locator(".variants li")).hasCount(2);
        assertThat(page.locator(".variants")).containsText("yellow brass");
        button("take this one").click();
        assertThat(page.locator(".variants li")).hasCount(1);
        page.waitForURL(Pattern.compile(".*/pieces/[0-9a-f-]{36}"));
        accessible("a piece and its variants");
        takeAway();
    }

    private void begin(String line) {
        page.keyboard().press("/");
        page.keyboard().type(line);
        page.getByText("takes it to Pieces").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL(Pattern.compile(".*/pieces/[0-9a-f-]{36}"));
        length().waitFor();
    }

    private Locator chip(String name) {
        return page.locator(".part-chip").filter(new Locator.FilterOptions().setHasText(name));
    }

    private void hold(Locator chip) {
        if (!"true".equals(chip.getAttribute("aria-pressed"))) {
            chip.click();
        }
        page.getByText("put it down").waitFor();
    }

    private void put(String kind, String where, String ware, int parts) {
        field("Which kind").selectOption(kind);
        field("Where").selectOption(where);
        page.locator(".ware")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + ware)))
                .first()
                .click();
        assertThat(page.locator(".part-chip")).hasCount(parts);
    }

    /** A bracelet of links: hook, ring, eight times link and ring. */
    @Test
    void aBraceletBuiltFromNothing() {
        visit(DEMO + "/pieces");
        begin("s-hook - ring 1/4");
        hold(chip("ring"));
        put("forms", "behind it", "bead link", 3);
        hold(chip("bead link"));
        put("rings", "behind it", "ring1 mm", 4);
        hold(chip("bead link"));
        button("repeat with the next").click();
        assertThat(page.locator(".part-times")).hasCount(1);
        page.getByLabel(Pattern.compile("^How often bead link and")).fill("7");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^It goes together in"))).isVisible();
        assertThat(page.getByTestId("cut-list")).containsText("7 × ");
        assertThat(field("The piece as a line")).hasValue(Pattern.compile("7 \\* \\(bead-link - ring 1/4\\)"));
        page.getByText("closed", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("the body, as if round")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("cut-list")).containsText("2 × ");
        takeAway();
    }

    /** Earrings: an ear wire, a frame, two drops; two soldered rings that meet are told, and mended at a press. */
    @Test
    void earringsBuiltFromNothing() {
        visit(DEMO + "/pieces");
        begin("fish-hook - ring 0.8/3");
        field("Worn on").selectOption("ear");
        field("One or a pair").selectOption("as a pair");
        hold(chip("ring"));
        put("forms", "behind it", "horseshoe frame", 3);
        hold(chip("horseshoe"));
        put("rings", "hanging from it", "small ring", 4);
        put("rings", "hanging from it", "soldered ring", 5);
        hold(chip("soldered"));
        put("beads and strands", "behind it", "small drop", 6);
        assertThat(page.getByText(Pattern.compile("both closed for good")).first())
                .isVisible();
        page.getByText("leave the ring open, unsoldered").first().click();
        assertThat(page.getByText(Pattern.compile("^It goes together in"))).isVisible();
        assertThat(length()).containsText("it hangs");
        assertThat(page.getByText("wire to cut, for both")).isVisible();
        page.getByText("put together").click();
        field("One step on").click();
        assertThat(page.getByText(Pattern.compile("^1 of "))).isVisible();
        takeAway();
    }

    /** A necklace of chain with a pendant in the middle, made to its end at the bench. */
    @Test
    void aNecklaceBuiltFromNothingAndMade() {
        visit(DEMO + "/pieces");
        begin("finding clasp - ring 0.8/3");
        field("Worn on").selectOption("neck");
        field("How it goes on").selectOption("a mirrored row");
        hold(chip("ring"));
        put("chain and cord", "behind it", "chainpitch 4", 3);
        hold(chip("chain"));
        field("links").last().fill("44");
        page.keyboard().press("Enter");
        put("rings", "behind it", "large ring", 4);
        hold(chip("ring 6.0 mm"));
        put("forms", "hanging from it", "beaded dangle", 5);
        assertThat(length()).containsText("mm");
        assertThat(page.getByLabel("What it takes").getByText(Pattern.compile("mm of chain")))
                .isVisible();
        saved();
        button("Make it").click();
        page.waitForURL("**/making/*");
        assertThat(page.getByTestId("big-number")).isVisible();
        page.goBack();
        length().waitFor();
        takeAway();
    }

    /** From a shape into a piece of it, hung on a neck. */
    @Test
    void aShapeBecomesANecklace() {
        visit(EMPTY + "/shapes/new/bead-link");
        page.getByTestId("to-cut").first().waitFor();
        button("make a piece of it").click();
        page.waitForURL(Pattern.compile(".*/pieces/[0-9a-f-]{36}"));
        length().waitFor();
        assertThat(page.getByText(Pattern.compile("^It goes together in"))).isVisible();
        field("Worn on").selectOption("NECK");
        assertThat(page.getByText(Pattern.compile("too short"))).isVisible();
        page.locator("[role=radiogroup]").getByText("closed").click();
        type("All wire and lengths times", "250");
        page.getByText("on the neck").first().click();
        assertThat(page.getByText(Pattern.compile("lowest part hangs about"))).isVisible();
        takeAway();
    }
}
