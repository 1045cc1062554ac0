package toroid.core.ring;

import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;

/**
 * What is known of a ring; anything may be null. Two of the five sizes that fix the ring are needed.
 *
 * @param wireDiameterMm d
 * @param innerDiameterMm ID
 * @param outerDiameterMm OD
 * @param mandrelDiameterMm M, what it is wound on
 * @param aspectRatio ID/d, true
 * @param metal with {@code flow}, lets the mandrel's springback be predicted
 * @param flow how the wire flows, handbook or fitted
 */
public record RingGiven(
        Double wireDiameterMm,
        Double innerDiameterMm,
        Double outerDiameterMm,
        Double mandrelDiameterMm,
        Double aspectRatio,
        Metal metal,
        FlowEstimate flow) {

    boolean springbackKnown() {
        return metal != null && flow != null;
    }
}
