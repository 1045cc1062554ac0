package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;

/** Gaps collected one by one. */
public final class GapList implements Movable.Gaps {
    private final List<double[]> rows = new ArrayList<>();
    private final List<Double> distances = new ArrayList<>();

    /** @param row how that distance changes with every number of a move */
    public void add(double distance, double[] row) {
        distances.add(distance);
        rows.add(row);
    }

    @Override
    public int count() {
        return rows.size();
    }

    @Override
    public double distance(int contact) {
        return distances.get(contact);
    }

    @Override
    public double[] row(int contact) {
        return rows.get(contact);
    }
}
