package toroid.core.stock;

import java.util.OptionalDouble;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A lot counted on a scale.
 *
 * @param amount millimetres, pieces or grams
 * @param gramsPerUnit what a metre or a piece was taken to weigh
 * @param off how far the amount may be off, in its unit: the kind's own band and half a step of the scale
 */
public record ScaleCount(double amount, double gramsPerUnit, double off) {
    private static final double HEAVIEST_G = 1e5;

    /** Half a step of a bench scale that shows hundredths of a gram, g; common practice. */
    private static final double HALF_A_STEP_G = 0.005;

    /**
     * {@code amount = (gross − tare) / grams per unit}; a metre is 1000 mm.
     *
     * @param grossG as the scale says, 0 to 100 kg
     * @param tareG of the empty spool, tube or dish; 0 where it was taken off before
     * @throws Refusal where the tare is more than the scale says, or nothing tells what one weighs
     */
    public static ScaleCount of(StockKind kind, Facts facts, double grossG, double tareG) {
        Checks.within("grossG", grossG, 0, HEAVIEST_G, Unit.GRAMS, Remedy.MEASURE_IT_AGAIN);
        Checks.within("tareG", tareG, 0, grossG, Unit.GRAMS, Remedy.TAKE_THE_SPOOLS_OWN_WEIGHT_OFF);
        OptionalDouble each = kind.gramsPerUnit(facts);
        if (each.isEmpty()) {
            throw Refusal.of(RefusalCode.WEIGHS_UNKNOWN, "grossG", grossG);
        }
        Measure measure = kind.measure();
        double units = (grossG - tareG) / each.getAsDouble() * measure.pricedBy();
        double off = Math.abs(units) * kind.gramsBand(facts) + HALF_A_STEP_G / each.getAsDouble() * measure.pricedBy();
        double amount = Checks.within(
                "grossG", measure.rounded(units), 0, measure.most(), measure.unit(), Remedy.MEASURE_IT_AGAIN);
        return new ScaleCount(amount, each.getAsDouble(), off);
    }
}
