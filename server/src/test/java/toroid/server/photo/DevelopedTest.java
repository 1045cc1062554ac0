package toroid.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** What is kept of a photo: its points the right way up, and nothing beside them. */
class DevelopedTest {
    /** The smallest lossy WebP there is, one point; from memory, as it is passed around to ask browsers whether they read it. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    private static BufferedImage seen(byte[] jpeg) throws IOException {
        assertThat(jpeg[0] & 0xFF).isEqualTo(0xFF);
        assertThat(jpeg[1] & 0xFF).isEqualTo(0xD8);
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    /** Its corners by the nearest of the four colours, reading order. */
    private static String corners(BufferedImage picture) {
        var read = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            int x = i % 2 == 0 ? picture.getWidth() / 8 : picture.getWidth() * 7 / 8;
            int y = i / 2 == 0 ? picture.getHeight() / 8 : picture.getHeight() * 7 / 8;
            read.append(nearest(new Color(picture.getRGB(x, y))));
        }
        return read.toString();
    }

    private static char nearest(Color seen) {
        char best = '?';
        double least = 60;
        for (int i = 0; i < Negatives.CORNERS.length; i++) {
            Color one = Negatives.CORNERS[i];
            double away = Math.hypot(
                    Math.hypot(one.getRed() - seen.getRed(), one.getGreen() - seen.getGreen()),
                    one.getBlue() - seen.getBlue());
            if (away < least) {
                least = away;
                best = "RGBY".charAt(i);
            }
        }
        return best;
    }

    /**
     * Against the standard: CIPA DC-008 (Exif 2.32), tag 274, Orientation: the side of the scene the first row and the first column of
     * points are. 1 row 0 top, column 0 left; 2 top, right; 3 bottom, right; 4 bottom, left; 5 left, top; 6 right, top; 7 right, bottom;
     * 8 left, bottom. In the file red is the first point of the first row, green its last, blue begins the last row.
     */
    @ParameterizedTest
    @CsvSource({"1,RGBY", "2,GRYB", "3,YBGR", "4,BYRG", "5,RBGY", "6,BRYG", "7,YGBR", "8,GYRB", "0,RGBY", "99,RGBY"})
    void itStandsUpright(int orientation, String corners) throws IOException {
        byte[] file = Negatives.withExif(Negatives.file(Negatives.picture(160, 96), "jpg"), orientation);
        Developed kept = Developed.of(file);
        boolean turned = orientation >= 5 && orientation <= 8;
        assertThat(List.of(kept.width(), kept.height())).isEqualTo(turned ? List.of(96, 160) : List.of(160, 96));
        assertThat(corners(seen(kept.whole()))).isEqualTo(corners);
        assertThat(corners(seen(kept.small()))).isEqualTo(corners);
    }

    @Test
    void nothingOfWhereOrByWhomIsKept() throws IOException, ImageProcessingException {
        byte[] file = Negatives.withExif(Negatives.file(Negatives.picture(160, 96), "jpg"), 6);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                        .getFirstDirectoryOfType(GpsDirectory.class)
                        .getRationalArray(GpsDirectory.TAG_LATITUDE))
                .as("the file does tell")
                .hasSize(3);
        Developed kept = Developed.of(file);
        for (byte[] jpeg : List.of(kept.whole(), kept.small())) {
            var told = new ArrayList<String>();
            for (Directory one : ImageMetadataReader.readMetadata(new ByteArrayInputStream(jpeg))
                    .getDirectories()) {
                told.add(one.getName());
            }
            assertThat(told).containsOnly("JPEG", "JFIF", "Huffman", "File Type");
            assertThat(new String(jpeg, StandardCharsets.ISO_8859_1)).doesNotContain(Negatives.PLACE, "Exif");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "4000,3000,1600,1200",
        "900,3600,400,1600",
        "1600,1600,1600,1600",
        "1601,10,1600,10",
        "7,5,7,5",
        "1,1,1,1"
    })
    void noSideIsLongerThanWhatIsKept(int width, int height, int keptWidth, int keptHeight) throws IOException {
        Developed kept = Developed.of(Negatives.file(Negatives.picture(width, height), "png"));
        assertThat(List.of(kept.width(), kept.height())).isEqualTo(List.of(keptWidth, keptHeight));
        BufferedImage whole = seen(kept.whole());
        assertThat(List.of(whole.getWidth(), whole.getHeight())).isEqualTo(List.of(keptWidth, keptHeight));
        BufferedImage small = seen(kept.small());
        assertThat(Math.max(small.getWidth(), small.getHeight())).isLessThanOrEqualTo(Developed.SMALL_PIXELS);
    }

    @Test
    void whatLetsThroughStandsOnWhite() throws IOException {
        var clear = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        BufferedImage kept = seen(Developed.of(Negatives.file(clear, "png")).whole());
        assertThat(kept.getRGB(20, 20) & 0xFFFFFF).isEqualTo(0xFFFFFF);
    }

    @Test
    void aWebPictureIsRead() {
        Developed kept = Developed.of(Base64.getDecoder().decode(WEBP));
        assertThat(List.of(kept.width(), kept.height())).isEqualTo(List.of(1, 1));
    }

    /** By what is in it, whatever its name: other kinds the JDK would read are none of ours. */
    @ParameterizedTest
    @ValueSource(strings = {"gif", "bmp", "wbmp", "tiff"})
    void otherKindsAreNotTaken(String format) {
        var picture = new BufferedImage(20, 20, BufferedImage.TYPE_BYTE_BINARY);
        refused(Negatives.file(picture, format), ServerCode.NO_PICTURE);
    }

    @Test
    void whatIsNoPictureIsNotTaken() {
        refused(new byte[0], ServerCode.NO_PICTURE);
        refused("<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), ServerCode.NO_PICTURE);
        byte[] png = Negatives.file(Negatives.picture(100, 100), "png");
        refused(java.util.Arrays.copyOf(png, 60), ServerCode.NO_PICTURE);
    }

    /** A file of some hundred bytes that says it is ten gigapoints: refused by its head, before anything is unpacked. */
    @Test
    void whatWouldFillTheMachineIsRefusedByItsHead() {
        byte[] png = Negatives.file(Negatives.picture(8, 8), "png");
        ByteBuffer.wrap(png).putInt(16, 100_000).putInt(20, 100_000);
        var crc = new java.util.zip.CRC32();
        crc.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) crc.getValue());
        refused(png, ServerCode.PICTURE_TOO_LARGE);
    }

    private static void refused(byte[] file, ServerCode code) {
        assertThatThrownBy(() -> Developed.of(file))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo(code.id()));
    }

    /** Whatever a file turns into on its way: a picture, or refused as none. */
    @Test
    void aDamagedFileIsRefusedOrRead() {
        var random = new Random(7);
        byte[] jpeg = Negatives.withExif(Negatives.file(Negatives.picture(64, 48), "jpg"), 6);
        List<byte[]> whole = List.of(
                jpeg,
                Negatives.file(Negatives.picture(64, 48), "png"),
                Base64.getDecoder().decode(WEBP));
        int refused = 0;
        for (int i = 0; i < 420; i++) {
            byte[] spoilt = whole.get(i % whole.size()).clone();
            for (int n = random.nextInt(6); n >= 0; n--) {
                spoilt[random.nextInt(Math.min(spoilt.length, i % 2 == 0 ? 200 : spoilt.length))] =
                        (byte) random.nextInt(256);
            }
            try {
                Developed.of(java.util.Arrays.copyOf(spoilt, spoilt.length - random.nextInt(3) * spoilt.length / 5));
            } catch (Refusal none) {
                refused++;
            }
        }
        assertThat(refused).isBetween(40, 400);
    }
}
