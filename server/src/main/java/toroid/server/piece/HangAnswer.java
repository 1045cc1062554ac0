package toroid.server.piece;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.piece.Hanging;
import toroid.core.piece.Hiding;
import toroid.core.piece.Laid;
import toroid.core.piece.PieceWork;
import toroid.core.piece.PushedApart;
import toroid.core.piece.Touching;
import toroid.core.piece.part.PartMaker;

/**
 * A piece hung by its first part, at rest without friction.
 *
 * @param poses each part's place: three rows of a turn and where its origin is, mm
 * @param hangsMm from the first bearing point down to the lowest of it
 * @param parts how each hangs
 * @param pushing parts that lie against each other and push each other aside, with what force
 * @param touching parts that are not joined and are in each other all the same: there is no room to push them apart
 * @param hiding parts that hide most of another, seen from the front
 */
record HangAnswer(
        @NotNull List<double[]> poses,
        @NotNull double hangsMm,
        @NotNull List<PartHangs> parts,
        @NotNull List<PushedApart.Push> pushing,
        @NotNull List<Touching> touching,
        @NotNull List<Hiding> hiding) {
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

    static HangAnswer of(PieceWork work, PartMaker maker, PushedApart apart) {
        Hanging hanging = apart.hanging();
        Laid laid = Laid.hung(work, hanging);
        List<Double> loads = hanging.loadsN();
        List<PartHangs> parts = IntStream.range(0, work.parts().size())
                .mapToObj(i -> new PartHangs(
                        work.parts().get(i).name(),
                        hanging.tiltDegrees().get(i),
                        work.facingDegrees().get(i),
                        hanging.carriesG().get(i),
                        loads.get(i)))
                .toList();
        return new HangAnswer(
                PieceDrawing.places(laid),
                laid.depthMm(work, maker),
                parts,
                apart.pushes(),
                Touching.of(work, laid, maker),
                Hiding.of(work, laid, maker));
    }
}
