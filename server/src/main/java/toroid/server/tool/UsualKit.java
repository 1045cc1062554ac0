package toroid.server.tool;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.metal.Temper;
import toroid.server.store.Edit;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

/**
 * What most who make jewellery from wire have: wires, rods, stepped pliers, cutters. Laid out only where there is none of a kind yet, every
 * one marked as assumed until it is measured. Sizes are common practice.
 */
@RestController
@RequestMapping("/api/usual-kit")
class UsualKit {
    private static final String ASSUMED = "Assumed: measure it and correct this.";
    private static final double[] WIRES = {0.6, 0.8, 1.0, 1.2, 1.6};
    private static final double[] RODS = {2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8, 10};
    private static final double[] STEPS = {2, 3, 4, 5, 6, 7};
    private static final double ROD_MM = 150;
    private static final double STEP_MM = 6;

    private final Spools spools;
    private final Mandrels mandrels;
    private final Cutters cutters;
    private final TransactionTemplate transaction;

    UsualKit(Spools spools, Mandrels mandrels, Cutters cutters, TransactionTemplate transaction) {
        this.spools = spools;
        this.mandrels = mandrels;
        this.cutters = cutters;
        this.transaction = transaction;
    }

    /** How many of each were laid out. */
    record Laid(
            @NotNull int wires, @NotNull int rods, @NotNull int cutters) {}

    @Operation(summary = "Lays out a usual kit where the workshop has none: wires, rods, cutters, all or nothing")
    @PostMapping
    Laid lay() {
        return transaction.execute(status -> new Laid(wires(), rods(), cutters()));
    }

    private int wires() {
        if (!spools.all().isEmpty()) {
            return 0;
        }
        for (double wire : WIRES) {
            spools.put(
                    UUID.randomUUID(),
                    fresh(new SpoolData("copper " + wire, "copper", Temper.HALF_HARD, wire, null, null, ASSUMED)));
        }
        return WIRES.length;
    }

    private int rods() {
        if (!mandrels.all().isEmpty()) {
            return 0;
        }
        for (double rod : RODS) {
            mandrels.put(
                    UUID.randomUUID(),
                    fresh(new MandrelData("rod " + rod, MandrelData.Kind.ROD, rod, ROD_MM, ASSUMED)));
        }
        for (double step : STEPS) {
            mandrels.put(
                    UUID.randomUUID(),
                    fresh(new MandrelData(
                            "stepped pliers " + step, MandrelData.Kind.PLIERS_STEP, step, STEP_MM, ASSUMED)));
        }
        return RODS.length + STEPS.length;
    }

    private int cutters() {
        if (!cutters.all().isEmpty()) {
            return 0;
        }
        List.of(
                        new CutterData("flush cutters", CutterData.Method.FLUSH, 0.7, true, ASSUMED),
                        new CutterData("saw blade 2/0", CutterData.Method.SAW, 0.3, false, ASSUMED))
                .forEach(cutter -> cutters.put(UUID.randomUUID(), fresh(cutter)));
        return 2;
    }

    private static <D> Edit<D> fresh(D data) {
        return new Edit<>(null, data);
    }
}
