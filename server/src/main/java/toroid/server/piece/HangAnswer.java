package toroid.server.piece;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.piece.Hanging;
import toroid.core.piece.Laid;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Touching;
import toroid.core.piece.part.PartMaker;

/**
 * A piece hung by its first part, at rest without friction.
 *
 * @param poses each part's place: three rows of a turn and where its origin is, mm
 * @param parts how each hangs
 * @param touching parts that are not joined and come into each other
 */
record HangAnswer(
        @NotNull List<double[]> poses,
        @NotNull List<PartHangs> parts,
        @NotNull List<Touching> touching) {
    /** What a joint is held against: its load times this, for swinging and snagging. Our own. */
    private static final double SWINGING = 3;

    private static final double GRAVITY = 9.80665;

    /**
     * @param tiltDegrees off the way a pull goes through it
     * @param carriesG its own weight and all that hangs from it
     * @param loadN what its joint has to hold, swinging included
     */
    record PartHangs(
            @NotNull String name,
            @NotNull double tiltDegrees,
            @NotNull double facingDegrees,
            @NotNull double carriesG,
            @NotNull double loadN) {}

    static HangAnswer of(PieceWork work, PartMaker maker) {
        Hanging hanging = Hanging.of(work);
        Laid laid = Laid.hung(work, hanging);
        List<PartHangs> parts = IntStream.range(0, work.parts().size())
                .mapToObj(i -> new PartHangs(
                        work.parts().get(i).name(),
                        hanging.tiltDegrees().get(i),
                        work.facingDegrees().get(i),
                        hanging.carriesG().get(i),
                        SWINGING * GRAVITY * hanging.carriesG().get(i) / 1000))
                .toList();
        return new HangAnswer(PieceDrawing.places(laid), parts, Touching.of(work, laid, maker));
    }
}
