package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;

/** Links and cuffs against closed forms and against what hands meet. */
class NewLinksTest {
    /** Two bars of the single one's length each, the upper a wire above the lower where they cross, at the angle told. */
    @ParameterizedTest
    @CsvSource({"30", "50", "90"})
    void crossedBarsAreTwoCurvedBars(double degrees) {
        FormWork one = EveryForm.solve("curved-bar", 1.2, Map.of("long", 30.0));
        FormWork two = EveryForm.solve("crossed-bars", 1.2, Map.of("long", 30.0, "crossed", degrees));
        assertThat(two.inPiece().inMillimetres()).isCloseTo(2 * one.inPiece().inMillimetres(), within(1e-9));
        var lower = two.wires().get(0);
        var upper = two.wires().get(1);
        Vector3D apart = upper.program()
                .at(upper.middleMm())
                .position()
                .subtract(lower.program().at(lower.middleMm()).position());
        assertThat(apart.getNorm()).isBetween(1.2, 1.25);
        double cos = Math.abs(upper.program()
                .at(upper.middleMm())
                .tangent()
                .dotProduct(lower.program().at(lower.middleMm()).tangent()));
        assertThat(Math.toDegrees(Math.acos(cos))).isCloseTo(degrees, within(1e-6));
        assertThat(two.contacts()).isEmpty();
    }

    /** The outer ball touches a turn and lies in none, by points; both balls' wire is {@code 2b³/(3d²)} each, exact. */
    @ParameterizedTest
    @CsvSource({"1.2, 5, 1.6, 1.8, 2.4", "1.0, 6, 2.3, 1.2, 2.0", "0.8, 4, 1.4, 1.5, 1.2"})
    void theOuterBallTouchesAndIsSoldered(double d, double inside, double turns, double gap, double ball) {
        FormWork work =
                EveryForm.solve("balled-link", d, Map.of("inside", inside, "turns", turns, "gap", gap, "ball", ball));
        assertThat(work.contacts()).isEmpty();
        FormedWire wire = work.wires().get(0);
        assertThat(wire.meltedMm()).isCloseTo(2 * 2 * Math.pow(ball, 3) / (3 * d * d), within(1e-9));
        Solid outer = work.solids().get(1);
        double nearest = Double.MAX_VALUE;
        for (WirePoint point : wire.program().sampled(0.001, 0.02)) {
            if (point.alongMm() < wire.program().lengthMm() - 4 * ball) {
                nearest = Math.min(nearest, point.frame().position().distance(outer.centre()));
            }
        }
        assertThat(nearest - (ball + d) / 2).isBetween(-0.01 * d, 0.02 * d);
        List<FormStep.Kind> kinds = work.steps().stream().map(FormStep::kind).toList();
        assertThat(kinds.lastIndexOf(FormStep.Kind.BALL)).isLessThan(kinds.indexOf(FormStep.Kind.SPIRAL));
        assertThat(kinds.lastIndexOf(FormStep.Kind.SOLDER)).isGreaterThan(kinds.lastIndexOf(FormStep.Kind.BEND));
        assertThatThrownBy(() -> EveryForm.solve("balled-link", 1, Map.of("gap", 0.4, "ball", 2.5)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("ball-lies-on-the-turn-before");
    }

    /** Beads side by side on a bow: round ones of D on a bow of ρ touch where {@code 2 ρ′ sin(θ/2) = D}, ρ′ their middles' radius. */
    @Test
    void beadsOnABowTouchAndNoMore() {
        double d = 1;
        FormWork work = EveryForm.solve(
                "beaded-cuff",
                d,
                Map.of("inside", 40.0, "row", List.of(new StackItem(StackItem.Kind.BEAD, 5, 6, 6, 1.8))));
        assertThat(work.contacts()).isEmpty();
        List<Solid> beads = work.solids();
        assertThat(beads).hasSize(5);
        for (int i = 1; i < 5; i++) {
            assertThat(beads.get(i).centre().distance(beads.get(i - 1).centre()))
                    .isCloseTo(6.02, within(1e-6));
        }
        // the wire goes through every hole: nowhere further from its axis than the hole allows
        for (Solid bead : beads) {
            for (WirePoint point : work.wires().get(0).program().sampled(0.01, 0.2)) {
                Vector3D from = point.frame().position().subtract(bead.centre());
                double along = from.dotProduct(bead.axis());
                if (from.getNorm() < 5 && Math.abs(along) < 3) {
                    double aside = Math.sqrt(Math.max(0, from.getNormSq() - along * along));
                    assertThat(aside + d / 2).isLessThan(0.9 + 1e-6);
                }
            }
        }
        // on before the second end is closed, after the first
        List<String> parts = work.steps().stream().map(FormStep::part).toList();
        int thread = work.steps().stream().map(FormStep::kind).toList().indexOf(FormStep.Kind.THREAD);
        assertThat(parts.indexOf("first end, curled outward")).isLessThan(thread);
        assertThat(parts.indexOf("second end, curled outward")).isGreaterThan(thread);
    }

    /** A straight hole on a bow: {@code ρ − √(ρ² − L²/4)} more than on a straight wire; told, and how much. */
    @Test
    void longBeadsNeedWiderHolesOnABow() {
        FormWork work = EveryForm.solve(
                "beaded-cuff",
                1,
                Map.of("inside", 19.0, "row", List.of(new StackItem(StackItem.Kind.BEAD, 1, 4, 8, 1.2))));
        double rise = 10 - Math.sqrt(100 - 16);
        assertThat(work.notes()).anySatisfy(note -> {
            assertThat(note.code()).isEqualTo("bead-hole-bow");
            assertThat((double) note.values().get("neededMm")).isCloseTo(1.05 + rise, within(1e-9));
        });
        assertThatThrownBy(() -> EveryForm.solve(
                        "beaded-cuff",
                        1,
                        Map.of("inside", 12.0, "row", List.of(new StackItem(StackItem.Kind.BEAD, 20, 3, 3, 1.5)))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("row-longer-than-bow");
    }

    /** A drop asked for by its length is so long inside, by points; its legs lean as that needs and lie in nothing. */
    @ParameterizedTest
    @CsvSource({"6, 9", "6, 12", "8, 20", "10, 14"})
    void aTeardropIsAsLongAsAsked(double drop, double longMm) {
        FormWork work = EveryForm.solve("teardrop-link", 1, Map.of("drop", drop, "long", longMm));
        assertThat(work.contacts()).isEmpty();
        double top = work.wires().get(0).program().sampled(0.001, 0.01).stream()
                .mapToDouble(point -> point.frame().position().getY())
                .max()
                .orElseThrow();
        // where the legs come together: the highest place below the round at which both are half a wire and a little
        // from the axis
        double foot = Double.NEGATIVE_INFINITY;
        for (WirePoint point : work.wires().get(0).program().sampled(0.0005, 0.005)) {
            Vector3D at = point.frame().position();
            if (at.getY() < -drop / 2 && Math.abs(Math.abs(at.getX()) - 0.52) < 1e-5) {
                foot = Math.max(foot, at.getY());
            }
        }
        assertThat(top - 0.5 - foot).isCloseTo(longMm, within(0.02));
    }

    /** Side arcs: half a ring each and its feet; four feet that meet the drop, counted as joints are. */
    @Test
    void sideArcsMeetTheDropWithFourFeet() {
        FormWork work =
                EveryForm.solve("teardrop-link", 1, Map.of("drop", 8.0, "sides", "halves of a ring", "arc", 4.0));
        assertThat(work.contacts()).isEmpty();
        assertThat(work.wires()).hasSize(3);
        double half = Math.PI * 2.5;
        for (FormedWire arc : work.wires().subList(1, 3)) {
            assertThat(arc.inPiece().inMillimetres()).isBetween(half, half + 4);
            assertThat(Joints.of(List.of(work.wires().get(0), arc))
                            - Joints.of(List.of(work.wires().get(0))))
                    .isEqualTo(2);
        }
        assertThat(work.steps().get(work.steps().size() - 1).kind()).isIn(FormStep.Kind.FILE, FormStep.Kind.SOLDER);
        assertThat(work.steps()).anyMatch(step -> step.part().equals("side arcs, four joints"));
    }

    /** Turns told are turns drawn: the binding's length grows by each turn's own length, valley by valley. */
    @Test
    void theCrimpedPairsTurnsAreTheMakers() {
        FormWork usual = EveryForm.solve("crimped-pair", 0.7, Map.of());
        FormWork more = EveryForm.solve("crimped-pair", 0.7, Map.of("valleyTurns", 4));
        FormWork ends = EveryForm.solve("crimped-pair", 0.7, Map.of("endTurns", 12));
        assertThat(more.steps().stream().filter(step -> step.part().startsWith("valley, 4, and 4")))
                .hasSize(4);
        assertThat(ends.steps().stream().filter(step -> step.part().endsWith("12 turns")))
                .hasSize(2);
        double binding = binding(more) - binding(usual);
        // by hand: a turn about two wires side by side takes π(b + f) + 2b; four valleys, one turn each, wider where
        // the flanks rise
        double turn = Math.PI * (0.7 + 0.3) + 2 * 0.7;
        assertThat(binding).isBetween(4 * 0.95 * turn, 4 * 1.6 * turn);
        assertThat(binding(ends) - binding(usual)).isBetween(4 * 0.95 * turn, 4 * 1.1 * turn);
    }

    /** Ends coiled away: four spirals of the turns told, coiled after all is bound, in nothing's way. */
    @ParameterizedTest
    @CsvSource({"1.75, 6", "2.5, 3", "1, 10"})
    void theCrimpedPairsEndsAreCoiledAwayLast(double turns, int waves) {
        FormWork work =
                EveryForm.solve("crimped-pair", 0.7, Map.of("ends", "coiled away", "coilTurns", turns, "waves", waves));
        assertThat(work.contacts()).isEmpty();
        List<FormStep.Kind> kinds = work.steps().stream().map(FormStep::kind).toList();
        assertThat(kinds.stream().filter(kind -> kind == FormStep.Kind.SPIRAL)).hasSize(4);
        assertThat(kinds.indexOf(FormStep.Kind.SPIRAL)).isGreaterThan(kinds.lastIndexOf(FormStep.Kind.BIND));
        assertThat(work.steps().stream().filter(step -> step.kind() == FormStep.Kind.SPIRAL))
                .allSatisfy(step -> assertThat(step.turns()).isCloseTo(turns, within(1e-9)));
    }

    private static double binding(FormWork work) {
        return work.wires().stream()
                .filter(wire -> wire.name().equals("binding"))
                .findFirst()
                .orElseThrow()
                .inPiece()
                .inMillimetres();
    }

    /** Carried tails go round beads of two sizes, the middle one larger or smaller, without a fault. */
    @ParameterizedTest
    @CsvSource({"3, 10, 6", "5, 6, 9", "4, 8, 5", "3, 8, 0"})
    void carriedTailsTakeBeadsOfTwoSizes(int beads, double bead, double outer) {
        FormWork work = EveryForm.solve("bead-link-carried", 0.7, Map.of("beads", beads, "bead", bead, "outer", outer));
        assertThat(work.contacts()).isEmpty();
        assertThat(work.solids()).hasSize(beads);
        double told = outer == 0 ? bead : outer;
        assertThat(work.solids().get(0).diameterMm()).isEqualTo(told);
        assertThat(work.solids().get(beads - 1).diameterMm()).isEqualTo(told);
        assertThat(work.solids().get(1).diameterMm()).isEqualTo(bead);
        // bead from bead by both their halves and a gap for two rounds
        assertThat(work.solids().get(1).centre().getX()
                        - work.solids().get(0).centre().getX())
                .isCloseTo((told + bead) / 2 + 5.8 * 0.7, within(1e-9));
    }

    /** A row of any sizes, larger to one side too: nothing lies in anything, each bead in its place; told backwards it takes the same wire. */
    @Property(tries = 120)
    void carriedTailsTakeARowOfAnySizes(
            @ForAll @Size(min = 1, max = 5) List<@DoubleRange(min = 3.6, max = 12) Double> sizes) {
        FormWork work = carried(sizes);
        assertThat(work.contacts()).isEmpty();
        assertThat(work.solids().stream().map(Solid::diameterMm)).isEqualTo(sizes);
        for (int i = 1; i < sizes.size(); i++) {
            double apart = work.solids().get(i).centre().getX()
                    - work.solids().get(i - 1).centre().getX();
            assertThat(apart).isCloseTo((sizes.get(i) + sizes.get(i - 1)) / 2 + 5.8 * 0.7, within(1e-9));
        }
        var backwards = new ArrayList<>(sizes);
        Collections.reverse(backwards);
        assertThat(carried(backwards).inPiece().inMillimetres())
                .isCloseTo(work.inPiece().inMillimetres(), within(1e-6));
        if (sizes.stream().distinct().count() == 1) {
            FormWork alike = EveryForm.solve(
                    "bead-link-carried", 0.7, Map.of("bead", sizes.get(0), "hole", 0.9, "beads", sizes.size()));
            assertThat(alike.inPiece()).isEqualTo(work.inPiece());
        }
    }

    private static FormWork carried(List<Double> sizes) {
        List<StackItem> row =
                sizes.stream().map(size -> StackItem.bead(size, size, 0.9)).toList();
        return EveryForm.solve("bead-link-carried", 0.7, Map.of("sizes", "a row of sizes", "row", row));
    }

    /**
     * The bow of a two-wire cuff is an arc and its hooks, by hand: 2 ρ (π − asin((g + d)/2ρ)), half a turn of each hook and two wires of leg; the
     * carried wire is never shorter than beside the bow, over every bead, and its rounds.
     */
    @ParameterizedTest
    @CsvSource({"24, 8, 2.5", "55, 25, 4", "18, 6, 2"})
    void aTwoWireCuffIsItsBowAndWhatIsCarried(double inside, double gap, double hook) {
        List<StackItem> row = List.of(StackItem.bead(3, 3, 1.5), StackItem.bead(4, 4, 1.6), StackItem.bead(3, 3, 1.5));
        FormWork work = EveryForm.solve(
                "two-wire-cuff", 1, Map.of("inside", inside, "gap", gap, "hook", hook, "row", row, "carried", 0.4));
        assertThat(work.contacts()).isEmpty();
        double rho = (inside + 1) / 2;
        double bow = 2 * rho * (Math.PI - Math.asin((gap + 1) / 2 / rho));
        double hooks = 2 * (Math.PI * (hook + 1) / 2 + 2);
        assertThat(work.wires().get(0).inPiece().inMillimetres()).isCloseTo(bow + hooks, within(1e-9));
        double over = 0;
        for (StackItem bead : row) {
            double ring = (bead.acrossMm() + 0.4) / 2;
            over += 2 * ring * Math.acos((0.7 + 2 * 0.4) / ring) - bead.longMm();
        }
        double turn = Math.hypot(2 * Math.PI * 0.7, 0.4);
        double rounds = (4 + 4 + 2 + 2 * 1.5) * turn;
        double least = bow - 2 + over + rounds - 13 * 0.42 - 6 * 5 * 0.4;
        double carried = work.wires().get(1).inPiece().inMillimetres();
        assertThat(carried).isBetween(least, 1.15 * least + 8);
        List<String> parts = work.steps().stream().map(FormStep::part).toList();
        assertThat(parts.indexOf("3 beads")).isLessThan(parts.indexOf("round bead 1"));
        assertThat(parts.indexOf("first hook"))
                .isGreaterThan(parts.indexOf("second tail, crossed over and wrapped at the back"));
    }
}
