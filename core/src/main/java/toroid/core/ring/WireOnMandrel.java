package toroid.core.ring;

import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;

/**
 * One cell of the wires × mandrels table, and one rod of the rail: the ring this wire gives on this rod, or why it gives none.
 *
 * @param mandrelDiameterMm the rod
 * @param work the ring; null when refused
 * @param refusal why not; null when it works
 */
public record WireOnMandrel(double mandrelDiameterMm, RingWork work, Refusal refusal) {

    /** Never throws for a wire and rod within range. */
    public static WireOnMandrel of(
            double wireDiameterMm, Metal metal, FlowEstimate flow, double mandrelDiameterMm, RingCut cut, int turns) {
        try {
            var aim = new RingAim(RingAim.Convention.MANDREL, mandrelDiameterMm);
            return new WireOnMandrel(
                    mandrelDiameterMm, RingWork.of(wireDiameterMm, metal, flow, aim, cut, turns), null);
        } catch (Refusal refusal) {
            return new WireOnMandrel(mandrelDiameterMm, null, refusal);
        }
    }
}
