package toroid.core.piece;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartMaker;

/**
 * From the body back: how long a piece has to be, and what is left over; {@link Cures} bring it nearer.
 *
 * @param girthMm of the wrist, neck or ankle it goes round, mm
 * @param easeMm how much longer than that it hangs, mm; 6 snug, 12 comfortable, 20 to 25 loose on a wrist (common practice)
 */
public record BodyFit(double girthMm, double easeMm) implements Wanted {
    /** Rings of the rods most makers have, mm; tried where nothing is said of the maker's own. Common practice. */
    public static final List<Double> USUAL_INSIDES = List.of(2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5, 6.0, 7.0, 8.0, 10.0);

    private static final double LEAST_GIRTH_MM = 30;
    private static final double MOST_GIRTH_MM = 2000;

    public BodyFit {
        Checks.within("girthMm", girthMm, LEAST_GIRTH_MM, MOST_GIRTH_MM, Unit.MM, Remedy.MEASURE_IT_AGAIN);
        Checks.within("easeMm", easeMm, -0.1 * girthMm, girthMm, Unit.MM, Remedy.MEASURE_IT_AGAIN);
    }

    /**
     * How long the piece is to be, mm: {@code C + ease + π t}, since what lies on a body has its own middle half its thickness off it all
     * round. Exact for short parts; a long stiff one stands off and needs more.
     */
    @Override
    public double targetMm(PieceWork work) {
        return girthMm + easeMm + Math.PI * work.thickMm();
    }

    @Override
    public double lengthMm(PieceWork work, PartMaker maker) {
        return work.lengthMm();
    }

    /** What is over, mm; negative where it is too short. */
    public double remainderMm(PieceWork work) {
        return work.lengthMm() - targetMm(work);
    }
}
