package toroid.core.weave.solve;

import java.util.Optional;

/** The widest pose at a pitch that is held: led there from another, a little at a time. */
final class HeldPitch {
    private static final double SHARE = 0.2;
    private static final double ROUGH = 5e-3;
    private static final double FINE = 1e-5;
    private static final int MOST_ROUNDS = 60;

    private HeldPitch() {}

    static Optional<Pose> at(Pose from, double pitch) {
        Pose now = from;
        double unit = from.rings().get(0).radius();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double left = pitch - now.pitch();
            double gap = Contacts.smallest(now, Neighbours.of(now, 1.2 * unit), 2 * unit);
            double most = SHARE * gap;
            boolean last = Math.abs(left) <= most;
            Pose led = now.withPitch(last ? pitch : now.pitch() + Math.signum(left) * most);
            now = Tightest.solve(led, true, false, last ? FINE : ROUGH).pose();
            if (last) {
                return Optional.of(now);
            }
        }
        return Optional.empty();
    }
}
