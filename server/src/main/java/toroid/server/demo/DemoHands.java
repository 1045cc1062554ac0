package toroid.server.demo;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import toroid.core.form.HandWork;
import toroid.core.work.Measurable;
import toroid.core.work.Operation;

/** The invented maker's hands: quick at cutting, slow to close a ring as flush as it should be. */
final class DemoHands {
    private static final Map<String, Double> FACTORS =
            Map.of(HandWork.WIND, 1.3, HandWork.CUT, 0.85, HandWork.CLOSE, 1.4);
    private static final double ELSE = 1.15;
    private static final double SCATTER = 0.16;

    private final Random chance = new Random(40_411);

    /** Minutes that operation took for one copy; none where it is not timed. */
    Optional<Double> minutes(Operation operation) {
        return operation.measurable().stream()
                .filter(one -> one.quantity().equals(Measurable.MINUTES))
                .map(one -> one.context())
                .map(said -> ((Number) said.get("statedMin")).doubleValue()
                        * FACTORS.getOrDefault((String) said.get("work"), ELSE)
                        * Math.exp(SCATTER * chance.nextGaussian()))
                .map(minutes -> Math.max(0.1, Math.round(10 * minutes) / 10.0))
                .findFirst();
    }
}
