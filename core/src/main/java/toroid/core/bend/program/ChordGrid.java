package toroid.core.bend.program;

import java.util.Arrays;

/**
 * The chords of a wire by the place of their middles, so that only near ones are compared. A dense grid of cubes at least as wide
 * as asked; wider where the wire would need more than {@value #MOST_CELLS} of them.
 */
final class ChordGrid {
    private static final int MOST_CELLS = 200_000;

    private final double cell;
    private final double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
    private final int[] size = new int[3];
    private final int[] heads;
    private final int[] next;

    ChordGrid(Chords chords, double leastCellMm) {
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (int i = 0; i < chords.count(); i++) {
            for (int k = 0; k < 3; k++) {
                low[k] = Math.min(low[k], chords.middle(i, k));
                high[k] = Math.max(high[k], chords.middle(i, k));
            }
        }
        double wide = leastCellMm;
        while (cells(high, wide) > MOST_CELLS) {
            wide *= 1.5;
        }
        cell = wide;
        for (int k = 0; k < 3; k++) {
            size[k] = (int) ((high[k] - low[k]) / cell) + 1;
        }
        heads = new int[size[0] * size[1] * size[2]];
        Arrays.fill(heads, -1);
        next = new int[chords.count()];
        for (int i = 0; i < chords.count(); i++) {
            int at = index(at(chords.middle(i, 0), 0), at(chords.middle(i, 1), 1), at(chords.middle(i, 2), 2));
            next[i] = heads[at];
            heads[at] = i;
        }
    }

    /** How wide the cubes are, mm. */
    double cellMm() {
        return cell;
    }

    private double cells(double[] high, double wide) {
        double product = 1;
        for (int k = 0; k < 3; k++) {
            product *= Math.floor((high[k] - low[k]) / wide) + 1;
        }
        return product;
    }

    private int at(double place, int axis) {
        return (int) Math.floor((place - low[axis]) / cell);
    }

    private int index(int x, int y, int z) {
        return (x * size[1] + y) * size[2] + z;
    }

    /** Something done with every chord in the 27 cubes about a place. */
    interface Visitor {
        void chord(int index);
    }

    /** @param above only chords whose number is larger; in a cube they are listed from the last to the first */
    void near(double x, double y, double z, int above, Visitor visitor) {
        int cx = at(x, 0);
        int cy = at(y, 1);
        int cz = at(z, 2);
        for (int i = Math.max(0, cx - 1); i <= Math.min(size[0] - 1, cx + 1); i++) {
            for (int j = Math.max(0, cy - 1); j <= Math.min(size[1] - 1, cy + 1); j++) {
                for (int k = Math.max(0, cz - 1); k <= Math.min(size[2] - 1, cz + 1); k++) {
                    for (int chord = heads[index(i, j, k)]; chord > above; chord = next[chord]) {
                        visitor.chord(chord);
                    }
                }
            }
        }
    }
}
