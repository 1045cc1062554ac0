package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;

/** Coils along x. */
public final class Coils {
    private Coils() {}

    /** The frame in which a right-handed coil along x begins, its axis through (x, y, 0), the first point below the axis. */
    public static Frame beginning(double x, double y, CoilSize coil) {
        double round = 2 * Math.PI * coil.radiusMm();
        double hand = coil.rightHanded() ? 1 : -1;
        return Frame.at(
                new Vector3D(x, y - coil.radiusMm(), 0),
                new Vector3D(coil.pitchMm(), 0, -hand * round),
                Vector3D.PLUS_J);
    }

    /** The rod it is wound on; what it goes on; what counts it. */
    public static final String ROD = "core";

    private static final String GOES_ON = "goesOn";
    private static final String BY = "by";
    private static final String TURNS = "turns";
    private static final String LENGTH = "length";

    /** What every single coil may be told: the rod, what it goes on, and its turns or its length, with its own usual ones. */
    public static List<Parameter> parameters(double rodMm, int turns, int mostTurns, double longMm) {
        return List.of(
                Parameter.length(
                        ROD,
                        "rod",
                        d -> rodMm,
                        d -> d,
                        d -> 60 * d,
                        "The tool. On a rod thinner than the wire it cracks."),
                Parameter.length(
                                GOES_ON,
                                "goes on, 0 for nothing",
                                d -> 0,
                                d -> 0,
                                d -> 60 * d,
                                "Measure what it slides onto.")
                        .asMeasured(),
                Parameter.choice(BY, "counted by", TURNS, LENGTH)
                        .because("Turns make pairs equal; length fills a gap."),
                Parameter.count("turns", "turns", turns, 1, mostTurns, "For more, wind several coils.")
                        .when(BY + "=" + TURNS),
                Parameter.length(
                                "long",
                                "coil, long",
                                d -> longMm,
                                d -> 2 * d,
                                d -> 300 * d,
                                "End to end, as it is finished.")
                        .when(BY + "=" + LENGTH));
    }

    /** One coil of the main wire on a rod, both ends filed; a lead to hold at the first end and a tail at the second. */
    public static void single(FormMaker maker, String name, double pitchMm) {
        double inside = Formers.sprungMm(maker, ROD);
        Formers.checkGoesOn(maker, inside, maker.mm(GOES_ON));
        double turns =
                maker.is(BY, LENGTH) ? Math.max(1, (maker.mm("long") - maker.d()) / pitchMm) : maker.count("turns");
        var coil = new CoilSize((inside + maker.d()) / 2, pitchMm, turns, true);
        WireMaker wire = maker.wire(name, beginning(0, 0, coil))
                .step(FormStep.Kind.COIL, "on the rod")
                .onRod(maker.mm(ROD))
                .coil(coil);
        if (pitchMm > maker.d() * 1.001) {
            wire.does(FormStep.Kind.STRETCH, "to its pitch");
        }
        maker.done(wire.tail(5).end(EndState.FILED), 20, EndState.FILED);
    }
}
