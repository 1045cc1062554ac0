package toroid.core.piece;

import java.util.HashMap;
import java.util.Map;
import toroid.core.form.Port;

/**
 * A row that lies straight on the bench and is not pulled. In every hole its neighbours and its own wire share the room evenly, {@code g = (I − Σ w) /
 * (n + 1)} with I its inside and w its n neighbours' wires; a joint gives the lesser g of its two holes. So a chain of like rings is {@code I − (I −
 * 2 w)/3} a ring, which is what the weave solver finds for it. Hands may find the row pushed together or pulled: pulled it is as much longer as it
 * gives, pushed in line at most as much shorter again.
 */
public final class AtRest {
    private AtRest() {}

    /** How much shorter the row is than pulled taut, mm; within as much again either way. */
    public static double givesMm(PieceWork work) {
        Map<Hole, Room> rooms = new HashMap<>();
        for (Joint joint : work.joints()) {
            holes(joint)
                    .forEach((hole, wire) ->
                            rooms.computeIfAbsent(hole, Room::of).takes(wire));
        }
        double gives = work.row().stream()
                .mapToDouble(i -> work.parts().get(i).givesMm())
                .sum();
        for (Joint joint : work.joints()) {
            if (inTheRow(work, joint.a()) && inTheRow(work, joint.b())) {
                gives += holes(joint).keySet().stream()
                        .mapToDouble(hole -> rooms.get(hole).each())
                        .min()
                        .orElse(0);
            }
        }
        return gives;
    }

    private static boolean inTheRow(PieceWork work, int part) {
        return work.placed().get(part).depth() == 0;
    }

    /** The holes of a joint, each with its neighbour's wire, mm. */
    private static Map<Hole, Double> holes(Joint joint) {
        return Map.of(
                new Hole(joint.a(), joint.portA()), joint.portB().wireMm(),
                new Hole(joint.b(), joint.portB()), joint.portA().wireMm());
    }

    /** A ring is the same hole for all that hangs in it. */
    private record Hole(int part, Port port) {}

    /** What is left in a hole, and among how many gaps it is shared. */
    private static final class Room {
        private double leftMm;
        private int gaps = 1;

        static Room of(Hole hole) {
            var room = new Room();
            room.leftMm = hole.port().insideMm() - hole.port().carriesMm();
            room.gaps += hole.port().carriesMm() > 0 ? 1 : 0;
            return room;
        }

        void takes(double wireMm) {
            leftMm -= wireMm;
            gaps++;
        }

        double each() {
            return Math.max(0, leftMm) / gaps;
        }
    }
}
