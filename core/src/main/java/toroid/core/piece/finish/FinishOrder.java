package toroid.core.piece.finish;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import toroid.core.form.FormStep;
import toroid.core.form.HandWork;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/**
 * When a piece is finished: at the end where all that is on it withstands that; else with what is joined and made by then, before the first
 * part that does not withstand it comes near. What holds such a part goes into the bath before that is threaded on, and is polished by cloth.
 *
 * @param finishing what is done
 * @param before how many of the piece's joins are made before what asks all to withstand it; all of them where it is done at the end
 * @param goes of every part, how
 */
public record FinishOrder(Finishing finishing, int before, List<Going> goes) {
    /** How a part goes into bath and barrel. */
    public enum Going {
        /** Made, or joined. */
        WHOLE,
        /** As far as it is made: its end is closed round a neighbour later. A barrel would bend what stands open. */
        HALF,
        /** Into the bath only, as wire or as far as it is formed before what does not withstand it is threaded on. */
        BEFORE_THREADING,
        /** Not at all: bought, strung. */
        APART
    }

    public FinishOrder {
        goes = List.copyOf(goes);
    }

    /**
     * @param made how far its parts are made by themselves
     * @param maker that it was solved with
     * @throws Refusal when one of its metals does not darken, or fire comes after what it would undo
     */
    public static FinishOrder of(PieceWork work, MadeInPlace made, PartMaker maker, Finishing finishing) {
        finishing.check(work, maker.metalId());
        List<AssemblyStep> joins = work.joining();
        boolean[] stands = new boolean[work.parts().size()];
        for (int i = 0; i < stands.length; i++) {
            stands[i] = Withstands.bath(work.parts().get(i), made.bent(i), finishing.hardBeads());
        }
        boolean all = IntStream.range(0, stands.length).allMatch(i -> stands[i])
                || finishing.finishes().stream().noneMatch(Finish::asksAll);
        int before = all
                ? joins.size()
                : (int) joins.stream()
                        .takeWhile(step -> touched(work, step).allMatch(part -> stands[part]))
                        .count();
        List<Going> goes = IntStream.range(0, stands.length)
                .mapToObj(i -> all ? Going.WHOLE : going(work, i, stands[i], joins.subList(before, joins.size())))
                .toList();
        if (!all && finishing.has(Finish.COLOUR)) {
            refuseFire(work, made, stands, joins.subList(before, joins.size()));
        }
        return new FinishOrder(finishing, before, goes);
    }

    /** What a step takes in hand. */
    private static Stream<Integer> touched(PieceWork work, AssemblyStep step) {
        return Stream.concat(
                Stream.of(step.part()),
                step.joints().stream().map(work.joints()::get).flatMap(joint -> Stream.of(joint.a(), joint.b())));
    }

    private static Going going(PieceWork work, int place, boolean stands, List<AssemblyStep> later) {
        PartWork part = work.parts().get(place);
        boolean wire = !part.takes().cuts().isEmpty() || !part.takes().rings().isEmpty();
        if (!wire) {
            return Going.APART;
        }
        if (!stands) {
            return Going.BEFORE_THREADING;
        }
        boolean open =
                later.stream().anyMatch(step -> step.act() == AssemblyStep.Act.FORM_ROUND && step.part() == place);
        return open ? Going.HALF : Going.WHOLE;
    }

    private static void refuseFire(PieceWork work, MadeInPlace made, boolean[] stands, List<AssemblyStep> later) {
        Stream<FormStep> joined = later.stream().flatMap(step -> formed(made, step));
        Stream<FormStep> threaded = made.parts().stream()
                .filter(same -> same.bent() != null && !stands[same.first()])
                .flatMap(same -> onceThreaded(same.bent().steps()).stream());
        boolean fire = Stream.concat(joined, threaded).anyMatch(Withstands::isByFire)
                || later.stream().anyMatch(step -> step.act() == AssemblyStep.Act.SOLDER_ROUND);
        if (fire) {
            throw Refusal.of(RefusalCode.FINISH_BEFORE_THE_TORCH, "finish", null);
        }
    }

    private static List<FormStep> onceThreaded(List<FormStep> steps) {
        return steps.subList(FormStep.threaded(steps), steps.size());
    }

    private static Stream<FormStep> formed(MadeInPlace made, AssemblyStep step) {
        Bent bent = made.bent(step.part());
        return made.round(step).stream().map(number -> bent.work().steps().get(number));
    }

    /** Whether it is done once all is made and joined. */
    public boolean isAtTheEnd() {
        return goes.stream().allMatch(Going.WHOLE::equals);
    }

    /** Whether all that a part is made of may be on it by then. */
    public boolean isWhole(int part) {
        return isAtTheEnd() || goes.get(part) == Going.WHOLE || goes.get(part) == Going.HALF;
    }

    /** Places of the parts that finish is done to, 0 up. */
    public List<Integer> taken(Finish finish) {
        return IntStream.range(0, goes.size())
                .filter(i -> switch (finish) {
                    case COLOUR, RUB_BACK -> goes.get(i) != Going.APART;
                    case TUMBLE -> goes.get(i) == Going.WHOLE;
                    case SEAL -> true;
                })
                .boxed()
                .toList();
    }

    /** What hands do at it, of one copy. */
    public List<HandWork> works() {
        return finishing.finishes().stream()
                .map(finish -> finish.work(taken(finish).size()))
                .toList();
    }
}
