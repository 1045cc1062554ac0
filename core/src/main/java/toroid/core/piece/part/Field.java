package toroid.core.piece.part;

/**
 * Something of a part that can be set by itself.
 *
 * @param id as a line names it; {@code wire} and {@code inside} of a ring too
 * @param value a number, a {@link Value} that is a range, a word, or whether it is so
 */
public record Field(String id, Object value) {
    static Field of(String id, Value value) {
        return new Field(id, value.isOne() ? (Object) value.from() : value);
    }
}
