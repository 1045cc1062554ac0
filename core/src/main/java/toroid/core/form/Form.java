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

    /**
     * Bends it.
     *
     * @throws toroid.core.numeric.Refusal when these parameters make no such form
     */
    void make(FormMaker maker);
}
