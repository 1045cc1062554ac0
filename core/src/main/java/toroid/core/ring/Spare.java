package toroid.core.ring;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * Rings made on top, for those that drop or close badly: {@code ⌈count × share⌉} of each size and colour by itself, since no other
 * ring can stand in for one; none where the share is less than half a ring, so that a batch of two stays a batch of two. Common practice;
 * the half is ours.
 */
public final class Spare {
    public static final double MOST_PERCENT = 100;

    private static final double LEAST = 0.5;

    private Spare() {}

    /**
     * @param count rings of one size and colour
     * @param percent 0 to {@value #MOST_PERCENT}
     */
    public static int of(int count, double percent) {
        Checks.within("sparePercent", percent, 0, MOST_PERCENT, Unit.PERCENT, Usual.about(5, Unit.PERCENT));
        double share = count * percent / 100;
        return share < LEAST - 1e-9 ? 0 : (int) Math.ceil(share - 1e-9);
    }

    /** Of each size class, all colours together; shape of the counts (colours, classes). */
    public static List<Integer> ofSizes(int[][] counts, double percent) {
        int sizes = counts[0].length;
        return IntStream.range(0, sizes)
                .mapToObj(size -> Arrays.stream(counts)
                        .mapToInt(colour -> of(colour[size], percent))
                        .sum())
                .toList();
    }
}
