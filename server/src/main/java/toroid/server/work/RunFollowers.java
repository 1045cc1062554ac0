package toroid.server.work;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;
import toroid.server.screen.Screens;
import toroid.server.store.Kept;

/**
 * Screens that stand at the same run and follow each other: each is told as the run goes on. What is told is only ever what was kept; a
 * screen that was away is told where the run is as it comes back.
 */
@Component
class RunFollowers {
    private final Screens<UUID> screens = new Screens<>("following");

    /**
     * @param now where the run is, asked once the screen hears of all that comes after
     * @throws Refusal when too many follow already
     */
    SseEmitter follow(UUID run, Supplier<Kept<RunProgress>> now) {
        return screens.follow(run, () -> new Screens.First("progress", now.get()));
    }

    @TransactionalEventListener
    void moved(RunMoved moved) {
        boolean reading = moved.progress() == null;
        screens.tell(moved.run(), reading ? "reading" : "progress", reading ? "" : moved.progress());
    }

    @Scheduled(fixedDelay = 20_000)
    void breathe() {
        screens.breathe();
    }

    @EventListener(ContextClosedEvent.class)
    void stopping() {
        screens.letGo();
    }

    @PreDestroy
    void end() {
        screens.end();
    }
}
