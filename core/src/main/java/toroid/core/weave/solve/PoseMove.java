package toroid.core.weave.solve;

/** A weave's pose with what of it may move. */
record PoseMove(Pose pose, Freedom freedom, Neighbours neighbours) implements Movable<PoseMove> {
    /** How near two centre circles have to come to be looked at, in ring radii. */
    private static final double NEAR = 1.2;

    static PoseMove of(Pose pose, boolean pitchHeld, boolean acrossHeld) {
        return of(pose, Freedom.of(pose.lattice(), pose.rings().size(), pitchHeld, acrossHeld));
    }

    private static PoseMove of(Pose pose, Freedom freedom) {
        return new PoseMove(
                pose, freedom, Neighbours.of(pose, NEAR * pose.rings().get(0).radius()));
    }

    @Override
    public double unit() {
        return pose.rings().get(0).radius();
    }

    @Override
    public int columns() {
        return freedom.columns();
    }

    @Override
    public double size(int column) {
        return column == freedom.across() ? pose.across() : column == freedom.pitch() ? pose.pitch() : pose.turn();
    }

    @Override
    public Gaps gaps(double reach) {
        return Contacts.of(pose, freedom, neighbours, reach);
    }

    @Override
    public double smallest(double reach) {
        return Contacts.smallest(pose, neighbours, reach);
    }

    @Override
    public PoseMove stepped(double[] by, double scale) {
        return new PoseMove(pose.stepped(new Step(pose, freedom, by), scale), freedom, neighbours);
    }

    @Override
    public PoseMove settled() {
        return of(pose, freedom);
    }

    @Override
    public double furthest(double[] by) {
        return new Step(pose, freedom, by).furthest(neighbours.cells());
    }

    @Override
    public PoseMove beyond(PoseMove before, double share) {
        return of(pose.beyond(before.pose, share), freedom);
    }

    @Override
    public double furthestFrom(PoseMove other) {
        return pose.furthestFrom(other.pose);
    }
}
