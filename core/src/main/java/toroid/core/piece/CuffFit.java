package toroid.core.piece;

import java.util.stream.IntStream;
import toroid.core.bend.BendingMoment;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;

/**
 * How a cuff holds on an ear's edge: pulled open over it and let go. A split ring of mean radius R opens by {@code δ = 3π F R³/(E I)} (Roark's Formulas for
 * Stress and Strain, curved beams; from memory, derived again by Castigliano), its moment opposite the gap is 2 F R; so up to {@code δ_y = 3π R² M_y/(2 E I)}
 * it comes back whole, and once it has yielded all through it comes back by at most {@code M_p/M_y}, 1.70 times that. The wire is taken as it is sold: bending
 * has made it somewhat stronger, so it comes back a little more. Beads and wings are taken as carried along.
 *
 * @param part place of the cuff
 * @param gapMm as it is made
 * @param opensMm by how much the edge opens it; 0 where the gap is as wide
 * @param leastMm its gap when it is let go, at least
 * @param mostMm at most
 * @param holds whether it is narrower than the edge then
 */
public record CuffFit(int part, double gapMm, double opensMm, double leastMm, double mostMm, boolean holds) {
    /** An ear's edge, mm. From memory: 2 to 6. */
    private static final double THINNEST_MM = 0.5;

    private static final double THICKEST_MM = 20;

    /** Of round wire: fully plastic moment over that of first yield, 16/3π. */
    private static final double PLASTIC = 16 / (3 * Math.PI);

    /** @return null where it has no cuff */
    public static CuffFit of(PieceWork work, double edgeMm, PartMaker maker, PartMaker.Stuff stuff) {
        Checks.within("girthMm", edgeMm, THINNEST_MM, THICKEST_MM, Unit.MM, Remedy.MEASURE_IT_AGAIN);
        int part = IntStream.range(0, work.parts().size())
                .filter(i -> work.parts().get(i).spec().cuff(maker) != null)
                .findFirst()
                .orElse(-1);
        if (part < 0) {
            return null;
        }
        PartSpec.CuffSize cuff = work.parts().get(part).spec().cuff(maker);
        double opens = Math.max(0, edgeMm - cuff.gapMm());
        double back = comesBackMm(cuff, stuff);
        double least = cuff.gapMm() + Math.max(0, opens - PLASTIC * back);
        double most = cuff.gapMm() + Math.max(0, opens - back);
        return new CuffFit(part, cuff.gapMm(), opens, least, most, most < edgeMm);
    }

    /** δ_y, mm: so far it opens and comes back whole. */
    static double comesBackMm(PartSpec.CuffSize cuff, PartMaker.Stuff stuff) {
        double d = cuff.wireMm();
        double modulus = stuff.metal().youngsModulus().inMegapascals();
        double yield = BendingMoment.effectiveYieldMpa(
                FlowEstimate.ofHandbook(stuff.metal().flow(stuff.temper())), d, modulus, cuff.insideMm());
        double radius = (cuff.insideMm() + d) / 2;
        double inertia = Math.PI * Math.pow(d, 4) / 64;
        double force = BendingMoment.firstYieldNewtonMillimetres(d, yield) / (2 * radius);
        return 3 * Math.PI * force * Math.pow(radius, 3) / (modulus * inertia);
    }
}
