package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import toroid.core.numeric.Refusal;
import toroid.server.ApiTest;

/** Guessing is cut short: one address at a time, however many tries come at once, and over a restart. */
class TriesTest extends ApiTest {
    private static final Instant NOON = Instant.parse("2026-11-29T12:00:00Z");

    @Autowired
    private DoorTryRepository repository;

    @Autowired
    private TransactionTemplate transaction;

    private final Clock clock = mock(Clock.class);

    @BeforeEach
    void atNoon() {
        when(clock.instant()).thenReturn(NOON);
    }

    @AfterEach
    void forgetThem() {
        repository.deleteAll();
    }

    /** As after a start of the server: nothing is remembered but what is kept. */
    private UUID begin(String address) {
        return transaction.execute(status -> new Tries(repository, clock).begin(address));
    }

    @Test
    void oneAddressIsPausedAndNoOther() {
        for (int i = 0; i < Tries.MOST; i++) {
            begin("here");
        }
        assertThatThrownBy(() -> begin("here")).isInstanceOf(Refusal.class);
        assertThatCode(() -> begin("there")).doesNotThrowAnyException();
        when(clock.instant()).thenReturn(NOON.plus(Tries.WINDOW).plusSeconds(1));
        assertThatCode(() -> begin("here")).doesNotThrowAnyException();
    }

    /** Tried while the clock was years ahead, and the clock put right: nobody is kept out for years; a clock set back a little spares nobody the pause. */
    @Test
    void aClockSetBackLocksNobodyOutForYears() {
        when(clock.instant()).thenReturn(NOON.plus(Duration.ofDays(3650)));
        for (int i = 0; i < Tries.MOST; i++) {
            begin("here");
        }
        when(clock.instant()).thenReturn(NOON);
        assertThatCode(() -> begin("here")).doesNotThrowAnyException();
        for (int i = 1; i < Tries.MOST; i++) {
            begin("here");
        }
        when(clock.instant()).thenReturn(NOON.minusSeconds(60));
        assertThatThrownBy(() -> begin("here")).isInstanceOf(Refusal.class);
    }

    /** Whoever knows the password may come in as often as they like. */
    @Test
    void whatWasRightIsNoGuess() {
        for (int i = 0; i < 3 * Tries.MOST; i++) {
            UUID id = begin("here");
            transaction.executeWithoutResult(status -> new Tries(repository, clock).right(id));
        }
        assertThat(repository.count()).isZero();
    }

    /** A hundred at once are a hundred: no more of them are looked at than one after another. */
    @Test
    void manyAtOnceAreAsMany() throws Exception {
        var pool = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Boolean>> knocks = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                knocks.add(() -> {
                    try {
                        begin("here");
                        return true;
                    } catch (Refusal tooMany) {
                        return false;
                    }
                });
            }
            int looked = 0;
            for (Future<Boolean> knock : pool.invokeAll(knocks)) {
                looked += knock.get() ? 1 : 0;
            }
            assertThat(looked).isEqualTo(Tries.MOST);
        } finally {
            pool.shutdownNow();
        }
    }
}
