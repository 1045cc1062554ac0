package toroid.core.cutting;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;

/** A basis of {@link Master} inverted from its columns, by Hipparchus' LU decomposition. */
final class Inverse {
    private static final double SINGULAR = 1e-9;

    private Inverse() {}

    /**
     * @param basic the basic variables, as {@link Master} numbers them
     * @param lengths how many rows are of lengths, before those of strips
     * @return null where rounding has made it singular
     */
    static double[][] of(int[] basic, List<Column> columns, int lengths) {
        double[][] basis = new double[basic.length][basic.length];
        for (int b = 0; b < basic.length; b++) {
            if (basic[b] < 0) {
                basis[-1 - basic[b]][b] = 1;
            } else {
                Column column = columns.get(basic[b]);
                basis[lengths + column.strip()][b] = 1;
                for (int i = 0; i < column.kinds().length; i++) {
                    basis[column.kinds()[i]][b] = column.counts()[i];
                }
            }
        }
        var solver = new LUDecomposition(new Array2DRowRealMatrix(basis, false), SINGULAR).getSolver();
        return solver.isNonSingular() ? solver.getInverse().getData() : null;
    }
}
