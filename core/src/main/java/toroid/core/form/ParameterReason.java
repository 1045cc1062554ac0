package toroid.core.form;

import java.util.Map;
import toroid.core.numeric.Hint;

/** What a form's own words say of a parameter, as the way out of a value it does not take. */
record ParameterReason(Parameter parameter) implements Hint {
    @Override
    public String id() {
        return "as-its-form-says";
    }

    @Override
    public Map<String, Object> figures() {
        return Map.of("reason", parameter.reason());
    }
}
