package toroid.server.instrument;

import toroid.core.numeric.Unit;

/** What can be listened to. */
enum InstrumentKind {
    CALIPER(Unit.MM),
    SCALE(Unit.GRAMS);

    private final Unit unit;

    InstrumentKind(Unit unit) {
        this.unit = unit;
    }

    /** What it measures in where its line says nothing. */
    Unit unit() {
        return unit;
    }
}
