package toroid.server.stock;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.StraightLengths;
import toroid.core.stock.StripCut;
import toroid.core.stock.kind.WireLots;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/**
 * Strips as they are cut: all that leaves the shelf with one does so together, under the strip's own id, and comes back together where it
 * was not cut after all. Jobs are held before lots, each in their order, here and by runs: nobody waits for each other.
 */
@Service
@Transactional
public class CutStrips {
    /** Nobody looks further back. */
    private static final int NEWEST = 2000;

    private static final double LONGEST_MM = 1e7;

    /** One of many lengths of a lot, from 1. */
    private static final Pattern NUMBERED = Pattern.compile(".+/([1-9]\\d{0,4})");

    private final CutRepository repository;
    private final Lots lots;
    private final Ledger ledger;
    private final CutAhead ahead;
    private final StockMoveRepository moves;
    private final FactsJson json;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    CutStrips(
            CutRepository repository,
            Lots lots,
            Ledger ledger,
            CutAhead ahead,
            StockMoveRepository moves,
            FactsJson json,
            ApplicationEventPublisher events,
            Clock clock) {
        this.repository = repository;
        this.lots = lots;
        this.ledger = ledger;
        this.ahead = ahead;
        this.moves = moves;
        this.json = json;
        this.events = events;
        this.clock = clock;
    }

    /** What is kept of it. */
    record Kept(String strip, List<CutGiven.LengthCut> lengths, double leftMm, UUID offcutId) {}

    /** Those that count, the newest first. */
    @Transactional(readOnly = true)
    public List<CutStrip> all() {
        return repository.findByUndoneAtIsNullOrderByCutAtDescIdAsc(Limit.of(NEWEST)).stream()
                .map(this::view)
                .toList();
    }

    /**
     * Wire leaves its lot for the jobs it is cut for; kerf and what is left too short leave it for nothing; what is left of one of many
     * lengths becomes an offcut. Sent twice, it is cut once.
     *
     * @throws Refusal when the strip does not hold so much, or is no wire
     */
    public CutStrip cut(CutGiven given) {
        Map<UUID, Double> jobs = byJob(given.lengths());
        jobs.keySet().forEach(ahead::hold);
        Lot lot = lots.held(given.lotId());
        var before = repository.findById(given.id());
        if (before.isPresent()) {
            return view(before.get());
        }
        if (!lot.kind().equals(WireLots.ID)) {
            throw Refusal.of(ServerCode.NO_OFFCUT_OF_THIS, "lotId", given.lotId());
        }
        StripCut strip = checked(given);
        Instant now = now();
        Double each = each(lot);
        UUID offcut = each != null && strip.leftMm() > 0 ? UUID.randomUUID() : null;
        var cut = repository.saveAndFlush(new Cut(
                given.id(),
                given.lotId(),
                json.write(new Kept(given.strip(), given.lengths(), strip.leftMm(), offcut)),
                now));
        // what the strip was found to hold before it was cut
        double more = given.heldMm() - heldBefore(lot, each, given.strip());
        if (Math.abs(more) > CRUMB_MM) {
            moves.save(StockMove.cut(lot.id(), more, StockMove.Why.COUNTED, cut.id(), null, now));
            lot.know();
        }
        jobs.forEach((job, mm) -> {
            moves.save(StockMove.cut(lot.id(), -mm, StockMove.Why.CUT, cut.id(), job, now));
            events.publishEvent(new CutMade(job));
        });
        if (strip.awayMm() > CRUMB_MM) {
            moves.save(StockMove.cut(lot.id(), -strip.awayMm(), StockMove.Why.CUT_AWAY, cut.id(), null, now));
        }
        moves.flush();
        lots.moved(lot);
        if (offcut != null) {
            ledger.offcut(lot.id(), offcut, strip.leftMm());
        }
        return view(cut);
    }

    private static final double CRUMB_MM = 1e-6;

    private static StripCut checked(CutGiven given) {
        Checks.within("heldMm", given.heldMm(), 1, LONGEST_MM, Unit.MM, Remedy.MEASURE_WHAT_WAS_LEFT);
        return StripCut.of(
                given.heldMm(),
                given.lengths().stream()
                        .map(one -> new StripCut.Length(one.lengthMm(), one.count()))
                        .toList(),
                given.kerfMm(),
                given.usefulMm());
    }

    /** How long each of its lengths is, where it is a lot of such; null for what is one strip. */
    private Double each(Lot lot) {
        Map<String, Object> facts = json.read(lot.facts());
        return WireLots.LENGTHS.equals(facts.get(WireLots.COMES_AS)) ? (Double) facts.get(WireLots.EACH) : null;
    }

    /** What the shelf says the strip holds. */
    private double heldBefore(Lot lot, Double each, String strip) {
        double balance = moves.balance(lot.id());
        if (each == null) {
            return balance;
        }
        Matcher number = NUMBERED.matcher(strip);
        if (!number.matches()) {
            throw Refusal.of(ServerCode.NO_SUCH_STRIP, "strip", strip);
        }
        double there = StraightLengths.of(each, balance, Integer.parseInt(number.group(1)));
        if (there == 0) {
            throw Refusal.of(ServerCode.NO_SUCH_STRIP, "strip", strip);
        }
        return there;
    }

    private static Map<UUID, Double> byJob(List<CutGiven.LengthCut> lengths) {
        return lengths.stream()
                .collect(Collectors.toMap(
                        CutGiven.LengthCut::jobId, CutGiven.LengthCut::allMm, Double::sum, TreeMap::new));
    }

    /**
     * It was not cut after all; asked twice, once.
     *
     * @throws Refusal when a run has used what was cut, or the offcut is no longer whole
     */
    public CutStrip undo(UUID id) {
        ahead.hold(id);
        Cut cut = repository.findById(id).orElseThrow(() -> new NotKept("cut", id));
        if (cut.isUndone()) {
            return view(cut);
        }
        Kept kept = json.read(cut.content(), Kept.class);
        Map<UUID, Double> jobs = byJob(kept.lengths());
        jobs.keySet().forEach(ahead::hold);
        Lot lot = lots.held(cut.lotId());
        jobs.forEach((job, mm) -> {
            if (ahead.ahead(job, cut.lotId()) < mm - CRUMB_MM) {
                throw Refusal.of(ServerCode.CUT_IN_USE, "id", null);
            }
        });
        if (kept.offcutId() != null) {
            ledger.undo(kept.offcutId());
        }
        Instant now = now();
        for (StockMove move : moves.findByCutIdOrderByIdAsc(id)) {
            moves.save(move.undone(now));
        }
        cut.undo(now);
        repository.saveAndFlush(cut);
        lots.moved(lot);
        jobs.keySet().forEach(job -> events.publishEvent(new CutMade(job)));
        return view(cut);
    }

    private CutStrip view(Cut cut) {
        Kept kept = json.read(cut.content(), Kept.class);
        return new CutStrip(
                cut.id(), cut.lotId(), kept.strip(), cut.cutAt(), kept.lengths(), kept.leftMm(), kept.offcutId());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
