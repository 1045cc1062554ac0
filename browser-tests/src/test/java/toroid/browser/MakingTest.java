package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class MakingTest extends BrowserTest {
    private Locator big() {
        return page.getByTestId("big-number");
    }

    private void begin(String words, String rings) {
        visit(DEMO + "/");
        line(words);
        field("Rings wanted").fill(rings);
        field("Rings wanted").press("Enter");
        saved();
        page.getByText(Pattern.compile("^Wind \\d+ of these")).click();
        page.waitForURL("**/making/*");
        big().waitFor();
    }

    @Test
    void neverLosesItsPlace() {
        begin("brass 0.9 on 4", "20");
        assertThat(page.locator("h1")).hasText("Wind the coil");
        assertThat(page.locator(".caution").first()).not().isVisible();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.locator("h1")).hasText("Cut the rings");
        assertThat(page.locator(".caution")).containsText("Glasses on");
        for (int i = 0; i < 7; i++) {
            page.keyboard().press("Space");
        }
        assertThat(big()).containsText("7of 21 rings");
        saved();
        page.reload();
        assertThat(big()).containsText("7of 21 rings");
        page.keyboard().press("Backspace");
        assertThat(big()).containsText("6of 21 rings");
        field("Rings cut").fill("21");
        field("Rings cut").press("Enter");
        assertThat(button("Next")).isVisible();
        saved();
        visit(DEMO + "/");
        assertThat(page.locator("main")).containsText("21 of 21 done");
    }

    @Test
    void aCaliperThatTypesIsEnough() {
        begin("brass 0.9 on 5", "12");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.locator("h1")).hasText("Measure the coil");
        page.keyboard().type("7.02");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("learnt")).containsText("1 measurement.");
        assertThat(page.getByTestId("learnt")).containsText("the spool now promises");
        page.keyboard().type("7.03");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("learnt")).containsText("2 measurements.");
        page.keyboard().type("70.3");
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=alert]")).containsText("measure again");
        assertThat(page.locator("#measured")).hasValue("70.3");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("learnt")).containsText("1 measurement.");
    }

    @Test
    void workGoesOnWhileTheServerDoesNotAnswer() {
        begin("brass 0.9 on 4", "20");
        context.setOffline(true);
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Slide it off");
        page.waitForFunction("() => document.querySelector('[data-save=waiting]')");
        context.setOffline(false);
        saved();
        page.reload();
        assertThat(page.locator("h1")).hasText("Slide it off");
    }

    /** The plan on one screen, the bench on another. */
    @Test
    void twoScreensFollowEachOther() {
        begin("brass 0.9 on 4", "20");
        Page other = tab();
        other.navigate(page.url());
        assertThat(other.locator("h1")).hasText("Wind the coil");
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        assertThat(other.locator("h1")).hasText("Slide it off");
        other.keyboard().press("Space");
        other.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Cut the rings");
        page.keyboard().press("Space");
        assertThat(other.getByTestId("big-number")).containsText("1of 21 rings");
        page.getByText("on a tablet").click();
        assertThat(page.locator("dialog[open]")).containsText("--bind 0.0.0.0");
    }

    /** A coil that went wrong is wound again, with its reason in the record. */
    @Test
    void whatFailsIsBegunAnewAndSaidInTheRecord() {
        begin("brass 0.9 on 6", "12");
        page.keyboard().press("Space");
        page.keyboard().press("f");
        assertThat(page.locator("h1")).hasText("One coil failed. Why?");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("bent wrong"))
                .click();
        field("In your words").fill("it slipped off");
        accessible("what failed");
        button("make it again").click();
        assertThat(page.locator("h1")).hasText("Wind the coil");
        page.keyboard().press("Space");
        saved();
        String run = page.url().replaceFirst(".*/making/", "");
        visit(DEMO + "/notebook/run/" + run);
        assertThat(page.locator(".record")).containsText("bent wrong, it slipped off");
        accessible("the record of a run");
    }
}
