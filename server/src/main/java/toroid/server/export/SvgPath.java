package toroid.server.export;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Lines through many points as SVG tells them, y downwards: written digit by digit, a tenth of the time a format takes for each. */
final class SvgPath {
    private static final long[] TENS = {1, 10, 100, 1000, 10_000, 100_000, 1_000_000};

    private SvgPath() {}

    /** @param decimals of each coordinate, 0 to 6 */
    static String through(List<Vector3D> places, int decimals) {
        var d = new StringBuilder(16 * places.size() + 1).append('M');
        for (Vector3D p : places) {
            if (d.length() > 1) {
                d.append('L');
            }
            number(d, p.getX(), decimals);
            d.append(' ');
            number(d, -p.getY(), decimals);
        }
        return d.toString();
    }

    /** Rounded to the nearest, halves up; up to some 1e12 in size. */
    static void number(StringBuilder to, double value, int decimals) {
        long scaled = Math.round(Math.abs(value) * TENS[decimals]);
        if (value < 0 && scaled != 0) {
            to.append('-');
        }
        to.append(scaled / TENS[decimals]);
        if (decimals > 0) {
            to.append('.');
            long rest = scaled % TENS[decimals];
            for (int digit = decimals - 1; digit >= 0; digit--) {
                to.append((char) ('0' + rest / TENS[digit] % 10));
            }
        }
    }
}
