package toroid.server.tool;

import jakarta.validation.constraints.NotNull;
import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
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
                Unit.MM,
                Remedy.MEASURE_THE_ROD_WITH_A_CALIPER);
        Checks.within("usableLengthMm", usableLengthMm, 5, 3000, Unit.MM, Remedy.MEASURE_WHERE_A_COIL_CAN_LIE);
    }
}
