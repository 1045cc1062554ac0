package toroid.core.weave.composition;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.patch.PatchShape;

/** How much of a weave an arm is: any whole patch, told row by row from the middle out. */
public sealed interface ArmShape {
    /** Rows an arm may have. */
    int MOST_ROWS = 40;

    /** Rows of the arms that are alike. */
    int rows();

    /** Rows the first arm has more; 0 for none. */
    int longerBy();

    /**
     * Of a chain: so many of its rows, whole units or not. A row is what lies at one place along it: of a byzantine chain a pair.
     *
     * @param rows 1 to {@value #MOST_ROWS}
     * @param longerBy rows the first arm goes on for, 0 up
     */
    record Chain(int rows, int longerBy) implements ArmShape {
        public Chain {
            checkRows(rows, longerBy);
        }
    }

    /**
     * Of a sheet: rows of so many rings, each about the same middle line, as 2-3-2.
     *
     * @param counts rings in each row, from the middle out
     * @param longer rings in each row the first arm has more
     */
    record Sheet(List<Integer> counts, List<Integer> longer) implements ArmShape {
        public Sheet {
            counts = List.copyOf(counts);
            longer = List.copyOf(longer);
            checkRows(counts.size(), longer.size());
            new PatchShape.Rows(counts);
        }

        @Override
        public int rows() {
            return counts.size();
        }

        @Override
        public int longerBy() {
            return longer.size();
        }
    }

    private static void checkRows(int rows, int longerBy) {
        Checks.within("rows", rows, 1, MOST_ROWS, Unit.ROWS, Remedy.ARMS_ARE_SHORT);
        Checks.within("longerBy", longerBy, 0, MOST_ROWS - rows, Unit.ROWS, Remedy.ZERO_FOR_NONE);
    }
}
