package toroid.core.form;

/**
 * Binding wire wrapped round several parallel wires: it follows their hull, half-turn arcs joined by straights.
 *
 * <p>One wrap of wire f round k wires of diameter b lying side by side takes {@code π (b + f) + 2 (k − 1) b}; round a bundle of
 * three {@code π (b + f) + 3 b} (perimeter of the hull of k circles, offset by f/2; exact for a wrap that does not climb). Wraps
 * lie f apart and lean by that much.
 *
 * @param corners arcs in one wrap: 2 for wires side by side (1 wire too), 3 for a bundle of three
 * @param straightMm the straight between two arcs
 * @param radiusMm {@code (b + f)/2}
 */
public record HullWrap(int corners, double straightMm, double radiusMm) {
    public static HullWrap sideBySide(int wires, double baseMm, double bindingMm) {
        return new HullWrap(2, (wires - 1) * baseMm, (baseMm + bindingMm) / 2);
    }

    public static HullWrap bundleOfThree(double baseMm, double bindingMm) {
        return new HullWrap(3, baseMm, (baseMm + bindingMm) / 2);
    }

    /** Length of one wrap, not climbing, mm. */
    public double perimeterMm() {
        return 2 * Math.PI * radiusMm + corners * straightMm;
    }

    /**
     * Wraps on from where the wire is: at the end of a straight, the hull's corner towards the normal, climbing along the
     * binormal.
     */
    public void wrap(WireMaker wire, int wraps, double pitchMm, boolean rightHanded) {
        double lean = Math.asin(Math.min(0.9, pitchMm / perimeterMm()));
        double pitch = 2 * Math.PI * radiusMm * Math.tan(lean);
        for (int i = 0; i < wraps * corners; i++) {
            wire.coil(new toroid.core.bend.program.CoilSize(radiusMm, pitch, 1.0 / corners, rightHanded));
            wire.straight(straightMm / Math.cos(lean));
        }
    }
}
