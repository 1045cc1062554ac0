package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.piece.BatchQuestion;
import toroid.server.piece.PiecePricing;
import toroid.server.piece.PieceWorkshop;
import toroid.server.preference.Preferences;
import toroid.server.print.QuotePrint;

/** A quote on paper. Keeps nothing. */
@RestController
class PieceQuoteController {
    private final PieceWorkshop workshop;
    private final PiecePricing pricing;
    private final Preferences preferences;
    private final Efforts efforts;
    private final Clock clock;

    PieceQuoteController(
            PieceWorkshop workshop, PiecePricing pricing, Preferences preferences, Efforts efforts, Clock clock) {
        this.workshop = workshop;
        this.pricing = pricing;
        this.preferences = preferences;
        this.efforts = efforts;
        this.clock = clock;
    }

    @Operation(summary = "A quote for a batch of a piece, PDF, without anything of what it costs")
    @PostMapping("/api/pieces/quote")
    ResponseEntity<byte[]> quote(@RequestBody @Valid BatchQuestion question) {
        String name = question.called();
        int copies = question.batch();
        return efforts.answer(() -> ExportFile.of("quote", "pdf", printed(name, question, copies)));
    }

    private byte[] printed(String name, BatchQuestion question, int copies) {
        try {
            return QuotePrint.print(
                    name,
                    workshop.laid(question.piece()),
                    pricing.of(question.piece(), copies),
                    preferences.current().data().rates(),
                    LocalDate.now(clock));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
