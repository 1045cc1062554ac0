package toroid.server.photo;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;

/** Pictures come from elsewhere: each is one, of its size, and holds nothing beside it. */
@Component
class PhotoPictureRow implements RowCheck {
    @Override
    public String table() {
        return "photo_picture";
    }

    @Override
    public void check(JsonNode row) {
        demand(row, "whole", Developed.WHOLE_PIXELS);
        demand(row, "small", Developed.SMALL_PIXELS);
    }

    private static void demand(JsonNode row, String field, int longest) {
        try {
            byte[] file = row.path(field).binaryValue();
            if (file != null && PlainJpeg.is(file)) {
                Developed seen = Developed.of(file);
                if (Math.max(seen.width(), seen.height()) <= longest) {
                    return;
                }
            }
        } catch (IOException | Refusal none) {
            // told below, by its field
        }
        throw Refusal.of(ServerCode.PICTURE_NOT_DEVELOPED, field, null).with("longest", longest);
    }
}
