package toroid.server.calibration;

import java.util.EnumSet;
import java.util.Set;
import toroid.core.calibration.SpringbackReading.Measured;
import toroid.core.numeric.Unit;

/** What can be measured. */
public enum Quantity {
    COIL_INNER(Unit.MM, 200),
    COIL_OUTER(Unit.MM, 200),
    RING_INNER(Unit.MM, 200),
    RING_OUTER(Unit.MM, 200),
    CUT_LENGTH(Unit.MM, 2000),
    LOOP_INSIDE(Unit.MM, 200),
    WRAPS(Unit.WRAPS, 100),
    OFFCUT(Unit.MM, 2000),
    FINISHED(Unit.MM, 2000),
    SHORT(Unit.MM, 2000),
    FLAT_WIDE(Unit.MM, 200),
    MINUTES(Unit.MINUTES, 10_000),
    /** Of a whole piece, pulled taut. */
    LENGTH(Unit.MM, 20_000),
    /** Of a whole piece. */
    WEIGHT(Unit.GRAMS, 20_000),
    /** Of a closed ring, by eye: {@link toroid.core.calibration.exercise.Joint} by its place. */
    JOINT(Unit.NONE, 10),
    /** Which rings one goes through, from memory: 0 right, 1 wrong. */
    RECALLED(Unit.NONE, 1),
    /** Good rings of one coil. */
    YIELD(Unit.RINGS, 100_000);

    static final Set<Quantity> OF_RINGS = EnumSet.range(COIL_INNER, RING_OUTER);

    private final Unit unit;
    private final double most;

    Quantity(Unit unit, double most) {
        this.unit = unit;
        this.most = most;
    }

    Unit unit() {
        return unit;
    }

    double most() {
        return most;
    }

    /** Whether it teaches no wire and no form: of all that was made, or judged by eye. */
    boolean teachesNothing() {
        return compareTo(LENGTH) >= 0;
    }

    /** Whether it is of a coil or of rings cut from it, and so tells of springback. */
    boolean isOfRings() {
        return OF_RINGS.contains(this);
    }

    /** What was between the jaws; only of coils and rings. */
    Measured acrossRings() {
        return Measured.valueOf(name());
    }
}
