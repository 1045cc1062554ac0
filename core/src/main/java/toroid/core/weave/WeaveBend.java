package toroid.core.weave;

import java.util.Locale;
import toroid.core.quantity.Figure;

/**
 * How tightly a chain bends: the tightest loop it closes to with rigid round rings.
 *
 * @param cells of the weave in that loop
 * @param insideDiameterMm of the rod it just lies round, mm
 * @param middleRadiusMm to the middle of its rings, mm
 */
public record WeaveBend(int cells, double insideDiameterMm, double middleRadiusMm) {
    /** In other wire of the same aspect ratio. */
    public WeaveBend scaled(double factor) {
        return new WeaveBend(cells, insideDiameterMm * factor, middleRadiusMm * factor);
    }

    /** The number with its why. */
    public Figure figure() {
        return Figure.exact(
                "weave-bend",
                insideDiameterMm,
                "mm",
                Figure.Basis.THEORY,
                "the fewest cells that close to a loop in which no wire is nearer than d",
                String.format(
                        Locale.ROOT,
                        "%d cells; %.2f mm to the middle of the rings, %.2f mm clear inside",
                        cells,
                        middleRadiusMm,
                        insideDiameterMm),
                "Rigid round rings, cells all alike, the easiest of the ways it was bent. In whole cells, so never told too tight.");
    }
}
