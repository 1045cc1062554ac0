package toroid.server.store;

import java.time.Instant;
import toroid.core.numeric.Refusal;

/** Checks on free text and moments. */
public final class Words {
    public static final int LONGEST_NAME = 120;
    public static final int LONGEST_NOTE = 4000;

    private static final Instant EARLIEST = Instant.parse("1970-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    private Words() {}

    /** @throws Refusal when blank or longer than {@value #LONGEST_NAME} */
    public static void checkName(String name) {
        if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
            throw Refusal.of(ServerCode.BAD_NAME, "name", name).with("most", LONGEST_NAME);
        }
        checkCharacters("name", name);
    }

    /** As much of a name as can be kept. */
    public static String shortened(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
    }

    /** @throws Refusal when longer than {@value #LONGEST_NAME} */
    public static void checkPlace(String place) {
        if (place != null && place.length() > LONGEST_NAME) {
            throw Refusal.of(ServerCode.PLACE_TOO_LONG, "place", null).with("most", LONGEST_NAME);
        }
        checkCharacters("place", place);
    }

    /** @throws Refusal when longer than {@value #LONGEST_NOTE} */
    public static void checkNote(String note) {
        if (note != null && note.length() > LONGEST_NOTE) {
            throw Refusal.of(ServerCode.NOTE_TOO_LONG, "note", null).with("most", LONGEST_NOTE);
        }
        checkCharacters("note", note);
    }

    /** @throws Refusal when it lies before this trade kept books by machine, or after anyone now at the bench */
    public static void checkMoment(String field, Instant moment) {
        if (moment.isBefore(EARLIEST) || moment.isAfter(LATEST)) {
            throw Refusal.of(ServerCode.BAD_MOMENT, field, null);
        }
    }

    private static void checkCharacters(String field, String text) {
        if (text != null && text.indexOf('\0') >= 0) {
            throw Refusal.of(ServerCode.BAD_CHARACTER, field, null);
        }
    }
}
