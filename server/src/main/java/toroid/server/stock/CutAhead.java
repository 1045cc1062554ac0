package toroid.server.stock;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.stock.kind.WireLots;
import toroid.core.wire.Wire;

/**
 * Lengths that were cut for a job before its run came to them: they left the shelf as they were cut, from whichever lot, so that the run
 * puts back on its own lot what it would take of it a second time.
 */
@Service
@Transactional
public class CutAhead {
    private final Lots lots;
    private final StockMoveRepository moves;
    private final Clock clock;

    CutAhead(Lots lots, StockMoveRepository moves, Clock clock) {
        this.lots = lots;
        this.moves = moves;
        this.clock = clock;
    }

    /** Until this transaction ends nobody else cuts for that job, or uses what was; or has that cut in hand. */
    public void hold(UUID jobOrCut) {
        moves.hold(jobOrCut.getMostSignificantBits() ^ jobOrCut.getLeastSignificantBits());
    }

    /** What is cut for a job and not used, mm by lot it was cut from; those a run used of another lot of that wire counted off. */
    private Map<UUID, Double> there(UUID job) {
        var there = new HashMap<UUID, Double>();
        moves.ahead(job).forEach(one -> there.put(one.lot(), -one.amount()));
        return there;
    }

    /** What is cut of wire that serves for that lot's, and not used, mm; 0 up. */
    public double ahead(UUID job, UUID lot) {
        Map<UUID, Double> there = there(job);
        if (there.isEmpty()) {
            return 0;
        }
        Stuff wire = stuff(lot);
        double sum = 0;
        for (Map.Entry<UUID, Double> one : there.entrySet()) {
            sum += wire != null && wire.isServedBy(stuff(one.getKey())) ? one.getValue() : 0;
        }
        return Math.max(0, sum);
    }

    private record Stuff(String metal, double diameterMm) {
        boolean isServedBy(Stuff other) {
            return other != null
                    && metal.equals(other.metal)
                    && (Wire.standsFor(other.diameterMm, diameterMm) || Wire.standsFor(diameterMm, other.diameterMm));
        }
    }

    private Stuff stuff(UUID lot) {
        return lots.found(lot)
                .filter(one -> one.data().kind().equals(WireLots.ID))
                .map(one -> one.data().facts())
                .map(facts -> new Stuff((String) facts.get(WireLots.METAL), (Double) facts.get(WireLots.DIAMETER)))
                .orElse(null);
    }

    /**
     * A run's operation took that much of a lot, or gave it back where it is negative: what was cut ahead is put back on the lot, at most
     * what was taken; as it is given back, that is taken off again. The job is held by whoever calls.
     */
    public void used(UUID job, UUID lot, double amount, UUID run, String operation) {
        if (stuff(lot) == null) {
            return;
        }
        double back = amount > 0
                ? Math.min(amount, ahead(job, lot))
                : -Math.max(0, moves.putBack(run, operation, lot) - Math.max(0, -moves.usedBy(run, operation, lot)));
        if (Math.abs(back) > CRUMB_MM) {
            moves.save(StockMove.wasCut(lot, back, job, run, operation, now()));
        }
    }

    private static final double CRUMB_MM = 1e-9;

    /** What is still to be taken of each lot, less what is cut ahead of it. */
    public Map<UUID, Double> without(UUID job, Map<UUID, Double> toDraw) {
        if (toDraw.isEmpty() || moves.ahead(job).isEmpty()) {
            return toDraw;
        }
        var rest = new HashMap<UUID, Double>();
        var spent = new HashMap<Stuff, Double>();
        toDraw.forEach((lot, amount) -> {
            Stuff wire = stuff(lot);
            double ahead = wire == null ? 0 : Math.max(0, ahead(job, lot) - spent.getOrDefault(wire, 0.0));
            double covered = Math.min(amount, ahead);
            if (wire != null) {
                spent.merge(wire, covered, Double::sum);
            }
            rest.put(lot, amount - covered);
        });
        return rest;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
