package toroid.core.numeric;

import java.util.Map;

/**
 * What makers usually take, common practice.
 *
 * @param from in {@code unit}
 * @param to in {@code unit}; equals {@code from} where one value is usual
 */
public record Usual(double from, double to, Unit unit) implements Hint {
    public static Usual about(double value, Unit unit) {
        return new Usual(value, value, unit);
    }

    public static Usual between(double from, double to, Unit unit) {
        return new Usual(from, to, unit);
    }

    @Override
    public String id() {
        return "usual";
    }

    @Override
    public Map<String, Object> figures() {
        String tail = unit == Unit.MM ? "Mm" : "";
        return Map.of("from" + tail, from, "to" + tail, to, "usualUnit", unit.symbol());
    }
}
