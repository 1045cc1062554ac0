package toroid.core.form;

import java.util.List;

/**
 * How long hands that know a step need for it, seconds. Our own figures, from memory of benches, while nothing was timed: one maker or form may need
 * half or twice as long.
 */
public final class HandTime {
    /** Within so many times, either way. */
    public static final double WITHIN = 2;

    private HandTime() {}

    /** All steps of one copy, s. */
    public static double seconds(List<FormStep> steps) {
        return steps.stream().mapToDouble(HandTime::seconds).sum();
    }

    /** One step: so much to take it up, and so much for each turn. */
    static double seconds(FormStep step) {
        double turns = step.turns() == null ? 1 : step.turns();
        return switch (step.kind()) {
            case LEAVE -> 0;
            case MARK, THREAD -> 5;
            case CUT, BEND, PRESS, TWIST -> 8;
            case TRIM -> 10;
            case FORM, FOLD, DOME, STRETCH -> 15;
            case STRAIGHTEN, HARDEN, LOOP -> 20;
            case WRAP -> 10 + 6 * turns;
            case COIL -> 15 + 2 * turns;
            case SPIRAL -> 15 + 15 * turns;
            case BIND -> 15 + 8 * turns;
            case CRIMP, HAMMER, FILE, BALL -> 30;
            case ANNEAL, DRILL, GLUE -> 60;
            case SOLDER -> 120;
        };
    }
}
