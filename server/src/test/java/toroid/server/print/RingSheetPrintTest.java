package toroid.server.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class RingSheetPrintTest extends ApiTest {
    private static final double MM = 25.4 / 72;

    private PDDocument print(UUID job) throws Exception {
        byte[] pdf = mvc.perform(get("/api/jobs/ring/" + job + "/sheet.pdf").header("Host", "localhost"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        return Loader.loadPDF(pdf);
    }

    @Test
    void theRingAndTheCheckLineAreTrueSize() throws Exception {
        UUID job = UUID.randomUUID();
        var data = job(null, 8, 60);
        data.put("name", "Kettenring Größe 8 ✂");
        keep("/api/jobs/ring", job, null, data);
        double outer = tell("/api/rings/sheet", data).at("/ring/closedOuterMm").asDouble();
        try (PDDocument document = print(job)) {
            var drawing = new Lengths(document.getPage(0));
            drawing.processPage(document.getPage(0));
            assertThat(drawing.longestLine * MM).isCloseTo(50, within(1e-3));
            assertThat(drawing.widestCurve * MM).isCloseTo(outer, within(1e-3));
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Kettenring Größe 8 ?")
                    .contains("50 mm")
                    .contains("Glasses")
                    .contains("Coil 1: wind");
        }
    }

    /** Indices stand low, not behind an underscore, and no formula runs off the sheet. */
    @Test
    void formulasAreSetAndStayOnTheSheet() throws Exception {
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(null, 8, 60));
        try (PDDocument document = print(job)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("turn").doesNotContain("_");
            var right = new double[1];
            new PDFTextStripper() {
                @Override
                protected void writeString(String said, List<TextPosition> places) {
                    places.forEach(place -> right[0] = Math.max(right[0], place.getXDirAdj() + place.getWidthDirAdj()));
                }
            }.getText(document);
            assertThat(right[0] * MM).isBetween(150.0, 210 - 17.9);
        }
    }

    @Test
    void aLongJobRunsOnToMorePages() throws Exception {
        UUID job = UUID.randomUUID();
        var data = job(null, 4, 9000);
        data.put("usableMandrelMm", 100);
        keep("/api/jobs/ring", job, null, data);
        try (PDDocument document = print(job)) {
            assertThat(document.getNumberOfPages()).isGreaterThan(1);
        }
    }

    /** Reads drawn lengths back out of a page, in points. */
    private static final class Lengths extends PDFGraphicsStreamEngine {
        private final List<Point2D> path = new ArrayList<>();
        private boolean curved;
        private double longestLine;
        private double widestCurve;

        Lengths(PDPage page) {
            super(page);
        }

        @Override
        public void moveTo(float x, float y) {
            path.add(new Point2D.Float(x, y));
        }

        @Override
        public void lineTo(float x, float y) {
            path.add(new Point2D.Float(x, y));
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            curved = true;
            path.add(new Point2D.Float(x3, y3));
        }

        @Override
        public void strokePath() {
            double least = path.stream().mapToDouble(Point2D::getX).min().orElse(0);
            double most = path.stream().mapToDouble(Point2D::getX).max().orElse(0);
            if (curved) {
                widestCurve = Math.max(widestCurve, most - least);
            } else {
                longestLine = Math.max(longestLine, most - least);
            }
            endPath();
        }

        @Override
        public void endPath() {
            path.clear();
            curved = false;
        }

        @Override
        public Point2D getCurrentPoint() {
            return path.get(path.size() - 1);
        }

        @Override
        public void closePath() {}

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {
            strokePath();
        }

        @Override
        public void shadingFill(COSName name) {}
    }
}
