package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.stock.ScaleCount;
import toroid.server.store.Kept;
import toroid.server.store.KeptController;

/** Lots of every kind: what they are, and what came and went. */
@RestController
@RequestMapping("/api/lots")
class LotController extends KeptController<LotData> {
    private final Lots lots;
    private final Ledger ledger;
    private final Standings standings;
    private final Reservations reservations;

    LotController(Lots lots, Ledger ledger, Standings standings, Reservations reservations) {
        super(lots);
        this.lots = lots;
        this.ledger = ledger;
        this.standings = standings;
        this.reservations = reservations;
    }

    @Operation(summary = "What is left, put by and free of every lot, and whether it runs low")
    @GetMapping("/standings")
    List<Standing> standings() {
        return standings.all();
    }

    @Operation(
            summary =
                    "What was counted, came and was used of it, newest first, 200 at a time: the latest, or those before a move")
    @GetMapping("/{id}/moves")
    List<MoveView> moves(@PathVariable UUID id, @RequestParam(required = false) UUID before) {
        return ledger.of(id, before);
    }

    /** @param amount in the lot's unit */
    record PutByForJob(@NotNull UUID job, @NotNull double amount) {}

    @Operation(summary = "Which jobs have put by of a lot, and how much")
    @GetMapping("/{id}/put-by")
    List<PutByForJob> putBy(@PathVariable UUID id) {
        lots.get(id);
        return reservations.of(id).entrySet().stream()
                .sorted(java.util.Map.Entry.<UUID, Double>comparingByValue().reversed())
                .map(one -> new PutByForJob(one.getKey(), one.getValue()))
                .toList();
    }

    @Operation(summary = "More of a lot, or less, by hand; sent twice under one id it counts once")
    @PostMapping("/{id}/moves")
    MoveView move(@PathVariable UUID id, @RequestBody @Valid MoveGiven given) {
        return ledger.move(id, given);
    }

    @Operation(summary = "Takes a move by hand back with a move of its own; asked twice, once")
    @PostMapping("/moves/{id}/undo")
    MoveView undo(@PathVariable UUID id) {
        return ledger.undo(id);
    }

    /** @param id of the lot it becomes, made once by whoever sends it */
    record OffcutGiven(@NotNull UUID id, @NotNull double lengthMm) {}

    @Operation(summary = "Makes a length of wire a lot of its own, with a label of its own; sent twice, it is one")
    @PostMapping("/{id}/offcuts")
    Kept<LotData> offcut(@PathVariable UUID id, @RequestBody @Valid OffcutGiven given) {
        return ledger.offcut(id, given.id(), given.lengthMm());
    }

    /**
     * A lot on a scale.
     *
     * @param grossG with what it lies on
     * @param tareG of that; null for the lot's own
     */
    record OnTheScale(@NotNull double grossG, Double tareG) {}

    @Operation(summary = "How much of a lot a weight is, and how far that may be off; keeps nothing")
    @PostMapping("/{id}/weigh")
    ScaleCount weigh(@PathVariable UUID id, @RequestBody @Valid OnTheScale scale) {
        LotData lot = lots.get(id).data();
        Double own = scale.tareG() != null ? scale.tareG() : lot.tareG();
        return ScaleCount.of(lot.kindKept(), lot.kindKept().read(lot.facts()), scale.grossG(), own == null ? 0 : own);
    }
}
