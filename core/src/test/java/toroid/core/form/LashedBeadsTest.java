package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Small beads lashed in arcs: none lies in another, and the wire is as long as the way through them. */
class LashedBeadsTest {
    /** No bead sinks into any other, big or small, at any sizes. */
    @Property(tries = 500)
    void noBeadLiesInAnother(
            @ForAll @DoubleRange(min = 3, max = 16) double big,
            @ForAll @DoubleRange(min = 0.8, max = 5) double small,
            @ForAll @DoubleRange(min = 0.2, max = 0.5) double fine,
            @ForAll @IntRange(min = 1, max = 4) int beads,
            @ForAll boolean oneSide,
            @ForAll boolean bare) {
        if (small > 0.6 * big) {
            return;
        }
        FormWork work = EveryForm.solve(
                "lashed-beads",
                0.8,
                Map.of(
                        "bead", big,
                        "hole", 1.2,
                        "small", small,
                        "fine", fine,
                        "beads", beads,
                        "arcs", oneSide ? "all on one side" : "over and under in turn",
                        "second", bare ? "passed bare" : "with its arc"));
        nothingSinks(work);
    }

    private static void nothingSinks(FormWork work) {
        List<Solid> all = work.solids();
        assertThat(all).allSatisfy(bead -> {
            if (bead.kind() == Solid.Kind.LAID_BEAD) {
                assertThat(Math.abs(bead.centre().getY())).isGreaterThan((0.8 + bead.diameterMm()) / 2 - 1e-6);
            }
        });
        for (int i = 0; i < all.size(); i++) {
            for (int k = 0; k < i; k++) {
                double apart = all.get(i).centre().distance(all.get(k).centre());
                double least = (all.get(i).diameterMm() + all.get(k).diameterMm()) / 2;
                assertThat(apart).isGreaterThan(least - 1e-6);
            }
        }
    }

    /** Seven 2 mm beads over an 8 mm one by the trade's rule; by hand: chord 9.2, sin 6α / sin α = 4.6 with ρ = 1/sin α. */
    @Test
    void outermostBeadsBowOutPastTheNeighbours() {
        BeadArc arc = BeadArc.over(8, 2, 0.8, alike(8, 9.2)).orElseThrow();
        assertThat(arc.places()).hasSize(7);
        double alpha = Math.asin(1 / arc.radiusMm());
        assertThat(Math.sin(6 * alpha) / Math.sin(alpha)).isCloseTo(4.6, within(1e-9));
        Vector3D end = arc.places().get(6);
        assertThat(end.getX()).isCloseTo(4.6, within(1e-9));
        assertThat(end.getNorm()).isCloseTo(5, within(1e-9));
        assertThat(arc.places().get(3).getNorm()).isGreaterThan(5);
        // with room to spare they lie on the big bead
        assertThat(BeadArc.over(8, 2, 0.8, alike(8, 30)).orElseThrow().radiusMm())
                .isEqualTo(5);
    }

    private static List<BeadArc.Neighbour> alike(double bigMm, double apartMm) {
        var one = new BeadArc.Neighbour(bigMm, apartMm, false);
        return List.of(one, one);
    }

    /**
     * Beside a larger bead the valley lies nearer: by hand, circles of 8 and 12 mm 11 apart and one of 2 mm on both meet 5.0² − x² = 7.0² −
     * (11 − x)², x = 97/22.
     */
    @Test
    void besideALargerBeadTheValleyLiesNearer() {
        var larger = new BeadArc.Neighbour(12, 11, false);
        Vector3D end = BeadArc.over(8, 2, 0.8, List.of(larger, larger))
                .orElseThrow()
                .places()
                .get(0);
        assertThat(-end.getX()).isCloseTo(97 / 22.0, within(1e-9));
        assertThat(end.distance(new Vector3D(-11, 0, 0))).isCloseTo(7, within(1e-9));
    }

    /** A row of sizes: as nothing lies in anything there, and each bead has the arc of its own size. */
    @Property(tries = 300)
    void bigBeadsMayBeOfAnySizes(
            @ForAll @Size(min = 1, max = 6) List<@DoubleRange(min = 3, max = 14) Double> bigs,
            @ForAll @DoubleRange(min = 0.8, max = 2) double small,
            @ForAll @DoubleRange(min = 0.2, max = 0.5) double fine,
            @ForAll boolean oneSide,
            @ForAll boolean bare) {
        FormWork work = EveryForm.solve(
                "lashed-beads",
                0.8,
                Map.of(
                        "sizes",
                        "a row of sizes",
                        "row",
                        bigs.stream().map(big -> StackItem.bead(big, big, 1.2)).toList(),
                        "small",
                        small,
                        "fine",
                        fine,
                        "arcs",
                        oneSide ? "all on one side" : "over and under in turn",
                        "second",
                        bare ? "passed bare" : "with its arc"));
        nothingSinks(work);
        List<Double> laid = work.solids().stream()
                .filter(bead -> bead.kind() == Solid.Kind.BEAD)
                .map(Solid::diameterMm)
                .toList();
        assertThat(laid).isEqualTo(bigs);
    }

    @Test
    void aRowOfOneSizeIsTheRowOfBeadsAlike() {
        Map<String, Object> shared = Map.of("small", 2, "fine", 0.3);
        var alike = new java.util.HashMap<>(shared);
        alike.putAll(Map.of("bead", 7, "hole", 1.2, "beads", 4));
        var row = new java.util.HashMap<>(shared);
        row.putAll(Map.of("sizes", "a row of sizes", "row", List.of(new StackItem(StackItem.Kind.BEAD, 4, 7, 7, 1.2))));
        FormWork one = EveryForm.solve("lashed-beads", 0.8, alike);
        FormWork other = EveryForm.solve("lashed-beads", 0.8, row);
        assertThat(other.solids()).isEqualTo(one.solids());
        assertThat(other.steps()).isEqualTo(one.steps());
        assertThat(other.wires().get(1).inPiece()).isEqualTo(one.wires().get(1).inPiece());
    }

    /** Passed bare, a bead takes just the wire over it: a circle's arc from core to core, by hand, and no small beads. */
    @Test
    void everySecondBeadMayBePassedBare() {
        Map<String, Object> one = Map.of("bead", 8, "hole", 1.2, "small", 2, "fine", 0.3, "beads", 1);
        var two = new java.util.HashMap<>(one);
        two.put("beads", 2);
        two.put("second", "passed bare");
        FormWork more = EveryForm.solve("lashed-beads", 0.8, two);
        FormWork less = EveryForm.solve("lashed-beads", 0.8, one);
        assertThat(small(more)).isEqualTo(small(less));
        double ring = (8 + 0.3) / 2;
        double over = 2 * ring * Math.acos(0.55 / ring);
        double round = 1.5 * Math.hypot(2 * Math.PI * 0.55, 0.3);
        double added = more.wires().get(1).inPiece().inMillimetres()
                - less.wires().get(1).inPiece().inMillimetres();
        assertThat(added).isBetween(over + round, over + round + 2.5);
    }

    private static long small(FormWork work) {
        return work.solids().stream()
                .filter(solid -> solid.kind() == Solid.Kind.LAID_BEAD)
                .count();
    }

    /** An arc's wire goes from the core through the beads' middles and back to the core: never shorter than that polygon. */
    @Property(tries = 100)
    void theWireReachesRoundItsBeads(
            @ForAll @DoubleRange(min = 4, max = 14) double big,
            @ForAll @DoubleRange(min = 1, max = 3) double small,
            @ForAll @IntRange(min = 1, max = 4) int beads) {
        FormWork work = EveryForm.solve(
                "lashed-beads", 0.8, Map.of("bead", big, "hole", 1.2, "small", small, "fine", 0.3, "beads", beads));
        double step = big + 1.2;
        List<Vector3D> places =
                BeadArc.over(big, small, 0.8, alike(big, step)).orElseThrow().places();
        double core = 0.4 + 0.3;
        double least = (places.size() - 1) * small
                + 2 * Math.max(0, places.get(0).distance(new Vector3D(-step / 2, 0, 0)) - core);
        double rounds = (beads + 3) * Math.hypot(2 * Math.PI * 0.55, 0.3);
        double told = work.wires().get(1).inPiece().inMillimetres();
        assertThat(told).isGreaterThan(beads * least + rounds - 1);
        assertThat(told).isLessThan(1.6 * (beads * least + rounds) + 6);
    }
}
