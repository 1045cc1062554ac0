package toroid.core.form;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.ServiceLoader;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** Every form there is, by family and name. */
public final class Forms {
    private static final Map<String, Form> BY_ID = load();

    private Forms() {}

    private static Map<String, Form> load() {
        var found = new LinkedHashMap<String, Form>();
        ServiceLoader.load(Form.class, Forms.class.getClassLoader()).stream()
                .map(ServiceLoader.Provider::get)
                .sorted(Comparator.<Form, Family>comparing(form -> form.info().family())
                        .thenComparing(form -> form.info().name()))
                .forEach(form -> found.put(form.info().id(), form));
        return found;
    }

    public static List<Form> all() {
        return List.copyOf(BY_ID.values());
    }

    /** @throws Refusal when there is none of that id */
    public static Form byId(String id) {
        Form form = id == null ? null : BY_ID.get(id);
        if (form == null) {
            throw Refusal.of(RefusalCode.UNKNOWN_FORM, "form", id);
        }
        return form;
    }
}
