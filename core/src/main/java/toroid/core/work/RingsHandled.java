package toroid.core.work;

/**
 * Rings taken in hand one after another while a weave is put together.
 *
 * @param rings how many; of a part that is made several times, those of all of them
 * @param of the part of a piece that is woven; null where the weave itself is what is made
 */
public record RingsHandled(Kind kind, int rings, OfPart of) implements Detail {
    /** Of a weave that is made for itself. */
    public RingsHandled(Kind kind, int rings) {
        this(kind, rings, null);
    }

    /**
     * Part of a piece.
     *
     * @param what in the trade's words
     * @param part its place in the piece, of several that are made one after another the first one's
     * @param parts how many are made
     */
    public record OfPart(String what, int part, int parts) {}

    /** In the order hands do them; the first two in either. */
    public enum Kind {
        CLOSE_FIRST,
        OPEN_FIRST,
        PUT_IN
    }
}
