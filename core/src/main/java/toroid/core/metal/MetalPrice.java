package toroid.core.metal;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What a gram of a metal cost on a day, in the workshop's own money, as its maker was told or asked: nothing is fetched.
 *
 * @param metal id of it
 * @param day counted from 1970-01-01
 * @param perGram 0 to 100,000
 */
public record MetalPrice(String metal, long day, double perGram) {
    private static final double MOST = 100_000;

    public MetalPrice {
        Metals.byId(metal);
        Checks.within("perGram", perGram, 0, MOST, Unit.NONE, Remedy.CHECK_THE_PRICE);
    }

    /** The one in force on a day: the latest of that metal told for it or a day before. */
    public static Optional<MetalPrice> inForce(List<MetalPrice> told, String metal, long day) {
        return told.stream()
                .filter(one -> one.metal().equals(metal) && one.day() <= day)
                .max(Comparator.comparingLong(MetalPrice::day));
    }
}
