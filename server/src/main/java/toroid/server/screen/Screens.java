package toroid.server.screen;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/**
 * Screens that listen, by what they listen to. Each is told by a thread of its own as long as something is told, and never by whoever
 * tells: one that does not take what it is sent (a tablet that sleeps) holds up neither its maker nor another screen.
 *
 * @param <K> what is listened to
 */
public final class Screens<K> {
    /** More than any bench has. */
    public static final int MOST = 64;

    /** A screen asks anew after that, so that one that was shown out is told nothing more for long. */
    private static final Duration STAYS = Duration.ofMinutes(10);

    private final Map<K, List<Screen>> all = new ConcurrentHashMap<>();
    private final Supplier<SseEmitter> lines;
    private final ExecutorService hands;

    /** @param name of its threads */
    public Screens(String name) {
        this(name, () -> new SseEmitter(STAYS.toMillis()));
    }

    Screens(String name, Supplier<SseEmitter> lines) {
        this.lines = lines;
        // never more at once than screens; one that hangs may outlast its place among them, so a few besides
        hands = new ThreadPoolExecutor(0, 2 * MOST, 10, TimeUnit.SECONDS, new SynchronousQueue<>(), work -> {
            var thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** What a screen is told first, once it hears of all that comes after. */
    public record First(String name, Object data) {}

    /**
     * One more screen.
     *
     * @param first asked once it listens; null, or its answer null, for nothing to tell yet
     * @throws Refusal when too many listen already
     */
    public SseEmitter follow(K what, Supplier<First> first) {
        if (all.values().stream().mapToInt(List::size).sum() >= MOST) {
            throw Refusal.of(ServerCode.BUSY, "follow", null);
        }
        SseEmitter line = lines.get();
        var screen = new Screen(line, hands);
        line.onCompletion(() -> gone(what, screen));
        line.onError(fault -> gone(what, screen));
        line.onTimeout(line::complete);
        all.compute(what, (key, some) -> {
            List<Screen> beside = some == null ? new CopyOnWriteArrayList<>() : some;
            beside.add(screen);
            return beside;
        });
        try {
            First told = first.get();
            screen.first(told == null ? SseEmitter.event().comment("") : event(told.name(), told.data()));
        } catch (RuntimeException none) {
            gone(what, screen);
            throw none;
        }
        return line;
    }

    /** Tells all who listen to it; waits for none of them. */
    public void tell(K what, String name, Object data) {
        List<Screen> some = all.get(what);
        if (some != null) {
            some.forEach(screen -> keep(what, screen, screen.tell(event(name, data))));
        }
    }

    private static SseEmitter.SseEventBuilder event(String name, Object data) {
        return SseEmitter.event().name(name).data(data, MediaType.APPLICATION_JSON);
    }

    /** So that a screen that went without a word is found gone. */
    public void breathe() {
        all.forEach((what, some) -> some.forEach(screen -> keep(what, screen, screen.breathe())));
    }

    private void keep(K what, Screen screen, boolean listens) {
        if (!listens) {
            gone(what, screen);
        }
    }

    private void gone(K what, Screen screen) {
        all.computeIfPresent(what, (key, some) -> {
            some.remove(screen);
            return some.isEmpty() ? null : some;
        });
    }

    /** How many listen. */
    int listening() {
        return all.values().stream().mapToInt(List::size).sum();
    }

    /** All are let go, as the server stops; nobody is waited for. */
    public void letGo() {
        all.values().forEach(some -> some.forEach(this::letGo));
        all.clear();
    }

    private void letGo(Screen screen) {
        try {
            hands.execute(screen::end);
        } catch (RejectedExecutionException noHand) {
            // all hands hang at screens that sleep: these end with the server
        }
    }

    /** No more is told. */
    public void end() {
        hands.shutdownNow();
    }
}
