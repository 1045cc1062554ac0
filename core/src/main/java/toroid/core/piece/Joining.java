package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
    private static final double SOLDER_ROUND = 40;

    /** Of two that could both be formed round the other the one made later is. */
    private static final double EARLIER = 0.1;

    private static final double NEVER = 1e9;

    /** A place that may open: a ring, or one port of a form. */
    private record Side(int part, Port port) {}

    private final int parts;
    private final Set<Integer> soldered;
    private final Map<Side, Integer> places = new HashMap<>();
    private final List<Double> weights = new ArrayList<>();

    private Joining(int parts, Set<Integer> soldered) {
        this.parts = parts;
        this.soldered = soldered;
    }

    /** @param parts how many there are */
    static List<Joint> of(int parts, List<Links> links) {
        return of(parts, links, Set.of());
    }

    /** @param soldered places of rings that may be soldered where they are, among neighbours that stand it */
    static List<Joint> of(int parts, List<Links> links, Set<Integer> soldered) {
        return new Joining(parts, soldered).joints(links);
    }

    private List<Joint> joints(List<Links> links) {
        var openable = new ArrayList<int[]>();
        for (Links link : links) {
            int a = place(new Side(link.a(), link.portA()));
            int b = place(new Side(link.b(), link.portB()));
            if (weights.get(a) < NEVER || weights.get(b) < NEVER) {
                openable.add(new int[] {a, b});
            }
        }
        boolean[] taken =
                Cover.least(weights.stream().mapToDouble(Double::doubleValue).toArray(), openable);
        var joints = new ArrayList<Joint>();
        for (Links link : links) {
            joints.add(joint(new Side(link.a(), link.portA()), new Side(link.b(), link.portB()), taken));
        }
        return joints;
    }

    private Joint joint(Side one, Side other, boolean[] taken) {
        int a = places.get(one);
        int b = places.get(other);
        // of two rings that both open the later takes the earlier, which is closed by then
        boolean byB = !taken[a] || taken[b] && weights.get(b) <= weights.get(a);
        Side maker = byB ? other : one;
        Joint.Way way = taken[a] || taken[b] ? way(maker) : Joint.Way.IMPOSSIBLE;
        return new Joint(one.part(), other.part(), one.port(), other.port(), way, byB && way != Joint.Way.IMPOSSIBLE);
    }

    private int place(Side side) {
        return places.computeIfAbsent(side, any -> {
            weights.add(weight(side));
            return weights.size() - 1;
        });
    }

    private double weight(Side side) {
        return switch (way(side)) {
            case HOOKED -> HOOK;
            case OPENED -> OPEN;
            case CLOSED_ROUND -> FORM_ROUND + EARLIER * (1 - (double) side.part() / parts);
            case SOLDERED_ROUND -> SOLDER_ROUND;
            case IMPOSSIBLE -> NEVER;
        };
    }

    private Joint.Way way(Side side) {
        return switch (side.port().opens()) {
            case MOUTH -> Joint.Way.HOOKED;
            case SIDEWAYS, TURNED_ON -> Joint.Way.OPENED;
            case WHILE_MADE -> Joint.Way.CLOSED_ROUND;
            case NEVER -> soldered.contains(side.part()) ? Joint.Way.SOLDERED_ROUND : Joint.Way.IMPOSSIBLE;
            case ON_END, WORN -> Joint.Way.IMPOSSIBLE;
        };
    }
}
