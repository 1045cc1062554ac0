package toroid.server.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.ring.Ring;
import toroid.core.work.Plan;
import toroid.server.piece.HandPace;
import toroid.server.piece.PieceSupply;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingWorkshop;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Kept;

/** A job's plan as it stands now, for these hands: rings that are laid out to be wound for it are not taken from the shelf besides. */
@Component
class Plans {
    private final Jobs jobs;
    private final RingKind rings;
    private final RingWorkshop workshop;
    private final Lots lots;
    private final HandPace hands;

    Plans(Jobs jobs, RingKind rings, RingWorkshop workshop, Lots lots, HandPace hands) {
        this.jobs = jobs;
        this.rings = rings;
        this.workshop = workshop;
        this.lots = lots;
        this.hands = hands;
    }

    /** @throws Refusal when it cannot be made so */
    <C, F> Planned<F> of(JobKind<C, F> kind, UUID job, C content) {
        Planned<F> planned = paced(kind.plan(content));
        Map<String, LotData> drawn = ringLots(planned.work());
        List<RingJobData> wound = drawn.isEmpty() ? List.of() : jobs.laidOutFor(job, rings);
        if (wound.isEmpty()) {
            return planned;
        }
        List<String> besides = drawn.entrySet().stream()
                .filter(lot -> wound.stream().anyMatch(one -> isOf(lot.getValue(), one)))
                .map(Map.Entry::getKey)
                .toList();
        return new Planned<>(planned.facts(), planned.work().without(besides));
    }

    private <F> Planned<F> paced(Planned<F> planned) {
        return new Planned<>(planned.facts(), planned.work().paced(hands.paces()));
    }

    private Map<String, LotData> ringLots(Plan plan) {
        Map<String, Double> draws = plan.draws();
        if (draws.isEmpty()) {
            return Map.of();
        }
        return lots.all("rings").stream()
                .filter(lot -> draws.containsKey(lot.id().toString()))
                .collect(Collectors.toMap(lot -> lot.id().toString(), Kept::data));
    }

    private boolean isOf(LotData lot, RingJobData wound) {
        try {
            Ring ring = workshop.work(wound).work().closed();
            String metal = MetalNames.metalOrRefuse(wound.metal()).id();
            return PieceSupply.isOfRings(lot, metal, ring, wound.turnsPerRing());
        } catch (Refusal cannotBeMade) {
            return false;
        }
    }
}
