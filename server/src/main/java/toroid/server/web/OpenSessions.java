package toroid.server.web;

import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionBindingEvent;
import jakarta.servlet.http.HttpSessionBindingListener;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Who has come in with the password and not gone: each browser once, until it leaves, is shown out, or is not heard of for half a day. */
@Component
class OpenSessions {
    private static final String IN = "toroid.in";
    private static final int LONGEST_BROWSER = 200;

    private final Map<UUID, In> open = new ConcurrentHashMap<>();
    private final Clock clock;

    OpenSessions(Clock clock) {
        this.clock = clock;
    }

    /**
     * A browser that is in.
     *
     * @param browser what it calls itself
     * @param own whether it is the one that asks
     */
    record Seen(UUID id, Instant since, Instant used, String from, String browser, boolean own) {}

    void came(HttpSession session, String from, String browser) {
        String named = browser == null ? "" : browser;
        session.setAttribute(
                IN,
                new In(
                        UUID.randomUUID(),
                        clock.instant(),
                        from,
                        named.substring(0, Math.min(named.length(), LONGEST_BROWSER)),
                        session));
    }

    /** The one used last first. */
    List<Seen> all(HttpSession asking) {
        return open.values().stream()
                .map(in -> in.seen(asking))
                .sorted(Comparator.comparing(Seen::used).reversed())
                .toList();
    }

    /** Shown out; one that has gone already is gone. */
    void end(UUID id) {
        In in = open.get(id);
        if (in != null) {
            in.end();
        }
    }

    /** All but the one that asks. */
    void endOthers(HttpSession asking) {
        Collection<In> others = List.copyOf(open.values());
        others.stream().filter(in -> !in.isOf(asking)).forEach(In::end);
    }

    /** Lies in the session, and goes with it. */
    private final class In implements HttpSessionBindingListener {
        private final UUID id;
        private final Instant since;
        private final String from;
        private final String browser;
        private final HttpSession session;

        In(UUID id, Instant since, String from, String browser, HttpSession session) {
            this.id = id;
            this.since = since;
            this.from = from;
            this.browser = browser;
            this.session = session;
        }

        @Override
        public void valueBound(HttpSessionBindingEvent event) {
            open.put(id, this);
        }

        @Override
        public void valueUnbound(HttpSessionBindingEvent event) {
            open.remove(id);
        }

        boolean isOf(HttpSession asking) {
            return asking != null && asking.getAttribute(IN) == this;
        }

        Seen seen(HttpSession asking) {
            Instant used;
            try {
                used = Instant.ofEpochMilli(session.getLastAccessedTime());
            } catch (IllegalStateException gone) {
                used = since;
            }
            return new Seen(id, since, used, from, browser, isOf(asking));
        }

        void end() {
            open.remove(id);
            try {
                session.invalidate();
            } catch (IllegalStateException gone) {
                // it left in the same moment
            }
        }
    }
}
