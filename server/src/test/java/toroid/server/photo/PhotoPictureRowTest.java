package toroid.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Pictures that come with a workshop: those Toroid wrote are taken, and nothing that came in beside one. */
class PhotoPictureRowTest {
    private final PhotoPictureRow rows = new PhotoPictureRow();

    private static ObjectNode row(byte[] whole, byte[] small) {
        return new ObjectMapper().createObjectNode().put("whole", whole).put("small", small);
    }

    private static Developed developed(int width, int height) {
        return Developed.of(Negatives.file(Negatives.picture(width, height), "png"));
    }

    private void refused(String field, ObjectNode row) {
        assertThatThrownBy(() -> rows.check(row)).isInstanceOfSatisfying(Refusal.class, told -> {
            assertThat(told.code()).isEqualTo(ServerCode.PICTURE_NOT_DEVELOPED.id());
            assertThat(told.field()).isEqualTo(field);
        });
    }

    @Test
    void whatWasDevelopedHereIsTaken() throws Exception {
        for (int[] size : new int[][] {{1, 1}, {160, 96}, {399, 400}, {3000, 900}}) {
            Developed kept = developed(size[0], size[1]);
            assertThat(PlainJpeg.is(kept.whole())).isTrue();
            ObjectNode row = row(kept.whole(), kept.small());
            assertThatCode(() -> rows.check(row)).doesNotThrowAnyException();
            // as it comes: bytes as text
            ObjectNode read = (ObjectNode) new ObjectMapper().readTree(row.toString());
            assertThatCode(() -> rows.check(read)).doesNotThrowAnyException();
        }
    }

    @Test
    void whatIsNoneOrTooLargeIsRefused() {
        Developed kept = developed(1200, 900);
        refused("whole", row("<script>".getBytes(StandardCharsets.UTF_8), kept.small()));
        refused("whole", row(new byte[0], kept.small()));
        refused("whole", row(Negatives.file(Negatives.picture(160, 96), "png"), kept.small()));
        refused("small", row(kept.whole(), kept.whole()));
        refused("small", new ObjectMapper().createObjectNode().put("whole", kept.whole()));
        refused("whole", row(kept.whole(), kept.small()).put("whole", "no base64!"));
    }

    /** Where it was taken and by whom, what a stranger hung onto it, and a picture cut off in its middle. */
    @Test
    void nothingComesInBesideThePicture() {
        Developed kept = developed(320, 200);
        byte[] whole = kept.whole();
        refused("whole", row(Negatives.withExif(whole, 1), kept.small()));
        refused(
                "whole",
                row(with(whole, 0xFE, "a word of a stranger".getBytes(StandardCharsets.US_ASCII)), kept.small()));
        refused(
                "whole",
                row(
                        with(whole, 0xE0, "JFXX\0 a picture of its own".getBytes(StandardCharsets.US_ASCII)),
                        kept.small()));
        byte[] longer = Arrays.copyOf(whole, whole.length + 40);
        refused("whole", row(longer, kept.small()));
        for (int length = 0; length < whole.length; length += 7) {
            assertThat(PlainJpeg.is(Arrays.copyOf(whole, length)))
                    .as("%d", length)
                    .isFalse();
        }
    }

    /** With a block of that marker after its first. */
    private static byte[] with(byte[] jpeg, int marker, byte[] block) {
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + block.length + 4);
        out.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) marker).putShort((short) (block.length + 2));
        return out.put(block).put(jpeg, 2, jpeg.length - 2).array();
    }
}
