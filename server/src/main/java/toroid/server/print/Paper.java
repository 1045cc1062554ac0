package toroid.server.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A4 paper written from the top in millimetres; lengths drawn are true size. Text is embedded, so that it prints anywhere. */
final class Paper implements AutoCloseable {
    private static final float POINTS_PER_MM = 72f / 25.4f;
    private static final float MARGIN_MM = 18;
    private static final float BOTTOM_MM = 20;
    /** How far a quarter circle's control points stand out, as a share of the radius; error under 0.03 %. */
    private static final float QUARTER = 0.5522847f;

    private final PDDocument document = new PDDocument();
    private final PDType0Font font;
    private PDPageContentStream page;
    private float topMm;

    Paper(String title) throws IOException {
        try (InputStream file =
                PDDocument.class.getResourceAsStream("/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
            font = PDType0Font.load(document, file);
        }
        document.getDocumentInformation().setTitle(title);
        turn();
    }

    private void turn() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        page = new PDPageContentStream(document, sheet);
        topMm = PDRectangle.A4.getHeight() / POINTS_PER_MM - MARGIN_MM;
    }

    /** Goes down so far, onto a new page when there is no room for {@code neededMm} more. */
    void down(float mm, float neededMm) throws IOException {
        topMm -= mm;
        if (topMm - neededMm < BOTTOM_MM) {
            turn();
        }
    }

    void line(String text, float sizePoints) throws IOException {
        columns(sizePoints, List.of(text), 0);
    }

    /** One line of text in columns, each starting at its place in mm from the margin. */
    void columns(float sizePoints, List<String> texts, float... placesMm) throws IOException {
        down(sizePoints / POINTS_PER_MM * 1.45f, 0);
        for (int i = 0; i < texts.size(); i++) {
            page.beginText();
            page.setFont(font, sizePoints);
            page.newLineAtOffset((MARGIN_MM + placesMm[i]) * POINTS_PER_MM, topMm * POINTS_PER_MM);
            page.showText(printable(texts.get(i)));
            page.endText();
        }
    }

    /** How far an index stands below its line, and how large it is, as shares of the text. */
    private static final float LOWERED = 0.22f;

    private static final float INDEX = 0.72f;

    /** A piece of a formula: text on the line, or an index below it; in the core's one line an index follows an underscore. */
    private static final Pattern PIECE = Pattern.compile("_(\\p{L}+)|([^_]+)");

    /** A formula on the line just written, from that place on, its indices set low; goes on below where the sheet ends. */
    void formula(float sizePoints, String text, float fromMm) throws IOException {
        float right = PDRectangle.A4.getWidth() / POINTS_PER_MM - MARGIN_MM;
        float x = MARGIN_MM + fromMm;
        for (String word : text.split("(?<= )")) {
            float wide = 0;
            for (Matcher piece = PIECE.matcher(word); piece.find(); ) {
                wide += widthMm(piece, sizePoints);
            }
            if (x + wide > right) {
                down(sizePoints / POINTS_PER_MM * 1.3f, 0);
                x = MARGIN_MM + fromMm;
            }
            for (Matcher piece = PIECE.matcher(word); piece.find(); ) {
                boolean index = piece.group(1) != null;
                page.beginText();
                page.setFont(font, index ? INDEX * sizePoints : sizePoints);
                page.setTextRise(index ? -LOWERED * sizePoints : 0);
                page.newLineAtOffset(x * POINTS_PER_MM, topMm * POINTS_PER_MM);
                page.showText(printable(index ? piece.group(1) : piece.group(2)));
                page.endText();
                x += widthMm(piece, sizePoints);
            }
        }
        page.setTextRise(0);
    }

    private float widthMm(MatchResult piece, float sizePoints) throws IOException {
        boolean index = piece.group(1) != null;
        String text = printable(index ? piece.group(1) : piece.group(2));
        return font.getStringWidth(text) / 1000 * sizePoints * (index ? INDEX : 1) / POINTS_PER_MM;
    }

    /** A ring's two edges at true size, its left edge on the margin. */
    void ring(double outerMm, double innerMm) throws IOException {
        down(2, (float) outerMm);
        float radius = (float) outerMm / 2;
        circle(MARGIN_MM + radius, topMm - radius, radius);
        circle(MARGIN_MM + radius, topMm - radius, (float) innerMm / 2);
        topMm -= (float) outerMm;
    }

    /** A line of that width through places x, y after one another, mm from the drawing's lower left corner. */
    record Line(float[] placesMm, float widthMm) {}

    /**
     * A drawing at true size, its left edge on the margin.
     *
     * @return whether all of it lies on the sheet
     */
    boolean drawn(List<Line> lines, float widthMm, float heightMm) throws IOException {
        float room = PDRectangle.A4.getHeight() / POINTS_PER_MM - MARGIN_MM - BOTTOM_MM;
        down(3, Math.min(heightMm, room - 4));
        page.setLineCapStyle(0);
        page.setLineJoinStyle(1);
        for (Line line : lines) {
            page.setLineWidth(line.widthMm() * POINTS_PER_MM);
            page.setStrokingColor(0.35f);
            for (int i = 0; i < line.placesMm().length; i += 2) {
                float x = (MARGIN_MM + line.placesMm()[i]) * POINTS_PER_MM;
                float y = (topMm - heightMm + line.placesMm()[i + 1]) * POINTS_PER_MM;
                if (i == 0) {
                    page.moveTo(x, y);
                } else {
                    page.lineTo(x, y);
                }
            }
            page.stroke();
        }
        page.setStrokingColor(0f);
        topMm -= heightMm;
        return heightMm <= room - 4 && widthMm <= PDRectangle.A4.getWidth() / POINTS_PER_MM - 2 * MARGIN_MM;
    }

    /** The line a printer is checked by, exactly so long. */
    void checkLine(float lengthMm) throws IOException {
        down(9, 4);
        page.setLineWidth(0.5f);
        stroke(MARGIN_MM, topMm, MARGIN_MM + lengthMm, topMm);
        stroke(MARGIN_MM, topMm - 2, MARGIN_MM, topMm + 2);
        stroke(MARGIN_MM + lengthMm, topMm - 2, MARGIN_MM + lengthMm, topMm + 2);
        for (int mm = 10; mm < lengthMm; mm += 10) {
            stroke(MARGIN_MM + mm, topMm, MARGIN_MM + mm, topMm + 1);
        }
    }

    private void stroke(float fromX, float fromY, float toX, float toY) throws IOException {
        page.moveTo(fromX * POINTS_PER_MM, fromY * POINTS_PER_MM);
        page.lineTo(toX * POINTS_PER_MM, toY * POINTS_PER_MM);
        page.stroke();
    }

    private void circle(float xMm, float yMm, float radiusMm) throws IOException {
        float x = xMm * POINTS_PER_MM;
        float y = yMm * POINTS_PER_MM;
        float r = radiusMm * POINTS_PER_MM;
        float k = r * QUARTER;
        page.setLineWidth(0.6f);
        page.moveTo(x + r, y);
        page.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        page.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        page.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        page.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        page.closeAndStroke();
    }

    /** What the font has no sign for becomes a question mark, rather than no page at all. */
    private String printable(String text) {
        var out = new StringBuilder();
        text.codePoints().forEach(point -> {
            String sign = Character.toString(point);
            try {
                font.encode(sign);
                out.append(sign);
            } catch (IllegalArgumentException | IOException missing) {
                out.append('?');
            }
        });
        return out.toString();
    }

    byte[] bytes() throws IOException {
        page.close();
        page = null;
        var out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        if (page != null) {
            page.close();
        }
        document.close();
    }
}
