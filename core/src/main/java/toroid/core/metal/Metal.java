package toroid.core.metal;

import java.util.EnumMap;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Stress;

/**
 * One metal.
 *
 * @param id stable name in data and API, such as {@code sterling-silver}
 * @param name in words
 * @param densityGramsPerCubicCentimetre g/cm³ at room temperature, 1 to 25
 * @param densitySource where the density is from
 * @param youngsModulus in tension
 * @param modulusSource where the modulus is from
 * @param yields per temper the metal is sold in; never empty
 * @param yieldSource where the yields are from
 * @param annealed how it flows when dead soft
 * @param annealedSource where that is from
 * @param solderable by the torch methods of a jewellery bench
 * @param darkens in a bath of sulphur compounds, evenly and for good; common practice, from memory
 */
public record Metal(
        String id,
        String name,
        double densityGramsPerCubicCentimetre,
        String densitySource,
        Stress youngsModulus,
        String modulusSource,
        Map<Temper, YieldStrength> yields,
        String yieldSource,
        FlowCurve annealed,
        String annealedSource,
        boolean solderable,
        boolean darkens) {

    /**
     * Hardening exponents of worked wire: what was drawn hard hardens little more. From memory of tensile curves of drawn wire (proof stress
     * against tensile strength); under 0.1 for all.
     */
    private static final Map<Temper, Double> WORKED =
            Map.of(Temper.HALF_HARD, 0.06, Temper.HARD, 0.04, Temper.SPRING, 0.03);

    public Metal {
        Checks.within(
                "density", densityGramsPerCubicCentimetre, 1, 25, Unit.GRAMS_PER_CM3, Remedy.CHECK_THE_METALS_DATA);
        yields = java.util.Collections.unmodifiableMap(new EnumMap<>(yields));
    }

    /** That temper where it is sold so, else the softest it is. */
    public Temper soldIn(Temper wanted) {
        return yields.containsKey(wanted)
                ? wanted
                : yields.keySet().stream().sorted().findFirst().orElseThrow();
    }

    /**
     * The handbook yield strength in that temper.
     *
     * @throws Refusal when the metal is not sold in that temper
     */
    public YieldStrength yieldStrength(Temper temper) {
        YieldStrength found = yields.get(temper);
        if (found == null) {
            throw Refusal.of(RefusalCode.TEMPER_NOT_KEPT, "temper", temper.name())
                    .with("metal", name)
                    .with("known", yields.keySet().stream().map(Temper::name).toList());
        }
        return found;
    }

    /**
     * How wire of that temper flows, by the handbook: the annealed curve when dead soft, else the curve through its proof stress with a worked
     * wire's small exponent.
     *
     * @throws Refusal when the metal is not sold in that temper
     */
    public FlowPrior flow(Temper temper) {
        double proof = yieldStrength(temper).typical().inMegapascals();
        if (temper == Temper.DEAD_SOFT) {
            return new FlowPrior(annealed, FlowPrior.STRENGTH_SPREAD, FlowPrior.SOFT_EXPONENT_SPREAD);
        }
        return new FlowPrior(
                FlowCurve.throughProof(proof, youngsModulus.inMegapascals(), WORKED.get(temper)),
                FlowPrior.STRENGTH_SPREAD,
                FlowPrior.WORKED_EXPONENT_SPREAD);
    }

    /**
     * The flow stresses at the reference strain that wire of this metal can have at all, MPa: half the softest temper's to half as
     * much again as the hardest's.
     */
    public double[] possibleStrengthsMpa() {
        double[] all = yields.keySet().stream()
                .mapToDouble(temper -> flow(temper).typical().strengthMpa())
                .toArray();
        double least = java.util.Arrays.stream(all).min().orElseThrow();
        double most = java.util.Arrays.stream(all).max().orElseThrow();
        return new double[] {least / 2, most * 1.5};
    }
}
