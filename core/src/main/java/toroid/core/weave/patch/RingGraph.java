package toroid.core.weave.patch;

/** Rings and which of them link; rings are told by their places, from 0. */
public interface RingGraph {
    int size();

    /** Places of the rings that ring {@code n} passes through, ascending. Not to be written to. */
    int[] neighbours(int n);

    /** Places of the rings that ring {@code n} lies loosely round, linking none: a captive; empty for other rings. */
    default int[] round(int n) {
        return new int[0];
    }

    default boolean isCaptive(int n) {
        return round(n).length > 0;
    }

    /** Which ring size. */
    int sizeClassOf(int n);

    /** Which part it is made with: parts are made one after another. */
    int partOf(int n);

    default boolean areLinked(int a, int b) {
        return java.util.Arrays.binarySearch(neighbours(a), b) >= 0;
    }

    /** Links in all, each pair once. */
    default int linkCount() {
        int ends = 0;
        for (int n = 0; n < size(); n++) {
            ends += neighbours(n).length;
        }
        return ends / 2;
    }
}
