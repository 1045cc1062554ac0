package toroid.core.weave;

import java.util.List;

/**
 * The nominal aspect ratios (mandrel ÷ wire) a weave is usually made in. Common practice, from memory; provisional until
 * solved from geometry.
 *
 * @param id stable name
 * @param name in the trade's words
 * @param low lower end, nominal AR
 * @param high upper end, nominal AR
 */
public record CustomaryWindow(String id, String name, double low, double high) {
    private static final List<CustomaryWindow> ALL = List.of(
            new CustomaryWindow("three-in-a-spiral", "three in a spiral", 2.8, 3.2),
            new CustomaryWindow("double-chain", "double chain 2-in-2", 3.0, 5.0),
            new CustomaryWindow("european-4-in-1", "European 4-in-1", 3.2, 5.0),
            new CustomaryWindow("byzantine", "byzantine", 3.3, 4.2),
            new CustomaryWindow("spiral-4-in-1", "spiral 4-in-1", 3.5, 5.0),
            new CustomaryWindow("box-chain", "box chain", 4.0, 4.5),
            new CustomaryWindow("half-persian-3-in-1", "half Persian 3-in-1", 4.0, 5.5),
            new CustomaryWindow("european-6-in-1", "European 6-in-1", 5.0, 6.0),
            new CustomaryWindow("full-persian-6-in-1", "full Persian 6-in-1", 5.0, 5.5),
            new CustomaryWindow("half-persian-4-in-1", "half Persian 4-in-1", 5.5, 6.5));

    /** All windows, lowest first. */
    public static List<CustomaryWindow> all() {
        return ALL;
    }

    /** How a ring of that nominal aspect ratio sits in this window. */
    public Fit fit(double nominalAspectRatio) {
        if (nominalAspectRatio < low) {
            return Fit.TIGHT;
        }
        return nominalAspectRatio > high ? Fit.LOOSE : Fit.USUAL;
    }

    /** Against the window. */
    public enum Fit {
        TIGHT,
        USUAL,
        LOOSE
    }
}
