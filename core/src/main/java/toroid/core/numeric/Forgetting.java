package toroid.core.numeric;

import java.util.stream.IntStream;

/**
 * What was long ago is forgotten slowly: a reading weighs half as much for every {@value #HALF_LIFE} that came after it. A weight is a share
 * of a reading; that is a choice of ours and no theorem.
 */
public final class Forgetting {
    public static final double HALF_LIFE = 50;

    private Forgetting() {}

    /** Weights of so many readings, the oldest first; the last is 1. */
    public static double[] weights(int readings) {
        return weights(readings, HALF_LIFE);
    }

    static double[] weights(int readings, double halfLife) {
        return IntStream.range(0, readings)
                .mapToDouble(i -> Math.pow(0.5, (readings - 1 - i) / halfLife))
                .toArray();
    }
}
