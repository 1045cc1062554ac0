package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;
import toroid.core.piece.Starters;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.finish.Finishing;

/** Pieces coloured, rubbed back, tumbled and waxed, played as hands would: nothing meets what it does not withstand. */
class FinishedPieceTest {
    private static final List<String> PARTS = List.of(
            "ring 1/4",
            "ring 1/4 soldered",
            "ring 1/5 bead=4",
            "ring 1.4/7 hammered=1",
            "figure-eight",
            "bead-link first=wrapped second=wrapped",
            "bead-link first=plain second=plain",
            "balled-link",
            "cord 2 length=60",
            "strand 0.38 (9 * bead 6/1)",
            "chain 3/0.6 links=9",
            "ring 1/5 [ring 0.8/3 - stone 14/1.2]",
            "ring 1/5 [beaded-dangle]",
            "ring 1/5 [finding pendant-on-a-bail]");

    /** Every choice of finishes there is, with soft beads and hard ones. */
    private static List<Finishing> choices() {
        var choices = new ArrayList<Finishing>();
        for (int bits = 0; bits < 1 << Finish.values().length; bits++) {
            var some = new ArrayList<Finish>();
            for (Finish finish : Finish.values()) {
                if ((bits >> finish.ordinal() & 1) == 1) {
                    some.add(finish);
                }
            }
            if (!some.contains(Finish.RUB_BACK) || some.contains(Finish.COLOUR)) {
                choices.add(new Finishing(some, false));
                choices.add(new Finishing(some, true));
            }
        }
        return choices;
    }

    @Test
    void everyStarterIsFinishedEveryWay() {
        int looked = 0;
        for (Starters.Starter starter : Starters.all()) {
            FinishPlayed.Worked worked = FinishPlayed.worked(starter.line(), "copper");
            if (worked == null) {
                continue;
            }
            for (Finishing finishing : choices()) {
                FinishPlayed.played(worked, new Asked(finishing, true));
                looked++;
            }
        }
        assertThat(looked).isGreaterThan(300);
    }

    @Test
    void soIsWhateverIsPutTogether() {
        var chance = new Random(7);
        int looked = 0;
        int early = 0;
        int burnt = 0;
        List<Finishing> choices = choices();
        for (int piece = 0; piece < 160; piece++) {
            var line = new StringBuilder("s-hook wire=1.4 - ring 1/5");
            for (int i = 0; i < 5; i++) {
                line.append(" - ").append(PARTS.get(chance.nextInt(PARTS.size())));
                line.append(chance.nextInt(3) == 0 ? "" : " - ring 1/4");
            }
            FinishPlayed.Worked worked = FinishPlayed.worked(line.toString(), "copper");
            if (worked == null) {
                continue;
            }
            for (int i = 0; i < 4; i++) {
                Finishing finishing = choices.get(chance.nextInt(choices.size()));
                try {
                    Plan plan = FinishPlayed.played(worked, new Asked(finishing, chance.nextBoolean()));
                    looked++;
                    early += FinishPlayed.finishes(plan).stream().anyMatch(one -> !one.whole()) ? 1 : 0;
                } catch (Refusal refused) {
                    assertThat(refused.code()).isEqualTo("finish-before-the-torch");
                    burnt++;
                }
            }
        }
        assertThat(looked).isGreaterThan(200);
        assertThat(early).isGreaterThan(60);
        assertThat(burnt).isLessThan(looked / 5);
    }

    private static Finishing all(boolean hardBeads) {
        return new Finishing(List.of(Finish.values()), hardBeads);
    }

    private static List<String> verbs(Plan plan) {
        return plan.operations().stream().map(Operation::verb).distinct().toList();
    }

    /** Wire alone is finished when all is joined, in the order of the trade, whatever order they are asked in. */
    @Test
    void wireAloneIsFinishedAtTheEnd() {
        FinishPlayed.Worked chain = FinishPlayed.worked("s-hook wire=1.2 - 9 * ring 1.2/5.5", "copper");
        Finishing backwards =
                new Finishing(List.of(Finish.SEAL, Finish.TUMBLE, Finish.RUB_BACK, Finish.COLOUR, Finish.SEAL), false);
        assertThat(verbs(chain.plan(new Asked(backwards, false))))
                .endsWith("PUT_TOGETHER", "COLOUR", "RUB_BACK", "TUMBLE", "SEAL", "INSPECT");
        assertThat(FinishPlayed.finishes(chain.plan(new Asked(backwards, false))))
                .allMatch(FinishWork::whole);
    }

    /** Pearls neither darken nor tumble: their links' wire is coloured before they go on, and polished by cloth; glass goes in with all. */
    @Test
    void beadsGoOnAfterTheBathUnlessTheyAreHard() {
        FinishPlayed.Worked links = FinishPlayed.worked(
                "s-hook wire=1.2 - 2 * (ring 1/4 - bead-link bead=6) - ring 1/4", "sterling-silver");
        Plan soft = links.plan(new Asked(all(false), false));
        List<String> ids = soft.operations().stream().map(Operation::id).toList();
        String thread = soft.operations().stream()
                .filter(one -> one.verb().equals("THREAD"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(ids.indexOf("colour")).isLessThan(ids.indexOf(thread));
        assertThat(ids.indexOf("tumble")).isLessThan(ids.indexOf(thread));
        assertThat(ids.indexOf("seal")).isGreaterThan(ids.indexOf(PiecePlan.JOIN));
        assertThat(soft.operation(thread).after()).contains("colour", "tumble");
        Map<Finish, List<FinishOrder.Going>> goes = new EnumMap<>(Finish.class);
        FinishPlayed.finishes(soft)
                .forEach(step -> goes.put(
                        step.finish(),
                        step.lots().stream().map(FinishWork.Lot::going).toList()));
        assertThat(goes.get(Finish.COLOUR)).contains(FinishOrder.Going.WHOLE, FinishOrder.Going.BEFORE_THREADING);
        assertThat(FinishPlayed.finishes(links.plan(new Asked(all(true), false))))
                .allMatch(FinishWork::whole);
    }

    @Test
    void whatCannotBeIsRefused() {
        FinishPlayed.Worked titanium = FinishPlayed.worked("s-hook wire=1.2 - 3 * ring 1.2/5.5", "titanium");
        assertThatThrownBy(() -> titanium.plan(new Asked(all(true), false)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("metal-does-not-darken"));
        assertThat(titanium.plan(new Asked(new Finishing(List.of(Finish.TUMBLE), false), false))
                        .operations())
                .isNotEmpty();
        assertThatThrownBy(() -> new Finishing(List.of(Finish.RUB_BACK), false))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("nothing-to-rub-back"));
    }
}
