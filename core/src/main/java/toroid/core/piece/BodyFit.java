package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;

/**
 * From the body back: how long a piece has to be, what is left over, and what would bring it nearer.
 *
 * @param girthMm of the wrist, neck or ankle it goes round, mm
 * @param easeMm how much longer than that it hangs, mm; 6 snug, 12 comfortable, 20 to 25 loose on a wrist (common practice)
 */
public record BodyFit(double girthMm, double easeMm) {
    /** What could be changed. */
    public enum Change {
        /** So many repeats more; fewer where negative. */
        REPEATS,
        /** One part at its last end taken off. */
        WITHOUT_THE_LAST,
        /** All rings of one size made another size. */
        OTHER_RING
    }

    /**
     * A change, and what it comes to.
     *
     * @param from the inside before, mm, of another ring; 0 otherwise
     * @param by how many more, or the new inside in mm
     * @param line the changed piece, as {@link PieceLine} writes it
     * @param offMm longer than wanted; negative where shorter
     */
    public record Cure(Change change, double from, double by, String line, double lengthMm, double offMm) {}

    /** Rings of the rods most makers have, mm; tried where nothing is said of the maker's own. Common practice. */
    public static final List<Double> USUAL_INSIDES = List.of(2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5, 6.0, 7.0, 8.0, 10.0);

    private static final double LEAST_GIRTH_MM = 30;
    private static final double MOST_GIRTH_MM = 2000;

    /** So many repeats more or fewer are still the piece that was meant. Our own. */
    private static final int MOST_REPEATS = 3;

    /** Repeats that are tried, and sizes of rings; nobody looks through more. Our own. */
    private static final int MOST_PLACES = 12;

    public BodyFit {
        Checks.within("girthMm", girthMm, LEAST_GIRTH_MM, MOST_GIRTH_MM, Unit.MM, Remedy.MEASURE_IT_AGAIN);
        Checks.within("easeMm", easeMm, -0.1 * girthMm, girthMm, Unit.MM, Remedy.MEASURE_IT_AGAIN);
    }

    /**
     * How long the piece is to be, mm: {@code C + ease + π t}, since what lies on a body has its own middle half its thickness off it all
     * round. Exact for short parts; a long stiff one stands off and needs more.
     */
    public double targetMm(PieceWork work) {
        return girthMm + easeMm + Math.PI * work.thickMm();
    }

    /** What is over, mm; negative where it is too short. */
    public double remainderMm(PieceWork work) {
        return work.lengthMm() - targetMm(work);
    }

    /**
     * Changes that bring it nearer, the nearest first; each was worked out whole. None where it is as near as these bring it.
     *
     * @param work the piece worked out
     * @param insides of rings the maker's rods give, mm; may be empty
     */
    public List<Cure> cures(Piece piece, PieceWork work, PartMaker parts, List<Double> insides) {
        double off = Math.abs(remainderMm(work));
        var cures = new ArrayList<Cure>();
        for (int path = 0; path < Math.min(MOST_PLACES, repeats(piece.elements())); path++) {
            for (int by = -MOST_REPEATS; by <= MOST_REPEATS; by++) {
                if (by != 0) {
                    tried(cures, new Cure(Change.REPEATS, 0, by, null, 0, 0), withRepeats(piece, path, by), parts);
                }
            }
        }
        if (piece.elements().size() > 1 && piece.shape() == Piece.Shape.ROW) {
            List<Piece.Element> fewer =
                    piece.elements().subList(0, piece.elements().size() - 1);
            tried(
                    cures,
                    new Cure(Change.WITHOUT_THE_LAST, 0, -1, null, 0, 0),
                    new Piece(fewer, piece.shape(), piece.pair()),
                    parts);
        }
        for (Ring ring : rings(piece).stream().limit(MOST_PLACES).toList()) {
            for (double inside : insides) {
                if (Math.abs(inside - ring.innerDiameterMm()) > 1e-9) {
                    var other = new Cure(Change.OTHER_RING, ring.innerDiameterMm(), inside, null, 0, 0);
                    tried(cures, other, withRings(piece, ring, inside), parts);
                }
            }
        }
        cures.removeIf(cure -> Math.abs(cure.offMm()) >= off);
        cures.sort(Comparator.comparingDouble(cure -> Math.abs(cure.offMm())));
        return cures;
    }

    private void tried(List<Cure> cures, Cure meant, Piece changed, PartMaker parts) {
        Effort.check();
        if (changed == null) {
            return;
        }
        try {
            PieceWork work = PieceSolver.solve(changed, parts);
            if (work.canBeMade()) {
                cures.add(new Cure(
                        meant.change(),
                        meant.from(),
                        meant.by(),
                        PieceLine.write(changed),
                        work.lengthMm(),
                        remainderMm(work)));
            }
        } catch (Refusal refused) {
            return; // a change that makes no piece is no cure
        }
    }

    private static int repeats(List<Piece.Element> elements) {
        int all = 0;
        for (Piece.Element element : elements) {
            all += element instanceof Piece.Repeat repeat ? 1 + repeats(repeat.elements()) : 0;
        }
        return all;
    }

    /** The piece with another count at the repeat of that number, from the front and outside in; null below one. */
    private static Piece withRepeats(Piece piece, int path, int by) {
        int[] left = {path};
        List<Piece.Element> changed = changed(piece.elements(), left, by);
        return changed == null ? null : new Piece(changed, piece.shape(), piece.pair());
    }

    private static List<Piece.Element> changed(List<Piece.Element> elements, int[] left, int by) {
        var all = new ArrayList<Piece.Element>();
        for (Piece.Element element : elements) {
            if (element instanceof Piece.Repeat repeat) {
                int count = left[0]-- == 0 ? repeat.count() + by : repeat.count();
                List<Piece.Element> inner = changed(repeat.elements(), left, by);
                if (count < 1 || inner == null) {
                    return null;
                }
                all.add(new Piece.Repeat(count, inner));
            } else {
                all.add(element);
            }
        }
        return all;
    }

    private static Set<Ring> rings(Piece piece) {
        Set<Ring> rings = new TreeSet<>(
                Comparator.comparingDouble(Ring::wireDiameterMm).thenComparingDouble(Ring::innerDiameterMm));
        for (Piece.Placed placed : piece.parts()) {
            if (placed.depth() == 0 && placed.part() instanceof RingPart ring) {
                rings.add(ring.ring());
            }
        }
        return rings;
    }

    /** Graded rings stay as they are graded: none of them is that one ring. */
    private static Piece withRings(Piece piece, Ring from, double inside) {
        return piece.rewritten((one, written) -> {
            if (!(one.part() instanceof RingPart ring)
                    || ring.isGraded()
                    || !ring.ring().equals(from)) {
                return null;
            }
            return List.of(new Piece.One(ring.withInside(inside), one.hanging()));
        });
    }
}
