package toroid.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

/** Requests at random, within the limits shown; seeded, so the same each time. */
final class AnyForm {
    private static final double[] WIRES = {0.3, 0.5, 0.8, 1.0, 1.29, 2.0};

    private AnyForm() {}

    /** Any wire, any metal it is sold in, any values near the usual ones, some at the limits, either hand. */
    static FormRequest request(Form form, Random chance) {
        double wire = WIRES[chance.nextInt(WIRES.length)];
        Map<String, Object> values = values(form, wire, chance);
        List<Metal> metals = Metals.all();
        Metal metal = metals.get(chance.nextInt(metals.size()));
        List<Temper> tempers = new ArrayList<>(metal.yields().keySet());
        Temper temper = tempers.get(chance.nextInt(tempers.size()));
        return new FormRequest(
                wire,
                metal,
                temper,
                FlowEstimate.ofHandbook(metal.flow(temper)),
                values,
                chance.nextBoolean(),
                Schools.USUAL);
    }

    /** Values near the usual ones, some at the limits. */
    private static Map<String, Object> values(Form form, double wire, Random chance) {
        var values = new HashMap<String, Object>();
        for (Parameter parameter : form.parameters()) {
            double least = parameter.least().applyAsDouble(wire);
            double most = parameter.most().applyAsDouble(wire);
            double usual = Math.min(most, Math.max(least, parameter.usual().applyAsDouble(wire)));
            switch (parameter.kind()) {
                case CHOICE ->
                    values.put(
                            parameter.id(),
                            parameter
                                    .choices()
                                    .get(chance.nextInt(parameter.choices().size())));
                case COUNT -> values.put(parameter.id(), count(usual, least, most, chance));
                case ROWS -> values.put(parameter.id(), rows(chance));
                case STACK -> values.put(parameter.id(), stack(form, wire, chance));
                default -> values.put(parameter.id(), near(usual, least, most, chance));
            }
        }
        return values;
    }

    private static double count(double usual, double least, double most, Random chance) {
        double asked = chance.nextInt(10) == 0 ? least : Math.rint(usual * (0.3 + 1.6 * chance.nextDouble()));
        return Math.max(least, Math.min(most, asked));
    }

    private static double near(double usual, double least, double most, Random chance) {
        return switch (chance.nextInt(12)) {
            case 0 -> least;
            case 1 -> Math.min(most, 4 * usual + least);
            default -> Math.max(least, Math.min(most, usual * (0.6 + 0.9 * chance.nextDouble())));
        };
    }

    /** Half of them near what that form usually carries, half anything that is threaded. */
    private static List<StackItem> stack(Form form, double wire, Random chance) {
        return chance.nextBoolean() ? nearUsual(form, wire, chance) : anything(wire, chance);
    }

    private static List<StackItem> nearUsual(Form form, double wire, Random chance) {
        return form.usualStack().stream()
                .map(item -> {
                    double size = wire / form.info().usualWireMm() * (0.7 + 0.7 * chance.nextDouble());
                    return new StackItem(
                            item.kind(),
                            1 + chance.nextInt(2),
                            Math.max(0.3, size * item.acrossMm()),
                            Math.max(0.3, size * item.longMm()),
                            Math.max(0.2, wire * (1.06 + 0.9 * chance.nextDouble())));
                })
                .toList();
    }

    private static List<StackItem> anything(double wire, Random chance) {
        var items = new ArrayList<StackItem>();
        int kinds = chance.nextInt(3) == 0 ? 4 : 2; // mostly beads and spacers: what every row takes
        for (int i = 0; i <= chance.nextInt(5); i++) {
            StackItem.Kind kind = StackItem.Kind.values()[chance.nextInt(kinds)];
            double across =
                    kind == StackItem.Kind.COIL ? Math.max(0.1, 0.4 * wire) : wire * (2.5 + 6 * chance.nextDouble());
            double longMm = kind == StackItem.Kind.COIL
                    ? across * (4 + 10 * chance.nextDouble())
                    : across * (0.3 + chance.nextDouble());
            double hole = Math.max(0.2, wire * (1.06 + (kinds == 2 ? 0.9 : 0.3) * chance.nextDouble()));
            items.add(new StackItem(kind, 1 + chance.nextInt(3), across, Math.max(0.2, longMm), hole));
        }
        return items;
    }

    private static List<OutlineRow> rows(Random chance) {
        var rows = new ArrayList<OutlineRow>();
        for (int i = 0; i <= chance.nextInt(6); i++) {
            rows.add(new OutlineRow(
                    20 * chance.nextDouble(),
                    chance.nextInt(4) * 90 - 180,
                    300 * chance.nextDouble() - 150,
                    5 * chance.nextDouble()));
        }
        rows.add(new OutlineRow(5, 0, 0, 0));
        return rows;
    }
}
