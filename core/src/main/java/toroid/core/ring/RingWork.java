package toroid.core.ring;

import toroid.core.bend.BarInBending;
import toroid.core.bend.BendingMoment;
import toroid.core.bend.Springback;
import toroid.core.bend.SprungDiameter;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * One ring from mandrel to closed: wound → sprung → closed, with the 95 % bands of the last two (inner diameters, mm).
 *
 * @param metal what it is made of
 * @param flow how the wire is taken to flow
 * @param cut how it is parted
 * @param turns full turns per ring
 * @param mandrelDiameterMm chosen, or exactly the one that gives the ring aimed at
 * @param wound the turn on the mandrel
 * @param sprung the turn let go
 * @param sprungLowMm lower end of the sprung inner diameter
 * @param sprungHighMm upper end
 * @param closed the finished ring
 * @param closedLowMm lower end of the closed inner diameter
 * @param closedHighMm upper end
 */
public record RingWork(
        Metal metal,
        FlowEstimate flow,
        RingCut cut,
        int turns,
        double mandrelDiameterMm,
        Ring wound,
        Ring sprung,
        double sprungLowMm,
        double sprungHighMm,
        Ring closed,
        double closedLowMm,
        double closedHighMm) {

    /**
     * Works the ring out.
     *
     * @throws toroid.core.numeric.Refusal {@code too-springy}, {@code mandrel-too-small}, {@code out-of-range}
     */
    public static RingWork of(
            double wireDiameterMm, Metal metal, FlowEstimate flow, RingAim aim, RingCut cut, int turns) {
        double modulus = metal.youngsModulus().inMegapascals();
        double mandrel =
                mandrelMm(BarInBending.ofWire(wireDiameterMm, modulus, flow.curve()), wireDiameterMm, aim, cut, turns);
        SprungDiameter inner = SprungDiameter.predict(wireDiameterMm, modulus, flow, mandrel);
        Ring sprung = new Ring(
                wireDiameterMm,
                Springback.checkSet(
                        BarInBending.ofWire(wireDiameterMm, modulus, flow.curve()), mandrel, inner.innerDiameterMm()));
        Ring closed = ClosedRing.close(sprung, cut, turns);
        double shift = closed.innerDiameterMm() - sprung.innerDiameterMm();
        return new RingWork(
                metal,
                flow,
                cut,
                turns,
                mandrel,
                new Ring(wireDiameterMm, mandrel),
                sprung,
                inner.lowMm(),
                inner.highMm(),
                closed,
                inner.lowMm() + shift,
                inner.highMm() + shift);
    }

    private static double mandrelMm(BarInBending bar, double wireDiameterMm, RingAim aim, RingCut cut, int turns) {
        try {
            Ring aimed = aim.closedRing(wireDiameterMm);
            return aimed == null
                    ? aim.value()
                    : Springback.mandrelForMm(
                            bar, ClosedRing.before(aimed, cut, turns).innerDiameterMm());
        } catch (Refusal refusal) {
            boolean ofTheTurn = !refusal.is(RefusalCode.OUT_OF_RANGE);
            throw aim.told(
                    refusal, wireDiameterMm, inner -> ofTheTurn ? closed(wireDiameterMm, inner, cut, turns) : inner);
        }
    }

    /** Inner diameter once closed; the turn's own where so small a ring does not survive its cut. */
    private static double closed(double wireDiameterMm, double sprungInnerMm, RingCut cut, int turns) {
        try {
            return ClosedRing.close(new Ring(wireDiameterMm, sprungInnerMm), cut, turns)
                    .innerDiameterMm();
        } catch (Refusal nothingLeft) {
            return sprungInnerMm;
        }
    }

    /** The yield of a perfectly plastic wire as strong as this one wound to this ring, MPa. */
    public double effectiveYieldMpa() {
        return BendingMoment.effectiveYieldMpa(
                flow, closed.wireDiameterMm(), metal.youngsModulus().inMegapascals(), mandrelDiameterMm);
    }

    /** {@code AR} as makers quote it: mandrel ÷ wire. */
    public double nominalAspectRatio() {
        return mandrelDiameterMm / closed.wireDiameterMm();
    }

    /** Wire that stays in one finished ring, mm. */
    public double wireInRingMm() {
        return wireInRingMm(closed, turns);
    }

    /** Wire that stays in a closed ring of so many full turns, mm: a circle for one, a helix for more; exact. */
    public static double wireInRingMm(Ring closed, int turns) {
        return turns == 1 ? closed.wireLengthMm() : turns * closed.turnLengthMm();
    }

    /** Mass of one finished ring, g: torus for one turn, cylinder of the developed length for more. */
    public double massGrams() {
        return massGrams(closed, turns, metal);
    }

    /** Mass of a closed ring of so many full turns, g; what a saw took is gone from it. Exact. */
    public static double massGrams(Ring closed, int turns, Metal metal) {
        double d = closed.wireDiameterMm();
        return wireInRingMm(closed, turns) * Math.PI * d * d / 4 / 1000 * metal.densityGramsPerCubicCentimetre();
    }
}
