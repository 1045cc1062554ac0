package toroid.core.piece;

/**
 * A change that brings a piece nearer to its body, and what it comes to.
 *
 * @param what the part that changes, or the new one; of rings their wire, mm; empty where none does
 * @param from the size before, mm; 0 where none changes
 * @param by how many more, or the new size in mm
 * @param line the changed piece, as {@link PieceLine} writes it
 * @param offMm longer than wanted; negative where shorter
 */
public record Cure(Change change, String what, double from, double by, String line, double lengthMm, double offMm) {
    /** What is changed. */
    public enum Change {
        /** So many repeats more; fewer where negative. */
        REPEATS,
        /** One part at its last end taken off. */
        WITHOUT_THE_LAST,
        /** All rings of one size made another size. */
        OTHER_RING,
        /** So many links of a chain, units of a weave, rings of a sheet's row, beads of a strand more; fewer where negative. */
        COUNT,
        /** What is cut to length, cut longer or shorter. */
        LENGTH,
        /** All forms of one kind made round another bead. */
        OTHER_SIZE,
        /** All forms of one kind made so much longer or shorter, by one of their own lengths. */
        OTHER_LENGTH,
        /** Another clasp or hook at its first end. */
        OTHER_CLASP,
        /** So many links of chain behind its last part, for the hook to hang in wherever it fits. */
        EXTENDER
    }
}
