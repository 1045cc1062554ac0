package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import toroid.core.form.HandTime;
import toroid.core.form.HandWork;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.part.PartMaker;

/**
 * What hands do at a piece: its parts made, its rings wound, cut, opened and closed, all joined; as stated, until a maker's own timings say
 * better ({@link toroid.core.form.Paces}); within {@link HandTime#WITHIN} times either way. Waits (glue, pickle) are not in it.
 */
public final class PieceTime {
    private PieceTime() {}

    /**
     * @param pair whether it is made twice
     * @param order when it is finished
     * @param ready rings that lie on the shelf and are not wound
     */
    public static List<HandWork> of(
            PieceWork work,
            PieceLists lists,
            boolean pair,
            PartMaker maker,
            FinishOrder order,
            Predicate<PieceLists.Rings> ready) {
        var works = new ArrayList<HandWork>();
        double copies = pair ? 2 : 1;
        MadeInPlace made = MadeInPlace.of(work, maker);
        for (MadeInPlace.Same same : made.parts()) {
            double times = copies * same.places().size();
            works.add(made.alone(same).times(times));
            if (work.parts().get(same.first()).domedMm() > 0) {
                works.add(HandWork.seconds(HandWork.HAMMER, times * HandWork.HAMMER_SECONDS));
            }
        }
        works.add(joining(work, made).times(copies));
        order.works().forEach(one -> works.add(one.times(copies)));
        lists.rings().forEach(rings -> works.addAll(of(rings, !ready.test(rings))));
        if (lists.rings().stream().anyMatch(PieceLists.Rings::soldered)) {
            works.add(HandWork.seconds(HandWork.SOLDER, HandWork.TORCH_SECONDS));
        }
        return works;
    }

    /** Joint by joint, all of one copy, with what is formed round a neighbour there. */
    public static HandWork joining(PieceWork work, MadeInPlace made) {
        return joining(work, made, 0, work.joining().size());
    }

    /** The same from one join, from 0, up to before another. */
    public static HandWork joining(PieceWork work, MadeInPlace made, int from, int to) {
        return HandWork.seconds(
                HandWork.JOIN,
                work.joining().subList(from, to).stream()
                        .mapToDouble(step -> made.roundSeconds(step) + seconds(step.act()))
                        .sum());
    }

    private static double seconds(AssemblyStep.Act act) {
        return switch (act) {
            case MAKE, CLOSE_BEFORE -> 0;
            case HOOK -> 3;
            case OPEN_AND_CLOSE -> 12;
            case SOLDER_ROUND -> 20;
            // led in; what is formed then is counted by its steps
            case FORM_ROUND -> 6;
        };
    }

    private static List<HandWork> of(PieceLists.Rings rings, boolean wound) {
        int count = rings.count();
        var works = new ArrayList<HandWork>();
        if (wound) {
            int made = count + rings.spare();
            works.add(HandWork.seconds(HandWork.WIND, HandWork.WIND_SECONDS * rings.turns() * made));
            works.add(HandWork.seconds(HandWork.CUT, HandWork.CUT_SECONDS * made));
        }
        works.add(HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * (rings.pressed() + rings.closed())));
        works.add(HandWork.seconds(HandWork.OPEN, HandWork.OPEN_SECONDS * rings.opened()));
        if (rings.hammeredMm() != null) {
            works.add(HandWork.seconds(HandWork.HAMMER, HandWork.HAMMER_SECONDS * count));
        }
        if (rings.beadMm() != null) {
            works.add(HandWork.seconds(HandWork.THREAD, HandWork.THREAD_SECONDS * count));
        }
        if (rings.soldered()) {
            works.add(HandWork.seconds(HandWork.SOLDER, HandWork.SOLDER_SECONDS * count));
        }
        return works;
    }
}
