package toroid.server.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/**
 * Cuts guessing short: so many passwords tried from one address, then a pause for that address alone. Each is counted before it is looked
 * at, so that many at once are as many, and kept, so that a restart forgets none.
 */
@Component
@Transactional
class Tries {
    static final int MOST = 10;
    static final Duration WINDOW = Duration.ofMinutes(5);

    /** Any number nobody else holds. */
    private static final long DOOR = 0x746f_726f_6964L;

    private final DoorTryRepository repository;
    private final Clock clock;

    Tries(DoorTryRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /**
     * A try is begun.
     *
     * @return the try, to be told when it was right
     * @throws Refusal when that address has guessed too often of late
     */
    UUID begin(String address) {
        repository.hold(DOOR);
        Instant now = clock.instant();
        // of a clock that was ahead and was put right: nobody is kept out for as long as that
        repository.forget(now.minus(WINDOW), now.plus(WINDOW));
        if (repository.countByAddress(address) >= MOST) {
            throw Refusal.of(ServerCode.TOO_MANY_TRIES, "password", null);
        }
        return repository
                .save(new DoorTry(address, now.truncatedTo(ChronoUnit.MICROS)))
                .id();
    }

    /** That one was no guess. */
    void right(UUID id) {
        repository.deleteById(id);
    }
}
