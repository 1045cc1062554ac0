package toroid.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the README's pictures of the demo workshop: {@code ./toroid screenshots}. */
@EnabledIfSystemProperty(named = "toroid.screenshots", matches = ".+")
class Screenshots extends BrowserTest {
    private static final Path FOLDER = Path.of(System.getProperty("toroid.screenshots", "target"));

    private void take(String name, String address) {
        visit(address);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    @Test
    void takeAll() throws IOException {
        take("bench", DEMO + "/");
        String run = making("Mail collar, sea queen");
        page.getByText("Mail collar, sea queen").first().waitFor();
        visit(DEMO + "/notebook");
        String record = page.locator("article a[href^='/notebook/run/']")
                .filter(new Locator.FilterOptions().setHasText("Ear wires for the cast"))
                .first()
                .getAttribute("href");
        String spool = page.locator(".glance a").first().getAttribute("href");
        visit(DEMO + "/");
        String job = form("Mail collar, sea queen");
        take("rings", DEMO + job);
        take("record", DEMO + record);
        take("notebook", DEMO + "/notebook");
        take("spool", DEMO + spool);
        take("stock", DEMO + "/stock/beads");
        take("preferences", DEMO + "/preferences");
        take("print", DEMO + job.replace("/rings/", "/print/"));
        take("shapes", DEMO + "/shapes");
        String link = form("Tide bead links");
        take("shape", DEMO + link);
        take("practice", DEMO + "/practice");
        visit(DEMO + "/pieces");
        take("pieces", DEMO + "/pieces");
        String piece = form("Deckhand's bracelet, second mate");
        visit(DEMO + piece);
        page.getByTestId("finished-length").waitFor();
        take("piece", DEMO + piece);
        visit(DEMO + "/cutting");
        for (String name : List.of("Figurehead chain", "Whelk spirals", "Tide bead links", "Ear wires for the cast")) {
            page.getByText(name).click();
        }
        page.locator(".how-good").nth(2).waitFor();
        settled();
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("cutting.png")));
        visit(DEMO + "/weaves");
        page.getByTestId("weave-figures").waitFor();
        take("weaves", DEMO + "/weaves");
        visit(DEMO + "/weaves/medallion");
        page.getByTestId("hub-size").waitFor();
        take("medallion", DEMO + "/weaves/medallion");
        visit(DEMO + "/");
        visit(DEMO + form("Helmsman's chain"));
        page.getByText("put together").click();
        page.getByLabel("Rings put in").fill("30");
        page.waitForTimeout(900);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("weave-patch.png")));
        open(1280, 800, ColorScheme.DARK);
        take("making", DEMO + run);
        open(768, 1024, ColorScheme.DARK);
        visit(DEMO + "/notebook/photo");
        PhotoOfARing.chosenAndMarked(page);
        page.locator(".photo-size").getByText("±").waitFor();
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("photo-tablet-dark.png")));
    }

    private String form(String name) {
        return page.getByRole(
                        com.microsoft.playwright.options.AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + name)))
                .first()
                .getAttribute("href");
    }
}
