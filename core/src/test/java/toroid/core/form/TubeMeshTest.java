package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The skin given to other programs: closed, the right way out, of the wire's own volume. */
class TubeMeshTest {
    @ParameterizedTest
    @ValueSource(strings = {"wrapped-loop", "s-hook", "spiral-flat", "coil-tight", "bead-cap-spiral", "fish-hook"})
    void enclosesTheWiresVolume(String id) {
        FormedWire wire = EveryForm.usual(id).wires().get(0);
        int sides = 24;
        TubeMesh mesh = TubeMesh.of(wire, sides);
        double thin = Math.sin(2 * Math.PI / sides) / (2 * Math.PI / sides);
        double volume = Math.PI
                / 4
                * wire.diameterMm()
                * wire.diameterMm()
                * wire.program().lengthMm()
                * thin;
        assertThat(mesh.volumeMm3()).isCloseTo(volume, within(0.012 * volume));
    }

    @ParameterizedTest
    @ValueSource(strings = {"wrapped-loop", "midwire-loop", "spiral-balled"})
    void everyEdgeIsSharedByTwoTrianglesThatRunItOppositeWays(String id) {
        closed(TubeMesh.of(EveryForm.usual(id).wires().get(0), 12));
    }

    private static void closed(TubeMesh mesh) {
        Map<Long, Integer> edges = new HashMap<>();
        for (int[] t : mesh.triangles()) {
            for (int k = 0; k < 3; k++) {
                edges.merge((long) t[k] << 32 | t[(k + 1) % 3], 1, Integer::sum);
            }
        }
        edges.forEach((edge, count) -> {
            assertThat(count).isEqualTo(1);
            assertThat(edges).containsKey(edge << 32 | edge >>> 32);
        });
    }

    /** A torus, by Pappus; a curve that winds about it and closes: its skin closes too, however its frame comes back. */
    @ParameterizedTest
    @CsvSource({"0,0", "3,1.5", "5,2"})
    void aWireThatMeetsItsOwnBeginningIsOneSkin(int winds, double asideMm) {
        var line = new ArrayList<Vector3D>();
        double lengthMm = 0;
        for (int i = 0; i < 600; i++) {
            double angle = 2 * Math.PI * i / 600;
            double out = 10 + asideMm * Math.cos(winds * angle);
            line.add(new Vector3D(out * Math.cos(angle), out * Math.sin(angle), asideMm * Math.sin(winds * angle)));
        }
        for (int i = 0; i < 600; i++) {
            lengthMm += line.get(i).distance(line.get((i + 1) % 600));
        }
        TubeMesh mesh = TubeMesh.along(line, List.of(), 1, true, 24);
        closed(mesh);
        double thin = Math.sin(2 * Math.PI / 24) / (2 * Math.PI / 24);
        double volume = Math.PI / 4 * lengthMm * thin;
        assertThat(mesh.volumeMm3()).isCloseTo(volume, within(0.004 * volume));
        assertThat(mesh.corners()).hasSize(600 * 24);
    }

    @Test
    void aStraightWireSaidTwiceIsARodWithTwoEnds() {
        TubeMesh mesh = TubeMesh.along(
                List.of(Vector3D.ZERO, Vector3D.ZERO, Vector3D.PLUS_I, new Vector3D(7, 0, 0)), List.of(), 2, false, 64);
        closed(mesh);
        assertThat(mesh.volumeMm3()).isCloseTo(7 * Math.PI, within(0.05));
    }

    /** A superellipse of order 4 of half axes a and b has an area of 4 a b Γ(5/4)²/Γ(3/2), 3.7081 a b. Any reference on superellipses. */
    @Test
    void aHammeredRingIsABoxySectionCarriedRound() {
        var line = new ArrayList<Vector3D>();
        var sections = new ArrayList<Flat.Section>();
        for (int i = 0; i < 400; i++) {
            double angle = 2 * Math.PI * i / 400;
            var out = new Vector3D(Math.cos(angle), Math.sin(angle), 0);
            line.add(out.scalarMultiply(5));
            sections.add(new Flat.Section(out, 0.7, 0.4));
        }
        TubeMesh mesh = TubeMesh.along(line, sections, 1.4, true, 64);
        closed(mesh);
        double area = 3.7081 * 0.7 * 0.4;
        assertThat(mesh.volumeMm3()).isCloseTo(2 * Math.PI * 5 * area, within(0.02 * 2 * Math.PI * 5 * area));
        for (Vector3D corner : mesh.corners()) {
            assertThat(Math.abs(corner.getZ())).isLessThan(0.4 + 1e-9);
        }
    }

    /** Volumes of the ellipsoid and the cylinder, less what corners on the skin cost. */
    @Test
    void whatIsThreadedHasAClosedSkin() {
        var axis = new Vector3D(1, 2, -1).normalize();
        TubeMesh bead = SolidMesh.of(new Solid(Solid.Kind.BEAD, Vector3D.PLUS_J, axis, 6, 9, 1));
        TubeMesh disc = SolidMesh.of(new Solid(Solid.Kind.SPACER, Vector3D.PLUS_J, axis, 6, 2, 1));
        closed(bead);
        closed(disc);
        assertThat(bead.volumeMm3()).isCloseTo(Math.PI / 6 * 6 * 6 * 9, within(8.0));
        assertThat(disc.volumeMm3()).isCloseTo(Math.PI / 4 * 6 * 6 * 2, within(0.8));
    }
}
