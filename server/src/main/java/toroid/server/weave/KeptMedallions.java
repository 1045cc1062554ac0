package toroid.server.weave;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.ring.Ring;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.Medallion;
import toroid.server.store.Recent;

/** Medallions as parts, each solved once for small rings of 1 mm wire and kept; laid in the sizes asked for. */
@Component
class KeptMedallions {
    private static final int RECENT = 40;

    private final SolvedWeaveRepository repository;
    private final ObjectMapper mapper;
    private final Clock clock;
    private final Recent<String, Medallion> recent = new Recent<>(RECENT);

    KeptMedallions(SolvedWeaveRepository repository, ObjectMapper mapper, Clock clock) {
        this.repository = repository;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** As kept: the larger rings' wire and inside, and what the core tells of its rings. */
    private record Flat(
            double insideMm,
            double hubWireMm,
            double hubInsideMm,
            List<Integer> counts,
            List<Integer> preClosed,
            int steps,
            double[] rings,
            List<Integer> hubs,
            int top,
            List<Integer> ends) {
        static Flat of(Medallion one) {
            return new Flat(
                    one.small().innerDiameterMm(),
                    one.hub().wireDiameterMm(),
                    one.hub().innerDiameterMm(),
                    one.rings(),
                    one.preClosed(),
                    one.steps(),
                    FlatRings.of(one.circles()),
                    one.hubs(),
                    one.top(),
                    one.ends());
        }

        Medallion medallion() {
            return new Medallion(
                    new Ring(1, insideMm),
                    new Ring(hubWireMm, hubInsideMm),
                    counts,
                    preClosed,
                    steps,
                    FlatRings.rings(rings),
                    hubs,
                    top,
                    ends);
        }
    }

    /** @throws toroid.core.numeric.Refusal when it does not go together so */
    Medallion of(WeaveFiles.Filed weave, Medallion.Asked asked) {
        Medallion.Asked unit = asked.scaled(1 / asked.small().wireDiameterMm());
        String question = weave.sum() + "/" + SolvedWeaves.SOLVER + "/medallion in steps " + unit.plan() + " "
                + WeaveDesk.named(List.of(unit.small().innerDiameterMm(), unit.hubWireMm()))
                + (unit.hubInnerMm() == null ? "" : WeaveDesk.named(List.of(unit.hubInnerMm())));
        return recent.get(
                        question,
                        () -> repository
                                .findById(question)
                                .map(kept -> read(kept.answer()))
                                .orElseGet(() -> solved(weave, unit, question)))
                .scaledTo(asked);
    }

    private Medallion solved(WeaveFiles.Filed weave, Medallion.Asked unit, String question) {
        Medallion solved = Medallion.of(new Composition(weave.pattern(), unit.plan()), unit);
        try {
            repository.keep(question, mapper.writeValueAsString(Flat.of(solved)), clock.instant());
        } catch (JsonProcessingException never) {
            throw new IllegalStateException(never);
        }
        return solved;
    }

    private Medallion read(String answer) {
        try {
            return mapper.readValue(answer, Flat.class).medallion();
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("a kept medallion cannot be read", broken);
        }
    }
}
