package toroid.server.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import toroid.core.piece.PieceLists;
import toroid.core.piece.Supply;
import toroid.core.piece.part.PartWork;
import toroid.core.piece.part.PartWork.Bought;
import toroid.core.ring.Ring;
import toroid.core.stock.Draw;
import toroid.core.stock.Measure;
import toroid.core.stock.Taking;
import toroid.core.stock.kind.WireLots;
import toroid.server.metal.MetalPrices;
import toroid.server.stock.LotData;
import toroid.server.store.Kept;

/**
 * The shelf as it lies when a piece is planned, and a tally of what is taken from it and what that costs: each lot at its own price; wire
 * without one by its weight and today's price of its metal; what has neither at the dearest of those that would serve as well.
 */
public final class PieceSupply implements Supply {
    /** A spool is that wire within so much of a millimetre: as a caliper tells two wires apart. */
    private static final double SAME_WIRE_MM = 0.02;

    /** Rings are of one size within so much inside: what a caliper tells of one that is not quite round; common practice. */
    private static final double SAME_RING_MM = 0.05;

    private static final String RINGS = "rings";

    /** Bought sizes are one within so much of a millimetre, or of a tenth of them: as shops name them. */
    private static final double SAME_MM = 0.3;

    private static final double SAME_SHARE = 0.1;

    private final List<Kept<LotData>> lots;
    private final MetalPrices.Today metals;
    private final int batch;
    private final Taking taking = new Taking();
    private final Map<Object, Tally> tallies = new HashMap<>();

    /** @param batch how many of the piece are made: everything is taken so many times */
    PieceSupply(List<Kept<LotData>> lots, MetalPrices.Today metals, int batch) {
        this.lots = lots;
        this.metals = metals;
        this.batch = batch;
    }

    /**
     * How much of one thing is taken.
     *
     * @param cost null where none that serves has a price
     */
    record Tally(double amount, Double cost) {
        static final Tally NOTHING = new Tally(0, 0.0);

        Tally and(double more, Double itsCost) {
            return new Tally(amount + more, cost == null || itsCost == null ? null : Double.valueOf(cost + itsCost));
        }
    }

    private record WireKey(String metal, double diameterMm) {}

    private record WareKey(Bought.Kind kind, String name, List<Double> sizesMm) {
        static WareKey of(Bought ware) {
            return new WareKey(ware.kind(), ware.name(), ware.sizesMm());
        }
    }

    @Override
    public List<Draw> wire(PartWork.Cut cut, int count) {
        return wire(cut.metal(), cut.diameterMm(), cut.lengthMm(), count);
    }

    private List<Draw> wire(String metal, double diameterMm, double lengthMm, int count) {
        List<Kept<LotData>> serving =
                wires(metal, diameterMm).sorted(OFFCUTS_FIRST).toList();
        return take(new WireKey(metal, diameterMm), serving, lengthMm, count);
    }

    private static final Comparator<Kept<LotData>> OFFCUTS_FIRST = Comparator.comparing(
            lot -> !WireLots.OFFCUT.equals(lot.data().facts().get(WireLots.COMES_AS)));

    /** Lots of that wire, the oldest first. */
    Stream<Kept<LotData>> wires(String metal, double diameterMm) {
        return lots.stream()
                .filter(of(WireLots.ID))
                .filter(lot -> metal.equals(lot.data().facts().get(WireLots.METAL)))
                .filter(lot -> lot.data().facts().get(WireLots.DIAMETER) instanceof Double there
                        && Math.abs(there - diameterMm) <= SAME_WIRE_MM);
    }

    /** Whether a lot is rings of that metal and size. */
    public static boolean isOfRings(LotData lot, String metal, Ring ring, int turns) {
        Map<String, Object> facts = lot.facts();
        return lot.kind().equals(RINGS)
                && metal.equals(facts.get(WireLots.METAL))
                && isNear(facts.get("wire"), ring.wireDiameterMm(), SAME_WIRE_MM)
                && isNear(facts.get("inside"), ring.innerDiameterMm(), SAME_RING_MM)
                && isNear(facts.get("turns"), turns, 0);
    }

    private static boolean isNear(Object fact, double wanted, double within) {
        return fact instanceof Number there && Math.abs(there.doubleValue() - wanted) <= within + 1e-9;
    }

    @Override
    public List<Draw> rings(String metal, PieceLists.Rings size, int count) {
        List<Kept<LotData>> serving = lots.stream()
                .filter(lot -> isOfRings(lot.data(), metal, size.ring(), size.turns()))
                .toList();
        List<Draw> draws = taking.takeAll(
                1, count * batch, serving.stream().map(PieceSupply::held).toList());
        if (!draws.isEmpty()) {
            tally(RingKey.of(metal, size), draws, serving, count * batch);
        }
        return draws;
    }

    /** Rings of one lot that become two things in a piece are taken for each by itself. */
    private record RingKey(String metal, Ring ring, int turns, boolean soldered, Double hammeredMm, Double beadMm) {
        static RingKey of(String metal, PieceLists.Rings size) {
            return new RingKey(metal, size.ring(), size.turns(), size.soldered(), size.hammeredMm(), size.beadMm());
        }
    }

    /** Rings of one size that were taken from the shelf. */
    Tally of(String metal, PieceLists.Rings rings) {
        return tallies.getOrDefault(RingKey.of(metal, rings), Tally.NOTHING);
    }

    /** The wire its other rings are wound of, with their spare. */
    void wound(String metal, List<PieceLists.Rings> rings) {
        for (PieceLists.Rings one : rings) {
            if (of(metal, one).amount() > 0) {
                continue;
            }
            double each = one.turns() * one.ring().wireLengthMm();
            wire(metal, one.ring().wireDiameterMm(), each, one.count() + one.spare());
        }
    }

    @Override
    public List<Draw> bought(Bought ware, int count) {
        boolean byLength = ware.kind().byLength();
        int times = byLength ? count : (int) Math.round(ware.amount()) * count;
        return take(WareKey.of(ware), serving(ware), byLength ? ware.amount() : 1, times);
    }

    /** By which fact of which kind each is found, its first size; stones and pearls are beads of the shelf. */
    private static final Map<Bought.Kind, Fact> FOUND_BY = Map.of(
            Bought.Kind.BEAD, new Fact("beads", "along"),
            Bought.Kind.STONE, new Fact("beads", "along"),
            Bought.Kind.CHAIN, new Fact("chain", "pitch"),
            Bought.Kind.CORD, new Fact("cord", "diameter"),
            Bought.Kind.BEADING_WIRE, new Fact("beading-wire", "diameter"),
            Bought.Kind.CRIMP, new Fact("crimps", "outside"),
            Bought.Kind.FINDING, new Fact("findings", "length"));

    private record Fact(String kind, String id) {}

    private List<Kept<LotData>> serving(Bought ware) {
        Fact by = FOUND_BY.get(ware.kind());
        double size = ware.sizesMm().get(0);
        return lots.stream()
                .filter(of(by.kind()))
                .filter(lot -> lot.data().facts().get(by.id()) instanceof Double there
                        && Math.abs(there - size) <= Math.max(SAME_MM, SAME_SHARE * size))
                .filter(lot -> ware.kind() != Bought.Kind.FINDING
                        || findings(ware.name()).contains(lot.data().facts().get("what")))
                .toList();
    }

    /** What a piece calls by one word a shelf has in several kinds. */
    private static Set<Object> findings(String name) {
        return switch (name) {
            case "clasp" -> Set.of("lobster-clasp", "spring-ring");
            case "pendant", "pendant on a bail" -> Set.of("charm");
            default -> Set.of(name.replace(' ', '-'));
        };
    }

    @Override
    public List<Draw> solder(Grade grade, int joints) {
        List<String> grades = grade == Grade.HARD ? List.of("hard") : List.of("medium", "easy");
        List<Kept<LotData>> serving = lots.stream()
                .filter(of("solder"))
                .filter(lot -> grades.contains(lot.data().facts().get("grade")))
                .sorted(Comparator.comparingInt(
                        lot -> grades.indexOf(lot.data().facts().get("grade"))))
                .toList();
        return take(grade, serving, CHIP_G, joints);
    }

    private List<Draw> take(Object what, List<Kept<LotData>> serving, double portion, int count) {
        List<Taking.Held> held = serving.stream().map(PieceSupply::held).toList();
        List<Draw> draws = taking.take(portion, count * batch, held);
        tally(what, draws, serving, portion * count * batch);
        return draws;
    }

    private void tally(Object what, List<Draw> draws, List<Kept<LotData>> serving, double amount) {
        Double cost = draws.isEmpty() ? null : Double.valueOf(0);
        for (Draw draw : draws) {
            Double one = cost(draw, serving);
            cost = cost == null || one == null ? null : Double.valueOf(cost + one);
        }
        tallies.merge(what, Tally.NOTHING.and(amount, cost), (a, b) -> a.and(b.amount(), b.cost()));
    }

    private static Taking.Held held(Kept<LotData> lot) {
        Object each = WireLots.LENGTHS.equals(lot.data().facts().get(WireLots.COMES_AS))
                ? lot.data().facts().get(WireLots.EACH)
                : null;
        return new Taking.Held(lot.id().toString(), lot.data().left(), (Double) each);
    }

    private Double cost(Draw draw, List<Kept<LotData>> serving) {
        LotData lot = serving.stream()
                .filter(one -> one.id().toString().equals(draw.lot()))
                .findFirst()
                .orElseThrow()
                .data();
        Measure measure = lot.kindKept().measure();
        OptionalDouble own = unitPrice(lot);
        OptionalDouble dearest = own.isPresent()
                ? own
                : serving.stream()
                        .map(one -> unitPrice(one.data()))
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .max();
        return dearest.isPresent() ? Double.valueOf(measure.worth(draw.amount(), dearest.getAsDouble())) : null;
    }

    /** As it was bought; of wire and rings else what they weigh at today's price of their metal. */
    private OptionalDouble unitPrice(LotData lot) {
        if (lot.unitPrice() != null) {
            return OptionalDouble.of(lot.unitPrice());
        }
        if (!lot.kind().equals(WireLots.ID) && !lot.kind().equals(RINGS)) {
            return OptionalDouble.empty();
        }
        OptionalDouble gram = metals.perGram((String) lot.facts().get(WireLots.METAL));
        OptionalDouble grams = lot.kindKept().gramsPerUnit(lot.kindKept().read(lot.facts()));
        return gram.isEmpty() || grams.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(gram.getAsDouble() * grams.getAsDouble());
    }

    private static Predicate<Kept<LotData>> of(String kind) {
        return lot -> lot.data().kind().equals(kind);
    }

    Tally of(PieceLists.WireNeed need) {
        return tallies.getOrDefault(new WireKey(need.metal(), need.diameterMm()), Tally.NOTHING);
    }

    Tally of(Bought ware) {
        return tallies.getOrDefault(WareKey.of(ware), Tally.NOTHING);
    }

    /** Of all grades together. */
    Tally solder() {
        var told = new ArrayList<Tally>();
        for (Grade grade : Grade.values()) {
            told.add(tallies.getOrDefault(grade, Tally.NOTHING));
        }
        return told.stream().reduce(Tally.NOTHING, (a, b) -> a.and(b.amount(), b.cost()));
    }
}
