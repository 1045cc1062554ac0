package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The Weaves place: a ring judged in a weave, the weave pulled and turned, another weave, rings that will not close. */
class WeavesTest extends BrowserTest {
    private Locator verdict() {
        return page.getByTestId("verdict");
    }

    private void type(String label, String value) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.fill(value);
        field.press("Enter");
    }

    private void choose(String weave) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + weave)))
                .click();
    }

    @Test
    void aRingIsJudgedInAWeave() {
        visit(DEMO + "/weaves");
        choose("byzantine");
        type("ring, inside", "3.8");
        assertThat(verdict()).containsText("Drapes and keeps its pattern");
        type("ring, inside", "3");
        assertThat(verdict()).containsText("Will not close");
        assertThat(verdict()).containsText("inside or more");
        type("ring, inside", "7");
        assertThat(verdict()).containsText("Floppy");
    }

    @Test
    void aWeaveIsPulledTautAndTurned() {
        visit(DEMO + "/weaves");
        choose("European 4-in-1");
        type("ring, inside", "4");
        page.getByTestId("weave-figures").waitFor();
        Locator slider = page.getByLabel("From pushed together to taut");
        slider.waitFor();
        slider.focus();
        page.keyboard().press("End");
        // pulled along its rows an aspect ratio of 4 lies √18 wires from ring to ring
        assertThat(slider).hasAttribute("aria-valuetext", Pattern.compile("pitch 4\\.24 mm"));
        Locator canvas = page.locator("canvas");
        turnedByKeys(canvas);
    }

    @Test
    void aWeaveOfTwoSizesAsksForBothAndTheChoiceIsKept() {
        visit(DEMO + "/weaves");
        choose("Japanese 4-in-1");
        type("flat ring, inside", "4");
        type("upright ring, inside", "3");
        assertThat(page.getByTestId("weave-figures")).containsText("7.00 mm");
        page.reload();
        assertThat(page.getByLabel("upright ring, inside", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("3.00");
    }

    @Test
    void everyFigureOpensToItsWhy() {
        visit(DEMO + "/weaves");
        page.getByTestId("weave-figures").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("smallest aspect ratio"))
                .click();
        assertThat(page.locator(".why .formula").first())
                .hasAttribute("aria-label", Pattern.compile("AR_min = 2R / t.*"));
        assertThat(page.locator(".why mfrac").first()).isVisible();
    }
}
