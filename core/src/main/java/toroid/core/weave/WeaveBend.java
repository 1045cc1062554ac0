package toroid.core.weave;

import java.util.Locale;
import toroid.core.quantity.Figure;

/**
 * How tightly a weave bends: the tightest loop it closes to with rigid round rings.
 *
 * @param way which way it is bent
 * @param cells of the weave in that loop
 * @param ringsInCell rings that were free to move for themselves; the others in the loop lie as they do
 * @param insideDiameterMm of the rod it just lies round, mm
 * @param middleRadiusMm to the middle of its rings, mm
 * @param residualMm how far the wire is short of fitting, at most, mm
 * @param linksVerified whether the rings of that loop are linked as the weave says
 */
public record WeaveBend(
        Way way,
        int cells,
        int ringsInCell,
        double insideDiameterMm,
        double middleRadiusMm,
        double residualMm,
        boolean linksVerified) {
    /** A penetration too small to tell, mm. */
    private static final double NONE = 1e-9;

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }

    /** Which way a weave is bent. */
    public enum Way {
        /** A chain or a tube, closed to a ring of itself. */
        LENGTH,
        /** A sheet, its rows running round the rod. */
        ROWS_ROUND,
        /** A sheet, its rows lying along the rod. */
        ROWS_ALONG
    }

    /** In other wire of the same aspect ratio. */
    public WeaveBend scaled(double factor) {
        return new WeaveBend(
                way,
                cells,
                ringsInCell,
                insideDiameterMm * factor,
                middleRadiusMm * factor,
                residualMm * factor,
                linksVerified);
    }

    /** The number with its why. */
    public Figure figure() {
        String id = switch (way) {
            case LENGTH -> "weave-bend";
            case ROWS_ROUND -> "weave-bend-rows-round";
            case ROWS_ALONG -> "weave-bend-rows-along";
        };
        return Figure.exact(
                id,
                insideDiameterMm,
                "mm",
                Figure.Basis.THEORY,
                "the fewest cells that close to a loop in which no wire is nearer than d",
                say(
                        "%d cells, of %d free rings; %.2f mm to the middle of the rings, %.2f mm clear inside; %s",
                        cells,
                        ringsInCell,
                        middleRadiusMm,
                        insideDiameterMm,
                        residualMm < NONE ? "no wire nearer than d" : say("short of d by at most %.0e mm", residualMm)),
                "Rigid round rings, cells all alike, the easiest of the ways it was bent; links checked. In whole cells, so never told too tight.");
    }
}
