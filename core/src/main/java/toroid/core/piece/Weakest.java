package toroid.core.piece;

import toroid.core.bend.BendingMoment;
import toroid.core.form.Port;
import toroid.core.metal.FlowEstimate;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;
import toroid.core.ring.RingStrength;

/**
 * Which unsoldered ring or plain loop of a piece's row gives first when it is pulled, as {@link RingStrength} has it of a ring of the same wire
 * and inside: a plain loop opens at its stem as a ring does across from its gap. What is closed for good does not give before those do.
 *
 * @param part its place; of several alike the first
 * @param staysOpenN from where it begins to stay open, N; as rough as the metal's yield strength, about a fifth
 * @param wantedN what such a piece is taken to need, N; our own round figures
 */
public record Weakest(int part, double staysOpenN, double wantedN) {
    /** @return null where nothing of the row opens */
    public static Weakest of(PieceWork work, BodyPart worn, PartMaker.Stuff stuff) {
        int weakest = -1;
        double least = Double.MAX_VALUE;
        for (Joint joint : work.joints()) {
            boolean inRow = work.placed().get(joint.a()).depth() == 0
                    && work.placed().get(joint.b()).depth() == 0;
            for (int side = 0; inRow && side < 2; side++) {
                int part = side == 0 ? joint.a() : joint.b();
                Port port = side == 0 ? joint.portA() : joint.portB();
                if (port.opens().comesOpen()) {
                    double newtons = staysOpenN(work.parts().get(part), port, stuff);
                    boolean weaker = newtons < least * (1 - SAME);
                    least = weaker ? newtons : least;
                    weakest = weaker ? part : weakest;
                }
            }
        }
        return weakest < 0 ? null : new Weakest(weakest, least, wanted(worn).leastNewtons());
    }

    /** Alike but for rounding. */
    private static final double SAME = 1e-9;

    private static double staysOpenN(PartWork part, Port port, PartMaker.Stuff stuff) {
        boolean whole = part.spec() instanceof RingPart;
        Ring ring = whole ? ((RingPart) part.spec()).ring() : new Ring(port.wireMm(), port.insideMm());
        double yieldMpa = BendingMoment.effectiveYieldMpa(
                FlowEstimate.ofHandbook(stuff.metal().flow(stuff.temper())),
                ring.wireDiameterMm(),
                stuff.metal().youngsModulus().inMegapascals(),
                ring.innerDiameterMm());
        int turns = whole ? ((RingPart) part.spec()).turns() : 1;
        return RingStrength.of(ring, yieldMpa, turns).staysOpen().inNewtons();
    }

    private static RingStrength.Use wanted(BodyPart worn) {
        return switch (worn) {
            case WRIST, ANKLE, ANKLE_AND_FOOT, WAIST -> RingStrength.Use.BRACELET;
            case NECK, FINGER -> RingStrength.Use.NECKLACE;
            case EAR, EAR_EDGE -> RingStrength.Use.EARRING;
        };
    }
}
