package toroid.core.ring;

import toroid.core.bend.BendingMoment;
import toroid.core.quantity.Force;

/**
 * What pulls an unsoldered ring open across a side gap: {@code F_open ≈ M_p/(D/2)}, {@code M_p = σ d³/6}; it begins to stay
 * open at first yield, {@code M_y = σ π d³/32}, 0.589 of that. Plastic hinge opposite the gap; standard limit analysis. A
 * ring of n turns is taken as n rings side by side, which is on the safe side.
 *
 * @param opens where it opens
 * @param staysOpen where it begins not to close again by itself
 */
public record RingStrength(Force opens, Force staysOpen) {

    /** @param turns full turns per ring */
    public static RingStrength of(Ring ring, double yieldMpa, int turns) {
        double arm = ring.meanDiameterMm() / 2;
        double d = ring.wireDiameterMm();
        return new RingStrength(
                Force.ofNewtons(turns * BendingMoment.fullyPlasticNewtonMillimetres(d, yieldMpa) / arm),
                Force.ofNewtons(turns * BendingMoment.firstYieldNewtonMillimetres(d, yieldMpa) / arm));
    }

    /** What it will bear without staying open. Thresholds are our own round figures, not a standard. */
    public Use use() {
        double newtons = staysOpen.inNewtons();
        for (Use use : Use.values()) {
            if (newtons >= use.leastNewtons) {
                return use;
            }
        }
        return Use.SOLDER_IT;
    }

    /** Where a ring of that strength may go unsoldered, strongest first. */
    public enum Use {
        BRACELET(30),
        NECKLACE(12),
        EARRING(2),
        SOLDER_IT(0);

        private final double leastNewtons;

        Use(double leastNewtons) {
            this.leastNewtons = leastNewtons;
        }

        public double leastNewtons() {
            return leastNewtons;
        }
    }
}
