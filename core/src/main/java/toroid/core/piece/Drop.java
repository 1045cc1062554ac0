package toroid.core.piece;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartMaker;

/**
 * From the lobe down: how deep an earring is to hang.
 *
 * @param dropMm from the bearing in the ear to its lowest place, mm
 */
public record Drop(double dropMm) implements Wanted {
    public Drop {
        Checks.within("girthMm", dropMm, 5, 400, Unit.MM, Remedy.MEASURE_IT_AGAIN);
    }

    @Override
    public double targetMm(PieceWork work) {
        return dropMm;
    }

    /** Hung by its own weight. */
    @Override
    public double lengthMm(PieceWork work, PartMaker maker) {
        return Laid.hung(work, maker).depthMm(work, maker);
    }
}
