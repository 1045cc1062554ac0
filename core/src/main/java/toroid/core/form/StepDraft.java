package toroid.core.form;

/** A step while the form is being made: its number in the programs, and what it is. */
record StepDraft(int number, FormStep.Kind kind, String part, String wire, double meltsMm) {
    StepDraft(int number, FormStep.Kind kind, String part, String wire) {
        this(number, kind, part, wire, 0);
    }

    StepDraft melting(double mm) {
        return new StepDraft(number, kind, part, wire, mm);
    }
}
