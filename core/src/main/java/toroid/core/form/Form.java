package toroid.core.form;

import java.util.List;

/**
 * A wire form. To add one: a class in {@code catalogue} that implements this, marked {@code @AutoService(Form.class)}; nothing
 * else needs to know of it.
 */
public interface Form {
    FormInfo info();

    /** What may be chosen, in the order it is shown. */
    List<Parameter> parameters();

    /** What the trade calls it besides its name: the bench line knows it by these, and a search finds it. */
    default List<String> alsoCalled() {
        return List.of();
    }

    /** The parameter that "to" sets on the bench line; null when "to" means nothing. */
    default String to() {
        return null;
    }

    /** The parameter that "on" sets on the bench line: what it is wound or bent on; null when "on" means nothing. */
    default String on() {
        return null;
    }

    /** The rows an outline begins from; empty for a form without rows. */
    default List<OutlineRow> usualRows() {
        return List.of();
    }

    /** The row a form that threads one begins with; empty for a form without. */
    default List<StackItem> usualStack() {
        return List.of();
    }

    /** The wires that are bodies by themselves, as the two halves of a clasp: drawn side by side, not as they hang. None for a form in one. */
    default List<String> halves() {
        return List.of();
    }

    /** Whether it is a hook, there once where a piece closes; a clasp's eye or a half of one is none. */
    default boolean hooks() {
        return info().family() == Family.CLASPS && halves().isEmpty();
    }

    /** Whether it is pulled open over what it is worn on, its parameters {@code inside} and {@code gap}. */
    default boolean isCuff() {
        return false;
    }

    default boolean comesApart() {
        return !halves().isEmpty();
    }

    /**
     * Bends it.
     *
     * @throws toroid.core.numeric.Refusal when these parameters make no such form
     */
    void make(FormMaker maker);
}
