package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class RingsPlaceTest extends BrowserTest {
    private Locator inner() {
        return field("Inner diameter, closed");
    }

    private void set(String label, String value) {
        field(label).fill(value);
        field(label).press("Enter");
    }

    private double number(String label) {
        return Double.parseDouble(field(label).inputValue());
    }

    @Test
    void theBenchLineAnswersAtOnceAndTakesTheRingToItsPlace() {
        visit(DEMO + "/");
        page.keyboard().press("/");
        page.keyboard().type("300 rings 18ga id 3.5");
        assertThat(page.locator(".line-answer")).containsText("3.50 mm");
        assertThat(page.locator(".line-answer")).containsText("18 SWG is 1.22 mm, +19 %");
        page.keyboard().press("Enter");
        page.waitForURL("**/rings/*-*");
        assertThat(inner()).hasValue("3.50");
        assertThat(field("Rings wanted")).hasValue("300");
    }

    @Test
    void whatCannotBeReadIsSaidWithTheWayOut() {
        visit(DEMO + "/");
        page.keyboard().press("/");
        page.keyboard().type("1.0 sideways 4");
        assertThat(page.locator(".line-answer")).containsText("I do not know what \"sideways\" means here.");
    }

    /** 1.2 mm wire, aspect ratio 5: 6 mm inside (common practice), in every convention. */
    @Test
    void everyConventionLeadsToTheSameRing() {
        visit(DEMO + "/");
        line("titanium 1.2 ar 5");
        assertThat(inner()).hasValue("6.00");
        assertThat(field("Outer diameter")).hasValue("8.40");
        saved();
        String rod = field("Rod").inputValue();
        set("Outer diameter", "9");
        assertThat(inner()).hasValue("6.60");
        set("Inner diameter", "15/64in");
        assertThat(inner()).hasValue("5.95");
        set("Aspect ratio", "5");
        assertThat(field("Rod")).hasValue(rod);
        set("Rod", "6");
        assertThat(inner()).not().hasValue("6.00");
        saved();
    }

    @Test
    void aBareGaugeSaysHowItWasRead() {
        visit(DEMO + "/");
        line("titanium 1.2 ar 5");
        set("Wire diameter", "16ga");
        assertThat(page.locator(".understood")).containsText("Read as 16 AWG, 1.29 mm. 16 SWG would be 1.63 mm");
    }

    @Test
    void numbersArePulledSidewaysAndSteppedByKeys() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        BoundingBox box = field("Inner diameter").boundingBox();
        page.mouse().move(box.x + 10, box.y + 10);
        page.mouse().down();
        page.mouse().move(box.x + 60, box.y + 10, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        assertThat(inner()).hasValue("6.50");
        inner().press("ArrowDown");
        assertThat(inner()).hasValue("6.45");
        inner().press("Shift+ArrowDown");
        assertThat(inner()).hasValue("5.95");
    }

    @Test
    void undoPutsBackAndWhatIsTypedOutlivesAReload() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        set("Rings wanted", "77");
        saved();
        set("Outer diameter", "10");
        assertThat(inner()).hasValue("7.60");
        page.locator("h1, .ladder").first().click();
        page.keyboard().press("Control+z");
        assertThat(inner()).hasValue("6.00");
        page.keyboard().press("Control+Shift+Z");
        assertThat(inner()).hasValue("7.60");
        saved();
        page.reload();
        assertThat(inner()).hasValue("7.60");
        assertThat(field("Rings wanted")).hasValue("77");
    }

    @Test
    void everyNumberExplainsItself() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        Locator figure = page.locator("[data-figure=wire-per-ring]");
        figure.getByRole(AriaRole.BUTTON).click();
        assertThat(figure.locator(".why .formula")).hasAttribute("aria-label", "ℓ = π (ID + d)");
        assertThat(figure.locator(".why math").first()).isVisible();
        assertThat(figure.locator(".why")).containsText("ID = 6.000, d = 1.200");
        for (Locator each : page.locator(".figure-list [data-figure]").all()) {
            Locator name = each.locator("button[aria-expanded]");
            if (name.getAttribute("aria-expanded").equals("false")) {
                name.click();
            }
            assertThat(each.locator(".formula")).not().isEmpty();
        }
    }

    @Test
    void aRodIsTakenFromTheRailByKeys() {
        visit(DEMO + "/");
        line("titanium 1.2 on 6");
        Locator rail = page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Your rods"));
        Locator chosen = rail.locator("[aria-checked=true]");
        assertThat(chosen).hasAttribute("aria-label", Pattern.compile("^6 rod, 6 mm"));
        chosen.focus();
        page.keyboard().press("ArrowRight");
        assertThat(field("Rod")).hasValue("6.50");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(field("Rod")).hasValue("5.50");
    }

    @Test
    void anImpossibleRingIsSaidAndNothingIsLost() {
        visit(DEMO + "/");
        line("stainless spring 0.3 on 6");
        set("Rod", "120");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("springs back straight");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Take a rod below");
        set("Rings wanted", "0");
        assertThat(page.locator("[data-save=refused]")).containsText("The number of rings cannot be 0");
        set("Rings wanted", "50");
        saved();
    }

    @Test
    void trueSizeIsTrueToTheCalibratedScreen() {
        visit(DEMO + "/preferences");
        page.getByLabel("Size of the card outline").fill("5");
        line("titanium 1.2 id 6");
        page.keyboard().press("Escape");
        page.locator(".ladder").click();
        page.keyboard().press("t");
        double width =
                page.locator("[data-testid=ring-face] circle.edge").first().boundingBox().width;
        org.assertj.core.api.Assertions.assertThat(width).isCloseTo(8.4 * 5, within(2.0));
    }

    @Test
    void theTableTakesAWireAndARodToTheJob() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        page.getByText("all wires on all rods").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Spool 5, brass 0.9 on 4:")))
                .click();
        assertThat(field("Rod")).hasValue("4.00");
        assertThat(page.getByLabel("Wire from")).containsText("Spool 5, brass 0.9");
        saved();
    }

    @Test
    void twoTabsGetAChoiceAndNoLostEdit() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        saved();
        String address = page.url();
        Page other = tab();
        other.navigate(address);
        other.getByLabel("Rings wanted").waitFor();
        set("Rings wanted", "111");
        saved();
        other.getByLabel("Rings wanted").fill("222");
        other.getByLabel("Rings wanted").press("Enter");
        Locator dialog = other.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Changed in another tab");
        assertThat(dialog).containsText("111 rings");
        assertThat(dialog).containsText("222 rings");
        dialog.getByText("Keep what is here").click();
        other.locator("[data-save=saved]").waitFor();
        page.reload();
        assertThat(field("Rings wanted")).hasValue("222");
    }

    @Test
    void thePrintedRingIsTrueSize() {
        visit(DEMO + "/");
        line("titanium 1.2 id 6");
        page.getByText("print sheet").click();
        Locator check = page.locator("main svg g path").first();
        check.waitFor();
        double line = ((Number) check.evaluate("e => e.getBoundingClientRect().width")).doubleValue();
        org.assertj.core.api.Assertions.assertThat(line).isCloseTo(50 * 96 / 25.4, within(1.5));
        assertThat(page.getByRole(AriaRole.IMG)).isVisible();
    }

    @Test
    void aRingOnlyLookedAtLeadsToItsTableAndItsSheet() {
        visit(DEMO + "/rings/new");
        page.getByText("all wires on all rods").click();
        page.waitForURL("**/rings/*-*/shelf");
        page.locator("table").first().waitFor();
        visit(DEMO + "/rings/new");
        page.getByText("print sheet").click();
        page.waitForURL("**/print/*-*");
        page.locator("main svg").first().waitFor();
    }

    @Test
    void aRefusedValueGreysShutsTheButtonAndOffersTheNearest() {
        visit(DEMO + "/rings/new");
        set("Lead", "600");
        Locator alert = page.getByRole(AriaRole.ALERT);
        assertThat(alert).containsText("The figures in grey are from before.");
        assertThat(page.getByText(Pattern.compile("^Wind \\d+ of these"))).isDisabled();
        assertThat(alert).containsText("The lead cannot be 600 mm; it can be from 0 to 500 mm.");
        alert.getByText("take 500 mm").click();
        assertThat(alert).isHidden();
        assertThat(page.getByText(Pattern.compile("^Wind \\d+ of these"))).isEnabled();
    }

    @Test
    void keysAreListed() {
        visit(DEMO + "/");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("the bench line");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.keyboard().press("g");
        page.keyboard().press("n");
        page.waitForURL("**/notebook");
    }
}
