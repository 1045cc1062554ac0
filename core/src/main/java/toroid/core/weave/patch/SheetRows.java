package toroid.core.weave.patch;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.weave.pattern.WeavePattern;

/**
 * The rows a sheet's cell holds: its rings by their height at the start pose, those that only join others left out. Rings of one
 * row lie at one place beside one another.
 */
final class SheetRows {
    private static final double SAME = 0.2;

    private final WeavePattern pattern;
    private final List<List<Integer>> rows = new ArrayList<>();

    SheetRows(WeavePattern pattern) {
        this.pattern = pattern;
        List<Integer> byHeight = IntStream.range(0, pattern.rings().size())
                .filter(ring -> !pattern.rings().get(ring).joins())
                .boxed()
                .sorted((a, b) -> Double.compare(height(a), height(b)))
                .toList();
        double last = Double.NEGATIVE_INFINITY;
        for (int ring : byHeight) {
            if (height(ring) - last > SAME) {
                rows.add(new ArrayList<>());
            }
            rows.get(rows.size() - 1).add(ring);
            last = height(ring);
        }
        rows.forEach(row -> row.sort(null));
    }

    private double height(int ring) {
        return pattern.rings().get(ring).centre().getY();
    }

    /** How many a cell has. */
    int perCell() {
        return rows.size();
    }

    /** The rings at one place of a row. */
    List<Integer> ringsOf(int row) {
        return rows.get(Math.floorMod(row, rows.size()));
    }

    /** How far along the first place of that row lies, in cells. */
    double offset(int row) {
        double sum = 0;
        for (int ring : ringsOf(row)) {
            sum += pattern.rings().get(ring).centre().getX();
        }
        double inCell = sum / ringsOf(row).size() / pattern.lattice().pitch();
        return inCell
                + Math.floorDiv(row, rows.size()) * pattern.lattice().shared().getX();
    }

    /** The first cell of a row of {@code count} whose middle lies nearest to {@code middle}, both in cells. */
    int first(int row, int count, double middle) {
        double wanted = middle - offset(row) - (count - 1) / 2.0;
        return (int) Math.ceil(wanted - 0.5 - 1e-6);
    }
}
