package toroid.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;

/**
 * What the operations of a piece take from the shelf, told for one copy: a made part its wire, beads, cord and crimps as it is made, rings
 * that lie ready as they are taken in hand, a ring's bead as it is threaded on, solder by the joint, and what is bought ready as all is put together.
 */
public final class PieceDraws {
    private final PieceWork work;
    private final String metal;
    private final int copies;
    private final Supply supply;

    /** @param metal id of what its rings are of */
    public PieceDraws(PieceWork work, String metal, int copies, Supply supply) {
        this.work = work;
        this.metal = metal;
        this.copies = copies;
        this.supply = supply;
    }

    /** Of the same parts, so many of them. */
    public List<Draw> made(PartWork part, int count) {
        return each(taken(part, count));
    }

    /**
     * The same, apart.
     *
     * @param cuts of each wire, in the order the part has them
     * @param bought beads and whatever else is bought
     * @param heats solder of each heat
     */
    public record Apart(List<List<Draw>> cuts, List<Draw> bought, List<List<Draw>> heats) {
        /** Of one heat; nothing where there is no such heat. */
        public List<Draw> heat(int number) {
            return number < heats.size() ? heats.get(number) : List.of();
        }
    }

    /** What so many of the same parts take, by what it is taken for. */
    public Apart apart(PartWork part, int count) {
        PartWork.Takes takes = part.takes();
        return new Apart(
                takes.cuts().stream()
                        .map(cut -> each(supply.wire(cut, count * copies).stream()))
                        .toList(),
                each(takes.bought().stream().flatMap(ware -> supply.bought(ware, count * copies).stream())),
                supply.heats(takes.soldered(), count * copies).stream()
                        .map(heat -> each(heat.stream()))
                        .toList());
    }

    private Stream<Draw> taken(PartWork part, int count) {
        PartWork.Takes takes = part.takes();
        return Stream.of(
                        takes.cuts().stream().flatMap(cut -> supply.wire(cut, count * copies).stream()),
                        takes.bought().stream().flatMap(ware -> supply.bought(ware, count * copies).stream()),
                        supply.heats(takes.soldered(), count * copies).stream().flatMap(List::stream))
                .flatMap(draws -> draws);
    }

    /** Rings of one size, closed beforehand and open, where the shelf has all of them. */
    public List<List<Draw>> rings(PieceLists.Rings rings) {
        List<Draw> all = each(supply.rings(metal, rings, rings.count() * copies).stream());
        return Draw.parted(all, rings.preClosed());
    }

    /** The beads on rings of one size. */
    public List<Draw> onRings(PieceLists.Rings rings) {
        return each(work.parts().stream()
                .filter(PartWork::isRing)
                .filter(part -> part.takes().rings().stream().anyMatch(one -> same(one, rings)))
                .flatMap(part -> taken(part, 1)));
    }

    private static boolean same(PartWork.Rings one, PieceLists.Rings rings) {
        return one.beadMm() != null
                && one.beadMm().equals(rings.beadMm())
                && one.ring().equals(rings.ring())
                && one.turns() == rings.turns()
                && one.soldered() == rings.soldered()
                && Objects.equals(one.hammeredMm(), rings.hammeredMm());
    }

    public List<Draw> solder(Supply.Grade grade, int joints) {
        return each(supply.solder(grade, joints * copies).stream());
    }

    /** What is bought ready and only joined, and the solder of joints closed in the piece. */
    public List<Draw> joined() {
        Stream<Draw> ready = work.parts().stream()
                .filter(part -> !part.isRing() && !part.spec().isMade())
                .flatMap(part -> taken(part, 1));
        int soldered = (int) work.steps().stream()
                .filter(step -> step.act() == AssemblyStep.Act.SOLDER_ROUND)
                .count();
        Stream<Draw> solder =
                soldered == 0 ? Stream.of() : supply.solder(Supply.Grade.EASIER, soldered * copies).stream();
        return each(Stream.concat(ready, solder));
    }

    /** What hands make, the same ones together, by their places. */
    public Map<PartSpec, List<Integer>> parts() {
        Map<PartSpec, List<Integer>> made = new LinkedHashMap<>();
        for (int i = 0; i < work.parts().size(); i++) {
            PartSpec spec = work.parts().get(i).spec();
            if (spec.isMade()) {
                made.computeIfAbsent(spec, any -> new ArrayList<>()).add(i);
            }
        }
        return made;
    }

    /** All of it, in the order a plan has it. */
    public void takeAll() {
        for (PieceLists.Rings rings : PieceLists.of(work, false, 0).rings()) {
            rings(rings);
            onRings(rings);
            if (rings.soldered() && rings.preClosed() > 0) {
                solder(Supply.Grade.HARD, rings.preClosed());
            }
        }
        parts().values().forEach(same -> made(work.parts().get(same.get(0)), same.size()));
        if (!work.joining().isEmpty()) {
            joined();
        }
    }

    private List<Draw> each(Stream<Draw> all) {
        return all.map(draw -> draw.each(copies)).toList();
    }
}
