package toroid.server.store;

import toroid.core.numeric.Refusal;

/** Checks on free text. */
public final class Words {
    public static final int LONGEST_NAME = 120;
    public static final int LONGEST_NOTE = 4000;

    private Words() {}

    /** @throws Refusal when blank or longer than {@value #LONGEST_NAME} */
    public static void checkName(String name) {
        if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
            throw Refusal.of(
                    "bad-name",
                    "name",
                    name == null ? null : name.substring(0, Math.min(40, name.length())),
                    "A name has 1 to " + LONGEST_NAME + " characters.",
                    "Give it a short name.");
        }
        checkCharacters("name", name);
    }

    /** @throws Refusal when longer than {@value #LONGEST_NOTE} */
    public static void checkNote(String note) {
        if (note != null && note.length() > LONGEST_NOTE) {
            throw Refusal.of(
                    "note-too-long",
                    "note",
                    null,
                    "A note has at most " + LONGEST_NOTE + " characters.",
                    "Shorten it.");
        }
        checkCharacters("note", note);
    }

    private static void checkCharacters(String field, String text) {
        if (text != null && text.indexOf('\0') >= 0) {
            throw Refusal.of(
                    "bad-character",
                    field,
                    null,
                    "The " + field + " holds a character that cannot be kept.",
                    "Type it again.");
        }
    }
}
