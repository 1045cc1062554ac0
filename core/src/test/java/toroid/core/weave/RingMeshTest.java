package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.form.TubeMesh;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.LinkedRings;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.RingMesh;

/** Rings as skins and as bare links, against what a torus and a patch are. */
class RingMeshTest {
    private static final Circle RING = new Circle(new Vector3D(3, -2, 7), new Vector3D(1, 2, 2).normalize(), 2.5);

    private static double volume(TubeMesh mesh) {
        double six = 0;
        for (int[] t : mesh.triangles()) {
            Vector3D a = mesh.corners().get(t[0]);
            six += a.dotProduct(
                    mesh.corners().get(t[1]).crossProduct(mesh.corners().get(t[2])));
        }
        return six / 6;
    }

    /** A torus: as many corners as a grid, no edge open, Euler's number 0; every edge walked once each way. */
    @ParameterizedTest
    @CsvSource({"3, 3", "8, 24", "12, 40"})
    void aSkinIsAClosedTorus(int sides, int steps) {
        TubeMesh mesh = RingMesh.of(RING, 1, sides, steps);
        Map<String, Integer> walked = new HashMap<>();
        for (int[] t : mesh.triangles()) {
            for (int k = 0; k < 3; k++) {
                walked.merge(t[k] + ">" + t[(k + 1) % 3], 1, Integer::sum);
            }
        }
        assertThat(walked.values()).containsOnly(1);
        for (String edge : walked.keySet()) {
            String[] ends = edge.split(">");
            assertThat(walked).containsKey(ends[1] + ">" + ends[0]);
        }
        int edges = walked.size() / 2;
        assertThat(mesh.corners()).hasSize(sides * steps);
        assertThat(mesh.corners().size() - edges + mesh.triangles().size()).isZero();
    }

    /** Pappus: 2π²R(d/2)². The skin lies inside, and comes to it as the square of the fineness. */
    @Test
    void aSkinsVolumeComesToThatOfTheTorusFromBelow() {
        double torus = 2 * Math.PI * Math.PI * 2.5 * 0.25;
        double before = torus;
        for (int n = 12; n <= 96; n *= 2) {
            double missing = torus - volume(RingMesh.of(RING, 1, n, 3 * n));
            assertThat(missing).isPositive().isLessThan(before);
            if (n > 12) {
                assertThat(before / missing).isCloseTo(4, within(0.15));
            }
            before = missing;
        }
        assertThat(before / torus).isLessThan(1e-3);
    }

    /** Every corner lies on the wire's surface; the middle of every triangle no deeper than is said. */
    @Test
    void aSkinLiesWithinItsBound() {
        int sides = 10;
        int steps = 30;
        double bound = 0.5 * (1 - Math.cos(Math.PI / sides)) + (2.5 + 0.5) * (1 - Math.cos(Math.PI / steps));
        TubeMesh mesh = RingMesh.of(RING, 1, sides, steps);
        for (Vector3D corner : mesh.corners()) {
            assertThat(toMiddle(corner)).isCloseTo(0.5, within(1e-12));
        }
        for (int[] t : mesh.triangles()) {
            Vector3D middle = mesh.corners()
                    .get(t[0])
                    .add(mesh.corners().get(t[1]))
                    .add(mesh.corners().get(t[2]))
                    .scalarMultiply(1.0 / 3);
            assertThat(Math.abs(toMiddle(middle) - 0.5)).isLessThan(bound);
        }
    }

    private static double toMiddle(Vector3D p) {
        Vector3D d = p.subtract(RING.centre());
        double high = d.dotProduct(RING.normal());
        return Math.hypot(high, Math.sqrt(d.getNormSq() - high * high) - RING.radius());
    }

    /** A patch kept by its links alone has the patch's neighbours. */
    @Test
    void linkedRingsAreThePatchesLinks() {
        Patch patch = PatchTest.small("byzantine");
        var links = new java.util.ArrayList<Integer>();
        for (int a = 0; a < patch.size(); a++) {
            for (int b : patch.neighbours(a)) {
                if (b > a) {
                    links.addAll(List.of(b, a));
                }
            }
        }
        LinkedRings kept = LinkedRings.of(
                patch.size(), links.stream().mapToInt(Integer::intValue).toArray());
        assertThat(kept.size()).isEqualTo(patch.size());
        assertThat(kept.linkCount()).isEqualTo(patch.linkCount());
        for (int n = 0; n < patch.size(); n++) {
            assertThat(kept.neighbours(n)).isEqualTo(patch.neighbours(n));
            assertThat(kept.isCaptive(n)).isFalse();
        }
        assertThat(kept.areLinked(0, patch.neighbours(0)[0])).isTrue();
        assertThat(new TreeSet<>(List.of(kept.sizeClassOf(0), kept.partOf(0)))).containsExactly(0);
    }

    @Test
    void aLinkToARingThereIsNoneOfIsRefused() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> LinkedRings.of(3, new int[] {0, 3}))
                .isInstanceOf(toroid.core.numeric.Refusal.class);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> LinkedRings.of(3, new int[] {-1, 1}))
                .isInstanceOf(toroid.core.numeric.Refusal.class);
    }
}
