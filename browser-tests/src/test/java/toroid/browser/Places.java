package toroid.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;

/** Every place, in every size and light it is made for: accessible, nothing cut off, nothing fetched from elsewhere. */
abstract class Places extends BrowserTest {
    private List<String> places() {
        visit(DEMO + "/rings");
        String job = DEMO
                + page.locator("main a[href^='/rings/']:not([href*=new])")
                        .first()
                        .getAttribute("href");
        visit(DEMO + "/notebook");
        String spool = DEMO + page.locator(".glance a").first().getAttribute("href");
        visit(DEMO + "/");
        String run = DEMO + making("Mail collar, sea queen");
        String formRun = DEMO + making("Cloak clasp hooks");
        String weaveRun = DEMO + making("Helmsman's chain");
        String weave = DEMO + page.locator("li a[href^='/weaves/']").first().getAttribute("href");
        String form = DEMO + page.locator("a[href^='/shapes/']").first().getAttribute("href");
        var places = new ArrayList<>(List.of(
                DEMO + "/",
                DEMO + "/rings",
                DEMO + "/rings/new",
                job,
                job + "/shelf",
                DEMO + "/notebook",
                spool,
                DEMO + "/stock",
                DEMO + "/preferences",
                run,
                job.replace("/rings/", "/print/"),
                DEMO + "/nowhere"));
        places.addAll(List.of(DEMO + "/shapes", form, formRun, DEMO + "/shapes/practice", DEMO + "/weaves"));
        places.addAll(List.of(DEMO + "/pieces", DEMO + "/pieces/new/anchor-mobile"));
        places.addAll(List.of(weave, weaveRun, DEMO + "/weaves/shelf", DEMO + "/weaves/medallion"));
        return places;
    }

    /**
     * Nothing is cut off there.
     *
     * @param read whether each place is looked through for readers as well
     */
    void allFit(int width, int height, ColorScheme scheme, boolean read) {
        open(width, height, scheme);
        for (String place : places()) {
            visit(place);
            if (read) {
                accessible(place + " " + width + " " + scheme);
            }
            int over = ((Number) page.evaluate(
                            "() => document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .intValue();
            assertThat(over)
                    .as("cut off at the right: " + place + " at " + width)
                    .isLessThanOrEqualTo(0);
        }
    }
}
