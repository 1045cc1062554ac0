package toroid.core.metal;

import java.util.EnumMap;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
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
 * @param solderable by the torch methods of a jewellery bench
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
        boolean solderable) {

    public Metal {
        Checks.within("density", densityGramsPerCubicCentimetre, 1, 25, "g/cm³", "Check the metal's data.");
        yields = java.util.Collections.unmodifiableMap(new EnumMap<>(yields));
    }

    /**
     * The handbook yield strength in that temper.
     *
     * @throws Refusal when the metal is not sold in that temper
     */
    public YieldStrength yieldStrength(Temper temper) {
        YieldStrength found = yields.get(temper);
        if (found == null) {
            throw Refusal.of(
                    "temper-not-kept",
                    "temper",
                    temper.name(),
                    "No yield strength is kept for " + name + " in " + temper.inWords() + ".",
                    "Choose one of "
                            + String.join(
                                    ", ",
                                    yields.keySet().stream()
                                            .map(Temper::inWords)
                                            .toList()) + ".");
        }
        return found;
    }
}
