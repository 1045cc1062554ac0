package toroid.core.bend;

import toroid.core.numeric.Checks;

/**
 * A round bar as bending sees it: radius in mm, modulus and yield in MPa, each finite and positive.
 */
public record BarInBending(double wireRadiusMm, double modulusMpa, double yieldMpa) {
    public BarInBending {
        Checks.within("wire radius", wireRadiusMm, 1e-3, 100, "mm", "Measure the wire.");
        Checks.within("Young's modulus", modulusMpa, 1, 1e6, "MPa", "Check the metal's data.");
        Checks.within("yield strength", yieldMpa, 1e-6, 1e5, "MPa", "Check the temper.");
    }

    /** The bar of a wire of that diameter. */
    public static BarInBending ofWire(double wireDiameterMm, double modulusMpa, double yieldMpa) {
        return new BarInBending(wireDiameterMm / 2, modulusMpa, yieldMpa);
    }
}
