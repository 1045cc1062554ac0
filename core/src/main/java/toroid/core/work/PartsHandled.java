package toroid.core.work;

/**
 * Parts taken in hand while a piece is made.
 *
 * @param what the part, in the trade's words; empty for the whole piece
 * @param part the place in the piece of the first of them; −1 for rings of one size and for the whole piece
 * @param wireMm its wire; 0 where it has none of its own
 * @param insideMm of a ring; 0 for what is none
 * @param parts how many
 */
public record PartsHandled(Kind kind, String what, int part, double wireMm, double insideMm, int parts)
        implements Detail {
    /** In the order hands do them; the first three in any. */
    public enum Kind {
        CLOSE_FIRST,
        OPEN_FIRST,
        MAKE,
        PUT_TOGETHER
    }
}
