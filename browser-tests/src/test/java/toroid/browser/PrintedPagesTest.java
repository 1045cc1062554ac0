package toroid.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** What the browser prints, opened by a reader that knows nothing of it, rendered and measured: A4, readable, nothing cut off. */
class PrintedPagesTest extends BrowserTest {
    private static final double POINTS_PER_MM = 72 / 25.4;

    /** Most printers put nothing nearer to the edge; common practice, mm. */
    private static final double MARGIN_MM = 6;

    /** Smaller print is not read at a bench; common practice, pt. */
    private static final double SMALLEST_PT = 6;

    private static final int DPI = 254;
    private static final double PIXELS_PER_MM = DPI / 25.4;
    private static final int DARK = 128;

    /** A printed page, as text and as ink. */
    private record Printed(String text, List<BufferedImage> pages) {}

    private static final class Words extends PDFTextStripper {
        private final String where;

        Words(String where) {
            this.where = where;
        }

        @Override
        protected void processTextPosition(TextPosition word) {
            super.processTextPosition(word);
            if (!word.getUnicode().isBlank()) {
                assertThat((double) word.getFontSizeInPt())
                        .as("%s: how large “%s” is printed", where, word.getUnicode())
                        .isGreaterThanOrEqualTo(SMALLEST_PT);
            }
        }
    }

    private Printed printed(String where) {
        // before its first paint a page prints blank, and without its letters what is lettered
        page.waitForFunction(
                "() => performance.getEntriesByType('paint').some(one => one.name === 'first-contentful-paint')");
        page.evaluate("() => Promise.all([...document.fonts].map(one => one.load()))");
        byte[] file = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        try (PDDocument document = Loader.loadPDF(file)) {
            var renderer = new PDFRenderer(document);
            var pages = new ArrayList<BufferedImage>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                PDRectangle box = document.getPage(i).getMediaBox();
                assertThat((double) box.getWidth()).as(where).isCloseTo(210 * POINTS_PER_MM, within(1.5));
                assertThat((double) box.getHeight()).as(where).isCloseTo(297 * POINTS_PER_MM, within(1.5));
                BufferedImage image = renderer.renderImageWithDPI(i, DPI, ImageType.GRAY);
                kept(image, where + ", page " + (i + 1));
                pages.add(image);
            }
            return new Printed(new Words(where).getText(document), pages);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Something is on it, and nothing of that at its edges. */
    private static void kept(BufferedImage page, String where) {
        int margin = (int) (MARGIN_MM * PIXELS_PER_MM);
        int ink = 0;
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                if (page.getRaster().getSample(x, y, 0) < DARK) {
                    ink++;
                    boolean edge =
                            x < margin || y < margin || x >= page.getWidth() - margin || y >= page.getHeight() - margin;
                    assertThat(edge)
                            .as("%s: ink at %.0f, %.0f mm", where, x / PIXELS_PER_MM, y / PIXELS_PER_MM)
                            .isFalse();
                }
            }
        }
        assertThat(ink).as("%s: ink", where).isGreaterThan(1000);
    }

    /** Dark lines along, each as long as it is, mm; those of a few pixels left out. */
    private static List<Double> lines(BufferedImage page) {
        var lines = new ArrayList<Double>();
        for (int y = 0; y < page.getHeight(); y++) {
            int run = 0;
            for (int x = 0; x <= page.getWidth(); x++) {
                boolean dark = x < page.getWidth() && page.getRaster().getSample(x, y, 0) < DARK;
                if (!dark && run > 10 * PIXELS_PER_MM) {
                    lines.add(run / PIXELS_PER_MM);
                }
                run = dark ? run + 1 : 0;
            }
        }
        return lines;
    }

    private static void nothingOfTheScreen(Printed printed, String where) {
        assertThat(printed.text()).as(where).doesNotContain("Keys and help", "To the place", "demo workshop");
        assertThat(printed.text().lines().map(String::strip)).as(where).doesNotContain("Preferences", "Practice");
    }

    @Test
    void aRingJobIsPrintedAtTrueSize() {
        visit(DEMO + "/rings");
        String job =
                page.locator("a[href^='/rings/']:not([href$='/new'])").first().getAttribute("href");
        visit(DEMO + job.replace("/rings/", "/print/"));
        Printed sheet = printed("ring sheet");
        nothingOfTheScreen(sheet, "ring sheet");
        assertThat(sheet.text()).contains("This line is 50 mm long");
        assertThat(lines(sheet.pages().get(0))).anyMatch(mm -> Math.abs(mm - 50) < 0.4);
    }

    @Test
    void theRecordOfAPieceIsPrintedWhole() {
        visit(DEMO + "/notebook");
        page.locator("article a[href^='/notebook/run/']").first().click();
        page.waitForURL("**/notebook/run/*");
        page.locator("h1").first().waitFor();
        settled();
        String name = page.locator("h1").first().innerText();
        Printed record = printed("record");
        nothingOfTheScreen(record, "record");
        assertThat(record.text().replaceAll("\\s+", " ")).contains(name);
        assertThat(record.text()).doesNotContain("Make this again", "beside");
    }

    @Test
    void theCautionsAreOnePage() {
        visit(DEMO + "/safety");
        Printed cautions = printed("cautions");
        nothingOfTheScreen(cautions, "cautions");
        assertThat(cautions.pages()).hasSize(1);
        assertThat(cautions.text()).contains("EN 1811");
    }

    /** As many boxes to tick as steps are left. */
    @Test
    void theRestOfARunIsPrintedStepByStep() {
        visit(DEMO + "/");
        visit(DEMO + making("Cloak clasp hooks"));
        Printed rest = printed("rest of a run");
        nothingOfTheScreen(rest, "rest of a run");
        assertThat(rest.text()).contains("Cloak clasp hooks");
        assertThat(rest.text().lines().map(String::strip)).doesNotContain("Next", "Back");
    }

    /** 62 by 25 mm each: a label's edge is as long as it says. */
    @Test
    void labelsAreOfTheSizeTheySay() {
        visit(DEMO + "/stock/labels");
        page.locator(".labels-sheet > *").first().waitFor();
        settled();
        Printed labels = printed("labels");
        nothingOfTheScreen(labels, "labels");
        double widest = ((Number) page.evaluate("() => { const box = document.querySelector('.labels-sheet > *');"
                        + " return box.getBoundingClientRect().width / 96 * 25.4; }"))
                .doubleValue();
        assertThat(widest).isCloseTo(62, within(0.5));
    }
}
