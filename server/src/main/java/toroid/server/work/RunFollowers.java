package toroid.server.work;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;
import toroid.server.store.Kept;
import toroid.server.store.ServerCode;

/**
 * Screens that stand at the same run and follow each other: each is told as the run goes on. What is told is only ever what was kept; a
 * screen that was away is told where the run is as it comes back.
 */
@Component
class RunFollowers {
    private static final Logger LOG = LoggerFactory.getLogger(RunFollowers.class);

    /** More screens than any bench has. */
    static final int MOST = 64;

    /** A screen asks anew after that, so that one that was shown out is told nothing more for long. */
    private static final Duration STAYS = Duration.ofMinutes(10);

    private final Map<UUID, List<SseEmitter>> screens = new ConcurrentHashMap<>();

    /** One after another, and not by whoever goes on: a screen that does not listen holds nobody up. */
    private final ExecutorService telling = Executors.newSingleThreadExecutor(work -> {
        var thread = new Thread(work, "following");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * @param now where the run is, asked once the screen hears of all that comes after
     * @throws Refusal when too many follow already
     */
    SseEmitter follow(UUID run, Supplier<Kept<RunProgress>> now) {
        if (screens.values().stream().mapToInt(List::size).sum() >= MOST) {
            throw Refusal.of(ServerCode.BUSY, "follow", null);
        }
        var screen = new SseEmitter(STAYS.toMillis());
        screen.onCompletion(() -> gone(run, screen));
        screen.onError(fault -> gone(run, screen));
        screen.onTimeout(screen::complete);
        screens.compute(run, (id, some) -> {
            List<SseEmitter> beside = some == null ? new CopyOnWriteArrayList<>() : some;
            beside.add(screen);
            return beside;
        });
        try {
            tell(screen, "progress", now.get());
        } catch (RuntimeException none) {
            gone(run, screen);
            throw none;
        }
        return screen;
    }

    private void gone(UUID run, SseEmitter screen) {
        screens.computeIfPresent(run, (id, some) -> {
            some.remove(screen);
            return some.isEmpty() ? null : some;
        });
    }

    @TransactionalEventListener
    void moved(RunMoved moved) {
        List<SseEmitter> following = screens.get(moved.run());
        if (following != null) {
            telling.execute(() -> following.forEach(screen -> tell(
                    screen,
                    moved.progress() == null ? "reading" : "progress",
                    moved.progress() == null ? "" : moved.progress())));
        }
    }

    /** So that a screen that went without a word is found gone. */
    @Scheduled(fixedDelay = 20_000)
    void breathe() {
        screens.values()
                .forEach(some ->
                        some.forEach(screen -> send(screen, SseEmitter.event().comment(""))));
        screens.values().removeIf(List::isEmpty);
    }

    /** Nobody is waited for as the server stops. */
    @EventListener(ContextClosedEvent.class)
    void stopping() {
        screens.values().forEach(some -> some.forEach(SseEmitter::complete));
        screens.clear();
    }

    @PreDestroy
    void end() {
        telling.shutdownNow();
    }

    private static void tell(SseEmitter screen, String what, Object data) {
        send(screen, SseEmitter.event().name(what).data(data, MediaType.APPLICATION_JSON));
    }

    private static void send(SseEmitter screen, SseEmitter.SseEventBuilder event) {
        try {
            screen.send(event);
        } catch (IOException | IllegalStateException gone) {
            // one that went away is told of by its connection, and let go then
            LOG.debug("a screen went away", gone);
        }
    }
}
