package toroid.core.form;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Hint;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/** Beads on wire, and whether their holes take every pass. */
public final class Beads {
    /** Diameter of the circle that just holds n equal circles of diameter 1 (packing of circles in a circle; exact to n = 5). */
    private static final double[] PACKED = {
        0, 1, 2, 1 + 2 / Math.sqrt(3), 1 + Math.sqrt(2), 1 + Math.sqrt(2 + 2 / Math.sqrt(5))
    };

    private Beads() {}

    /** The hole that many passes of a wire need, mm, and a twentieth to go through. */
    public static double holeNeededMm(int passes, double wireMm) {
        double packed = passes < PACKED.length ? PACKED[passes] : 1.2 * Math.sqrt(passes) + 0.6;
        return packed * wireMm * 1.05;
    }

    /** Notes a hole that does not take so many passes of that wire. */
    public static void checkHole(FormMaker maker, double holeMm, int passes, double wireMm) {
        double needed = holeNeededMm(passes, wireMm);
        if (holeMm < needed) {
            maker.note(new Note(
                    NoteCode.BEAD_HOLE_SMALL,
                    Note.Severity.STOP,
                    Map.of("holeMm", holeMm, "neededMm", needed, "passes", passes, "wireMm", wireMm)));
        }
    }

    /** Sets one thing of a row and checks its hole on one pass of the main wire. */
    public static void threaded(FormMaker maker, Solid.Kind kind, Vector3D centre, Vector3D axis, StackItem item) {
        maker.solid(new Solid(kind, centre, axis, item.acrossMm(), item.longMm(), item.holeMm()));
        checkHole(maker, item.holeMm(), 1, maker.d());
    }

    /** Sets a bead and checks its hole. */
    public static void set(
            FormMaker maker, Vector3D centre, Vector3D axis, double beadMm, double holeMm, int passes, double wireMm) {
        maker.solid(new Solid(Solid.Kind.BEAD, centre, axis, beadMm, beadMm, holeMm));
        checkHole(maker, holeMm, passes, wireMm);
    }

    /** A bead at a place on the x axis, on one pass of the main wire. */
    public static void along(FormMaker maker, double x, double beadMm, double holeMm) {
        set(maker, new Vector3D(x, 0, 0), Vector3D.PLUS_I, beadMm, holeMm, 1, maker.d());
    }

    /** A bead without a hole of its own to check, such as one the wire only lies on. */
    public static void beside(FormMaker maker, Vector3D centre, Vector3D axis, double beadMm, double holeMm) {
        maker.solid(new Solid(Solid.Kind.LAID_BEAD, centre, axis, beadMm, beadMm, holeMm));
    }

    /** A bead this much longer or shorter than wide is no longer round. Our own figure. */
    private static final double ROUND = 0.05;

    private static final double LEAST_ROUND = 1;

    /**
     * The beads of a row one by one, where only round ones will do.
     *
     * @param most how many
     * @param notRound why anything else is refused
     * @throws Refusal for anything else, a bead under 1 mm, or too many
     */
    public static List<StackItem> roundOnes(List<StackItem> row, int most, RefusalCode notRound, Hint remedy) {
        var all = new ArrayList<StackItem>();
        for (StackItem item : row) {
            boolean round = Math.abs(item.acrossMm() - item.longMm()) <= ROUND * item.acrossMm();
            if (item.kind() != StackItem.Kind.BEAD || !round || item.acrossMm() < LEAST_ROUND) {
                throw Refusal.of(notRound, "row", item.kind().inWords()).with("leastMm", LEAST_ROUND);
            }
            all.addAll(Collections.nCopies(item.count(), item));
        }
        if (all.size() > most) {
            throw Refusal.outOfRange("row", all.size(), 1, most, Unit.BEADS, remedy);
        }
        return all;
    }
}
