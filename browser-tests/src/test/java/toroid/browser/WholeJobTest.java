package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** From an empty workshop to a corrected prediction: once by keyboard alone, once by hand on the tools' side. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WholeJobTest extends BrowserTest {
    private void type(String name, String value) {
        tabTo(name);
        page.keyboard().press("Control+a");
        page.keyboard().type(value);
        page.keyboard().press("Tab");
    }

    private void go(String key, String address) {
        page.evaluate("() => document.activeElement.blur()");
        page.keyboard().press("g");
        page.keyboard().press(key);
        page.waitForURL(address);
        settled();
    }

    private void press(String name) {
        tabTo(name);
        page.keyboard().press("Enter");
        settled();
    }

    @Test
    @Order(1)
    void byKeyboardAlone() {
        visit(EMPTY + "/");
        assertThat(page.locator("h1")).hasText("What do you want to make?");
        accessible("the empty bench");

        go("s", "**/stock");
        accessible("the empty stock");
        press("add a spool");
        type("Name", "Brass for the trial");
        tabTo("Metal");
        page.keyboard().type("yellow");
        type("Wire diameter of", "1.0");
        press("rods and steps");
        press("add a rod");
        type("Diameter of New rod", "6");
        press("blades and cutters");
        press("add a blade or cutters");
        page.waitForFunction("() => !document.querySelector('[data-save=saving], [data-save=waiting]')");

        page.evaluate("() => document.activeElement.blur()");
        page.keyboard().press("/");
        page.keyboard().type("20 rings brass 1.0 on 6 saw 0.3");
        page.getByText("takes it to Rings").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/rings/*-*");
        page.getByTestId("ring-face").waitFor();
        assertThat(page.getByLabel("Wire from").locator("option:checked")).hasText("Brass for the trial");
        assertThat(page.locator(".figure-list")).containsText("By the handbook");
        double handbook = Double.parseDouble(field("Inner diameter, closed").inputValue());

        press("Wind 21 of these");
        page.waitForURL("**/making/*");
        page.getByTestId("big-number").waitFor();
        page.evaluate("() => document.activeElement.blur()");
        for (String step : new String[] {"Wind the coil", "Let it spring back", "Slide it off"}) {
            assertThat(page.locator("h1")).hasText(step);
            page.keyboard().press("Space");
        }
        assertThat(page.locator("h1")).hasText("Measure the coil");
        page.keyboard().type("8.46");
        page.keyboard().press("Enter");
        page.getByTestId("learnt").waitFor();
        page.keyboard().press("Escape");
        page.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Cut the rings");
        for (int i = 0; i < 21; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.getByTestId("big-number")).containsText("21");
        page.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Close them");
        page.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Measure the rings");
        for (String measured : new String[] {"6.36", "6.38", "6.35"}) {
            page.keyboard().type(measured);
            page.keyboard().press("Enter");
            page.waitForFunction("() => document.getElementById('measured').value === ''");
        }
        page.keyboard().press("Escape");
        page.keyboard().press("Space");
        assertThat(page.locator("h1")).hasText("Done");
        assertThat(page.getByTestId("big-number")).containsText("6.36");
        accessible("the end of a run");
        type("For next time", "Same again");
        saved();

        // The next ring on this wire is predicted by what was measured.
        visit(EMPTY + "/");
        page.keyboard().press("/");
        page.keyboard().type("brass 1.0 on 6 saw 0.3");
        page.getByText("takes it to Rings").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/rings/*-*");
        page.getByTestId("ring-face").waitFor();
        assertThat(page.locator(".figure-list")).containsText("4 measurements of yours");
        double corrected = Double.parseDouble(field("Inner diameter, closed").inputValue());
        assertThat(Math.abs(corrected - 6.363)).isLessThan(Math.abs(handbook - 6.363));
        assertThat(corrected).isCloseTo(6.36, within(0.03));
    }

    @Test
    @Order(2)
    void theNotebookAndTheSpoolShowIt() {
        visit(EMPTY + "/notebook");
        assertThat(page.locator("article").first()).containsText("6.36");
        assertThat(page.locator("article").first()).containsText("Same again");
        page.locator(".glance a").first().click();
        assertThat(page.locator("main")).containsText("4 measurements moved its flow stress");
        page.getByText("leave it out").first().click();
        assertThat(page.locator("main")).containsText("3 measurements moved its flow stress");
        page.getByText("count it again").click();
        assertThat(page.locator("main")).containsText("4 measurements moved its flow stress");
        field("measured inside").fill("99");
        field("measured inside").press("Enter");
        assertThat(page.locator("[role=alert]")).containsText("measure again");
        visit(EMPTY + "/stock");
        double left = Double.parseDouble(
                page.getByLabel("Length left of Brass for the trial, metres").inputValue());
        assertThat(left).isLessThan(10).isGreaterThan(9);
    }

    @Test
    @Order(3)
    void whatIsTakenAwayComesBack() {
        visit(EMPTY + "/stock");
        button("add a spool").click();
        page.getByLabel("Take away New spool").click();
        page.getByText("New spool is taken away.").waitFor();
        page.getByText("Bring it back").click();
        page.getByLabel("Take away New spool").waitFor();
        page.getByLabel("Wire diameter of New spool").fill("40");
        page.getByLabel("Wire diameter of New spool").press("Enter");
        assertThat(page.locator("[data-save=refused]"))
                .containsText("The wire cannot be 40 mm; it can be from 0.05 to 12 mm.");
        page.getByLabel("Wire diameter of New spool").fill("18swg");
        page.getByLabel("Wire diameter of New spool").press("Enter");
        assertThat(page.getByLabel("Wire diameter of New spool")).hasValue("1.22");
        button("weigh").last().click();
        page.getByLabel("Weight of New spool in grams, spool taken off").fill("104.37");
        page.keyboard().press("Enter");
        // ρ π d²/4: copper 8.94 g/cm³, 1.2192 mm: 10.437 g a metre.
        assertThat(page.locator("main")).containsText("10.44 g a metre: 10.00 m.");
    }

    @Test
    @Order(4)
    void unitsFollowTheMaker() {
        visit(EMPTY + "/preferences");
        page.getByText("inches", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .click();
        saved();
        visit(EMPTY + "/rings/new");
        page.getByTestId("ring-face").waitFor();
        assertThat(page.locator(".hero .unit")).hasText("in");
        field("Outer diameter").fill("0.375");
        field("Outer diameter").press("Enter");
        assertThat(field("Outer diameter")).hasValue("0.375");
        visit(EMPTY + "/preferences");
        page.getByText("millimetres", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .click();
        saved();
    }
}
