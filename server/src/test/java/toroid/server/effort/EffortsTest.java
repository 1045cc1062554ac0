package toroid.server.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

class EffortsTest {
    private static final Duration SHORT = Duration.ofMillis(60);
    private static final Duration FOREVER = Duration.ofMinutes(10);

    private Efforts efforts = new Efforts(2, SHORT, FOREVER);

    /** For what is answered at once, however busy the machine is. */
    private final Efforts patient = new Efforts(2, FOREVER, FOREVER);

    @AfterEach
    void close() {
        efforts.close();
        patient.close();
    }

    /** Works until it may stop, as a solver does: looking up now and then. */
    private static String until(BooleanSupplier enough) {
        while (!enough.getAsBoolean()) {
            Effort.check();
            Thread.onSpinWait();
        }
        return "done";
    }

    private StillWorking later(Efforts asked, BooleanSupplier enough) {
        return catchThrowableOfType(StillWorking.class, () -> asked.answer(() -> until(enough)));
    }

    private static void eventually(BooleanSupplier holds) {
        while (!holds.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }

    @Test
    void whatIsQuickIsAnsweredAtOnceAndForgotten() {
        assertThat(patient.answer(() -> 42)).isEqualTo(42);
        assertThat(patient.known()).isZero();
    }

    @Test
    void whatIsRefusedIsRefusedAsEver() {
        assertThatThrownBy(() -> patient.answer(() -> {
                    throw Refusal.of(RefusalCode.NOT_FLAT, "field", null);
                }))
                .isInstanceOf(Refusal.class);
        assertThat(patient.known()).isZero();
    }

    @Test
    void whatIsLongIsAskedForUnderItsNumber() {
        var enough = new CountDownLatch(1);
        StillWorking working = later(efforts, () -> {
            Effort.at(1, 4);
            return enough.getCount() == 0;
        });
        UUID number = working.told().effort();
        assertThat(working.told().share()).isEqualTo(0.25);
        assertThat(working.told().seconds()).isGreaterThanOrEqualTo(SHORT.toMillis() / 1e3);
        assertThatThrownBy(() -> efforts.ask(number)).isInstanceOf(StillWorking.class);
        enough.countDown();
        Object[] answer = new Object[1];
        eventually(() -> {
            try {
                answer[0] = efforts.ask(number);
                return true;
            } catch (StillWorking still) {
                return false;
            }
        });
        assertThat(answer[0]).isEqualTo("done");
        assertThatThrownBy(() -> efforts.ask(number)).isInstanceOf(Refusal.class);
    }

    @Test
    void whatNobodyAsksForAnyMoreStops() {
        efforts.close();
        efforts = new Efforts(2, SHORT, SHORT);
        var stopped = new CountDownLatch(1);
        assertThat(laterStopped(stopped)).isInstanceOf(StillWorking.class);
        eventually(() -> stopped.getCount() == 0);
        eventually(() -> efforts.known() == 0);
    }

    @Test
    void whatIsCalledOffStopsAtOnce() {
        var stopped = new CountDownLatch(1);
        UUID number = laterStopped(stopped).told().effort();
        efforts.callOff(number);
        eventually(() -> stopped.getCount() == 0);
        efforts.callOff(UUID.randomUUID());
    }

    private StillWorking laterStopped(CountDownLatch stopped) {
        return catchThrowableOfType(
                StillWorking.class,
                () -> efforts.answer(() -> {
                    try {
                        return until(() -> false);
                    } catch (Effort.Stopped calledOff) {
                        stopped.countDown();
                        throw calledOff;
                    }
                }));
    }

    /** One in front and one at the back: the second long one waits for the first, a quick one passes both. */
    @Test
    void atMostOneIsAtWorkInFrontAndOneAtTheBack() throws Exception {
        var working = new AtomicInteger();
        var most = new AtomicInteger();
        var enough = new CountDownLatch(1);
        var hands = Executors.newFixedThreadPool(6);
        List<Future<StillWorking>> all = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            all.add(hands.submit(() -> later(efforts, () -> {
                int now = working.incrementAndGet();
                most.accumulateAndGet(now, Math::max);
                working.decrementAndGet();
                return enough.getCount() == 0;
            })));
        }
        for (Future<StillWorking> one : all) {
            assertThat(one.get()).isNotNull();
        }
        assertThat(most.get()).isLessThanOrEqualTo(2);
        enough.countDown();
        eventually(() -> {
            try {
                return efforts.answer(() -> "quick").equals("quick");
            } catch (StillWorking inFrontYet) {
                return false;
            }
        });
        hands.shutdownNow();
    }

    @Test
    void moreThanCanWaitIsToldSo() {
        var enough = new CountDownLatch(1);
        for (int i = 0; i < Efforts.MOST_WAITING; i++) {
            later(efforts, () -> enough.getCount() == 0);
        }
        assertThatThrownBy(() -> efforts.answer(() -> 1)).isInstanceOf(Busy.class);
        enough.countDown();
    }

    @Test
    void whatWouldExhaustTheMemoryIsRefusedAndTheNextIsAnswered() {
        assertThatThrownBy(() -> patient.answer(() -> {
                    throw new OutOfMemoryError("as if");
                }))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("too-large");
        assertThat(patient.answer(() -> "next")).isEqualTo("next");
    }

    /** One is long at a thing, past its patience in front; another at the back wants the same thing: both come to an end. */
    @Test
    void whoWaitsForATurnKeepsNoPlace() {
        var turns = new InTurn();
        var ended = new CountDownLatch(2);
        var begun = new CountDownLatch(1);
        StillWorking first = catchThrowableOfType(
                StillWorking.class,
                () -> efforts.answer(() -> turns.get(() -> {
                    begun.countDown();
                    eventually(turns::isWaitedFor); // without looking up: it is still in front
                    long since = System.nanoTime();
                    until(() -> System.nanoTime() - since > 2 * SHORT.toNanos());
                    ended.countDown();
                    return "first";
                })));
        assertThat(first).isNotNull();
        efforts.atTheBack(() -> {
            eventually(() -> begun.getCount() == 0);
            turns.get(() -> {
                ended.countDown();
                return "second";
            });
        });
        await().atMost(Duration.ofMinutes(1)).until(() -> ended.getCount() == 0);
    }
}
