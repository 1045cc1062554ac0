package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The shelf: lots counted and moved, stocktaking with an interruption, tables with errors, labels; by keyboard and on a tablet. */
class StockTest extends BrowserTest {
    private Locator much() {
        return page.locator(".lot-holds-much");
    }

    private void open(String kind, String name) {
        visit(DEMO + "/stock/" + kind);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .click();
        assertThat(field("Name of the lot")).hasValue(name);
    }

    /** A way to change how much there is, what is typed for it, Enter. */
    private void by(String way, String typed) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(way).setExact(true))
                .focus();
        page.keyboard().press("Enter");
        page.locator(".lot-way input").waitFor();
        page.keyboard().type(typed);
        page.keyboard().press("Enter");
        assertThat(page.locator(".lot-way")).hasCount(0);
    }

    @Test
    void aLotIsMovedByHandAndTakenBack() {
        open(768, 1024, ColorScheme.DARK);
        open("beads", "Stage pearls 6");
        accessible("a lot");
        assertThat(much()).hasText(Pattern.compile("^\\d+$"));
        // whatever pieces have used of them
        int there = Integer.parseInt(much().innerText().strip());
        by("came in", "25");
        assertThat(much()).hasText("" + (there + 25));
        by("lost", "5");
        assertThat(much()).hasText("" + (there + 20));
        page.getByLabel(Pattern.compile("^Take back: came in")).click();
        assertThat(much()).hasText("" + (there - 5));
        page.evaluate("() => document.activeElement.blur()");
        field("its empty spool or dish weighs").fill("4");
        field("its empty spool or dish weighs").press("Enter");
        saved();
        // 28 g of pearls of 0.28 g
        by("weigh", "32");
        assertThat(much()).hasText("100");
        assertThat(page.locator(".says")).containsText("0.28 g a piece: 100, within");
        by("count", "180");
        page.reload();
        assertThat(much()).hasText("180");
    }

    @Test
    void aLabelLeadsBackToItsLot() {
        open("findings", "Cord ends 2");
        Locator label = page.getByAltText("Label of Cord ends 2");
        assertThat(label).isVisible();
        String code = (String)
                page.evaluate(
                        "async () => (await (await fetch('/api/lots/standings')).json()).find(one => location.pathname.endsWith(one.lot)).code");
        visit(DEMO + "/");
        page.keyboard().press("/");
        page.keyboard().type(code.toLowerCase(java.util.Locale.ROOT));
        page.getByText("The label of Cord ends 2").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/stock/lot/*");
        assertThat(field("Name of the lot")).hasValue("Cord ends 2");
        visit(DEMO + "/stock/labels");
        accessible("labels");
        page.getByLabel("Labels of").selectOption("tapered-jaws");
        assertThat(page.locator(".labels-sheet img")).hasCount(2);
    }

    @Test
    void anOffcutIsMadeALotAndGoesBack() {
        visit(DEMO + "/stock");
        page.getByLabel("Open Bronze rods 1.2").click();
        assertThat(much()).hasText("6.40 m");
        by("make an offcut a lot", "400");
        assertThat(much()).hasText("6.00 m");
        visit(DEMO + "/stock");
        assertThat(page.getByLabel("Open Bronze rods 1.2, offcut")).isVisible();
        page.getByLabel("Open Bronze rods 1.2", new Page.GetByLabelOptions().setExact(true))
                .click();
        page.getByLabel(Pattern.compile("^Take back: cut off as an offcut")).click();
        assertThat(much()).hasText("6.40 m");
    }

    @Test
    void stocktakingSurvivesAnInterruption() {
        visit(DEMO + "/stock/stocktaking");
        Locator cord = page.getByLabel("There is of Waxed cotton 2");
        cord.focus();
        page.keyboard().type("11.5");
        page.reload();
        assertThat(cord).hasValue("11.5");
        page.getByLabel("There is of Shell discs").focus();
        page.keyboard().type("a few");
        button("take over 2 counts").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".taking-foot")).containsText("Shell discs: \"a few\" is not a number");
        page.getByLabel("There is of Shell discs").fill("12");
        button("take over 2 counts").focus();
        page.keyboard().press("Enter");
        Locator latest = page.locator(".taking").first();
        assertThat(latest).containsText("2 lots");
        assertThat(latest).containsText("Waxed cotton 2 −500 mm");
        assertThat(latest).not().containsText("Shell discs");
        latest.getByText("take back").click();
        assertThat(latest).containsText("taken back");
        open("cord", "Waxed cotton 2");
        assertThat(much()).hasText("12.00 m");
    }

    private void choose(String text) {
        page.getByLabel("Choose a table")
                .setInputFiles(new FilePayload("shelf.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aTableWithErrorsIsMendedAndTakenIn() throws IOException {
        visit(DEMO + "/stock/table");
        accessible("tables");
        page.getByLabel("A table of").selectOption("solder");
        Download download = page.waitForDownload(() -> button("save it").click());
        String solder = Files.readString(download.path());
        org.assertj.core.api.Assertions.assertThat(solder.lines().count()).isEqualTo(3);
        String bad = solder.replace("strip", "spaghetti")
                + ",solder,Copper solder,5,g,1.2,2026-05-05,,,,,,hard,wire,copper,\r\n";
        choose(bad);
        Locator preview =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What shelf.csv would change"));
        assertThat(preview)
                .containsText("Form cannot be \"spaghetti\". Say one of: strip, wire, chips, paste, powder.");
        assertThat(preview).containsText("1 new");
        assertThat(button("take it in")).hasCount(0);
        choose(bad.replace("spaghetti", "chips"));
        assertThat(preview).containsText("form: strip → chips");
        accessible("a table looked at");
        button("take it in").click();
        assertThat(page.locator(".says")).containsText("shelf.csv is taken in: 1 lot added, 1 changed.");
        visit(DEMO + "/stock/solder");
        assertThat(page.locator(".lot-row").filter(new Locator.FilterOptions().setHasText("Copper solder")))
                .containsText("5.00 g");
        choose(DEMO, "no table at all");
    }

    /** What is no table is said so, and nothing is taken in. */
    private void choose(String workshop, String text) {
        visit(workshop + "/stock/table");
        choose(text);
        assertThat(page.locator(".care[role=status]"))
                .containsText(Pattern.compile("The table has no column|This is no table"));
    }
}
