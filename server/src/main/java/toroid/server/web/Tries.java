package toroid.server.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.LinkedHashMap;
import java.util.Map;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Cuts guessing short: so many wrong passwords from one address, then a pause for that address alone. */
final class Tries {
    static final int MOST = 10;
    static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int MOST_ADDRESSES = 1000;

    private final Clock clock;
    private final Map<String, ArrayDeque<Instant>> failures = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, ArrayDeque<Instant>> eldest) {
            return size() > MOST_ADDRESSES;
        }
    };

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** @throws Refusal when that address has guessed too often of late */
    synchronized void demand(String address) {
        ArrayDeque<Instant> of = failures.get(address);
        Instant since = clock.instant().minus(WINDOW);
        while (of != null && !of.isEmpty() && of.peekFirst().isBefore(since)) {
            of.removeFirst();
        }
        if (of != null && of.size() >= MOST) {
            throw Refusal.of(ServerCode.TOO_MANY_TRIES, "password", null);
        }
    }

    synchronized void failed(String address) {
        failures.computeIfAbsent(address, any -> new ArrayDeque<>()).addLast(clock.instant());
    }
}
