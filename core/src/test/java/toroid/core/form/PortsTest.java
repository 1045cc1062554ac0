package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/** Where forms take their neighbours: the wire is round it, nothing is in it, and hands know it by its step. */
class PortsTest {
    private static final int TRIES = 30;

    /** Its turns open outward from the innermost. */
    private static final String OPENS_OUTWARD = "balled-link";

    /** A hook of two legs, a link's width apart, each beside the plane its port lies in. */
    private static final String TWO_LEGS = "link-hook";

    /** Worn or carried on something else, or a length to become something: nothing hangs from them. */
    private static final Set<String> HANGS_NOWHERE = Set.of(
            "outline",
            "binding-coil",
            "coil-tight",
            "coil-stretched",
            "coil-on-coil",
            "crimped-pair",
            "crimped-wire",
            "head-pin-balled",
            "head-pin-folded",
            "head-pin-spiral",
            "lashed-beads",
            "rail-wraps",
            "rosette",
            "spiral-balled",
            "spiral-flat",
            "spiral-open",
            "bead-cap-spiral");

    private static Stream<String> ids() {
        return EveryForm.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyPortIsFreeWithWireRoundIt(String id) {
        Form form = Forms.byId(id);
        FormWork usual = EveryForm.usual(id);
        assertThat(usual.ports().isEmpty()).as(id).isEqualTo(HANGS_NOWHERE.contains(id));
        checkAll(usual);
        for (Parameter parameter : form.parameters()) {
            for (String choice : parameter.choices()) {
                checkAll(EveryForm.solve(id, form.info().usualWireMm(), Map.of(parameter.id(), choice)));
            }
        }
        var chance = new Random(11L * id.hashCode());
        for (int i = 0; i < TRIES; i++) {
            try {
                FormWork work = FormSolver.solve(form, AnyForm.request(form, chance));
                if (work.notes().stream().noneMatch(note -> note.severity() == Note.Severity.STOP)) {
                    checkAll(work);
                }
            } catch (Refusal refused) {
                continue;
            }
        }
    }

    private static void checkAll(FormWork work) {
        assertThat(work.ports()).extracting(Port::part).doesNotHaveDuplicates();
        for (Port port : work.ports()) {
            check(work, port);
        }
    }

    private static void check(FormWork work, Port port) {
        String as = "%s %s, %s, %s".formatted(work.info().id(), work.values(), port.part(), work.request());
        assertThat(port.axis().getNorm()).as(as).isCloseTo(1, within(1e-9));
        FormedWire own = work.wires().stream()
                .filter(wire -> wire.name().equals(port.wire()))
                .findFirst()
                .orElseThrow();
        if (port.part().endsWith("hole")) {
            assertThat(own.holes()).as(as).anyMatch(hole -> hole.centre().distance(port.centre()) < 1e-9);
            return;
        }
        double round = (port.insideMm() + port.wireMm()) / 2;
        if (port.part().equals("in the lobe")) {
            assertThat(nearest(own, port, 0)).as(as).isCloseTo(round, within(0.01));
            return; // a straight post
        }
        if (!work.info().id().equals(OPENS_OUTWARD)) {
            assertThat(degreesRound(own, port, round)).as(as).isGreaterThan(150);
        }
        if (port.opens() == Opening.WORN) {
            return; // an ear lies in its bend alone, and may touch what hangs below
        }
        if (port.carriesMm() > 0) {
            return; // its neighbour of the same form is in it
        }
        double legs = work.info().id().equals(TWO_LEGS) ? (double) work.values().get("link") : 0;
        for (FormedWire wire : work.wires()) {
            if (wire.follows()) {
                continue; // laid by hand, wherever there is room
            }
            assertThat(nearest(wire, port, legs) - wire.diameterMm() / 2)
                    .as("%s: %s in it", as, wire.name())
                    .isGreaterThan(port.insideMm() / 2 - 0.06 * port.wireMm());
        }
        assertThat(nearest(own, port, legs)).as(as).isCloseTo(round, within(0.06 * port.wireMm()));
    }

    private static List<WirePoint> points(FormedWire wire) {
        return wire.program().sampled(0.002 * wire.diameterMm(), 0.1 * wire.diameterMm());
    }

    /** From the port's axis to the wire's middle, where the wire lies beside its plane or in it. */
    private static double nearest(FormedWire wire, Port port, double legsApart) {
        double beside = (port.wireMm() + wire.diameterMm()) / 2 + legsApart;
        return points(wire).stream()
                .map(point -> point.frame().position().subtract(port.centre()))
                .filter(out -> Math.abs(out.dotProduct(port.axis())) < beside)
                .mapToDouble(out -> inPlane(out, port).getNorm())
                .min()
                .orElse(Double.MAX_VALUE);
    }

    private static Vector3D inPlane(Vector3D out, Port port) {
        return out.subtract(port.axis().scalarMultiply(out.dotProduct(port.axis())));
    }

    /** How much of the port has its wire round it, by the tenth of a turn seen from its middle. */
    private static double degreesRound(FormedWire wire, Port port, double round) {
        Vector3D first = port.axis().orthogonal();
        Vector3D second = port.axis().crossProduct(first);
        int parts = 72;
        Map<Integer, Integer> seen = new TreeMap<>(points(wire).stream()
                .map(point -> point.frame().position().subtract(port.centre()))
                .filter(out -> inPlane(out, port).getNorm() < 1.12 * round)
                .collect(Collectors.toMap(
                        out -> (int) Math.floor(parts
                                * (Math.atan2(out.dotProduct(second), out.dotProduct(first)) / (2 * Math.PI) + 0.5)),
                        out -> 1,
                        Integer::sum)));
        return 360.0 * seen.size() / parts;
    }

    /** Bearing points of a plain link are its loops' far insides: from end to end as long as it is, less a wire at each end. */
    @ParameterizedTest
    @CsvSource({"1.0, 6, 3", "0.8, 4, 2.5", "0.6, 8, 2"})
    void aLinkSpansBetweenTheFarInsidesOfItsLoops(double wire, double bead, double loop) {
        FormWork link = EveryForm.solve(
                "bead-link", wire, Map.of("bead", bead, "loop", loop, "first", "plain", "second", "plain"));
        Port first = link.ports().get(0);
        Port second = link.ports().get(1);
        Vector3D along = second.centre().subtract(first.centre());
        double span = first.bearing(along.negate()).distance(second.bearing(along));
        double ends = Extent.of(link.wires(), link.solids()).longMm();
        assertThat(span).isCloseTo(ends - 2 * wire, within(1e-3 * ends));
    }

    /** Of a chain's loops only the outermost are free; every other already carries its neighbour's wire. */
    @ParameterizedTest
    @CsvSource({"plain, 2", "wrapped, 3", "plain, 5"})
    void aChainIsFreeAtItsTwoEnds(String ends, int links) {
        FormWork chain = EveryForm.solve("bead-chain", 0.8, Map.of("ends", ends, "links", links));
        assertThat(chain.ports()).hasSize(2 * links);
        assertThat(chain.ports()).filteredOn(port -> port.carriesMm() == 0).hasSize(2);
        assertThat(chain.ports()).filteredOn(port -> port.carriesMm() > 0).allMatch(port -> port.carriesMm() == 0.8);
    }

    /** The other hand's ports are the mirror image of this one's, and lie as its wires do. */
    @Test
    void theOtherHandHasThemMirrored() {
        for (String id : EveryForm.ids().toList()) {
            FormWork right = EveryForm.usual(id);
            FormRequest asked = right.request();
            FormWork left = FormSolver.solve(
                    Forms.byId(id),
                    new FormRequest(
                            asked.wireDiameterMm(),
                            asked.metal(),
                            asked.temper(),
                            asked.flow(),
                            Map.of(),
                            true,
                            asked.schools()));
            assertThat(left.ports()).hasSameSizeAs(right.ports());
            left.ports().forEach(port -> check(left, port));
        }
    }

    @Test
    void bearsFurthestAlongThePullWithinItsPlane() {
        var port = new Port("loop", "wire", Vector3D.PLUS_J, Vector3D.PLUS_K, 4, 1, 0, Opening.SIDEWAYS);
        assertThat(port.bearing(new Vector3D(3, 0, 5)).distance(new Vector3D(2, 1, 0)))
                .isLessThan(1e-12);
        assertThat(port.bearing(Vector3D.PLUS_K)).isEqualTo(Vector3D.PLUS_J);
    }
}
