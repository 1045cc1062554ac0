package toroid.core.form;

import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;

/**
 * The wires a form can be made of: all those round its usual one in which every limit of its parameters stands the right way up. In
 * a wire too thick or too thin for the form some least value passes the greatest, and there is nothing to choose.
 *
 * @param thinnestMm least wire diameter, mm
 * @param thickestMm greatest wire diameter, mm
 */
record WireRange(double thinnestMm, double thickestMm) {
    private static final double STEP = 1.05;
    private static final int HALVINGS = 40;

    static WireRange of(Form form) {
        double usual = form.info().usualWireMm();
        return new WireRange(edge(form, usual, 1 / STEP, Wire.THINNEST_MM), edge(form, usual, STEP, Wire.THICKEST_MM));
    }

    /** @throws Refusal {@code out-of-range} where the form cannot be made of that wire, mm */
    static void check(Form form, double wireDiameterMm) {
        if (!stands(form, wireDiameterMm)) {
            WireRange range = of(form);
            throw Refusal.outOfRange(
                            "wireDiameterMm",
                            wireDiameterMm,
                            range.thinnestMm,
                            range.thickestMm,
                            Unit.MM,
                            Remedy.TAKE_A_WIRE_IT_CAN_BE_MADE_OF)
                    .with("form", form.info().name());
        }
    }

    /** Whether some value may be chosen for every parameter in that wire, mm; whole numbers where it counts. */
    static boolean stands(Form form, double wireDiameterMm) {
        return form.parameters().stream().allMatch(parameter -> {
            double least = parameter.least().applyAsDouble(wireDiameterMm);
            boolean counts = parameter.kind() == Parameter.Kind.COUNT;
            return (counts ? Math.ceil(least) : least) <= parameter.most().applyAsDouble(wireDiameterMm);
        });
    }

    /** The last wire that way in which it stands. */
    private static double edge(Form form, double usual, double step, double limit) {
        double good = usual;
        while (good != limit) {
            double next = step > 1 ? Math.min(limit, good * step) : Math.max(limit, good * step);
            if (!stands(form, next)) {
                return between(form, good, next);
            }
            good = next;
        }
        return limit;
    }

    private static double between(Form form, double good, double bad) {
        double stands = good;
        double fails = bad;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (stands + fails) / 2;
            if (stands(form, middle)) {
                stands = middle;
            } else {
                fails = middle;
            }
        }
        return stands;
    }
}
