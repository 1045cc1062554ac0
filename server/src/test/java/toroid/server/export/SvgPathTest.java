package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class SvgPathTest {
    @Test
    void pointsAreJoinedWithYDownwards() {
        List<Vector3D> places =
                List.of(new Vector3D(0, 0, 9), new Vector3D(1.23456, -2, 0), new Vector3D(-0.00001, 10.5, 0));
        assertThat(SvgPath.through(places, 4)).isEqualTo("M0.0000 0.0000L1.2346 2.0000L0.0000 -10.5000");
        assertThat(SvgPath.through(List.of(), 3)).isEqualTo("M");
    }

    /** Read again by the JDK's decimals it is the number, to half its last digit. */
    @Test
    void everyNumberIsTheNearest() {
        var chance = new Random(5);
        for (int i = 0; i < 20_000; i++) {
            double value = (chance.nextDouble() - 0.5) * Math.pow(10, chance.nextInt(8) - 2);
            int decimals = chance.nextInt(7);
            var told = new StringBuilder();
            SvgPath.number(told, value, decimals);
            var read = new BigDecimal(told.toString());
            assertThat(read.scale()).isEqualTo(decimals);
            assertThat(read.doubleValue()).isCloseTo(value, within(0.5000001 * Math.pow(10, -decimals)));
        }
    }
}
