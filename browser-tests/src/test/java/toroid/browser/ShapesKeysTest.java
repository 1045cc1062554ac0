package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Shapes without a pointer, in an empty workshop, and in two tabs at once. */
class ShapesKeysTest extends BrowserTest {
    @Test
    void anEmptyWorkshopComesFromAnIdeaToACutLengthByKeysAlone() {
        visit(EMPTY + "/");
        page.keyboard().press("/");
        page.keyboard().type("bead link 0.8 copper bead 6 plain x4");
        page.getByText("takes it to Shapes").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/shapes/*-*");
        page.getByTestId("to-cut").waitFor();
        assertThat(field("bead")).hasValue("6.00");
        tabTo("loops, inside");
        page.keyboard().press("Control+A");
        page.keyboard().type("3");
        page.keyboard().press("Enter");
        saved();
        tabTo("Make 4 of these");
        page.keyboard().press("Enter");
        page.waitForURL("**/making/*");
        assertThat(page.locator("h1")).hasText("Cut the wire");
        page.locator("body").press(" ");
        assertThat(field("Copies done")).hasValue("1");
    }

    /** A job of one wire, whatever others have been made meanwhile. */
    private void openHooks() {
        visit(DEMO + "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cloak clasp hooks"))
                .first()
                .click();
        page.getByTestId("to-cut").waitFor();
    }

    @Test
    void theFormIsTurnedByKeys() {
        openHooks();
        var canvas = page.locator("canvas");
        turnedByKeys(canvas);
        page.keyboard().press("f");
        page.getByTestId("flat-view").waitFor();
        page.keyboard().press("t");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("true size"))))
                .isVisible();
        page.keyboard().press("3");
        canvas.waitFor();
    }

    @Test
    void twoTabsGetAChoiceAndNoLostEdit() {
        visit(DEMO + "/shapes");
        page.locator("a[href^='/shapes/new/']")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*figure-eight")))
                .first()
                .click();
        page.waitForURL("**/shapes/new/*");
        page.getByTestId("to-cut").waitFor();
        field("Copies").fill("3");
        page.keyboard().press("Enter");
        saved();
        page.waitForURL("**/shapes/*-*");
        Page other = tab();
        other.navigate(page.url());
        other.getByTestId("to-cut").waitFor();
        other.getByLabel("Copies", new Page.GetByLabelOptions().setExact(true)).fill("7");
        other.keyboard().press("Enter");
        other.waitForFunction("() => !document.querySelector('[data-save=saving], [data-save=waiting]')");
        field("Copies").fill("9");
        page.keyboard().press("Enter");
        page.getByText("Changed in another tab").waitFor();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("9 copies");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("7 copies");
        button("Keep what is here").click();
        saved();
        assertThat(field("Copies")).hasValue("9");
    }

    @Test
    void undoPutsAParameterBack() {
        visit(DEMO + "/shapes");
        page.locator("a[href^='/shapes/new/']")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*tight coil")))
                .first()
                .click();
        page.waitForURL("**/shapes/new/*");
        page.getByTestId("to-cut").waitFor();
        field("turns").fill("33");
        page.keyboard().press("Enter");
        saved();
        page.locator("h1, .name-input").first().blur();
        page.keyboard().press("Control+z");
        assertThat(field("turns")).hasValue("20");
        saved();
    }

    @Test
    void theSheetIsPrintedFromTheForm() throws Exception {
        openHooks();
        Download sheet = page.waitForDownload(() -> button("print sheet").click());
        assertThat(new String(Files.readAllBytes(sheet.path()), 0, 5)).isEqualTo("%PDF-");
        Download outline = page.waitForDownload(() -> button("SVG").click());
        assertThat(Files.readString(outline.path())).contains("<svg");
    }
}
