package toroid.core.form;

/** Wire folded flat on itself. The legs lie 1.04 wires apart, as pliers close them. */
public final class Folds {
    private static final double INSIDE = 0.04;

    private Folds() {}

    /** Folds the end back by that much and leaves it there. */
    public static void back(WireMaker wire, double backMm) {
        double d = wire.diameterMm();
        wire.step(FormStep.Kind.FOLD, "foot").bend(INSIDE * d, 180).straight(backMm);
        wire.end(EndState.FOLDED).tail(0);
    }

    /** A folded head below a bead: the fold stands clear of it by its own leg. */
    public static void head(WireMaker wire) {
        double d = wire.diameterMm();
        wire.leave("foot's leg", 2.2 * d)
                .step(FormStep.Kind.FOLD, "foot")
                .bend(INSIDE * d, 180)
                .straight(1.65 * d);
        wire.end(EndState.FOLDED).tail(0);
    }

    /** A half fold from the middle of a doubled wire: a quarter turn, then both legs run side by side. */
    public static void half(WireMaker wire) {
        wire.bend(INSIDE * wire.diameterMm(), 90);
    }
}
