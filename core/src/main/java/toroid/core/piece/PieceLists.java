package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.piece.part.PartWork;
import toroid.core.ring.Ring;
import toroid.core.ring.Spare;

/**
 * What a piece takes; a pair everything twice.
 *
 * @param rings jump rings by size, those of its weaves too
 * @param cuts lengths of wire to cut, the same ones together
 * @param bought what is bought ready, the same things together
 */
public record PieceLists(List<Rings> rings, List<Lengths> cuts, List<PartWork.Bought> bought) {
    /**
     * @param turns each is wound round so often
     * @param hammeredMm thickness each is hammered flat to, mm; null for round wire
     * @param beadMm diameter of the bead on each; null for none
     * @param preClosed of {@code count}, which may be closed beforehand
     * @param spare to make besides, for those that fail
     */
    public record Rings(
            Ring ring,
            int turns,
            boolean soldered,
            Double hammeredMm,
            Double beadMm,
            int count,
            int preClosed,
            int spare) {
        /** Plain round rings. */
        public static Rings plain(Ring ring, int count, int preClosed) {
            return new Rings(ring, 1, false, null, null, count, preClosed, 0);
        }

        /** Of several turns: pressed until these lie on each other, and neither closed nor opened. */
        public int pressed() {
            return turns > 1 ? count : 0;
        }

        /** Closed beforehand, one by one. */
        public int closed() {
            return turns > 1 ? 0 : preClosed;
        }

        /** Opened beforehand; what a bead was put on is open by then. */
        public int opened() {
            return turns > 1 || beadMm != null ? 0 : count - preClosed;
        }
    }

    /** @param form what it becomes */
    public record Lengths(String form, PartWork.Cut cut, int count) {}

    public PieceLists {
        rings = List.copyOf(rings);
        cuts = List.copyOf(cuts);
        bought = List.copyOf(bought);
    }

    /** All wire cut for its forms, mm. */
    public double wireMm() {
        return cuts.stream()
                .mapToDouble(one -> one.count() * one.cut().lengthMm())
                .sum();
    }

    /**
     * How much of one wire a piece takes.
     *
     * @param metal id of it
     * @param lengthMm cut for its forms, and in its rings with their spare; what a saw takes between rings not counted
     */
    public record WireNeed(String metal, double diameterMm, double lengthMm) {}

    /**
     * Every wire it takes, the thickest first.
     *
     * @param metal id of what its rings are of
     */
    public List<WireNeed> wires(String metal) {
        Map<Map.Entry<String, Double>, Double> wires = new LinkedHashMap<>();
        for (Lengths one : cuts) {
            PartWork.Cut cut = one.cut();
            wires.merge(Map.entry(cut.metal(), cut.diameterMm()), one.count() * cut.lengthMm(), Double::sum);
        }
        for (Rings one : rings) {
            double length =
                    (one.count() + one.spare()) * one.turns() * one.ring().wireLengthMm();
            wires.merge(Map.entry(metal, one.ring().wireDiameterMm()), length, Double::sum);
        }
        return wires.entrySet().stream()
                .map(one -> new WireNeed(one.getKey().getKey(), one.getKey().getValue(), one.getValue()))
                .sorted(Comparator.comparingDouble(WireNeed::diameterMm).reversed())
                .toList();
    }

    /** Rings of one size that are one thing in a list. */
    private record Size(Ring ring, int turns, boolean soldered, Double hammeredMm, Double beadMm) {}

    /** Bought things that are one thing in a list. */
    private record Ware(PartWork.Bought.Kind kind, String name, List<Double> sizesMm) {}

    /** @param sparePercent of rings, as {@link Spare} takes it */
    public static PieceLists of(PieceWork work, boolean pair, double sparePercent) {
        int each = pair ? 2 : 1;
        Map<Size, int[]> rings = new LinkedHashMap<>();
        Map<Map.Entry<String, PartWork.Cut>, Integer> cuts = new LinkedHashMap<>();
        Map<Ware, Double> bought = new LinkedHashMap<>();
        for (int i = 0; i < work.parts().size(); i++) {
            PartWork part = work.parts().get(i);
            int closed = part.isRing() && !work.isOpened(i) ? 1 : 0;
            for (PartWork.Rings one : part.takes().rings()) {
                int[] counts = rings.computeIfAbsent(
                        new Size(one.ring(), one.turns(), one.soldered(), one.hammeredMm(), one.beadMm()),
                        any -> new int[2]);
                counts[0] += each * one.count();
                counts[1] += each * (one.preClosed() + closed);
            }
            for (PartWork.Cut cut : part.takes().cuts()) {
                cuts.merge(Map.entry(part.name(), cut), each, Integer::sum);
            }
            for (PartWork.Bought one : part.takes().bought()) {
                bought.merge(new Ware(one.kind(), one.name(), one.sizesMm()), each * one.amount(), Double::sum);
            }
        }
        var ringList = new ArrayList<Rings>();
        rings.forEach((size, counts) -> ringList.add(new Rings(
                size.ring(),
                size.turns(),
                size.soldered(),
                size.hammeredMm(),
                size.beadMm(),
                counts[0],
                counts[1],
                Spare.of(counts[0], sparePercent))));
        var lengths = new ArrayList<Lengths>();
        cuts.forEach((cut, count) -> lengths.add(new Lengths(cut.getKey(), cut.getValue(), count)));
        var wares = new ArrayList<PartWork.Bought>();
        bought.forEach(
                (ware, amount) -> wares.add(new PartWork.Bought(ware.kind(), ware.name(), ware.sizesMm(), amount)));
        return new PieceLists(ringList, lengths, wares);
    }
}
