package toroid.core.ring;

import java.util.ArrayList;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How many coils, each how long, for a job; and the inverse, how many rings a length of wire gives. Coils are made as equal as
 * they go, each within the mandrel's usable length and the longest feed.
 *
 * @param coils in the order they are wound
 */
public record CoilPlan(List<Coil> coils) {
    /** More coils than this are several jobs. */
    public static final int MOST_COILS = 400;

    public CoilPlan {
        coils = List.copyOf(coils);
    }

    /**
     * @throws Refusal {@code rod-too-short} when not even one ring fits on the mandrel or the feed
     */
    public static CoilPlan forJob(CoilRequest job) {
        int most = mostPerCoil(job);
        int count = (job.rings() + most - 1) / most;
        Checks.within("coils", count, 1, MOST_COILS, Unit.COILS, Remedy.TAKE_FEWER_RINGS_OR_A_LONGER_ROD);
        var coils = new ArrayList<Coil>(count);
        for (int i = 0; i < count; i++) {
            coils.add(Coil.forRings(job, job.rings() / count + (i < job.rings() % count ? 1 : 0)));
        }
        return new CoilPlan(coils);
    }

    /**
     * The most whole rings from {@code availableMm} of wire in one length, as coils filled one after another; no coils when
     * it is too short for one ring.
     */
    public static CoilPlan fromLength(CoilRequest job, double availableMm) {
        int full = mostPerCoil(job);
        double fullWire = Coil.forRings(job, full).wireMm();
        var coils = new ArrayList<Coil>();
        double left = availableMm;
        while (left >= fullWire && (coils.size() + 1L) * full <= CoilRequest.MOST_RINGS) {
            coils.add(Coil.forRings(job, full));
            left -= fullWire;
        }
        int last = mostWithin(job, full - 1, left);
        if (last > 0) {
            coils.add(Coil.forRings(job, last));
        }
        return new CoilPlan(coils);
    }

    private static int mostPerCoil(CoilRequest job) {
        int low = 0;
        int high = job.rings();
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (Coil.forRings(job, middle).fits(job.hand())) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        if (low == 0) {
            Coil one = Coil.forRings(job, 1);
            boolean rod = one.woundLengthMm() > job.hand().usableMandrelMm();
            throw Refusal.outOfRange(
                    rod ? "usableMandrelMm" : "longestFeedMm",
                    rod ? job.hand().usableMandrelMm() : job.hand().longestFeedMm(),
                    rod ? one.woundLengthMm() : one.wireMm(),
                    Double.POSITIVE_INFINITY,
                    Unit.MM,
                    rod ? Remedy.ONE_RING_NEEDS_A_LONGER_ROD : Remedy.ONE_RING_NEEDS_A_LONGER_FEED);
        }
        return low;
    }

    private static int mostWithin(CoilRequest job, int most, double wireMm) {
        int low = 0;
        int high = most;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (Coil.forRings(job, middle).wireMm() <= wireMm) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    public int rings() {
        return coils.stream().mapToInt(Coil::rings).sum();
    }

    public double wireMm() {
        return coils.stream().mapToDouble(Coil::wireMm).sum();
    }
}
