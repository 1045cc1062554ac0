package toroid.server.form;

import java.util.Map;
import toroid.core.form.Form;
import toroid.core.form.Learnt;

/** What is known of a maker's hand at a form: nothing, or better, what their measured copies taught. */
public interface HandKnowledge {
    /** By the parameter's id; what nothing was measured of is left out. */
    Map<String, Learnt> of(Form form);
}
