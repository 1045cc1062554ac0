package toroid.core.bend;

import toroid.core.metal.FlowCurve;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A round bar as bending sees it: radius in mm, modulus in MPa, each finite and positive, and how its metal flows.
 */
public record BarInBending(double wireRadiusMm, double modulusMpa, FlowCurve flow) {
    public BarInBending {
        Checks.within("wire radius", wireRadiusMm, 1e-3, 100, Unit.MM, Remedy.MEASURE_THE_WIRE);
        Checks.within("Young's modulus", modulusMpa, 1, 1e6, Unit.MPA, Remedy.CHECK_THE_METALS_DATA);
    }

    /** The bar of a wire of that diameter. */
    public static BarInBending ofWire(double wireDiameterMm, double modulusMpa, FlowCurve flow) {
        return new BarInBending(wireDiameterMm / 2, modulusMpa, flow);
    }

    /** One that never hardens. */
    public static BarInBending ofWire(double wireDiameterMm, double modulusMpa, double yieldMpa) {
        return ofWire(wireDiameterMm, modulusMpa, FlowCurve.perfectlyPlastic(yieldMpa));
    }

    /** Strain at which the outer fibre yields. */
    double yieldStrain() {
        return flow.yieldStrain(modulusMpa);
    }
}
