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
            case MARK -> 3;
            case THREAD -> 5;
            case CUT, BEND, TRIM -> 9;
            case PRESS, TWIST -> 10;
            case STRAIGHTEN, HARDEN -> 12;
            case FOLD, STRETCH -> 15;
            case FILE -> 18;
            case FORM -> 20;
            case LOOP, HAMMER, DOME, GLUE -> 30;
            case CRIMP -> 36;
            case BALL -> 40;
            case DRILL -> 48;
            case ANNEAL -> 60;
            case SPIRAL -> 72;
            case SOLDER -> 60 + 12 * step.joints();
            case WRAP, BIND -> 10 + 5 * turns;
            case COIL -> 10 + 2 * turns;
        };
    }
}
