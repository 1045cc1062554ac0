package toroid.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/**
 * A photo as it is kept: written anew as JPEG from its points alone, so that nothing else a camera or a stranger put into the file is
 * kept or served; the right way up; no side longer than {@link #WHOLE_PIXELS}.
 *
 * @param width of the whole one, pixels
 * @param height of the whole one, pixels
 */
@SuppressWarnings("ArrayRecordComponent") // handed on once, never compared
record Developed(byte[] whole, byte[] small, int width, int height) {
    static final int WHOLE_PIXELS = 1600;
    static final int SMALL_PIXELS = 400;

    /** The largest picture that is looked into, in million points, by what it is: one of WebP is held whole meanwhile. */
    static final Map<String, Integer> MEGAPIXELS = Map.of("jpeg", 64, "png", 64, "webp", 20);

    private static final double QUALITY = 0.85;
    private static final int MILLION = 1_000_000;

    static {
        ImageIO.setUseCache(false);
    }

    /**
     * @param file what was sent: what it is, is seen from what is in it, never from its name
     * @throws Refusal when it is no picture of a kind that is read, is damaged, or too large to look into
     */
    static Developed of(byte[] file) {
        try {
            BufferedImage upright =
                    ExifFilterUtils.getFilterForOrientation(orientation(file)).apply(read(file));
            BufferedImage whole = within(upright, WHOLE_PIXELS);
            return new Developed(jpeg(whole), jpeg(within(whole, SMALL_PIXELS)), whole.getWidth(), whole.getHeight());
        } catch (Refusal told) {
            throw told;
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException damaged) {
            throw Refusal.of(ServerCode.NO_PICTURE, "photo", null);
        }
    }

    private static BufferedImage read(byte[] file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.of(ServerCode.NO_PICTURE, "photo", null);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                ImageReadParam param = reader.getDefaultReadParam();
                int step = step(reader);
                param.setSourceSubsampling(step, step, 0, 0);
                return reader.read(0, param);
            } finally {
                reader.dispose();
            }
        }
    }

    /** Every how many points one is read: at least two for each that is kept, so that none is missed. */
    private static int step(ImageReader reader) throws IOException {
        Integer most = MEGAPIXELS.get(reader.getFormatName().toLowerCase(Locale.ROOT));
        if (most == null) {
            throw Refusal.of(ServerCode.NO_PICTURE, "photo", null);
        }
        long points = (long) reader.getWidth(0) * reader.getHeight(0);
        if (points > (long) most * MILLION) {
            throw Refusal.of(ServerCode.PICTURE_TOO_LARGE, "photo", points / MILLION)
                    .with("most", most);
        }
        return Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * WHOLE_PIXELS));
    }

    private static Orientation orientation(byte[] file) {
        try {
            var exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? Orientation.typeOf(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION))
                    : Orientation.TOP_LEFT;
        } catch (ImageProcessingException | MetadataException | IOException | RuntimeException untold) {
            return Orientation.TOP_LEFT;
        }
    }

    /** No side longer than that, on white where it lets through. */
    private static BufferedImage within(BufferedImage picture, int pixels) throws IOException {
        var plain = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D onto = plain.createGraphics();
        onto.drawImage(picture, 0, 0, Color.WHITE, null);
        onto.dispose();
        return Math.max(plain.getWidth(), plain.getHeight()) <= pixels
                ? plain
                : Thumbnails.of(plain).size(pixels, pixels).asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage picture) throws IOException {
        var out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .scale(1)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }
}
