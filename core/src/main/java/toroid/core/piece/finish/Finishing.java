package toroid.core.piece.finish;

import java.util.List;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.PartWork;

/**
 * How a piece is to be finished.
 *
 * @param finishes each once, in the order hands do them, whatever order they come in
 * @param hardBeads whether all beads and stones on it are glass without a coating, or stone as hard as quartz: those withstand bath and barrel
 */
public record Finishing(List<Finish> finishes, boolean hardBeads) {
    /** As it comes off the pliers. */
    public static final Finishing NONE = new Finishing(List.of(), false);

    /** @throws Refusal when there is nothing to rub back: nothing is coloured */
    public Finishing {
        finishes = finishes.stream().distinct().sorted().toList();
        if (finishes.contains(Finish.RUB_BACK) && !finishes.contains(Finish.COLOUR)) {
            throw Refusal.of(RefusalCode.NOTHING_TO_RUB_BACK, FIELD, null);
        }
    }

    private static final String FIELD = "finish";

    public boolean has(Finish finish) {
        return finishes.contains(finish);
    }

    /**
     * @param metalId of its rings
     * @throws Refusal when it is to be coloured and one of its wires is of what sulphur does not darken
     */
    public void check(PieceWork work, String metalId) {
        if (has(Finish.COLOUR)) {
            checkDarkens(Metals.byId(metalId));
            work.parts().stream()
                    .flatMap(part -> part.takes().cuts().stream())
                    .map(PartWork.Cut::metal)
                    .distinct()
                    .forEach(id -> checkDarkens(Metals.byId(id)));
        }
    }

    private static void checkDarkens(Metal metal) {
        if (!metal.darkens()) {
            throw Refusal.of(RefusalCode.METAL_DOES_NOT_DARKEN, FIELD, metal.name())
                    .with(
                            "known",
                            Metals.all().stream()
                                    .filter(Metal::darkens)
                                    .map(Metal::name)
                                    .toList());
        }
    }
}
