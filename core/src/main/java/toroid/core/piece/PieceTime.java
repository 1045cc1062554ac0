package toroid.core.piece;

import toroid.core.form.HandTime;
import toroid.core.piece.part.PartMaker;

/**
 * How long hands are at a piece, minutes: its parts made, its rings wound, cut, opened and closed, all joined. Our own figures, from
 * memory; within {@link HandTime#WITHIN} times either way, until a maker's own timings say better ({@link toroid.core.form.Pace}). Waits
 * (glue, pickle) are not in it.
 */
public final class PieceTime {
    private static final double SECONDS = 60;

    /** Winding and cutting one ring. */
    private static final double RING = 6;

    /** Closing one flush beforehand; opening one. */
    private static final double CLOSE = 9;

    private static final double OPEN = 4;
    private static final double SOLDER = 72;

    /** Setting a torch up, once. */
    private static final double TORCH = 300;

    private static final double HAMMER = 30;
    private static final double BEAD = 5;

    private PieceTime() {}

    /** @param pair whether it is made twice */
    public static double minutes(PieceWork work, PieceLists lists, boolean pair, PartMaker maker) {
        double each = 0;
        for (var part : work.parts()) {
            each += part.spec().handSeconds(maker);
            each += part.domedMm() > 0 ? HAMMER : 0;
        }
        for (AssemblyStep step : work.joining()) {
            each += seconds(step.act());
        }
        double rings = lists.rings().stream().mapToDouble(PieceTime::seconds).sum();
        double torch = lists.rings().stream().anyMatch(PieceLists.Rings::soldered) ? TORCH : 0;
        return ((pair ? 2 : 1) * each + rings + torch) / SECONDS;
    }

    private static double seconds(AssemblyStep.Act act) {
        return switch (act) {
            case MAKE, CLOSE_BEFORE -> 0;
            case HOOK -> 3;
            case OPEN_AND_CLOSE -> 12;
            case SOLDER_ROUND -> 20;
            case FORM_ROUND -> 20;
        };
    }

    private static double seconds(PieceLists.Rings rings) {
        double made = RING * rings.turns() * (rings.count() + rings.spare());
        double readied = (rings.hammeredMm() == null ? 0 : HAMMER)
                + (rings.beadMm() == null ? 0 : BEAD)
                + (rings.soldered() ? SOLDER : 0);
        int opened = rings.count() - rings.preClosed();
        return made + readied * rings.count() + CLOSE * rings.preClosed() + OPEN * opened;
    }
}
