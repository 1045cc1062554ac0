package toroid.server.stock;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;
import toroid.core.stock.Fact;

/**
 * A label of 62 by 25 mm in black on white: name, facts, the code in words, a QR code with the address of the lot's page and a Code 128
 * bar code with the code alone. The quiet zones are those of ISO/IEC 18004 (four modules) and ISO/IEC 15417 (ten modules); from memory.
 */
final class Label {
    static final double WIDE_MM = 62;
    static final double HIGH_MM = 25;
    private static final double QR_MM = 23;
    private static final double BARS_MM = 7;
    private static final double BARS_WIDE_MM = 36;
    private static final int NAME = 20;
    private static final int FACTS = 28;

    private Label() {}

    static String svg(LotData lot, String code, String address) {
        String facts = lot.kindKept().facts().stream()
                .filter(fact -> lot.facts().get(fact.id()) != null)
                .map(fact -> told(fact, lot.facts().get(fact.id())))
                .collect(Collectors.joining(", "));
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"62mm\" height=\"25mm\" viewBox=\"0 0 62 25\" role=\"img\">"
                + "<title>" + escaped(lot.name() + ", " + code) + "</title>"
                + "<rect width=\"62\" height=\"25\" fill=\"#fff\"/>"
                + "<path fill=\"#000\" d=\"" + qr(address) + "\"/>"
                + words(25, 5.2, 2.9, 700, cut(lot.name(), NAME))
                + words(25, 9.2, 2.2, 400, cut(facts, FACTS))
                + "<path fill=\"#000\" d=\"" + bars(code) + "\"/>"
                + words(25, 22.6, 3.4, 600, code.substring(0, 4) + " " + code.substring(4))
                + "</svg>";
    }

    /** A choice by itself, a size by its name. */
    private static String told(Fact fact, Object value) {
        String written = fact.written(value).replace('-', ' ');
        return value instanceof Double ? fact.id().replace('-', ' ') + " " + written : written;
    }

    private static String words(double x, double y, double size, int weight, String words) {
        return String.format(
                Locale.ROOT,
                "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.1f\" font-weight=\"%d\" font-family=\"sans-serif\" fill=\"#000\">%s</text>",
                x,
                y,
                size,
                weight,
                escaped(words));
    }

    /** For XML, which knows few names of signs. */
    private static String escaped(String words) {
        return HtmlUtils.htmlEscape(words, "UTF-8");
    }

    private static String cut(String words, int most) {
        return words.length() <= most ? words : words.substring(0, most - 1).stripTrailing() + "…";
    }

    private static String qr(String address) {
        try {
            BitMatrix matrix = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 4));
            double module = QR_MM / matrix.getWidth();
            return path(matrix, 1, 1, module, module);
        } catch (WriterException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static String bars(String code) {
        BitMatrix matrix =
                new Code128Writer().encode(code, BarcodeFormat.CODE_128, 0, 1, Map.of(EncodeHintType.MARGIN, 10));
        return path(matrix, 24.5, 11, BARS_WIDE_MM / matrix.getWidth(), BARS_MM);
    }

    /** Each row's runs as boxes: few enough to print, and no seams between modules. */
    private static String path(BitMatrix matrix, double left, double top, double wide, double high) {
        var path = new StringBuilder();
        for (int y = 0; y < matrix.getHeight(); y++) {
            int x = 0;
            while (x < matrix.getWidth()) {
                int from = x;
                while (x < matrix.getWidth() && matrix.get(x, y)) {
                    x++;
                }
                if (x > from) {
                    path.append(String.format(
                            Locale.ROOT,
                            "M%.3f %.3fh%.3fv%.3fh%.3fz",
                            left + from * wide,
                            top + y * high,
                            (x - from) * wide,
                            high,
                            -(x - from) * wide));
                }
                x++;
            }
        }
        return path.toString();
    }
}
