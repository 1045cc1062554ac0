package toroid.core.piece;

import toroid.core.piece.part.PartMaker;

/** How long a piece is wanted, by the body it is for; {@link Cures} bring it nearer. */
public sealed interface Wanted permits BodyFit, Drop {
    /** How long it is to be, mm. */
    double targetMm(PieceWork work);

    /** How long it is, in the way that is wanted, mm. */
    double lengthMm(PieceWork work, PartMaker maker);

    /** What is over, mm; negative where it is too short. */
    default double remainderMm(PieceWork work, PartMaker maker) {
        return lengthMm(work, maker) - targetMm(work);
    }
}
