package toroid.core.bend.program;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Straight wire hammered longer than it was.
 *
 * @param lengthMm as it is when hammered, 0 to 100 m
 * @param wireMm the wire it was made from, above 0, at most {@code lengthMm}
 */
public record HammeredRun(double lengthMm, double wireMm) implements Run {
    public HammeredRun {
        Checks.within("lengthMm", lengthMm, 0, 100_000, Unit.MM, Remedy.MAKE_THE_FORM_SMALLER);
        Checks.within("wireMm", wireMm, 0, lengthMm, Unit.MM, Remedy.HAMMERING_MAKES_IT_LONGER);
    }

    @Override
    public Frame at(Frame start, double alongMm) {
        return start.advanced(alongMm, 0, 0);
    }

    @Override
    public double sharpestCurvature() {
        return 0;
    }

    @Override
    public Run straightened() {
        return ScrewRun.straight(wireMm);
    }

    @Override
    public Run mirrored() {
        return this;
    }

    @Override
    public Run reversed() {
        return this;
    }

    @Override
    public Run scaled(double factor) {
        return new HammeredRun(lengthMm * factor, wireMm * factor);
    }
}
