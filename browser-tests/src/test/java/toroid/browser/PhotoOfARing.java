package toroid.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
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

/** A photo from straight above of a card and a ring of known size, and hands that mark it. */
final class PhotoOfARing {
    static final double INSIDE_MM = 12;

    private static final double POINTS_PER_MM = 10;
    private static final double WIRE_MM = 2;
    private static final int WIDE = 1000;
    private static final int HIGH = 900;
    private static final double CARD_X = 60;
    private static final double CARD_Y = 40;
    private static final double CARD_WIDE = 856;
    private static final double CARD_HIGH = 539.8;
    private static final double RING_X = 480;
    private static final double RING_Y = 760;
    private static final int SPOTS = 6;

    private final Page page;

    private PhotoOfARing(Page page) {
        this.page = page;
    }

    private static byte[] png() throws IOException {
        var picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = picture.createGraphics();
        draw.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        draw.setColor(new Color(220, 215, 205));
        draw.fillRect(0, 0, WIDE, HIGH);
        draw.setColor(new Color(40, 80, 120));
        draw.fillRect((int) CARD_X, (int) CARD_Y, (int) CARD_WIDE, (int) CARD_HIGH);
        draw.setColor(new Color(150, 90, 50));
        double middle = (INSIDE_MM + WIRE_MM) * POINTS_PER_MM;
        draw.setStroke(new BasicStroke((float) (WIRE_MM * POINTS_PER_MM)));
        draw.draw(new Ellipse2D.Double(RING_X - middle / 2, RING_Y - middle / 2, middle, middle));
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }

    /** Chosen on that page, the card's corners and the ring's inside marked. */
    static void chosenAndMarked(Page page) throws IOException {
        var photo = new PhotoOfARing(page);
        page.locator("input[type=file]").setInputFiles(new FilePayload("rings.png", "image/png", png()));
        page.getByLabel("The photo and its marks").waitFor();
        // the outline begins 540 × 340 points large in the middle of the picture
        photo.drag(230, 279.9, CARD_X, CARD_Y);
        photo.drag(770, 279.9, CARD_X + CARD_WIDE, CARD_Y);
        photo.drag(770, 620.1, CARD_X + CARD_WIDE, CARD_Y + CARD_HIGH);
        photo.drag(230, 620.1, CARD_X, CARD_Y + CARD_HIGH);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("mark a round edge"))
                .click();
        double radius = INSIDE_MM * POINTS_PER_MM / 2;
        for (int i = 0; i < SPOTS; i++) {
            double[] at = photo.on(RING_X + radius * Math.cos(i), RING_Y + radius * Math.sin(i));
            page.mouse().click(at[0], at[1]);
        }
    }

    /** Where a spot of the photo is on the screen. */
    private double[] on(double x, double y) {
        BoundingBox box = page.getByLabel("The photo and its marks").boundingBox();
        double share = Math.min(box.width / WIDE, box.height / HIGH);
        double left = box.x + (box.width - WIDE * share) / 2;
        double top = box.y + (box.height - HIGH * share) / 2;
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
