package toroid.core.weave;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;

/**
 * The maker's rings for a weave: one wire, an inner diameter for each of the weave's ring sizes.
 *
 * @param wireMm as measured
 * @param innerMm closed, as measured; one for each size class
 */
public record WeaveRings(double wireMm, List<Double> innerMm) {
    public static final int MOST_SIZES = 6;

    /** @throws toroid.core.numeric.Refusal for a ring that cannot be */
    public WeaveRings {
        Checks.within(
                "innerDiameterMm",
                innerMm.size(),
                1,
                MOST_SIZES,
                Unit.SIZES,
                Remedy.GIVE_ONE_FOR_EACH_SIZE_OF_THE_WEAVE);
        innerMm = List.copyOf(innerMm);
        for (double inner : innerMm) {
            new Ring(wireMm, inner);
        }
    }

    public Ring ring(int sizeClass) {
        return new Ring(wireMm, innerMm.get(sizeClass));
    }

    /** Radius of the first size through the middle of its wire, mm: the unit of the solved poses. */
    double unitMm() {
        return ring(0).meanDiameterMm() / 2;
    }

    /** Each size's ring radius against the first's. */
    public double[] ratios() {
        return innerMm.stream()
                .mapToDouble(inner -> (inner + wireMm) / (innerMm.get(0) + wireMm))
                .toArray();
    }
}
