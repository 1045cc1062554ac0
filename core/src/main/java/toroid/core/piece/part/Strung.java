package toroid.core.piece.part;

/**
 * Beads of one size that go on one after another.
 *
 * @param count on one strand
 * @param lengthMm along the hole
 * @param widthMm across it
 * @param strands how many strands go through each of them
 * @param apart how many strands have such a run of their own, one beside the other; 1 where they share it
 */
public record Strung(int count, double lengthMm, double widthMm, int strands, int apart) {
    /** Beads picked up for it. */
    public int beads() {
        return count * apart;
    }
}
