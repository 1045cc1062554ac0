package toroid.server.screen;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Queue;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/**
 * One screen, told in order and by itself: what it does not take yet waits for it. One that lets more wait than {@value #MOST_WAITING} has
 * gone to sleep; it is let go, and is told where things are as it comes back.
 */
final class Screen {
    private static final Logger LOG = LoggerFactory.getLogger(Screen.class);

    static final int MOST_WAITING = 64;

    private final SseEmitter line;
    private final Executor hands;
    private final Queue<SseEventBuilder> waiting = new ArrayDeque<>();
    private boolean busy;
    private boolean gone;

    Screen(SseEmitter line, Executor hands) {
        this.line = line;
        this.hands = hands;
    }

    /** The first word, by whoever opens the line: it waits for nobody, as it is kept until the line is open. */
    void first(SseEventBuilder event) {
        send(event);
    }

    /** @return whether it still listens */
    synchronized boolean tell(SseEventBuilder event) {
        if (gone || waiting.size() >= MOST_WAITING) {
            letGo();
            return false;
        }
        waiting.add(event);
        if (!busy) {
            busy = true;
            try {
                hands.execute(this::work);
            } catch (RejectedExecutionException noHand) {
                letGo();
                return false;
            }
        }
        return true;
    }

    /** Only where nothing waits already: it says no more than that the line is there. */
    synchronized boolean breathe() {
        return busy ? !gone : tell(SseEmitter.event().comment(""));
    }

    private synchronized void letGo() {
        gone = true;
        waiting.clear();
    }

    /** The next to be told; null where there is none, and the hand is free. */
    private synchronized SseEventBuilder next() {
        SseEventBuilder event = waiting.poll();
        busy = event != null;
        return event;
    }

    private synchronized boolean isGone() {
        return gone;
    }

    private void work() {
        for (SseEventBuilder event = next(); event != null; event = next()) {
            send(event);
        }
        if (isGone()) {
            line.complete();
        }
    }

    private void send(SseEventBuilder event) {
        try {
            line.send(event);
        } catch (IOException | IllegalStateException away) {
            // one that went away is told of by its connection
            LOG.debug("a screen went away", away);
            letGo();
        }
    }

    void end() {
        letGo();
        line.complete();
    }
}
