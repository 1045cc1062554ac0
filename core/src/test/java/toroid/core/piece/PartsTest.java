package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.weave.Weaves;
import toroid.core.weave.WovenLength;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.Medallion;
import toroid.core.weave.patch.PatchShape;

/** Every kind of part by itself, and pieces with branches, runs and pairs. */
class PartsTest {
    /** A weave as long as it is told, of twelve rings a unit; a sheet of rings a radius and a half apart, flat. */
    private static final PartMaker.Weaves WEAVES = new PartMaker.Weaves() {
        @Override
        public WovenLength woven(String weave, double wire, List<Double> insides, PatchShape shape, Metal metal) {
            if (shape instanceof PatchShape.Rows rows) {
                return sheet(weave, wire, insides.get(0), rows.counts());
            }
            int units = ((PatchShape.Cells) shape).cells();
            return WovenLength.length(
                    weave,
                    10 * units + 2 * wire,
                    9 * units + 2 * wire,
                    3 * wire,
                    units,
                    List.of(12 * units),
                    List.of(6 * units),
                    6 * units,
                    List.of());
        }

        @Override
        public Medallion medallion(Medallion.Asked asked) {
            return MEDALLIONS.computeIfAbsent(
                    asked, one -> Medallion.of(new Composition(Weaves.byId(one.weave()), one.plan()), one));
        }
    };

    /** Solved once for all tests. */
    private static final Map<Medallion.Asked, Medallion> MEDALLIONS = new ConcurrentHashMap<>();

    private static WovenLength sheet(String weave, double wire, double inside, List<Integer> counts) {
        double radius = (inside + wire) / 2;
        var circles = new ArrayList<Circle>();
        for (int row = 0; row < counts.size(); row++) {
            for (int column = 0; column < counts.get(row); column++) {
                double x = inside / 2 + 1.5 * radius * (column + (counts.get(0) - counts.get(row)) / 2.0);
                circles.add(new Circle(new Vector3D(x, -1.5 * radius * row, 0), Vector3D.PLUS_K, radius));
            }
        }
        int first = counts.get(0);
        int last = circles.size() - counts.get(counts.size() - 1) / 2 - 1;
        int rings = circles.size();
        return new WovenLength(
                weave,
                1.5 * radius * (first - 1) + inside + 2 * wire,
                1.3 * radius * (first - 1) + inside + 2 * wire,
                2 * wire,
                0.1 * rings,
                List.of(rings),
                List.of(rings / 2),
                rings / 2,
                circles,
                List.of(circles.get(0), circles.get(first - 1)),
                circles.get(last),
                circles.get(rings / 2).centre());
    }

    static PartMaker parts() {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        return new PartMaker(copper, FormSolver::solve, WEAVES);
    }

    static PieceWork solve(String line) {
        return PieceSolver.solve(PieceLine.read(line), parts());
    }

    static PieceLists lists(String line) {
        Piece piece = PieceLine.read(line);
        return PieceLists.of(PieceSolver.solve(piece, parts()), piece.pair(), 0);
    }

    /** Links hang in each other, so a chain is as long as its pitch times its links (pitch = inside; exact). */
    @Test
    void aChainIsItsLinksTimesItsPitch() {
        PieceWork necklace = solve("finding clasp - ring 0.8/3 - chain 3/0.6 links=140 soldered - ring 0.8/3");
        assertThat(necklace.lengthMm()).isCloseTo(9 + 3 + 420 + 3, within(1e-9));
        assertThat(necklace.canBeMade()).isTrue();
        assertThat(lists("chain 3/0.6 links=140").bought().get(0).amount()).isEqualTo(420);
    }

    /** A soldered chain in a soldered ring cannot be joined, an open one can. */
    @Test
    void aSolderedChainTakesOnlyWhatOpens() {
        assertThat(solve("chain 3/0.6 links=9 soldered - ring 0.8/3 soldered").canBeMade())
                .isFalse();
        assertThat(solve("chain 3/0.6 links=9 - ring 0.8/3 soldered").canBeMade())
                .isTrue();
    }

    /** A bead of 6 on a ring of 1.6/9: opened for it, it takes its hole of wire and a twentieth, and hangs inside nothing. */
    @ParameterizedTest
    @CsvSource({"6, true", "9, true", "9.5, false"})
    void aRingTakesABeadNoWiderThanItself(double bead, boolean goes) {
        String line = "ring 1.6/9 bead=" + bead;
        if (!goes) {
            assertThatThrownBy(() -> solve(line)).isInstanceOf(Refusal.class);
            return;
        }
        assertThat(solve(line).lengthMm()).isEqualTo(9);
        assertThat(solve(line).massG()).isGreaterThan(solve("ring 1.6/9").massG());
        assertThat(lists(line).bought().get(0).sizesMm()).isEqualTo(List.of(bead, bead, 1.68));
        // it is on before the ring is closed, so a soldered ring has none
        assertThatThrownBy(() -> solve(line + " soldered")).isInstanceOf(Refusal.class);
    }

    /** Out and back through the first and last bead, once through the others: two wires of 0.5 need a hole of 1.05. */
    @Test
    void aBeadsHoleTakesEveryPass() {
        assertThat(solve("strand 0.5 (bead 6/1 - 5 * bead 6/0.6 - bead 6/1.1)").faults())
                .extracting(PieceFault::kind)
                .containsExactly(PieceFault.Kind.HOLE_TOO_SMALL);
    }

    /** A weave's rings are counted with the piece's own of that size. */
    @Test
    void aWeaveJoinsByTheRingsAtItsEnds() {
        String line = "s-hook - ring 1/4 - weave byzantine 1/4 units=3 - ring 1/4";
        assertThat(solve("ring 1/4 - weave byzantine 1/4 units=3").lengthMm()).isCloseTo(34, within(1e-9));
        assertThat(lists(line).rings()).hasSize(1);
        assertThat(lists(line).rings().get(0).count()).isEqualTo(38);
        assertThat(lists(line).rings().get(0).preClosed()).isBetween(18, 20);
    }

    @Test
    void aCordHangsByItsCoiledEnds() {
        PieceWork cord = solve("s-hook - cord 2 length=400 - ring 1/4");
        assertThat(cord.canBeMade()).isTrue();
        assertThat(cord.parts().get(1).spanMm()).isBetween(400.0, 412.0);
        assertThat(cord.parts().get(1).takes().cuts()).hasSize(2);
    }

    /** Half a clasp is a part: its own wire, its own loop; both halves cut what the whole form cuts. */
    @ParameterizedTest
    @ValueSource(strings = {"toggle", "hook-and-eye"})
    void halvesOfAClaspAreParts(String form) {
        List<String> halves = form.equals("toggle") ? List.of("ring", "bar") : List.of("hook", "eye");
        PieceWork row = solve(form + ":" + halves.get(0) + " - 8 * ring 1/4 - " + form + ":" + halves.get(1));
        assertThat(row.canBeMade()).isTrue();
        assertThat(row.parts().get(0).takes().cuts()).hasSize(1);
        assertThat(row.parts().get(9).takes().cuts()).hasSize(1);
        assertThat(row.parts().get(9).spanMm()).isGreaterThan(3);
        assertThatThrownBy(() -> solve("ring 1/4 - " + form)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> solve("ring 1/4 - " + form + ":tail")).isInstanceOf(Refusal.class);
    }

    /** What hangs from a part besides adds nothing to the row, and is counted, weighed, joined. */
    @Test
    void whatHangsBesidesAddsNothingToTheRow() {
        String row = "5 * ring 1/4 - ring 1.2/6%s - 5 * ring 1/4";
        PieceWork plain = solve(row.formatted(""));
        PieceWork hung = solve(row.formatted(" [ring 0.8/3 - stone 14/1.2] [ring 0.8/3]"));
        assertThat(hung.lengthMm()).isCloseTo(plain.lengthMm(), within(1e-9));
        assertThat(hung.parts()).hasSize(plain.parts().size() + 3);
        assertThat(hung.joints()).hasSize(hung.parts().size() - 1);
        assertThat(hung.massG()).isGreaterThan(plain.massG());
        assertThat(hung.canBeMade()).isTrue();
    }

    /** Six wires in one ring do not lie beside each other: six circles fill one of three times their diameter (packing; exact). */
    @Test
    void manyWiresPackInARing() {
        assertThat(Fitting.packedMm(List.of(1.0, 1.0))).isEqualTo(2);
        assertThat(Fitting.packedMm(List.of(1.0, 1.0, 1.0))).isCloseTo(1 + 2 / Math.sqrt(3), within(1e-9));
        assertThat(Fitting.packedMm(List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0)))
                .isGreaterThanOrEqualTo(3)
                .isLessThan(3.7);
        assertThat(Fitting.packedMm(List.of(2.0, 0.1, 0.1))).isCloseTo(2.2, within(1e-9));
    }

    /** A run from 3 to 5 over five rings: 3, 3.5, 4, 4.5, 5. By hand; its mirror image back again. */
    @Test
    void aRunGoesFromItsFirstSizeToItsLast() {
        assertThat(solve("5 * ring 1/3..5").parts())
                .extracting(PartWork::spanMm)
                .containsExactly(3.0, 3.5, 4.0, 4.5, 5.0);
        assertThat(solve("mirror 3 * ring 1/3..5 - ring 1/6").lengthMm()).isCloseTo(2 * 12 + 6, within(1e-9));
        assertThat(solve("3 * bead-link bead=4..8").parts())
                .extracting(PartWork::thickMm)
                .containsExactly(4.0, 6.0, 8.0);
    }

    /** Common practice (4.1): a strand of n focal parts has n + 1 alternates. */
    @Test
    void soManyFocalPartsHaveOneAlternateMore() {
        List<PartWork> row = solve("ring 0.8/3 - 7 * (bead-link - ring 0.8/3)").parts();
        assertThat(row.stream().filter(PartWork::isRing)).hasSize(8);
    }

    @Test
    void aPairTakesEverythingTwice() {
        PieceLists one = lists("fish-hook - 3 * ring 0.8/3");
        PieceLists pair = lists("pair fish-hook - 3 * ring 0.8/3");
        assertThat(pair.rings().get(0).count()).isEqualTo(2 * one.rings().get(0).count());
        assertThat(pair.cuts().get(0).count()).isEqualTo(2 * one.cuts().get(0).count());
    }

    /** Twice as large in everything weighs eight times as much; what is bought stays. */
    @Test
    void aPieceInAnotherSizeIsThatMuchLonger() {
        Piece piece = PieceLine.read("ring 1/4 - 4 * (s-hook - ring 1/4)");
        PieceWork small = PieceSolver.solve(piece, parts());
        PieceWork large = PieceSolver.solve(piece.scaled(2), parts());
        assertThat(large.lengthMm()).isCloseTo(2 * small.lengthMm(), within(1e-6 * small.lengthMm()));
        assertThat(large.massG()).isCloseTo(8 * small.massG(), within(1e-6 * large.massG()));
        assertThat(PieceLine.read("finding clasp - chain 3/0.6 links=10")
                        .scaled(2)
                        .parts()
                        .get(0)
                        .part())
                .isEqualTo(PieceLine.read("finding clasp").parts().get(0).part());
    }

    /** Laid out, every two neighbours bear on each other in one point, and the row is as long as it says. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "s-hook - ring 1/4 - 3 * (bead-link bead=6 - ring 1/3.5) - ring 1.2/6",
                "mirror hook-curled - ring 1/4 - hammered-bar - ring 1.2/5",
                "toggle:ring - chain 3/0.6 links=9 - strand 0.38 (12 * bead 6/1) - finding toggle-bar",
                "ring 1.2/6 [ring 0.8/3 - stone 14/1.2] [ring 0.8/3 - stone 10/1.2] - ring 1/4"
            })
    void neighboursBearOnEachOther(String line) {
        PieceWork work = solve(line);
        for (Laid.Way way : Laid.Way.values()) {
            Laid laid = Laid.of(work, way);
            for (int i = 1; i < work.parts().size(); i++) {
                Joint joint = work.hangsBy(i);
                Vector3D pull =
                        work.placed().get(i).depth() == 0 && way == Laid.Way.ALONG ? Vector3D.PLUS_I : Vector3D.MINUS_J;
                Vector3D inside = bears(laid, i, joint.portB(), pull.negate());
                Laid.Place parent = laid.places().get(joint.a());
                Vector3D out = parent.turn()
                        .applyInverseTo(inside.subtract(parent.at()))
                        .subtract(joint.portA().centre());
                assertThat(out.getNorm())
                        .as("%s, joint %d", line, i)
                        .isLessThanOrEqualTo(joint.portA().insideMm() / 2 + 1e-6);
                boolean beside = work.placed().get(i).hanging() >= 0;
                if (!beside) {
                    assertThat(out.getNorm())
                            .as("%s, joint %d", line, i)
                            .isCloseTo(joint.portA().insideMm() / 2, within(1e-6));
                }
            }
        }
    }

    /** Rings of 5 in wire of 1 hang 5 each and one wire lower; a stone of 14 from its hole on, 12.5. By hand. */
    @ParameterizedTest
    @CsvSource({"4 * ring 1/5, 21", "2 * ring 1/5 - stone 14/1.2, 22.5"})
    void hangsDownToItsLowest(String line, double depth) {
        PartMaker maker = parts();
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        Laid hung = Laid.hung(work, Hanging.of(work));
        assertThat(hung.depthMm(work, maker)).isCloseTo(depth, within(0.02));
    }

    private static Vector3D bears(Laid laid, int part, toroid.core.form.Port port, Vector3D pull) {
        Laid.Place place = laid.places().get(part);
        return place.at().add(place.turn().applyTo(port.bearing(place.turn().applyInverseTo(pull))));
    }

    /** Rings are round: a ring's body is its ring, every kind of part has one, with its bearing points on it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "ring 1/6 turns=3",
                "chain 3/0.6 links=9",
                "strand 0.38 (12 * bead 6/1)",
                "cord 2",
                "finding clasp",
                "finding toggle-bar",
                "finding pendant",
                "stone 14/1.2",
                "bead-link",
                "toggle:bar"
            })
    void everyPartCanBeDrawnAsLongAsItIs(String line) {
        PartMaker maker = parts();
        var spec = ((Piece.One) PieceLine.read(line).elements().get(0)).part();
        PartWork work = maker.of(spec);
        var body = spec.body(maker);
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (var tube : body.tubes()) {
            for (Vector3D point : tube.points()) {
                low = Math.min(low, point.dotProduct(work.pull()) - tube.diameterMm() / 2);
                high = Math.max(high, point.dotProduct(work.pull()) + tube.diameterMm() / 2);
            }
        }
        for (var solid : body.solids()) {
            double middle = solid.centre().dotProduct(work.pull());
            low = Math.min(low, middle - solid.reachMm(work.pull()));
            high = Math.max(high, middle + solid.reachMm(work.pull()));
        }
        assertThat(high - low)
                .as(line)
                .isGreaterThanOrEqualTo(work.spanMm() - 0.5)
                .isLessThan(work.spanMm() + 12);
    }
}
