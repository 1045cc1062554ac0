package toroid.server.effort;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/**
 * Work that may take long. Whoever asks waits {@link #PATIENCE}; after that the work goes on at the back while it is asked for under
 * its number, and is stopped {@link #FORSAKEN} after it was last asked for, or at once when it is called off. No database connection is
 * held while it works.
 */
@Component
public class Efforts {
    static final Duration PATIENCE = Duration.ofSeconds(2);
    static final Duration FORSAKEN = Duration.ofSeconds(6);
    static final Duration LONGEST = Duration.ofMinutes(3);
    static final int MOST_WAITING = 48;

    /** Whoever asks may choose the number, to call the work off before it is told. */
    public static final String NUMBER = "X-Effort";

    private final Lanes lanes;
    private final Duration patience;
    private final Duration forsaken;
    private final Map<UUID, Running<?>> running = new ConcurrentHashMap<>();
    private final ExecutorService hands = Executors.newCachedThreadPool(task -> daemon(task, "effort"));
    private final ScheduledExecutorService watch =
            Executors.newSingleThreadScheduledExecutor(task -> daemon(task, "effort-watch"));

    @Autowired
    Efforts() {
        this(Runtime.getRuntime().availableProcessors(), PATIENCE, FORSAKEN);
    }

    Efforts(int cores, Duration patience, Duration forsaken) {
        this.lanes = new Lanes(cores, patience);
        this.patience = patience;
        this.forsaken = forsaken;
        long every = Math.max(10, forsaken.toMillis() / 10);
        watch.scheduleWithFixedDelay(this::callOffForsaken, every, every, TimeUnit.MILLISECONDS);
    }

    private static Thread daemon(Runnable task, String name) {
        var thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    @PreDestroy
    void close() {
        watch.shutdownNow();
        hands.shutdownNow();
    }

    /**
     * The work's answer when it is there in time.
     *
     * @throws StillWorking when it is not; {@link #ask} goes on waiting for it
     * @throws Busy when too much waits already
     */
    public <T> T answer(Supplier<T> work) {
        return answer(work, patience);
    }

    /** The same where whoever asks said how long it may take. */
    public <T> T answer(Supplier<T> work, Duration patient) {
        if (running.size() >= MOST_WAITING) {
            throw new Busy();
        }
        var one = new Running<>(work, false);
        UUID number = chosen();
        if (running.putIfAbsent(number, one) != null) {
            number = UUID.randomUUID();
            running.put(number, one);
        }
        hands.execute(one);
        return waited(number, one, patient);
    }

    /** The answer under that number. @throws StillWorking when it is not there yet; null when there is none of that number */
    Object ask(UUID number) {
        Running<?> one = running.get(number);
        if (one == null) {
            throw Refusal.of(ServerCode.NO_SUCH_EFFORT, "effort", number);
        }
        return waited(number, one, patience);
    }

    /** Stops the work under that number; does nothing when there is none. */
    void callOff(UUID number) {
        Running<?> one = running.remove(number);
        if (one != null) {
            one.cancel(true);
        }
    }

    /** Work nobody waits for, one at a time at the back. */
    public void atTheBack(Runnable work) {
        hands.execute(new Running<Void>(
                () -> {
                    work.run();
                    return null;
                },
                true));
    }

    private <T> T waited(UUID number, Running<T> one, Duration patient) {
        one.waiting.incrementAndGet();
        try {
            T answer = one.get(patient.toMillis(), TimeUnit.MILLISECONDS);
            running.remove(number);
            return answer;
        } catch (TimeoutException longer) {
            throw new StillWorking(new StillWorking.Told(number, one.way.seconds(), one.way.share()));
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            callOff(number);
            throw new Effort.Stopped();
        } catch (java.util.concurrent.CancellationException calledOff) {
            running.remove(number);
            throw new Effort.Stopped();
        } catch (ExecutionException failed) {
            running.remove(number);
            throw told(failed.getCause());
        } finally {
            one.asked();
            one.waiting.decrementAndGet();
        }
    }

    private static RuntimeException told(Throwable cause) {
        if (cause instanceof Lanes.TooLong) {
            return Refusal.of(ServerCode.TOO_LONG, "request", null).with("minutes", LONGEST.toMinutes());
        }
        if (cause instanceof OutOfMemoryError || cause instanceof StackOverflowError) {
            return Refusal.of(ServerCode.TOO_LARGE, "request", null);
        }
        return cause instanceof RuntimeException known ? known : new IllegalStateException(cause);
    }

    private static UUID chosen() {
        try {
            if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request) {
                String said = request.getRequest().getHeader(NUMBER);
                return said == null ? UUID.randomUUID() : UUID.fromString(said);
            }
        } catch (IllegalArgumentException noNumber) {
            return UUID.randomUUID();
        }
        return UUID.randomUUID();
    }

    private void callOffForsaken() {
        long before = System.nanoTime() - forsaken.toNanos();
        running.forEach((number, one) -> {
            if (one.waiting.get() == 0 && one.askedAt - before < 0) {
                callOff(number);
            }
        });
    }

    /** How many are known by number, at work or waiting. */
    int known() {
        return running.size();
    }

    private final class Running<T> extends FutureTask<T> {
        private final Lanes.Way way;
        private final AtomicInteger waiting = new AtomicInteger();
        private volatile long askedAt = System.nanoTime();

        Running(Supplier<T> work, boolean atTheBack) {
            this(work, atTheBack, lanes.new Way(LONGEST));
        }

        private Running(Supplier<T> work, boolean atTheBack, Lanes.Way way) {
            super(() -> {
                way.enter(atTheBack);
                try {
                    var answer = new Object[1];
                    Effort.heard(way, () -> answer[0] = work.get());
                    @SuppressWarnings("unchecked")
                    T typed = (T) answer[0];
                    return typed;
                } finally {
                    way.leave();
                }
            });
            this.way = way;
        }

        void asked() {
            askedAt = System.nanoTime();
        }
    }
}
