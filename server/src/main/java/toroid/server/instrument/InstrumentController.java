package toroid.server.instrument;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Calipers and scales on a line of their own. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {
    private final Instruments instruments;

    InstrumentController(Instruments instruments) {
        this.instruments = instruments;
    }

    /** @param connected whether it answers */
    record InstrumentView(
            @NotNull InstrumentKind kind, @NotNull boolean connected) {}

    /** Those the server was started with. */
    @GetMapping
    List<InstrumentView> all() {
        return instruments.all();
    }

    /** What they say, as they say it: events called {@code reading}, of a scale as often as what lies on it changes. */
    @GetMapping(path = "/follow", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow() {
        return instruments.follow();
    }
}
