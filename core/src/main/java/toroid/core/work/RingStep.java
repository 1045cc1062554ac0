package toroid.core.work;

/**
 * One step of winding rings.
 *
 * @param kind what the hands do
 * @param coil which coil, from 1; 0 for steps over all rings
 * @param coils how many coils there are
 * @param target the number that matters: turns, mm or rings
 * @param low lower end of what to expect, same unit
 * @param high upper end
 * @param unit {@code turns}, {@code mm} or {@code rings}
 * @param count how many times it is done: rings to cut, close or measure; 1 otherwise
 */
public record RingStep(Kind kind, int coil, int coils, double target, double low, double high, String unit, int count)
        implements Detail {

    /** In the order hands do them. */
    public enum Kind {
        WIND,
        SPRING_BACK,
        SLIDE_OFF,
        MEASURE_COIL,
        CUT,
        CLOSE,
        MEASURE_RINGS
    }

    /** The stage it belongs to. */
    Stage stage() {
        return switch (kind) {
            case WIND, SPRING_BACK, SLIDE_OFF -> Stage.FORM;
            case MEASURE_COIL, MEASURE_RINGS -> Stage.CHECK;
            case CUT -> Stage.CUT;
            case CLOSE -> Stage.JOIN;
        };
    }
}
