package toroid.server.tool;

import jakarta.validation.constraints.NotNull;
import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.server.store.Words;

/**
 * Something to wind on.
 *
 * @param diameterMm as measured where the wire lies, 0.2 to 200
 * @param usableLengthMm how long a coil it takes, 5 to 3000
 */
public record MandrelData(
        @NotNull String name,
        @NotNull Kind kind,
        @NotNull double diameterMm,
        @NotNull double usableLengthMm,
        @NotNull String note) {
    /** What it is. */
    public enum Kind {
        ROD,
        DOWEL,
        NEEDLE,
        DRILL,
        PLIERS_STEP
    }

    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Checks.within(
                "diameterMm",
                diameterMm,
                Springback.SMALLEST_MANDREL_MM,
                Springback.LARGEST_MANDREL_MM,
                "mm",
                "Measure the rod with a caliper.");
        Checks.within("usableLengthMm", usableLengthMm, 5, 3000, "mm", "Measure the part a coil can lie on.");
    }
}
