package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Shapes, from the catalogue to the notebook. */
class ShapesTest extends BrowserTest {
    private void openForm(String name) {
        visit(DEMO + "/shapes");
        page.locator("a[href^='/shapes/new/']")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*(" + name + ")")))
                .first()
                .click();
        page.waitForURL("**/shapes/new/*");
        page.getByTestId("to-cut").waitFor();
    }

    private double toCut() {
        String text = page.getByTestId("to-cut").innerText();
        return Double.parseDouble(text.split("\\s")[0]);
    }

    private void set(String label, String value) {
        field(label).click();
        field(label).fill(value);
        page.keyboard().press("Enter");
        saved();
    }

    @Test
    void everyFormOfTheCatalogueHasAPicture() {
        visit(DEMO + "/shapes");
        Locator tiles = page.locator(".form-tile");
        assertThat(tiles.count()).isGreaterThanOrEqualTo(47);
        for (Locator tile : tiles.all()) {
            painted(tile.locator("canvas"));
        }
        field("Find a ring, a shape, a weave").fill("spiral");
        assertThat(page.locator(".form-tile").count()).isBetween(3, 8);
    }

    /** An answer that is long in coming: the picture from before stays, and says that it waits. */
    @Test
    void aWaitingPictureSaysSo() {
        visit(DEMO + "/shapes/new/rosette");
        page.locator(".scene, .flat-view").first().waitFor();
        page.route("**/solve", route -> {});
        set("cylinder", "15");
        page.waitForFunction(
                "() => { const after = getComputedStyle(document.querySelector('.scene, .flat-view'), '::after');"
                        + " return after.opacity === '1' && after.content.includes('being worked out'); }");
    }

    /** The trade's own words find something in every place, whatever place they are typed in. */
    @Test
    void tradeWordsAreFoundFromEveryPlace() {
        for (String place : List.of("/rings", "/shapes", "/weaves")) {
            visit(DEMO + place);
            Locator find = field("Find a ring, a shape, a weave");
            for (String word : List.of(
                    "bracelet",
                    "earring",
                    "hoop",
                    "jump ring",
                    "pearl",
                    "stud",
                    "bail",
                    "rosary",
                    "crimp",
                    "figure of eight",
                    "necklace",
                    "clasp",
                    "chainmail",
                    "pendant",
                    "bangle",
                    "charm")) {
                find.fill(word);
                assertThat(page.locator(".found-line, .form-tile").count())
                        .as("%s in %s", word, place)
                        .isPositive();
            }
            find.fill("bracelet");
            page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Found in Weaves"))
                    .waitFor();
        }
    }

    @Test
    void aParameterChangesTheCutLengthAndItsWhyAndOutlivesAReload() {
        openForm("wrapped loop");
        double three = toCut();
        set("wraps", "5");
        page.waitForFunction(
                "before => parseFloat(document.querySelector('[data-testid=to-cut]').innerText) > before + 5", three);
        double five = toCut();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("in the piece"))
                .click();
        assertThat(page.locator(".why").first()).containsText("helices");
        page.reload();
        page.getByTestId("to-cut").waitFor();
        assertThat(toCut()).isCloseTo(five, within(0.051));
        assertThat(field("wraps")).hasValue("5");
    }

    @Test
    void whatCannotBeMadeIsSaidInWordsWithTheWayOut() {
        openForm("bead link");
        set("its hole", "0.5");
        assertThat(page.getByTestId("judgement").first()).containsText("The bead does not go on");
        set("loops, inside", "0.2");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("0.2");
        assertThat(page.getByTestId("to-cut")).isVisible();
    }

    @Test
    void theBendsArePlayedStepByStep() {
        openForm("S-hook");
        button("One step on").click();
        assertThat(page.locator(".player-words")).containsText("cut straight");
        for (int i = 0; i < 3; i++) {
            button("One step on").click();
        }
        assertThat(page.locator(".player-words")).containsText("3.");
        Locator chain = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Steps done"));
        chain.focus();
        page.keyboard().press("ArrowRight");
        assertThat(chain).hasAttribute("aria-valuenow", "4");
        assertThat(page.locator(".player-words")).containsText(Pattern.compile("in the tool|sprung back|4\\."));
        button("done form").click();
        assertThat(chain).hasAttribute("aria-valuenow", Pattern.compile("\\d+"));
    }

    @Test
    void flatAtTrueSizeItIsAsLargeAsItIs() {
        openForm("S-hook");
        page.getByText("true size", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        Locator flat = page.getByTestId("flat-view");
        flat.waitFor();
        double scale = Double.parseDouble(flat.getAttribute("data-scale"));
        assertThat(scale).isCloseTo(96 / 25.4, within(1e-6));
        page.getByText("flat, edge-on").click();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("edge-on"))))
                .isVisible();
    }

    @Test
    void twinsAreMirroredAndTwoFormsStandSideBySide() {
        openForm("fish hook|ear wire, fish hook");
        page.getByText("flat, face-on").click();
        int one = page.locator(".flat-view path").count();
        button("make twins").click();
        page.waitForFunction("n => document.querySelectorAll('.flat-view path').length >= 2 * (n - 6)", one);
        assertThat(field("Hand")).hasValue("PAIRS");
        field("Beside it").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
        assertThat(page.locator(".beside")).containsText("cut ");
    }

    @Test
    void anOutlineIsBentAtTheMakersOwnMarks() {
        openForm("free outline");
        double before = toCut();
        button("add a bend").click();
        page.waitForFunction(
                "b => parseFloat(document.querySelector('[data-testid=to-cut]').innerText) > b + 10", before);
        set("Feed, row 1", "8");
        saved();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take row 5 out"))
                .click();
        saved();
        assertThat(page.locator(".outline-table tbody tr").count()).isEqualTo(4);
    }

    @Test
    void itGoesOutAndComesBackIn() throws Exception {
        openForm("S-hook");
        double usual = toCut();
        set("large bend, inside", "8");
        page.waitForFunction(
                "usual => parseFloat(document.querySelector('[data-testid=to-cut]').innerText) > usual + 1", usual);
        double cut = toCut();
        Download file = page.waitForDownload(() -> button("JSON").click());
        String json = Files.readString(file.path(), StandardCharsets.UTF_8);
        assertThat(json).contains("toroid-form");
        visit(DEMO + "/shapes");
        FileChooser chooser =
                page.waitForFileChooser(() -> button("read in a file").click());
        chooser.setFiles(new FilePayload("hook.json", "application/json", json.getBytes(StandardCharsets.UTF_8)));
        page.waitForURL("**/shapes/*-*");
        page.getByTestId("to-cut").waitFor();
        assertThat(toCut()).isCloseTo(cut, within(0.051));
        visit(DEMO + "/shapes");
        FileChooser again =
                page.waitForFileChooser(() -> button("read in a file").click());
        again.setFiles(new FilePayload("x.json", "application/json", "{}".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".says")).containsText("no form definition");
    }

    @Test
    void theBenchLineTakesAFormToItsPlace() {
        visit(DEMO + "/");
        page.keyboard().press("/");
        page.keyboard().type("spiral 1.0 to 12 x6");
        assertThat(page.locator(".line-answer")).containsText("to cut");
        page.getByText("takes it to Shapes").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/shapes/*-*");
        assertThat(field("across")).hasValue("12.0");
        assertThat(field("Copies")).hasValue("6");
    }

    @Test
    void twoCopiesAreMadeFromTheDrawingToTheNotebook() {
        openForm("eye pin");
        field("Rhythm").selectOption("ONE_BY_ONE");
        saved();
        button("Make 2 of these").click();
        page.waitForURL("**/making/*");
        assertThat(page.locator("h1")).hasText("Cut the wire");
        page.keyboard().type("41.5");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("noted")).containsText("the last 41.50");
        page.locator("body").click();
        page.keyboard().press("Escape");
        button("Next").click();
        assertThat(page.locator(".mark-list li").first()).isVisible();
        button("Next").click();
        saved();
        String step = page.locator(".making header .soft").first().innerText();
        page.reload();
        assertThat(page.locator(".making header .soft").first()).hasText(step);
        for (int i = 0; i < 40 && page.getByText("For next time").count() == 0; i++) {
            button("Next").click();
        }
        page.getByText("For next time").waitFor();
        saved();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Notebook"))
                .click();
        page.waitForURL("**/notebook");
        assertThat(page.locator("article").first()).containsText("2 of 2 copies");
    }

    @Test
    void tenLoopsArePractisedByKeyboard() {
        visit(DEMO + "/practice/ten-loops");
        double[] loops = {2.48, 2.52, 2.5, 2.55, 2.45, 2.5, 2.51, 2.49, 2.53, 2.47};
        field("loop 1, inside, mm").focus();
        for (int i = 0; i < loops.length; i++) {
            page.keyboard().type(String.valueOf(loops[i]));
            page.keyboard().press("Enter");
            page.getByLabel((i + 1) + " of 10").waitFor();
        }
        assertThat(page.getByTestId("figure")).containsText("0.03");
        assertThat(button("Once more")).isVisible();
    }
}
