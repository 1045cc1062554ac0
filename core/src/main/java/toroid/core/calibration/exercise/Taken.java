package toroid.core.calibration.exercise;

/**
 * One reading of a session.
 *
 * @param measure by its id
 * @param value mm, or as judged
 * @param target mm, or 0 as judged; what was aimed at then, or 0 where nothing was
 * @param copy which of a pair, from 0; 0 elsewhere
 */
public record Taken(String measure, double value, double target, int copy) {
    double off() {
        return value - target;
    }
}
