package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/**
 * All wires and all beads of every form, those laid by hand included, at its usual values and at random ones: none lies in itself or in
 * another, or the form is stopped with a sentence, or it is an exception named here with its bound and told on screen.
 */
class NothingLiesInAnythingTest {
    private static final int TRIES = 30;

    /**
     * Drawn evenly where the hand lays it as it comes; how deep at most, as a share of the thickest wire. The rosette's lashing goes
     * straight through the petals' shallow crossings, a lashing wire cuts across from arc to gap; a coil bent round a rod staggers on the
     * inside; the others cut a corner.
     */
    private static final Map<String, Double> DRAWN_NEAR = Map.of(
            "rosette", 1.0, "coil-on-coil", 0.75, "crimped-pair", 0.75, "lashed-beads", 1.3, "two-wire-cuff", 0.8);

    private static Stream<String> ids() {
        return EveryForm.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void atUsualAndAnyValues(String id) {
        var chance = new Random(7L * id.hashCode());
        Form form = Forms.byId(id);
        FormWork usual = EveryForm.usual(id);
        assertThat(usual.contacts()).isEmpty();
        nearOnlyWhereNamed(id, usual);
        everyChoice(form);
        int made = 0;
        for (int i = 0; i < TRIES; i++) {
            try {
                FormWork work = FormSolver.solve(form, AnyForm.request(form, chance));
                if (work.notes().stream().noneMatch(note -> note.severity() == Note.Severity.STOP)) {
                    nearOnlyWhereNamed(id, work);
                    apart(work);
                    bendable(work);
                    made++;
                }
            } catch (Refusal refused) {
                continue;
            }
        }
        assertThat(made).as("%s made of %d", id, TRIES).isGreaterThan(TRIES / 5);
    }

    /** Whatever is chosen, with all else as usual. */
    private static void everyChoice(Form form) {
        for (Parameter parameter : form.parameters()) {
            for (String choice : parameter.choices()) {
                FormWork work =
                        EveryForm.solve(form.info().id(), form.info().usualWireMm(), Map.of(parameter.id(), choice));
                assertThat(work.contacts())
                        .as("%s, %s %s", form.info().id(), parameter.id(), choice)
                        .isEmpty();
                apart(work);
                bendable(work);
            }
        }
    }

    private static void nearOnlyWhereNamed(String id, FormWork work) {
        double depth = work.notes().stream()
                .filter(note -> note.code().equals("course-by-hand"))
                .mapToDouble(note -> (double) note.values().get("depthMm"))
                .findFirst()
                .orElse(0);
        double thickest =
                work.wires().stream().mapToDouble(FormedWire::diameterMm).max().orElseThrow();
        assertThat(depth)
                .as(
                        "%s in %.2f %s",
                        id, work.request().wireDiameterMm(), work.request().values())
                .isLessThanOrEqualTo(DRAWN_NEAR.getOrDefault(id, 0.0) * thickest);
    }

    /** Another way than the forms' own: points along the wires, every pair of different wires, every wire and bead. */
    private static void apart(FormWork work) {
        List<FormedWire> exact =
                work.wires().stream().filter(wire -> !wire.follows()).toList();
        List<List<Vector3D>> along = new ArrayList<>();
        for (FormedWire wire : exact) {
            List<WirePoint> points = wire.program().sampled(0.05 * wire.diameterMm(), 0.5 * wire.diameterMm());
            // cut ends are flat: their own last radius is left out
            double end = wire.program().lengthMm() - wire.diameterMm() / 2;
            along.add(points.stream()
                    .filter(point -> point.alongMm() > wire.diameterMm() / 2 && point.alongMm() < end)
                    .map(point -> point.frame().position())
                    .toList());
        }
        for (int i = 0; i < exact.size(); i++) {
            for (int j = i + 1; j < exact.size(); j++) {
                double touch = (exact.get(i).diameterMm() + exact.get(j).diameterMm()) / 2;
                assertThat(nearest(along.get(i), along.get(j)))
                        .as(
                                "%s of %s %s",
                                exact.get(i).name(),
                                work.info().id(),
                                work.request().values())
                        .isGreaterThan(0.9 * touch);
            }
            for (Solid bead : work.solids()) {
                if (bead.kind() == Solid.Kind.BEAD) {
                    double grown = 0.97 * exact.get(i).diameterMm() / 2;
                    assertThat(along.get(i))
                            .as(
                                    "%s of %s %s",
                                    exact.get(i).name(),
                                    work.info().id(),
                                    work.request().values())
                            .noneMatch(place -> inside(place, bead, grown) && !inHole(place, bead));
                }
            }
        }
    }

    /** In the bead with its half-axes longer by that: a body within all that lies so near to it. */
    private static boolean inside(Vector3D place, Solid bead, double grownMm) {
        Vector3D from = place.subtract(bead.centre());
        double along = from.dotProduct(bead.axis()) / (0.97 * bead.lengthMm() / 2 + grownMm);
        double across = from.crossProduct(bead.axis()).getNorm() / (0.97 * bead.diameterMm() / 2 + grownMm);
        return Math.hypot(along, across) < 1;
    }

    private static boolean inHole(Vector3D place, Solid bead) {
        Vector3D from = place.subtract(bead.centre());
        return from.crossProduct(bead.axis()).getNorm() <= bead.holeMm() / 2;
    }

    private static double nearest(List<Vector3D> a, List<Vector3D> b) {
        double nearest = Double.MAX_VALUE;
        for (Vector3D p : a) {
            for (Vector3D q : b) {
                nearest = Math.min(nearest, Vector3D.distanceSq(p, q));
            }
        }
        return Math.sqrt(nearest);
    }

    /** No kink: a wire bent by tools keeps some inside; a fine wire's drawn lead from one binding to the next may be sharper than it is laid. */
    private static void bendable(FormWork work) {
        for (FormedWire wire : work.wires()) {
            double strain = wire.diameterMm() / 2 / wire.program().sharpestRadiusMm();
            assertThat(strain)
                    .as(
                            "%s of %s %s",
                            wire.name(), work.info().id(), work.request().values())
                    .isLessThan(wire.follows() ? 2.5 : 1.0);
        }
    }
}
