package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.weave.CutList;
import toroid.core.work.Asked;
import toroid.core.work.PiecePlan;
import toroid.core.work.Plan;
import toroid.server.piece.PieceJobData;
import toroid.server.piece.PieceQuestion;
import toroid.server.piece.PieceStock;
import toroid.server.piece.PieceSupply;
import toroid.server.piece.PieceWorkshop;
import toroid.server.preference.Choices;
import toroid.server.ring.RingJobData;
import toroid.server.store.ServerCode;
import toroid.server.wire.Spools;

/** Whole pieces: rings closed and opened beforehand, forms made, all put together joint by joint. */
@Component
public class PieceKind extends KindBase<PieceJobData, PieceKind.PieceFacts> {
    static final String ID = "piece";

    private final PieceWorkshop workshop;
    private final PieceStock stock;

    PieceKind(PieceWorkshop workshop, PieceStock stock, Spools spools) {
        super(ID, PieceJobData.class, PieceFacts.class, PieceSketch.class, spools);
        this.workshop = workshop;
        this.stock = stock;
    }

    /**
     * What is shown beside the operations.
     *
     * @param lengthMm of its row, taut
     */
    public record PieceFacts(
            @NotNull PieceJobData job,
            @NotNull double lengthMm,
            @NotNull double hangsMm,
            @NotNull double weightG,
            @NotNull int parts,
            @NotNull boolean pair)
            implements Facts<PieceJobData> {}

    /** @param lengthMm 0 when it cannot be worked out */
    public record PieceSketch(
            @NotNull String metal,
            @NotNull double lengthMm,
            @NotNull int parts,
            @NotNull boolean pair) {}

    @Override
    public Planned<PieceFacts> plan(PieceJobData job) {
        PieceQuestion question = job.question(false);
        PieceWorkshop.Planned planned = workshop.planned(question);
        PieceWork work = planned.work();
        boolean pair = planned.piece().pair();
        var facts = new PieceFacts(
                job,
                work.lengthMm(),
                planned.hangsMm(),
                work.massG(),
                work.parts().size(),
                pair);
        Plan made = PiecePlan.of(
                work,
                planned.maker(),
                pair,
                stock.supply(1),
                workshop.toolbox(),
                new Asked(question.finishing(), question.goesRound()));
        return new Planned<>(facts, made);
    }

    /** Its forms' wire; its rings are wound as coils, jobs of their own ({@link #cuts}). */
    @Override
    public List<WireLength> lengths(PieceJobData job) {
        PieceWorkshop.Planned planned = workshop.planned(job.question(false));
        return PieceLists.of(planned.work(), planned.piece().pair(), job.sparePercent()).cuts().stream()
                .map(one -> new WireLength(
                        one.form(),
                        0,
                        one.cut().metal(),
                        one.cut().diameterMm(),
                        one.cut().lengthMm(),
                        one.count()))
                .toList();
    }

    /** @throws Refusal for a piece without rings, or one whose rings all lie ready on the shelf */
    @Override
    public List<RingJobData> cuts(PieceJobData job, Choices choices) {
        PieceWorkshop.Planned planned = workshop.planned(job.question(false));
        List<PieceLists.Rings> rings = PieceLists.of(
                        planned.work(), planned.piece().pair(), job.sparePercent())
                .rings();
        if (rings.isEmpty()) {
            throw Refusal.of(RefusalCode.NO_RINGS_TO_CUT, "line", null);
        }
        PieceSupply shelf = stock.supply(1);
        List<RingJobData> cuts = IntStream.range(0, rings.size())
                .filter(i -> shelf.rings(
                                planned.maker().metalId(),
                                rings.get(i),
                                rings.get(i).count())
                        .isEmpty())
                .mapToObj(i -> cut(job, rings.get(i), rings.size() > 1 ? i + 1 : 0, choices))
                .toList();
        if (cuts.isEmpty()) {
            throw Refusal.of(ServerCode.RINGS_LIE_READY, "line", job.name());
        }
        return cuts;
    }

    private static RingJobData cut(PieceJobData job, PieceLists.Rings rings, int number, Choices choices) {
        String name = number == 0 ? job.name() + ", rings" : job.name() + ", rings " + number;
        var one = new CutList.Rings(
                0, 0, rings.ring().wireDiameterMm(), rings.ring().innerDiameterMm(), rings.count());
        return choices.rings(name, null, MetalNames.metalOrRefuse(job.metal()), one, job.sparePercent())
                .wound(rings.turns());
    }

    /**
     * The second version may say how thin rings are hammered; those of the first are not. The fourth has a form's steps one by one, the
     * fifth a weave's rings and a strand's beads; what was begun before is made part by part to its end. The sixth may be held to the body and
     * finished between its joins; those of before are joined at once. The seventh says which half of its wire a step bends, and has no
     * operation for what is only left straight.
     */
    @Override
    public List<UnaryOperator<ObjectNode>> planUpgrades() {
        return List.of(
                UnaryOperator.identity(),
                Renamed.inDraws(),
                UnaryOperator.identity(),
                UnaryOperator.identity(),
                UnaryOperator.identity(),
                UnaryOperator.identity());
    }

    /** Of all that can be on it. */
    @Override
    public boolean takes(String stockKind) {
        return true;
    }

    @Override
    public boolean showsMore() {
        return true;
    }

    @Override
    public Object shown(PieceFacts facts) {
        return workshop.inMaking(facts.job().question(true));
    }

    /** Before its parts were made step by step the piece alone was kept; before its weaves were put together ring by ring, not those. */
    @Override
    public JsonNode shownToday(JsonNode kept) {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        ObjectNode today = nodes.objectNode();
        if (kept.has(PIECE)) {
            today.setAll((ObjectNode) kept);
        } else {
            today.set(PIECE, kept);
        }
        List.of("forms", "woven").forEach(shown -> today.putIfAbsent(shown, nodes.objectNode()));
        return today;
    }

    private static final String PIECE = "piece";

    @Override
    public Object sketch(PieceJobData job, PieceFacts facts) {
        return facts == null
                ? new PieceSketch(job.metal(), 0, 0, false)
                : new PieceSketch(job.metal(), facts.lengthMm(), facts.parts(), facts.pair());
    }
}
