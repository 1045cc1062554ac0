package toroid.core.weave.solve;

/** The widest pose at a pitch that is held: led there from another, a little at a time. */
final class HeldPitch {
    private static final double SHARE = 0.2;
    private static final double ROUGH = 1e-6;
    private static final int MOST_ROUNDS = 400;

    private HeldPitch() {}

    static Pose at(Pose from, double pitch) {
        Pose now = from;
        double unit = from.rings().get(0).radius();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double left = pitch - now.pitch();
            if (left == 0) {
                return now;
            }
            double gap = Contacts.smallest(now, Neighbours.of(now, 1.2 * unit), 2 * unit);
            double most = SHARE * gap;
            double step = Math.abs(left) <= most ? left : Math.signum(left) * most;
            double next = Math.abs(left) <= most ? pitch : now.pitch() + step;
            Pose led = stretched(now, next);
            now = Tightest.solve(led, true, false, ROUGH).pose();
        }
        throw new IllegalStateException("the pitch %g was not reached; it stopped at %g".formatted(pitch, now.pitch()));
    }

    /** The cell's rings spread as the cell is, so that gaps shrink as little as may be. */
    private static Pose stretched(Pose pose, double pitch) {
        return new Pose(pose.lattice(), pose.rings(), pitch, pose.across(), pose.turn());
    }
}
