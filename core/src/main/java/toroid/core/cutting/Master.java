package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The linear programme over the columns known so far: least used up so that every wanted length is cut, parts of a column allowed; what is
 * left uncut costs more than any wire. Revised simplex with the basis' inverse kept between rounds (Dantzig and Orchard-Hays 1954), so that
 * a new column or a strip that is settled costs a few pivots and not a programme from the beginning.
 *
 * <p>Rows: each kind of length, so many as wanted; each kind of strip, no more than there are. A basic variable is a column by its number,
 * or {@code -1 - row} for the row's own: a length left uncut, a strip left alone.
 */
final class Master {
    private static final double SMALL = 1e-9;
    private static final double OFF = 1e-6;
    private static final int REFRESHED_AFTER = 5_000;
    private static final int FIRST = 64;
    private static final int BLOCK = 2_048;

    private final int lengths;
    private final double[] penalty;
    private final double[] wanted;
    /** Of this and all its copies; {@code count} of them are known here. */
    private final List<Column> columns;

    private final Set<Column> known;
    private boolean[] allowed;
    private int count;
    private int block;
    private double[][] inverse;
    private final int[] basic;
    private final double[] amount;
    private final double[] dual;
    private int pivots;

    Master(Kinds kinds, double[] penalty) {
        lengths = kinds.lengths();
        int rows = lengths + kinds.strips();
        this.penalty = penalty;
        columns = new ArrayList<>();
        known = new HashSet<>();
        allowed = new boolean[FIRST];
        inverse = new double[rows][rows];
        basic = new int[rows];
        wanted = new double[rows];
        for (int r = 0; r < rows; r++) {
            inverse[r][r] = 1;
            basic[r] = -1 - r;
            wanted[r] = r < lengths ? kinds.wanted[r] : kinds.there[r - lengths];
        }
        amount = wanted.clone();
        dual = new double[rows];
        System.arraycopy(penalty, 0, dual, 0, lengths);
    }

    private Master(Master other) {
        lengths = other.lengths;
        penalty = other.penalty;
        wanted = other.wanted.clone();
        columns = other.columns;
        known = other.known;
        allowed = other.allowed.clone();
        count = other.count;
        block = other.block;
        inverse = Arrays.stream(other.inverse).map(double[]::clone).toArray(double[][]::new);
        basic = other.basic.clone();
        amount = other.amount.clone();
        dual = other.dual.clone();
        pivots = other.pivots;
    }

    /** What a copy takes of memory, about: its inverse. */
    long bytes() {
        return (long) Double.BYTES * basic.length * basic.length;
    }

    Master copy() {
        return new Master(this);
    }

    /** @return whether it was not known */
    boolean add(Column column) {
        if (!known.add(column)) {
            return false;
        }
        columns.add(column);
        if (columns.size() > allowed.length) {
            allowed = Arrays.copyOf(allowed, 2 * allowed.length);
        }
        allowed[columns.size() - 1] = true;
        count = columns.size();
        return true;
    }

    /** What one more of a kind of length would cost, mm. */
    double lengthDual(int kind) {
        return dual[kind];
    }

    /** What one more strip of a kind would cost, mm: nothing or less. */
    double stripDual(int strip) {
        return dual[lengths + strip];
    }

    /** What the programme's answer uses up, mm, what it leaves uncut with it at its price. */
    double value() {
        double value = 0;
        for (int r = 0; r < basic.length; r++) {
            value += amount[r] * cost(basic[r]);
        }
        return value;
    }

    /** Whether the answer leaves something uncut: then no whole plan from here cuts all. */
    boolean leavesUncut() {
        for (int r = 0; r < basic.length; r++) {
            boolean uncut = basic[r] < 0 ? -1 - basic[r] < lengths : !allowed[basic[r]];
            if (uncut && amount[r] > OFF) {
                return true;
            }
        }
        return false;
    }

    double reduced(Column column) {
        double reduced = column.costMm() - dual[lengths + column.strip()];
        for (int i = 0; i < column.kinds().length; i++) {
            reduced -= column.counts()[i] * dual[column.kinds()[i]];
        }
        return reduced;
    }

    /** How often a column is in the answer. */
    record Use(Column column, double amount) {}

    List<Use> used() {
        var used = new ArrayList<Use>();
        for (int r = 0; r < basic.length; r++) {
            if (basic[r] >= 0 && amount[r] > OFF) {
                used.add(new Use(columns.get(basic[r]), amount[r]));
            }
        }
        return used;
    }

    /** Takes so many of a column that is in the answer as settled: the rest is the programme from now on. */
    void settle(Column column, int times) {
        for (int r = 0; r < basic.length; r++) {
            if (basic[r] >= 0 && columns.get(basic[r]).equals(column)) {
                amount[r] -= times;
            }
        }
        for (int i = 0; i < column.kinds().length; i++) {
            wanted[column.kinds()[i]] -= times * column.counts()[i];
        }
        wanted[lengths + column.strip()] -= times;
    }

    /** Leaves out the columns that take more than is wanted or there, and those that are banned. */
    void allowWithin(int[] rest, int[] there, Set<Column> banned) {
        count = columns.size();
        allowed = Arrays.copyOf(allowed, Math.max(FIRST, count));
        for (int i = 0; i < count; i++) {
            allowed[i] = there[columns.get(i).strip()] > 0
                    && columns.get(i).within(rest)
                    && !banned.contains(columns.get(i));
        }
        price();
    }

    /** Makes the answer the best over the columns there are. */
    void optimise(java.util.function.BooleanSupplier stop) {
        for (int step = 0; !stop.getAsBoolean() || step == 0; step++) {
            int entering = entering();
            if (entering == NONE) {
                return;
            }
            double[] direction = direction(entering);
            int leaving = leaving(direction);
            if (leaving < 0) {
                return;
            }
            pivot(leaving, entering, direction);
            if (++pivots % REFRESHED_AFTER == 0) {
                refresh();
            }
        }
    }

    private static final int NONE = Integer.MIN_VALUE;

    /** The column, or row's own variable, of which one more lowers the cost most; {@link #NONE} where none does. */
    private int entering() {
        int column = enteringColumn();
        int own = enteringOwn();
        double byColumn = column == NONE ? 0 : reduced(columns.get(column));
        double byOwn = own == NONE ? 0 : cost(own) - dual[-1 - own];
        return byOwn < byColumn ? own : column;
    }

    /** Of the first block of columns that has any: the blocks are gone through in turn (partial pricing). */
    private int enteringColumn() {
        int blocks = (count + BLOCK - 1) / BLOCK;
        for (int i = 0; i < blocks; i++) {
            int best = enteringOf(block % blocks * BLOCK);
            if (best != NONE) {
                return best;
            }
            block++;
        }
        return NONE;
    }

    private int enteringOf(int from) {
        int best = NONE;
        double least = -OFF;
        for (int i = from; i < Math.min(count, from + BLOCK); i++) {
            double reduced = allowed[i] ? reduced(columns.get(i)) : 0;
            if (reduced < least) {
                least = reduced;
                best = i;
            }
        }
        return best;
    }

    private int enteringOwn() {
        int best = NONE;
        double least = -OFF;
        for (int r = 0; r < dual.length; r++) {
            double reduced = (r < lengths ? penalty[r] : 0) - dual[r];
            if (reduced < least) {
                least = reduced;
                best = -1 - r;
            }
        }
        return best;
    }

    private double[] direction(int entering) {
        double[] direction = new double[basic.length];
        for (int r = 0; r < basic.length; r++) {
            double[] row = inverse[r];
            if (entering < 0) {
                direction[r] = row[-1 - entering];
            } else {
                Column column = columns.get(entering);
                double sum = row[lengths + column.strip()];
                for (int i = 0; i < column.kinds().length; i++) {
                    sum += column.counts()[i] * row[column.kinds()[i]];
                }
                direction[r] = sum;
            }
        }
        return direction;
    }

    /** The basic variable that is used up first; of several the one with the largest pivot. */
    private int leaving(double[] direction) {
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int r = 0; r < basic.length; r++) {
            if (direction[r] > SMALL) {
                double ratio = Math.max(0, amount[r]) / direction[r];
                if (ratio < least - SMALL || ratio <= least + SMALL && direction[r] > direction[best]) {
                    least = Math.min(least, ratio);
                    best = r;
                }
            }
        }
        return best;
    }

    private void pivot(int leaving, int entering, double[] direction) {
        double ratio = Math.max(0, amount[leaving]) / direction[leaving];
        double[] pivotRow = inverse[leaving];
        for (int c = 0; c < pivotRow.length; c++) {
            pivotRow[c] /= direction[leaving];
        }
        for (int r = 0; r < basic.length; r++) {
            if (r != leaving && direction[r] != 0) {
                double[] row = inverse[r];
                double times = direction[r];
                for (int c = 0; c < row.length; c++) {
                    row[c] -= times * pivotRow[c];
                }
                amount[r] -= ratio * times;
            }
        }
        double reduced = entering < 0 ? cost(entering) - dual[-1 - entering] : reduced(columns.get(entering));
        for (int c = 0; c < dual.length; c++) {
            dual[c] += reduced * pivotRow[c];
        }
        amount[leaving] = ratio;
        basic[leaving] = entering;
    }

    /** What it costs; a column that is not allowed, as it leaves a length uncut, costs as that. */
    private double cost(int variable) {
        if (variable < 0) {
            return -1 - variable < lengths ? penalty[-1 - variable] : 0;
        }
        Column column = columns.get(variable);
        if (allowed[variable]) {
            return column.costMm();
        }
        double cost = column.costMm() + 1;
        for (int i = 0; i < column.kinds().length; i++) {
            cost += column.counts()[i] * penalty[column.kinds()[i]];
        }
        return cost;
    }

    private void price() {
        Arrays.fill(dual, 0);
        for (int r = 0; r < basic.length; r++) {
            double cost = cost(basic[r]);
            if (cost != 0) {
                double[] row = inverse[r];
                for (int c = 0; c < dual.length; c++) {
                    dual[c] += cost * row[c];
                }
            }
        }
    }

    /** The inverse from the basis anew: rounding does not gather. */
    private void refresh() {
        int rows = basic.length;
        double[][] anew = Inverse.of(basic, columns, lengths);
        if (anew == null) {
            return;
        }
        inverse = anew;
        for (int r = 0; r < rows; r++) {
            double sum = 0;
            for (int c = 0; c < rows; c++) {
                sum += inverse[r][c] * wanted[c];
            }
            amount[r] = sum;
        }
        price();
    }
}
