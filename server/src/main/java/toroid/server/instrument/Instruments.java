package toroid.server.instrument;

import jakarta.annotation.PreDestroy;
import java.net.InetSocketAddress;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;
import toroid.server.screen.Screens;

/**
 * The instruments this workshop was started with, and the screens that listen. Which there are is said on the command line alone, so that
 * nobody who is in can make the server talk to another machine.
 */
@Component
class Instruments {
    private static final String READINGS = "readings";
    private static final String READING = "reading";
    private static final int MOST_PORT = 65_535;

    private final Map<InstrumentKind, InstrumentLineReader> lines = new EnumMap<>(InstrumentKind.class);
    private final Map<InstrumentKind, InstrumentReading> last = new EnumMap<>(InstrumentKind.class);
    private final Screens<String> screens = new Screens<>("instruments");

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
        return screens.follow(READINGS, () -> {
            InstrumentReading onTheScale = onTheScale();
            return onTheScale == null ? null : new Screens.First(READING, onTheScale);
        });
    }

    /** What lies there; what lay there when its line broke may have been taken off since. */
    private InstrumentReading onTheScale() {
        InstrumentLineReader scale = lines.get(InstrumentKind.SCALE);
        synchronized (last) {
            return scale != null && scale.isConnected() ? last.get(InstrumentKind.SCALE) : null;
        }
    }

    /** A scale says the same over and over: only what changes is told. A caliper says what it is pressed for. */
    private void told(InstrumentReading reading) {
        synchronized (last) {
            boolean same = reading.equals(last.put(reading.kind(), reading));
            if (same && reading.kind() == InstrumentKind.SCALE) {
                return;
            }
        }
        screens.tell(READINGS, READING, reading);
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
        lines.values().forEach(InstrumentLineReader::close);
        screens.end();
    }
}
