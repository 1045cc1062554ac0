package toroid.server.web;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.IThrowableProxy;
import ch.qos.logback.classic.spi.StackTraceElementProxy;
import ch.qos.logback.core.AppenderBase;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The warnings and faults since the start, the latest last, without their messages: those may quote what a maker typed. When, which logger, which
 * exceptions, at which places of our own code.
 */
@Component
class FaultsSeen {
    static final int MOST = 200;
    private static final int MOST_PLACES = 8;
    private static final String OURS = "toroid.";

    private final Deque<String> seen = new ArrayDeque<>();
    private final Listening listening = new Listening();

    private final class Listening extends AppenderBase<ILoggingEvent> {
        @Override
        protected void append(ILoggingEvent event) {
            if (event.getLevel().isGreaterOrEqual(Level.WARN)) {
                remember(told(event));
            }
        }
    }

    private static Logger root() {
        return (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
    }

    @PostConstruct
    void listen() {
        listening.setContext(root().getLoggerContext());
        listening.start();
        root().addAppender(listening);
    }

    @PreDestroy
    void leave() {
        root().detachAppender(listening);
        listening.stop();
    }

    private synchronized void remember(String told) {
        seen.addLast(told);
        if (seen.size() > MOST) {
            seen.removeFirst();
        }
    }

    synchronized List<String> all() {
        return List.copyOf(seen);
    }

    private static String told(ILoggingEvent event) {
        var words = new StringBuilder();
        words.append(Instant.ofEpochMilli(event.getTimeStamp()))
                .append(' ')
                .append(event.getLevel())
                .append(' ')
                .append(event.getLoggerName());
        for (IThrowableProxy cause = event.getThrowableProxy(); cause != null; cause = cause.getCause()) {
            words.append("\n    ").append(cause.getClassName());
            ours(cause).forEach(place -> words.append("\n        at ").append(place));
            if (cause == cause.getCause()) {
                break;
            }
        }
        return words.toString();
    }

    private static List<String> ours(IThrowableProxy cause) {
        var places = new ArrayList<String>();
        for (StackTraceElementProxy place : cause.getStackTraceElementProxyArray()) {
            if (places.size() < MOST_PLACES
                    && place.getStackTraceElement().getClassName().startsWith(OURS)) {
                places.add(place.getStackTraceElement().toString());
            }
        }
        return places;
    }
}
