package toroid.core.form;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Unit;

/** A form's parameters with a value for each, checked. Choices are kept as their number. */
public final class FormValues {
    private final Map<String, Parameter> parameters = new LinkedHashMap<>();
    private final Map<String, Double> values = new LinkedHashMap<>();

    private final Map<String, List<OutlineRow>> rows = new LinkedHashMap<>();
    private final Map<String, List<StackItem>> stacks = new LinkedHashMap<>();

    /** What is kept among the values of any form, beside its own parameters. */
    private static final Set<String> BESIDES = Set.of(Also.ID, WireMetals.ID);

    private List<Also> also = List.of();
    private Object metals;

    private FormValues() {}

    /** @throws Refusal for a wire the form cannot be made of, an unknown parameter, a value out of its limits, or a word that is no choice */
    public static FormValues of(Form form, FormRequest request) {
        var checked = new FormValues();
        double d = request.wireDiameterMm();
        checked.also = List.copyOf(request.also());
        checked.metals =
                request.wireMetals().isEmpty() ? null : request.values().get(WireMetals.ID);
        WireRange.check(form, d);
        for (Parameter parameter : form.parameters()) {
            Object given = request.values().get(parameter.id());
            if (parameter.kind() == Parameter.Kind.ROWS) {
                checked.parameters.put(parameter.id(), parameter);
                checked.rows.put(parameter.id(), given == null ? form.usualRows() : OutlineRow.read(given));
                checked.values.put(parameter.id(), 0.0);
                continue;
            }
            if (parameter.kind() == Parameter.Kind.STACK) {
                checked.parameters.put(parameter.id(), parameter);
                checked.stacks.put(parameter.id(), given == null ? form.usualStack() : StackItem.read(given));
                checked.values.put(parameter.id(), 0.0);
                continue;
            }
            double value = given == null ? parameter.usual().applyAsDouble(d) : number(parameter, given);
            double least = parameter.least().applyAsDouble(d);
            double most = parameter.most().applyAsDouble(d);
            if (given == null) {
                value = Math.min(most, Math.max(least, value));
            }
            Checks.within(
                    parameter.id(), value, least, most, Unit.of(parameter.unit()), new ParameterReason(parameter));
            boolean whole = parameter.kind() == Parameter.Kind.COUNT || parameter.kind() == Parameter.Kind.CHOICE;
            checked.parameters.put(parameter.id(), parameter);
            checked.values.put(parameter.id(), whole ? Math.rint(value) : value);
        }
        for (String id : request.values().keySet()) {
            if (!checked.values.containsKey(id) && !BESIDES.contains(id)) {
                throw Refusal.of(
                                RefusalCode.UNKNOWN_PARAMETER,
                                id,
                                request.values().get(id))
                        .with("form", form.info().name())
                        .with("known", List.copyOf(checked.values.keySet()));
            }
        }
        return checked;
    }

    private static double number(Parameter parameter, Object given) {
        if (given instanceof Number number) {
            return number.doubleValue();
        }
        int index = parameter.choices().indexOf(String.valueOf(given));
        if (index < 0) {
            throw Refusal.of(RefusalCode.UNKNOWN_CHOICE, parameter.id(), given)
                    .with("parameter", parameter.name())
                    .with("choices", parameter.choices());
        }
        return index;
    }

    public double number(String id) {
        Double value = values.get(id);
        if (value == null) {
            throw new IllegalArgumentException("no parameter " + id);
        }
        return value;
    }

    /** Rows given; empty when none were. */
    public List<OutlineRow> rows(String id) {
        return rows.get(id);
    }

    /** What is threaded, in order. */
    public List<StackItem> stack(String id) {
        return stacks.get(id);
    }

    /** Whether a parameter counts with the choices taken, and the choices themselves do. */
    boolean counts(Parameter parameter) {
        return parameter.onlyWhen().isEmpty()
                || parameter.onlyWhen().stream().anyMatch(choice -> {
                    String[] taken = choice.split("=", 2);
                    return is(taken[0], taken[1]) && counts(parameters.get(taken[0]));
                });
    }

    /** The word taken of a choice. */
    public String chosen(String id) {
        return parameters.get(id).choices().get((int) number(id));
    }

    public boolean is(String id, String choice) {
        List<String> choices = parameters.get(id).choices();
        int index = choices.indexOf(choice);
        if (index < 0) {
            throw new IllegalArgumentException(choice + " is no choice for " + id);
        }
        return (int) number(id) == index;
    }

    /** Values by id; choices as their words. */
    public Map<String, Object> asGiven() {
        var given = new LinkedHashMap<String, Object>();
        values.forEach((id, value) -> {
            given.put(id, asGiven(id, value));
        });
        if (!also.isEmpty()) {
            given.put(Also.ID, also.stream().map(Also::word).toList());
        }
        if (metals != null) {
            given.put(WireMetals.ID, metals);
        }
        return given;
    }

    private Object asGiven(String id, Double value) {
        List<String> choices = parameters.get(id).choices();
        if (rows.containsKey(id)) {
            return rows.get(id);
        }
        if (stacks.containsKey(id)) {
            return stacks.get(id);
        }
        return choices.isEmpty() ? (Object) value : choices.get(value.intValue());
    }
}
