package toroid.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Reader;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.PathParser;
import org.junit.jupiter.api.Test;
import toroid.core.stock.LotCode;
import toroid.core.stock.StockKinds;

/** A label is drawn as a printer would, and read as a scanner would. */
class LabelTest {
    /** A laser printer's, twice over. */
    private static final int DOTS_A_MM = 24;

    private static final Map<DecodeHintType, Object> HARDER = Map.of(DecodeHintType.TRY_HARDER, true);

    private static BinaryBitmap printed(String svg, double x, double y, double wideMm, double highMm) {
        int wide = (int) (wideMm * DOTS_A_MM);
        int high = (int) (highMm * DOTS_A_MM);
        var paper = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        var ink = paper.createGraphics();
        ink.setColor(Color.WHITE);
        ink.fillRect(0, 0, wide, high);
        ink.setColor(Color.BLACK);
        ink.transform(AffineTransform.getScaleInstance(DOTS_A_MM, DOTS_A_MM));
        ink.translate(-x, -y);
        Matcher paths = Pattern.compile(" d=\"([^\"]+)\"").matcher(svg);
        while (paths.find()) {
            var producer = new AWTPathProducer();
            var parser = new PathParser();
            parser.setPathHandler(producer);
            parser.parse(paths.group(1));
            ink.fill(producer.getShape());
        }
        int[] dots = paper.getRGB(0, 0, wide, high, null, 0, wide);
        return new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(wide, high, dots)));
    }

    private static String read(Reader reader, BinaryBitmap paper) throws Exception {
        return reader.decode(paper, HARDER).getText();
    }

    @Test
    void bothCodesReadBack() throws Exception {
        var chance = new Random(8);
        var beads = StockKinds.byId("beads");
        for (int i = 0; i < 60; i++) {
            UUID id = new UUID(chance.nextLong(), chance.nextLong());
            var lot = new LotData(
                    "beads",
                    "Pearls <&\"> for the eight of the crew, large",
                    beads.blank().values(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    "",
                    "");
            String code = LotCode.of(id);
            String address = "http://127.0.0.1:8420/stock/code/" + code;
            String svg = Label.svg(lot, code, address);
            assertThat(read(new QRCodeReader(), printed(svg, 0, 0, 24.4, Label.HIGH_MM)))
                    .isEqualTo(address);
            assertThat(read(new Code128Reader(), printed(svg, 24.5, 10.5, Label.WIDE_MM - 24.5, 8)))
                    .as(code)
                    .isEqualTo(code);
            assertThat(svg).contains("&lt;&amp;&quot;&gt;").contains("…").doesNotContain("&hellip;");
        }
    }
}
