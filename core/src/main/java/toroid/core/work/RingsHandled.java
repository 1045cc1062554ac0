package toroid.core.work;

/** Rings taken in hand one after another while a weave is put together. */
public record RingsHandled(Kind kind, int rings) implements Detail {
    /** In the order hands do them; the first two in either. */
    public enum Kind {
        CLOSE_FIRST,
        OPEN_FIRST,
        PUT_IN
    }
}
