package toroid.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.PathParser;
import org.junit.jupiter.api.Test;
import toroid.core.stock.LotCode;
import toroid.server.ApiTest;

/** A label is drawn as a printer would, and read as a scanner would. */
class LabelTest extends ApiTest {
    private static final int DOTS_A_MM = 12;

    private static BinaryBitmap printed(String svg) {
        int wide = (int) Label.WIDE_MM * DOTS_A_MM;
        int high = (int) Label.HIGH_MM * DOTS_A_MM;
        var paper = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        var ink = paper.createGraphics();
        ink.setColor(Color.WHITE);
        ink.fillRect(0, 0, wide, high);
        ink.setColor(Color.BLACK);
        ink.transform(AffineTransform.getScaleInstance(DOTS_A_MM, DOTS_A_MM));
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

    private static BinaryBitmap part(BinaryBitmap whole, double x, double y, double wide, double high) {
        return whole.crop(
                (int) (x * DOTS_A_MM), (int) (y * DOTS_A_MM), (int) (wide * DOTS_A_MM), (int) (high * DOTS_A_MM));
    }

    @Test
    void bothCodesReadBack() throws Exception {
        for (int i = 0; i < 20; i++) {
            UUID id = UUID.randomUUID();
            var lot = LotsTest.lot("beads", "Pearls <&\"> for the eight of the crew, large", 3.0);
            assertThat(keep("/api/lots", id, null, lot).status()).isEqualTo(200);
            String svg = read("/api/lots/" + id + "/label").body().asText();
            BinaryBitmap paper = printed(svg);
            Result phone = new QRCodeReader().decode(part(paper, 0, 0, 24.5, 25));
            assertThat(phone.getText()).endsWith("127.0.0.1:8420/stock/code/" + LotCode.of(id));
            Result scanner = new Code128Reader().decode(part(paper, 24.5, 10.5, 37, 8));
            assertThat(scanner.getText()).isEqualTo(LotCode.of(id));
            assertThat(svg).contains("&lt;&amp;&quot;&gt;").contains("…");
            assertThat(read("/api/lot-codes/" + LotCode.of(id)).at("/lots/0").asText())
                    .isEqualTo(id.toString());
        }
        assertThat(read("/api/lot-codes/2222222Z").at("/code").asText()).isEqualTo("unknown-lot-code");
        assertThat(read("/api/lot-codes/hello").at("/code").asText()).isEqualTo("unknown-lot-code");
        assertThat(read("/api/lots/" + UUID.randomUUID() + "/label").status()).isEqualTo(404);
    }
}
