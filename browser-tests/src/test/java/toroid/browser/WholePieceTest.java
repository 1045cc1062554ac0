package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A whole piece from its line to its record, by keyboard alone, at tablet size, on two devices, measured by a caliper, offline in the middle. */
class WholePieceTest extends BrowserTest {
    private static final int MOST_PRESSES = 150;

    /** Where the maker is: the place, the step, its number, how often it is done. */
    private static final String WHERE =
            "() => ['.making > header .soft', '.making h1', '.making .huge', '.making > footer']"
                    + ".map(one => document.querySelector(one)?.innerText ?? '').join(' | ')";

    private static String where(Page on) {
        return (String) on.evaluate(WHERE);
    }

    /** One press onward, once it is taken. */
    private static void onward(Page on) {
        String before = where(on);
        on.keyboard().press("Space");
        on.waitForFunction("before => (" + WHERE + ")() !== before", before);
    }

    /** Kept as a piece, from the bench line. */
    private void aDrop() {
        visit(DEMO + "/");
        page.keyboard().press("/");
        page.keyboard().type("fish-hook - ring 0.8/3 - beaded-dangle");
        page.getByText("takes it to Pieces").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL(Pattern.compile(".*/pieces/[0-9a-f-]{36}"));
        saved();
    }

    @Test
    void isMadeFromItsLineToItsRecord() {
        open(1024, 768, ColorScheme.LIGHT);
        aDrop();
        tabTo("Make it");
        page.keyboard().press("Enter");
        page.waitForURL("**/making/*");
        page.locator(".making h1").waitFor();
        page.evaluate("() => document.activeElement.blur()");
        Page tablet = device(768, 1024);
        tablet.navigate(page.url());
        tablet.locator(".making h1").waitFor();
        Page caliper = tab();
        caliper.navigate(DEMO + "/preferences/instruments");
        Locator pressed = caliper.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Press its button"));
        pressed.waitFor();

        List<String> steps = new ArrayList<>();
        boolean measured = false;
        boolean offline = false;
        for (int press = 0;
                press < MOST_PRESSES
                        && page.locator(".making h1:has-text('Done')").count() == 0;
                press++) {
            String title = page.locator(".making h1").innerText();
            steps.add(title);
            if (!measured && title.equals("Turn the loop")) {
                pressed.click();
                assertThat(page.getByTestId("noted")).containsText("1 measurement");
                measured = true;
            }
            if (!offline && measured) {
                context.setOffline(true);
                onward(page);
                onward(page);
                context.setOffline(false);
                saved();
                offline = true;
            } else {
                onward(page);
            }
        }
        assertThat(page.locator(".making h1")).hasText("Done");
        saved();
        assertThat(steps).contains("Cut the wire", "Turn the loop", "Open these rings", "Weigh it");
        assertThat(measured && offline).isTrue();
        assertThat(tablet.locator(".making h1")).hasText("Done");

        String run = page.url().replaceFirst(".*/making/", "");
        visit(DEMO + "/notebook/run/" + run);
        assertThat(page.getByLabel("Planned and made")).containsText("loop, inside");
        accessible("the record of a piece");
    }

    /** What one device does the other shows, and goes on from there. */
    @Test
    void twoDevicesGoOnFromEachOther() {
        aDrop();
        button("Make it").click();
        page.waitForURL("**/making/*");
        page.locator(".making h1").waitFor();
        page.evaluate("() => document.activeElement.blur()");
        Page tablet = device(1024, 768);
        tablet.navigate(page.url());
        tablet.locator(".making h1").waitFor();
        for (int i = 0; i < 3; i++) {
            onward(page);
            saved();
            same(tablet, where(page));
            onward(tablet);
            same(page, where(tablet));
        }
    }

    private static void same(Page on, String there) {
        on.waitForFunction("there => (" + WHERE + ")() === there", there);
    }
}
