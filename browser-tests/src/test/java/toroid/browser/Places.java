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
        String record =
                DEMO + page.locator("article a[href^='/notebook/run/']").first().getAttribute("href");
        visit(DEMO + "/stock/tapered-jaws");
        String lot = page.locator(".lot-row").first().getAttribute("href");
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
                record,
                DEMO + "/safety",
                DEMO + "/stock",
                DEMO + lot,
                DEMO + "/stock/stocktaking",
                DEMO + "/preferences",
                run,
                job.replace("/rings/", "/print/"),
                DEMO + "/nowhere"));
        places.addAll(List.of(DEMO + "/shapes", form, formRun, DEMO + "/weaves"));
        places.addAll(List.of(DEMO + "/practice", DEMO + "/practice/twenty-rings", DEMO + "/practice/ear-wire-pair"));
        places.addAll(List.of(DEMO + "/preferences/instruments", DEMO + "/notebook/photo"));
        places.addAll(List.of(DEMO + "/pieces", DEMO + "/pieces/new/anchor-mobile"));
        places.add(DEMO + "/cutting");
        places.addAll(List.of(weave, weaveRun, DEMO + "/weaves/shelf", DEMO + "/weaves/medallion"));
        return places;
    }

    /**
     * Every place can be read and is cut off nowhere, in the first size as in the others it is drawn out or in to.
     *
     * @param sizes width and height
     */
    void allFit(ColorScheme scheme, int[]... sizes) {
        open(sizes[0][0], sizes[0][1], scheme);
        for (String place : places()) {
            page.setViewportSize(sizes[0][0], sizes[0][1]);
            visit(place);
            String where = place + " " + sizes[0][0] + " " + scheme;
            if (scheme == ColorScheme.LIGHT) {
                accessible(where);
            } else {
                readable(where);
            }
            for (int[] size : sizes) {
                page.setViewportSize(size[0], size[1]);
                page.waitForFunction("width => window.innerWidth === width", size[0]);
                // drawings follow the frame after the one in which they are measured
                page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
                int over = ((Number) page.evaluate(
                                "() => document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                        .intValue();
                assertThat(over)
                        .as("cut off at the right: " + place + " at " + size[0])
                        .isLessThanOrEqualTo(0);
            }
        }
    }
}
