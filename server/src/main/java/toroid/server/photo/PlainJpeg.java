package toroid.server.photo;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;

/**
 * A JPEG that holds a picture and nothing beside it, as {@link Developed} writes one: tables, one frame, one scan, and no word of a camera's
 * or a stranger's. By ITU-T T.81, annex B (markers; from memory).
 */
final class PlainJpeg {
    private static final int MARKER = 0xFF;
    private static final int START = 0xD8;
    private static final int END = 0xD9;
    private static final int APP0 = 0xE0;
    private static final int SCAN = 0xDA;
    private static final int FIRST_RESTART = 0xD0;
    private static final int LAST_RESTART = 0xD7;
    private static final byte[] JFIF = "JFIF\0".getBytes(StandardCharsets.US_ASCII);

    /** JFIF without a picture of its own: what follows its name, and two bytes of length. */
    private static final int JFIF_LENGTH = 16;

    /** Quantization tables, a baseline frame, Huffman tables, how often it begins anew. */
    private static final Set<Integer> OF_THE_PICTURE = Set.of(0xDB, 0xC0, 0xC4, 0xDD);

    private PlainJpeg() {}

    /** Whether the whole of it is one. */
    static boolean is(byte[] file) {
        if (file.length < 4 || at(file, 0) != MARKER || at(file, 1) != START) {
            return false;
        }
        int i = 2;
        while (i + 4 <= file.length && at(file, i) == MARKER) {
            int marker = at(file, i + 1);
            int length = at(file, i + 2) << 8 | at(file, i + 3);
            if (marker == SCAN) {
                return endsWithItsScan(file, i + 2 + length);
            }
            if (!OF_THE_PICTURE.contains(marker) && !(marker == APP0 && isBareJfif(file, i + 4, length))) {
                return false;
            }
            i += 2 + length;
        }
        return false;
    }

    private static boolean isBareJfif(byte[] file, int from, int length) {
        return length == JFIF_LENGTH
                && from + JFIF.length <= file.length
                && Arrays.equals(file, from, from + JFIF.length, JFIF, 0, JFIF.length);
    }

    /** From the first byte of what is drawn: the next marker that is none of its own is the end, and the last that there is. */
    private static boolean endsWithItsScan(byte[] file, int from) {
        for (int i = from; i + 1 < file.length; i++) {
            int next = at(file, i + 1);
            boolean drawn = next == 0 || next >= FIRST_RESTART && next <= LAST_RESTART;
            if (at(file, i) == MARKER && !drawn) {
                return next == END && i + 2 == file.length;
            }
        }
        return false;
    }

    private static int at(byte[] file, int i) {
        return Byte.toUnsignedInt(file[i]);
    }
}
