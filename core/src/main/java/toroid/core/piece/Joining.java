package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.form.Port;

/**
 * How every joint of a row is made: at least one of its sides hooks, opens sideways, or is closed round the other while it is made. A ring
 * once open takes both its neighbours, so as few rings are opened as can be and all others closed beforehand ({@link Cover}). Only where
 * both sides are closed for good can a joint not be made.
 */
final class Joining {
    /** What it costs a hand to use a side; only their order counts. Hooks are free, forming round a neighbour is awkward. Our own. */
    private static final double HOOK = 0;

    private static final double OPEN = 1;
    private static final double FORM_ROUND = 1.5;

    /** Of two that could both be formed round the other the one made later is. */
    private static final double EARLIER = 0.1;

    private static final double NEVER = 1e9;

    /** A place that may open: a ring, or one port of a form. */
    private record Side(int part, Port port) {}

    private final List<PartWork> parts;
    private final List<Boolean> turned;
    private final Map<Side, Integer> places = new HashMap<>();
    private final List<Double> weights = new ArrayList<>();

    private Joining(List<PartWork> parts, List<Boolean> turned) {
        this.parts = parts;
        this.turned = turned;
    }

    /**
     * @param turned which parts hang the other way round
     * @param round whether the last hangs in the first
     */
    static List<Joint> of(List<PartWork> parts, List<Boolean> turned, boolean round) {
        int joints = round && parts.size() > 1 ? parts.size() : parts.size() - 1;
        return new Joining(parts, turned).joints(joints);
    }

    private List<Joint> joints(int count) {
        int n = parts.size();
        List<Side> ones = new ArrayList<>();
        List<Side> others = new ArrayList<>();
        List<int[]> links = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Side one = new Side(i, onward(i));
            Side other = new Side((i + 1) % n, back((i + 1) % n));
            ones.add(one);
            others.add(other);
            int a = place(one);
            int b = place(other);
            if (weights.get(a) < NEVER || weights.get(b) < NEVER) {
                links.add(new int[] {a, b});
            }
        }
        boolean[] taken =
                Cover.least(weights.stream().mapToDouble(Double::doubleValue).toArray(), links);
        var joints = new ArrayList<Joint>();
        for (int i = 0; i < count; i++) {
            joints.add(joint(ones.get(i), others.get(i), taken));
        }
        return joints;
    }

    private Joint joint(Side one, Side other, boolean[] taken) {
        int a = places.get(one);
        int b = places.get(other);
        // of two rings that both open the later takes the earlier, which is closed by then
        boolean byB = !taken[a] || taken[b] && weights.get(b) <= weights.get(a);
        Side maker = byB ? other : one;
        Joint.Way way = taken[a] || taken[b] ? way(maker.port()) : Joint.Way.IMPOSSIBLE;
        return new Joint(one.part(), other.part(), one.port(), other.port(), way, byB && way != Joint.Way.IMPOSSIBLE);
    }

    /** The port towards the next part. */
    private Port onward(int part) {
        PartWork work = parts.get(part);
        return turned.get(part) ? work.first() : work.last();
    }

    /** The port towards the part before. */
    private Port back(int part) {
        PartWork work = parts.get(part);
        return turned.get(part) && work.last() != null ? work.last() : work.first();
    }

    private int place(Side side) {
        return places.computeIfAbsent(side, any -> {
            weights.add(weight(side));
            return weights.size() - 1;
        });
    }

    private double weight(Side side) {
        return switch (way(side.port())) {
            case HOOKED -> HOOK;
            case OPENED -> OPEN;
            case CLOSED_ROUND -> FORM_ROUND + EARLIER * (1 - (double) side.part() / parts.size());
            case IMPOSSIBLE -> NEVER;
        };
    }

    private static Joint.Way way(Port port) {
        return switch (port.opens()) {
            case MOUTH -> Joint.Way.HOOKED;
            case SIDEWAYS -> Joint.Way.OPENED;
            case WHILE_MADE -> Joint.Way.CLOSED_ROUND;
            case NEVER, ON_END, WORN -> Joint.Way.IMPOSSIBLE;
        };
    }
}
