package toroid.server.instrument;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/**
 * The instruments this workshop was started with, and the screens that listen. Which there are is said on the command line alone, so that
 * nobody who is in can make the server talk to another machine.
 */
@Component
class Instruments {
    private static final Logger LOG = LoggerFactory.getLogger(Instruments.class);

    private static final int MOST_SCREENS = 64;

    /** A screen asks anew after that. */
    private static final Duration STAYS = Duration.ofMinutes(10);

    private static final int MOST_PORT = 65_535;

    private final Map<InstrumentKind, InstrumentLineReader> lines = new EnumMap<>(InstrumentKind.class);
    private final Map<InstrumentKind, InstrumentReading> last = new EnumMap<>(InstrumentKind.class);
    private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();

    Instruments(@Value("${toroid.caliper:}") String caliper, @Value("${toroid.scale:}") String scale) {
        add(InstrumentKind.CALIPER, caliper);
        add(InstrumentKind.SCALE, scale);
    }

    private void add(InstrumentKind kind, String address) {
        if (!address.isBlank()) {
            lines.put(kind, new InstrumentLineReader(kind, address(kind, address.trim()), this::told));
        }
    }

    private static InetSocketAddress address(InstrumentKind kind, String text) {
        int colon = text.lastIndexOf(':');
        String port = text.substring(colon + 1);
        if (colon < 1 || !port.matches("\\d{1,5}") || Integer.parseInt(port) > MOST_PORT) {
            throw new IllegalArgumentException("the " + kind + " is at \"" + text + "\"; HOST:PORT is needed");
        }
        return InetSocketAddress.createUnresolved(text.substring(0, colon), Integer.parseInt(port));
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        lines.values().forEach(InstrumentLineReader::begin);
    }

    /** Which there are, and which of them answer. */
    List<InstrumentController.InstrumentView> all() {
        var all = new ArrayList<InstrumentController.InstrumentView>();
        lines.forEach((kind, line) -> all.add(new InstrumentController.InstrumentView(kind, line.isConnected())));
        return all;
    }

    /** @throws Refusal when too many listen already */
    SseEmitter follow() {
        if (screens.size() >= MOST_SCREENS) {
            throw Refusal.of(ServerCode.BUSY, "follow", null);
        }
        var screen = new SseEmitter(STAYS.toMillis());
        screen.onCompletion(() -> screens.remove(screen));
        screen.onError(fault -> screens.remove(screen));
        screen.onTimeout(screen::complete);
        screens.add(screen);
        send(screen, SseEmitter.event().comment(""));
        InstrumentReading onTheScale = null;
        // what lay there when its line broke may have been taken off since
        if (lines.containsKey(InstrumentKind.SCALE)
                && lines.get(InstrumentKind.SCALE).isConnected()) {
            synchronized (last) {
                onTheScale = last.get(InstrumentKind.SCALE);
            }
        }
        if (onTheScale != null) {
            send(screen, event(onTheScale));
        }
        return screen;
    }

    /** A scale says the same over and over: only what changes is told. A caliper says what it is pressed for. */
    private void told(InstrumentReading reading) {
        synchronized (last) {
            boolean same = reading.equals(last.put(reading.kind(), reading));
            if (same && reading.kind() == InstrumentKind.SCALE) {
                return;
            }
        }
        screens.forEach(screen -> send(screen, event(reading)));
    }

    private static SseEmitter.SseEventBuilder event(InstrumentReading reading) {
        return SseEmitter.event().name("reading").data(reading, MediaType.APPLICATION_JSON);
    }

    /** So that a screen that went without a word is found gone. */
    @Scheduled(fixedDelay = 20_000)
    void breathe() {
        screens.forEach(screen -> send(screen, SseEmitter.event().comment("")));
    }

    @EventListener(ContextClosedEvent.class)
    void stopping() {
        screens.forEach(SseEmitter::complete);
        screens.clear();
    }

    @PreDestroy
    void end() {
        lines.values().forEach(InstrumentLineReader::close);
    }

    private static void send(SseEmitter screen, SseEmitter.SseEventBuilder event) {
        try {
            screen.send(event);
        } catch (IOException | IllegalStateException gone) {
            LOG.debug("a screen went away", gone);
        }
    }
}
