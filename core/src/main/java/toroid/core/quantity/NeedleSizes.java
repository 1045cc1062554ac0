package toroid.core.quantity;

import java.util.LinkedHashMap;
import java.util.Map;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * Knitting needles as mandrels. Metric needles carry their diameter in millimetres; US numbers are a table.
 *
 * <p>Source: Craft Yarn Council, Standards &amp; Guidelines for Crochet and Knitting, needle sizes (from memory). Makers
 * of needles differ above US 15; measure the needle.
 */
public final class NeedleSizes {
    private static final Map<String, Double> US_TO_MM = new LinkedHashMap<>();

    static {
        String[] sizes = {
            "0", "2", "1", "2.25", "1.5", "2.5", "2", "2.75", "2.5", "3", "3", "3.25", "4", "3.5", "5", "3.75", "6",
            "4", "7", "4.5", "8", "5", "9", "5.5", "10", "6", "10.5", "6.5", "11", "8", "13", "9", "15", "10"
        };
        for (int i = 0; i < sizes.length; i += 2) {
            US_TO_MM.put(sizes[i], Double.valueOf(sizes[i + 1]));
        }
    }

    private NeedleSizes() {}

    /** All US numbers with their millimetres, thinnest first. */
    public static Map<String, Double> usNumbersInMillimetres() {
        return Map.copyOf(US_TO_MM);
    }

    /** A US needle number such as {@code 7} or {@code 10.5}. */
    public static Length us(String number) {
        Double millimetres = US_TO_MM.get(number.replaceFirst("\\.0$", "").replace("½", ".5"));
        if (millimetres == null) {
            throw Refusal.of(RefusalCode.UNKNOWN_NEEDLE, "needle", number);
        }
        return Length.ofMillimetres(millimetres);
    }
}
