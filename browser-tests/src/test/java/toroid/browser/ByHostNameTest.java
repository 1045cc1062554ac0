package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A tablet at the bench comes by the workshop's name over plain HTTP, with the password: no secure context, so whatever a
 * browser keeps for HTTPS is not there. All that writes must work all the same.
 */
class ByHostNameTest extends BrowserTest {
    private static final String DOOR = System.getProperty("toroid.door.url", "http://bench.test:8422");
    private static final String PASSWORD = System.getProperty("toroid.door.password", "");

    private void comeIn() {
        page.navigate(DOOR + "/");
        field("The workshop's password").fill(PASSWORD);
        button("Come in").click();
        page.getByText("bench line").first().waitFor();
        assertThat(page.evaluate("() => window.isSecureContext")).isEqualTo(false);
        assertThat(page.evaluate("() => typeof crypto.randomUUID")).isEqualTo("undefined");
    }

    @Test
    void theWrongPasswordIsSaidSo() {
        page.navigate(DOOR + "/");
        field("The workshop's password").fill("not the password at all");
        button("Come in").click();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("not the workshop's password");
    }

    @Test
    void addingPlanningMakingMeasuringAndPractisingAllWork() {
        comeIn();
        visit(DOOR + "/stock");
        button("add a spool").click();
        field("Name").first().fill("Copper at the bench");
        saved();
        visit(DOOR + "/stock/rods");
        button("add a rod").click();
        field("Diameter of New rod").fill("5");
        saved();

        visit(DOOR + "/");
        line("6 rings copper 1.0 on 5 saw 0.3");
        page.getByText("Wind 6 of these").first().click();
        page.waitForURL("**/making/*");
        page.getByTestId("big-number").waitFor();
        page.evaluate("() => document.activeElement.blur()");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.locator("h1")).hasText("Measure the coil");
        page.keyboard().type("7.2");
        page.keyboard().press("Enter");
        page.getByTestId("learnt").waitFor();

        visit(DOOR + "/practice/ten-loops");
        page.locator("#measured").fill("3.1");
        page.locator("#measured").press("Enter");
        page.waitForFunction("() => document.getElementById('measured').value === ''");

        page.evaluate("() => document.activeElement.blur()");
        page.keyboard().press("/");
        page.keyboard().type("wrapped 0.6 loop 2.5 x3");
        page.getByText("takes it to Shapes").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/shapes/*-*");
        page.getByTestId("to-cut").first().waitFor();
    }
}
