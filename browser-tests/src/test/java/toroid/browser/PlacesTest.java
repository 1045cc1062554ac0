package toroid.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every place, in every size and light it is made for: accessible, nothing cut off, nothing fetched from elsewhere. */
class PlacesTest extends BrowserTest {
    /** At the desk; then on a tablet held across, and upright. Width and height. */
    private static final int[][] SIZES = {{1280, 800}, {1024, 768}, {768, 1024}};

    private static final String INK = "getComputedStyle(document.body).color";

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

    /** By day at the desk; drawn in to a tablet, where night falls. Each is opened once: nothing of it is asked for again. */
    @Test
    void canBeReadAndFitsByDayAndByNight() {
        open(SIZES[0][0], SIZES[0][1], ColorScheme.LIGHT);
        for (String place : places()) {
            light(ColorScheme.LIGHT);
            page.setViewportSize(SIZES[0][0], SIZES[0][1]);
            visit(place);
            accessible(place + " by day");
            for (int[] size : SIZES) {
                fits(place, size);
            }
            Object byDay = page.evaluate(INK);
            light(ColorScheme.DARK);
            page.waitForFunction("day => " + INK + " !== day", byDay);
            readable(place + " by night");
        }
    }

    /** Opened by night it is dark from the first. */
    @Test
    void isDarkFromTheFirstWhereItIsNight() {
        visit(DEMO + "/");
        Object byDay = page.evaluate(INK);
        open(SIZES[2][0], SIZES[2][1], ColorScheme.DARK);
        visit(DEMO + "/");
        assertThat(page.evaluate(INK)).isNotEqualTo(byDay);
        accessible("the bench by night");
    }

    private void light(ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    }

    private void fits(String place, int[] size) {
        page.setViewportSize(size[0], size[1]);
        page.waitForFunction("width => window.innerWidth === width", size[0]);
        // drawings follow the frame after the one in which they are measured
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
        int over = ((Number) page.evaluate(
                        "() => document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .intValue();
        assertThat(over).as("cut off at the right: " + place + " at " + size[0]).isLessThanOrEqualTo(0);
    }
}
