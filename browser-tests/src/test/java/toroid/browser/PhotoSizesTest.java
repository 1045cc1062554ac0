package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A photo of known size is measured by hand, and what it says arrives where something is measured. */
class PhotoSizesTest extends BrowserTest {
    private static final double POINTS_PER_MM = 10;
    private static final double INSIDE_MM = 12;
    private static final double CARD_X = 60;
    private static final double CARD_Y = 40;
    private static final double RING_X = 480;
    private static final double RING_Y = 760;

    /** From straight above: a card, and a ring of 2 mm wire, 12 mm inside. */
    private static byte[] photo() throws IOException {
        var picture = new BufferedImage(1000, 900, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = picture.createGraphics();
        draw.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        draw.setColor(new Color(220, 215, 205));
        draw.fillRect(0, 0, 1000, 900);
        draw.setColor(new Color(40, 80, 120));
        draw.fillRect((int) CARD_X, (int) CARD_Y, 856, 540);
        draw.setColor(new Color(150, 90, 50));
        double middle = (INSIDE_MM + 2) * POINTS_PER_MM;
        draw.setStroke(new BasicStroke((float) (2 * POINTS_PER_MM)));
        draw.draw(new Ellipse2D.Double(RING_X - middle / 2, RING_Y - middle / 2, middle, middle));
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }

    @Test
    void whatAPhotoSaysIsNotedAtTheBench() throws IOException {
        visit(DEMO + "/");
        String run = DEMO + making("Cloak clasp hooks");
        Page bench = tab();
        bench.navigate(run);
        bench.getByLabel("Measured").first().waitFor();
        visit(DEMO + "/notebook/photo");
        page.locator("input[type=file]").setInputFiles(new FilePayload("rings.png", "image/png", photo()));
        page.getByLabel("The photo and its marks").waitFor();
        // the outline begins 540 × 340 points large in the middle of the picture
        drag(230, 279.9, CARD_X, CARD_Y);
        drag(770, 279.9, CARD_X + 856, CARD_Y);
        drag(770, 620.1, CARD_X + 856, CARD_Y + 539.8);
        drag(230, 620.1, CARD_X, CARD_Y + 539.8);
        button("mark a round edge").click();
        for (int i = 0; i < 6; i++) {
            double radius = INSIDE_MM * POINTS_PER_MM / 2;
            double[] at = on(RING_X + radius * Math.cos(i), RING_Y + radius * Math.sin(i));
            page.mouse().click(at[0], at[1]);
        }
        Locator size = page.locator(".photo-size");
        assertThat(size).containsText("mm ±");
        double mm = Double.parseDouble(size.innerText().split("mm")[0].trim());
        double band = Double.parseDouble(size.innerText().split("±")[1].trim());
        assertThat(Math.abs(mm - INSIDE_MM)).isLessThan(band).isLessThan(0.3);
        accessible("sizes from a photo");
        button("note it where I measure").click();
        assertThat(bench.getByText("measurement").first()).isVisible();
        page.reload();
        assertThat(page.locator(".photo-size")).containsText("mm ±");
        button("put it away").click();
    }

    /** Where a spot of the photo is on the screen. */
    private double[] on(double x, double y) {
        var box = page.getByLabel("The photo and its marks").boundingBox();
        double share = Math.min(box.width / 1000, box.height / 900);
        double left = box.x + (box.width - 1000 * share) / 2;
        double top = box.y + (box.height - 900 * share) / 2;
        return new double[] {left + x * share, top + y * share};
    }

    private void drag(double fromX, double fromY, double toX, double toY) {
        double[] from = on(fromX, fromY);
        double[] to = on(toX, toY);
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(to[0], to[1]);
        page.mouse().up();
    }
}
