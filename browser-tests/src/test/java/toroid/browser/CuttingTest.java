package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Cutting for jobs: planned, ticked, interrupted, a spool that turned out shorter; by keyboard and on a tablet. */
class CuttingTest extends BrowserTest {
    private Locator job(String name) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private Locator strip() {
        return page.locator(".strip-bar").first();
    }

    @Test
    void survivesAReloadAndCanBeTakenBack() {
        visit(DEMO + "/cutting");
        job("Whelk spirals").focus();
        page.keyboard().press("Space");
        assertThat(strip()).containsText(Pattern.compile("12 × \\d"));
        assertThat(page.locator(".how-good")).containsText("No plan uses up less");
        strip().locator("button").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".all-cut")).isVisible();
        assertThat(page.locator(".strip-bar")).hasCount(0);
        page.reload();
        assertThat(page.locator(".all-cut")).isVisible();
        button("not cut after all").click();
        assertThat(strip()).containsText(Pattern.compile("12 × \\d"));
        assertThat(page.locator(".all-cut")).hasCount(0);
        strip().locator("button").click();
        assertThat(page.locator(".all-cut")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(strip()).containsText(Pattern.compile("12 × \\d"));
        assertThat(page.locator(".was-cut")).hasCount(0);
    }

    @Test
    void aSpoolThatTurnsOutShorterIsPlannedAnew() {
        open(768, 1024, ColorScheme.LIGHT);
        visit(DEMO + "/cutting");
        job("Whelk spirals").check();
        Locator holds = strip().getByRole(AriaRole.SPINBUTTON);
        holds.fill("500");
        holds.press("Enter");
        assertThat(strip()).containsText(Pattern.compile("3 × \\d"));
        assertThat(page.locator(".lacking")).containsText(Pattern.compile("9 × \\d"));
        assertThat(page.locator(".lacking")).containsText("2.00 m more is enough");
        strip().locator("button").click();
        assertThat(page.locator(".was-cut")).containsText(Pattern.compile("3 × \\d"));
        assertThat(page.locator(".lacking")).containsText(Pattern.compile("9 × \\d"));
        button("not cut after all").click();
        assertThat(page.locator(".was-cut")).hasCount(0);
        assertThat(strip()).containsText(Pattern.compile("12 × \\d"));
    }

    @Test
    void jobsAreCutTogether() {
        visit(DEMO + "/cutting");
        assertThat(page.locator(".cutting-begin")).isVisible();
        job("Bead chain of the drowned").check();
        assertThat(strip()).containsText("coil of");
        job("Whelk spirals").check();
        assertThat(page.locator(".wire-to-cut")).hasCount(2);
        job("Whelk spirals").uncheck();
        assertThat(page.locator(".wire-to-cut")).hasCount(1);
    }
}
