package toroid.core.form;

/**
 * A step while the form is being made: its number in the programs, and what it is.
 *
 * @param rodMm the rod it is made on where the form says so; null where it follows from the bend
 * @param flat what hammering leaves; null when nothing is hammered
 * @param turns what the maker counts, where that is not what the finished form shows; null where it is
 * @param woundMm the inside it is wound to, where the finished form is pushed narrower; null where it stays as it is wound
 */
record StepDraft(
        int number,
        FormStep.Kind kind,
        String part,
        String wire,
        double meltsMm,
        Double rodMm,
        FormStep.Hammered flat,
        Double turns,
        Double woundMm) {
    StepDraft(int number, FormStep.Kind kind, String part, String wire) {
        this(number, kind, part, wire, 0, null, null, null, null);
    }

    StepDraft melting(double mm) {
        return new StepDraft(number, kind, part, wire, mm, rodMm, flat, turns, woundMm);
    }

    /** On that very rod, whatever the middle line's own radius: a coil lies between it and the rod. */
    StepDraft onRod(double mm) {
        return new StepDraft(number, kind, part, wire, meltsMm, mm, flat, turns, woundMm);
    }

    StepDraft leaving(FormStep.Hammered left) {
        return new StepDraft(number, kind, part, wire, meltsMm, rodMm, left, turns, woundMm);
    }

    StepDraft told(double counted) {
        return new StepDraft(number, kind, part, wire, meltsMm, rodMm, flat, counted, woundMm);
    }

    StepDraft wound(double insideMm) {
        return new StepDraft(number, kind, part, wire, meltsMm, rodMm, flat, turns, insideMm);
    }
}
