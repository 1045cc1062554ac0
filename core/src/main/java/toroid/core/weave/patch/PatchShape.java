package toroid.core.weave.patch;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/** How much of a weave. */
public sealed interface PatchShape {
    int MOST_CELLS = 20_000;
    int MOST_ROWS = 1000;
    int MOST_COLUMNS = 2000;

    /**
     * A run of whole cells of a chain, a tube or a rosette; a chain that wants it ends as it began.
     *
     * @param cells 1 to {@value #MOST_CELLS}; a rosette has one
     */
    record Cells(int cells) implements PatchShape {
        public Cells {
            Checks.within("cells", cells, 1, MOST_CELLS, Unit.UNITS, Remedy.SPLIT_THE_PATCH);
        }
    }

    /**
     * Rows of a sheet, one after another, each about the same middle line; rows of different count make a shaped patch.
     *
     * @param counts rings side by side in each row, from the first row on; where a place holds several rings they count once
     */
    record Rows(List<Integer> counts) implements PatchShape {
        public Rows {
            counts = List.copyOf(counts);
            Checks.within("rows", counts.size(), 1, MOST_ROWS, Unit.ROWS, Remedy.SPLIT_THE_SHEET);
            counts.forEach(count ->
                    Checks.within("columns", count, 1, MOST_COLUMNS, Unit.RINGS_IN_A_ROW, Remedy.SPLIT_THE_SHEET));
        }

        /** So many rows of so many. */
        public static Rows even(int rows, int columns) {
            Checks.within("rows", rows, 1, MOST_ROWS, Unit.ROWS, Remedy.SPLIT_THE_SHEET);
            return new Rows(java.util.Collections.nCopies(rows, columns));
        }

        /** One more in each row, from {@code first} to {@code widest}. */
        public static Rows growing(int first, int widest) {
            Checks.within(
                    "columns", widest, first, MOST_COLUMNS, Unit.RINGS_IN_A_ROW, Remedy.THE_LAST_ROW_IS_THE_WIDEST);
            return new Rows(java.util.stream.IntStream.rangeClosed(first, widest)
                    .boxed()
                    .toList());
        }

        /** One more in each row up to {@code widest}, then one fewer down to {@code first}. */
        public static Rows growingAndShrinking(int first, int widest) {
            var counts = new java.util.ArrayList<>(growing(first, widest).counts());
            for (int count = widest - 1; count >= first; count--) {
                counts.add(count);
            }
            return new Rows(counts);
        }
    }
}
