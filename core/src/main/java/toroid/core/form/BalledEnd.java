package toroid.core.form;

/** Wire melted into a ball. */
public final class BalledEnd {
    private BalledEnd() {}

    /**
     * {@code L = 2b³/(3d²)}, mm: the ball's volume {@code π b³/6} over the wire's section {@code π d²/4}. Exact for a round ball;
     * the ball stands in place of that wire.
     */
    public static double wireMm(double ballDiameterMm, double wireDiameterMm) {
        return 2 * Math.pow(ballDiameterMm, 3) / (3 * wireDiameterMm * wireDiameterMm);
    }
}
