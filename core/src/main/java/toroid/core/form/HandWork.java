package toroid.core.form;

import java.util.Optional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What hands do, as far as it is timed apart, and how long each takes by what is stated: seconds, our own figures, from memory of
 * benches, within {@link HandTime#WITHIN} times either way. A form is timed whole, each form by itself ({@link HandTime}).
 *
 * @param what the work, as a code; a form's is its own ({@link #form})
 * @param minutes as stated, 0 up
 */
public record HandWork(String what, double minutes) {
    /** Winding a coil, by its turns. */
    public static final String WIND = "WIND";

    /** Cutting a coil into rings. */
    public static final String CUT = "CUT";

    /** Closing rings flush beforehand. */
    public static final String CLOSE = "CLOSE";

    public static final String OPEN = "OPEN";

    /** Putting an open ring in and closing it. */
    public static final String PUT_IN = "PUT_IN";

    public static final String SOLDER = "SOLDER";
    public static final String HAMMER = "HAMMER";

    /** Threading beads on rings and strands. */
    public static final String THREAD = "THREAD";

    /** Joining parts into a whole. */
    public static final String JOIN = "JOIN";

    /** Of one turn. */
    public static final double WIND_SECONDS = 2;

    public static final double CUT_SECONDS = 4;
    public static final double CLOSE_SECONDS = 9;
    public static final double OPEN_SECONDS = 4;

    /** Picked up, led through, closed. */
    public static final double PUT_IN_SECONDS = 24;

    public static final double SOLDER_SECONDS = 72;
    public static final double HAMMER_SECONDS = 30;
    public static final double THREAD_SECONDS = 5;

    /** Setting a torch up, once. */
    public static final double TORCH_SECONDS = 300;

    private static final double MINUTE = 60;
    private static final String FORM = "FORM/";

    public HandWork {
        Checks.within("minutes", minutes, 0, 1e6, Unit.MINUTES, Remedy.SPLIT_THE_JOB);
    }

    public static HandWork seconds(String what, double seconds) {
        return new HandWork(what, seconds / MINUTE);
    }

    /** The work of one form of the catalogue. */
    public static String form(String formId) {
        return FORM + formId;
    }

    /** The form whose making that work is; none for other work. */
    public static Optional<String> formOf(String work) {
        return work.startsWith(FORM) ? Optional.of(work.substring(FORM.length())) : Optional.empty();
    }

    /** The same, so many times. */
    public HandWork times(double count) {
        return new HandWork(what, count * minutes);
    }
}
