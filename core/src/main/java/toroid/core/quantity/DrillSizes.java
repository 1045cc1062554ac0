package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Number drills 1–80 and letter drills A–Z, in inches: a drill's shank is a common mandrel.
 *
 * <p>Source: ASME B94.11M, Twist Drills (number and letter sizes).
 */
public final class DrillSizes {
    private static final double[] NUMBERS = {
        0.2280, 0.2210, 0.2130, 0.2090, 0.2055, 0.2040, 0.2010, 0.1990, 0.1960, 0.1935, 0.1910, 0.1890, 0.1850, 0.1820,
        0.1800, 0.1770, 0.1730, 0.1695, 0.1660, 0.1610, 0.1590, 0.1570, 0.1540, 0.1520, 0.1495, 0.1470, 0.1440, 0.1405,
        0.1360, 0.1285, 0.1200, 0.1160, 0.1130, 0.1110, 0.1100, 0.1065, 0.1040, 0.1015, 0.0995, 0.0980, 0.0960, 0.0935,
        0.0890, 0.0860, 0.0820, 0.0810, 0.0785, 0.0760, 0.0730, 0.0700, 0.0670, 0.0635, 0.0595, 0.0550, 0.0520, 0.0465,
        0.0430, 0.0420, 0.0410, 0.0400, 0.0390, 0.0380, 0.0370, 0.0360, 0.0350, 0.0330, 0.0320, 0.0310, 0.0292, 0.0280,
        0.0260, 0.0250, 0.0240, 0.0225, 0.0210, 0.0200, 0.0180, 0.0160, 0.0145, 0.0135
    };
    private static final double[] LETTERS = {
        0.234, 0.238, 0.242, 0.246, 0.250, 0.257, 0.261, 0.266, 0.272, 0.277, 0.281, 0.290, 0.295, 0.302, 0.316, 0.323,
        0.332, 0.339, 0.348, 0.358, 0.368, 0.377, 0.386, 0.397, 0.404, 0.413
    };

    private DrillSizes() {}

    /** Number drill {@code number}, 1 (thickest) to 80. */
    public static Length number(int number) {
        Checks.within("drill number", number, 1, NUMBERS.length, Unit.NONE, Remedy.GIVE_THE_DRILLS_DIAMETER_INSTEAD);
        return Length.ofInches(NUMBERS[number - 1]);
    }

    /** Letter drill A (thinnest) to Z, either case. */
    public static Length letter(char letter) {
        int index = Character.toUpperCase(letter) - 'A';
        if (index < 0 || index >= LETTERS.length) {
            throw Refusal.of(RefusalCode.UNKNOWN_DRILL, "drill", letter);
        }
        return Length.ofInches(LETTERS[index]);
    }
}
