package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Captives;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.StartPose;
import toroid.core.weave.solve.WeaveSolver;

/** Rings held by no link. */
class CaptivesTest {
    private static final WeavePattern CHAIN = Weaves.byId("captive-chain");

    /** Plane geometry: chain rings of 5 mm inside in 1 mm wire are 7 mm outside; a captive of 7 mm inside or more comes off. */
    @ParameterizedTest
    @CsvSource({"6.0, false", "6.99, false", "7.0, true", "8, true"})
    void aCaptiveSlipsOffOnceItsInsideIsTheOthersOutside(double captive, boolean slips) {
        var rings = new WeaveRings(1, List.of(5.0, captive));
        assertThat(Captives.slipping(CHAIN, rings.wireMm(), rings.innerMm()) != null)
                .isEqualTo(slips);
        var note = WeaveNotes.verdict(CHAIN, rings, 4.3);
        assertThat(note.code().equals("weave-captive-slips")).isEqualTo(slips);
        if (slips) {
            assertThat(note.values()).containsEntry("innerMm", captive).containsEntry("outerMm", 7.0);
        }
    }

    /**
     * Why it is so: whatever plane goes through a ring's middle meets its wire on both sides, as far apart as the outer diameter, so no
     * narrower hole passes there. The wire's surface walked in small steps, what lies in the plane kept. A plane aside meets it narrower.
     */
    @Test
    void everyPlaneThroughARingsMiddleMeetsItAsWideAsItsOutside() {
        for (int k = 0; k < 12; k++) {
            double tilt = Math.PI / 2 * (k + 0.5) / 12;
            var plane = new Vector3D(Math.sin(tilt), 0, Math.cos(tilt));
            assertThat(2 * widest(plane, 0)).isCloseTo(7, within(0.03));
        }
        assertThat(2 * widest(Vector3D.PLUS_I, 2)).isLessThan(6);
    }

    /** Half the width, square to x, of what a plane so far from the middle cuts of a ring 5 mm inside, 7 mm outside. */
    private static double widest(Vector3D plane, double aside) {
        double most = 0;
        for (double a = 0; a < 2 * Math.PI; a += 0.004) {
            for (double b = 0; b < 2 * Math.PI; b += 0.02) {
                double out = 3 + 0.5 * Math.cos(b);
                var p = new Vector3D(out * Math.cos(a), out * Math.sin(a), 0.5 * Math.sin(b));
                if (Math.abs(p.dotProduct(plane) - aside) < 0.01) {
                    most = Math.max(most, Math.abs(p.getY()));
                }
            }
        }
        return most;
    }

    /** At rest, taut and pushed together the captive still lies round the joint, by counting where circles go through its disc. */
    @Test
    void solvedPosesHoldTheirCaptives() {
        WeaveSolver.Closest closest = Weaves.closest(CHAIN.id());
        assertThat(closest.solved()).isTrue();
        double wire = closest.gap() / 1.15;
        for (boolean longest : new boolean[] {true, false}) {
            var pulled = WeaveSolver.pulled(CHAIN, closest, wire, WeaveSolver.Direction.ALONG, longest);
            assertThat(Captives.held(CHAIN, pulled.pose())).isTrue();
            assertThat(piercedBySampling(pulled.pose())).isTrue();
        }
        Pose aside = moved(closest.pose());
        assertThat(Captives.held(CHAIN, aside)).isFalse();
        assertThat(piercedBySampling(aside)).isFalse();
    }

    /** The captive taken five radii aside. */
    private static Pose moved(Pose pose) {
        var rings = new java.util.ArrayList<>(pose.rings());
        Circle captive = rings.get(2);
        rings.set(2, new Circle(captive.centre().add(new Vector3D(0, 5, 0)), captive.normal(), captive.radius()));
        return pose.withRings(rings);
    }

    /** Whether the first chain ring, walked round in small steps, goes through the captive's disc twice. */
    private static boolean piercedBySampling(Pose pose) {
        Circle captive = pose.rings().get(2);
        Circle ring = pose.rings().get(0);
        int through = 0;
        int samples = 5000;
        for (int s = 0; s < samples; s++) {
            Vector3D from = ring.at(2 * Math.PI * s / samples).subtract(captive.centre());
            Vector3D to = ring.at(2 * Math.PI * (s + 1) / samples).subtract(captive.centre());
            boolean crosses = from.dotProduct(captive.normal()) > 0 != to.dotProduct(captive.normal()) > 0;
            through += crosses && from.getNorm() < captive.radius() ? 1 : 0;
        }
        return through == 2;
    }

    @Test
    void whatIsSaidOfACaptiveMustBeSo() {
        String text = Weaves.text("captive-chain");
        String far = text.replace("{\"ring\": \"A1\", \"cells\": [1, 0]}", "{\"ring\": \"A1\", \"cells\": [3, 0]}");
        assertThat(far).isNotEqualTo(text);
        assertThatThrownBy(() -> StartPose.of(WeaveJson.read(far)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("weave-not-round-all");
        String unknown = text.replace("{\"ring\": \"A1\", \"cells\": [1, 0]}", "{\"ring\": \"Q\", \"cells\": [1, 0]}");
        assertThatThrownBy(() -> WeaveJson.read(unknown)).hasMessageContaining("weave-ring-unknown");
        String linked = Weaves.text("single-chain")
                .replace(
                        "\"normal\": [0.0, 0.099504, 0.995037]}",
                        "\"normal\": [0.0, 0.099504, 0.995037], \"round\": [{\"ring\": \"A\", \"cells\": [1, 0]}]}");
        assertThatThrownBy(() -> StartPose.of(WeaveJson.read(linked))).isInstanceOf(Refusal.class);
    }

    /** At its ends a chain has no captive that nothing shuts in. */
    @ParameterizedTest
    @CsvSource({"1, 2, 0", "2, 4, 1", "9, 18, 8"})
    void countsCaptivesBetweenPairs(int cells, int chain, int captives) {
        Patch patch = Patch.of(CHAIN, new PatchShape.Cells(cells));
        assertThat(patch.countByClass()).containsExactly(chain, captives);
        assertThat(patch.linkCount()).isEqualTo(4 * (cells - 1));
    }
}
