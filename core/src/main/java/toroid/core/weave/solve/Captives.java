package toroid.core.weave.solve;

import java.util.List;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;
import toroid.core.weave.pattern.WeavePattern;

/**
 * Rings that lie loosely round the place where others link, and link none themselves. One stays there as long as its inside is
 * narrower than those rings' outside: to come off one, its plane would have to sweep over that ring's middle, where the ring is as wide
 * as its outer diameter. Exact for rigid round rings.
 */
public final class Captives {
    private Captives() {}

    /** Whether every captive is where the weave says: its disc pierced there and back by at least one of the rings it lies round. */
    public static boolean held(WeavePattern pattern, Pose pose) {
        for (int k = 0; k < pattern.rings().size(); k++) {
            WeavePattern.CellRing ring = pattern.rings().get(k);
            if (ring.isCaptive() && piercing(ring, pose, k) == 0) {
                return false;
            }
        }
        return true;
    }

    /** How many of the rings a captive lies round pierce its disc there and back. */
    static int piercing(WeavePattern.CellRing captive, Pose pose, int place) {
        Circle own = pose.rings().get(place);
        return (int) captive.round().stream()
                .map(other -> Linking.crossings(pose.image(other.ring(), other.i(), other.j()), own))
                .filter(crossings -> crossings.size() == 2)
                .count();
    }

    /**
     * The captive that can slip off, if there is one.
     *
     * @param wireMm of all rings
     * @param innerMm of each size class
     * @return its size class and that of the ring it slips over; null when all are held
     */
    public static int[] slipping(WeavePattern pattern, double wireMm, List<Double> innerMm) {
        for (WeavePattern.CellRing ring : pattern.rings()) {
            for (WeavePattern.Place other : ring.round()) {
                int size = pattern.rings().get(other.ring()).sizeClass();
                if (innerMm.get(ring.sizeClass()) >= innerMm.get(size) + 2 * wireMm) {
                    return new int[] {ring.sizeClass(), size};
                }
            }
        }
        return null;
    }
}
