package toroid.server.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;

/** Pictures as a camera would hand them over: four corners of four colours, and what it writes beside them. */
final class Negatives {
    static final Color[] CORNERS = {Color.RED, Color.GREEN, Color.BLUE, Color.YELLOW};

    /** What no photo that is kept may tell. */
    static final String PLACE = "Sea Chest Bay";

    private Negatives() {}

    /** Red, green in the upper row, blue, yellow in the lower, as the points lie in the file. */
    static BufferedImage picture(int width, int height) {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D onto = picture.createGraphics();
        for (int i = 0; i < CORNERS.length; i++) {
            onto.setColor(CORNERS[i]);
            onto.fillRect(i % 2 * (width / 2), i / 2 * (height / 2), (width + 1) / 2, (height + 1) / 2);
        }
        onto.dispose();
        return picture;
    }

    static byte[] file(BufferedImage picture, String format) {
        try {
            var out = new ByteArrayOutputStream();
            if (!ImageIO.write(picture, format, out)) {
                throw new IllegalArgumentException(format);
            }
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** The same JPEG with an EXIF block after its first marker: which way up, by whom, and where. */
    static byte[] withExif(byte[] jpeg, int orientation) {
        byte[] exif = exif(orientation);
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + exif.length + 4);
        out.put(jpeg, 0, 2);
        out.putShort((short) 0xFFE1).putShort((short) (exif.length + 2)).put(exif);
        out.put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    /** TIFF 6.0 in big-endian order: IFD0 with artist, orientation and a pointer to a GPS directory with a latitude. */
    private static byte[] exif(int orientation) {
        byte[] artist = (PLACE + "\0").getBytes(StandardCharsets.US_ASCII);
        int ifd = 8;
        int afterIfd = ifd + 2 + 3 * 12 + 4;
        int gps = afterIfd + artist.length + artist.length % 2;
        int latitude = gps + 2 + 2 * 12 + 4;
        ByteBuffer tiff = ByteBuffer.allocate(latitude + 24);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(ifd);
        tiff.putShort((short) 3);
        entry(tiff, 0x0112, 3, 1).putShort((short) orientation).putShort((short) 0);
        entry(tiff, 0x013B, 2, artist.length).putInt(afterIfd);
        entry(tiff, 0x8825, 4, 1).putInt(gps);
        tiff.putInt(0).put(artist);
        tiff.position(gps);
        tiff.putShort((short) 2);
        entry(tiff, 1, 2, 2).put(new byte[] {'N', 0, 0, 0});
        entry(tiff, 2, 5, 3).putInt(latitude);
        tiff.putInt(0);
        for (int part : new int[] {54, 1, 20, 1, 11, 1}) {
            tiff.putInt(part);
        }
        return ByteBuffer.allocate(6 + tiff.capacity())
                .put("Exif\0\0".getBytes(StandardCharsets.US_ASCII))
                .put(tiff.array())
                .array();
    }

    private static ByteBuffer entry(ByteBuffer tiff, int tag, int type, int count) {
        return tiff.putShort((short) tag).putShort((short) type).putInt(count);
    }
}
