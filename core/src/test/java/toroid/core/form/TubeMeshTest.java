package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
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
        TubeMesh mesh = TubeMesh.of(EveryForm.usual(id).wires().get(0), 12);
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
}
