package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import toroid.core.numeric.Refusal;
import toroid.core.stock.LotCode;
import toroid.server.store.Kept;
import toroid.server.store.ServerCode;

/** Labels for lots, and the way from a label back to its lot. */
@RestController
@RequestMapping("/api")
class LabelController {
    private final Lots lots;

    LabelController(Lots lots) {
        this.lots = lots;
    }

    @Operation(summary = "A lot's label, 62 by 25 mm, as SVG: a code for a phone's camera and one for a hand scanner")
    @GetMapping(value = "/lots/{id}/label", produces = "image/svg+xml;charset=UTF-8")
    String label(@PathVariable UUID id, HttpServletRequest request) {
        Kept<LotData> lot = lots.get(id);
        String address = ServletUriComponentsBuilder.fromContextPath(request)
                .path("/stock/code/" + LotCode.of(id))
                .toUriString();
        return Label.svg(lot.data(), LotCode.of(id), address);
    }

    /** @param lots those whose label has that code: one, but for a chance of one in millions */
    record FoundByCode(@NotNull String code, @NotNull List<UUID> lots) {}

    @Operation(summary = "The lot a label belongs to, by the code typed or scanned")
    @GetMapping(value = "/lot-codes/{code}", produces = MediaType.APPLICATION_JSON_VALUE)
    FoundByCode byCode(@PathVariable String code) {
        String read = LotCode.read(code).orElseThrow(() -> Refusal.of(ServerCode.UNKNOWN_LOT_CODE, "code", code));
        List<UUID> found = lots.all().stream()
                .map(Kept::id)
                .filter(id -> LotCode.of(id).equals(read))
                .toList();
        if (found.isEmpty()) {
            throw Refusal.of(ServerCode.UNKNOWN_LOT_CODE, "code", code);
        }
        return new FoundByCode(read, found);
    }
}
