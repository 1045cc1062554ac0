package toroid.server.tool;

import jakarta.validation.constraints.NotNull;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.server.store.Words;

/**
 * Something to cut rings with.
 *
 * @param lossMm a saw's kerf, or what the cutters trim off the coil between rings; 0 to 5
 * @param flipped cutters only: turned over and the point trimmed before each ring
 */
public record CutterData(
        @NotNull String name,
        @NotNull Method method,
        @NotNull double lossMm,
        @NotNull boolean flipped,
        @NotNull String note) {
    /** How it parts the wire. */
    public enum Method {
        SAW,
        FLUSH
    }

    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Checks.within("lossMm", lossMm, 0, method == Method.SAW ? 2 : 5, Unit.MM, Remedy.MEASURE_A_CUT_IN_SCRAP);
    }
}
