package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Vectors;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Beads and spacers in a row about the top of a bow, touching or so far apart. A bead's hole is straight and the wire in it is not: over a
 * bead of length L the bow of middle radius ρ rises {@code ρ − √(ρ² − L²/4)}, so the hole needs the wire and that much more (exact). In the
 * plane of the bow, which bends towards −y.
 */
public final class BowRow {
    /** Beads side by side leave this much between them, mm. */
    private static final double SIDE_BY_SIDE_MM = 0.02;

    private final FormMaker m;
    private final Vector3D centre;
    private final double bowMm;
    private final double gapMm;

    /**
     * A bead as it lies on the bow.
     *
     * @param radians of its middle from the top, clockwise
     * @param rimRadians from its middle to where the wire comes out of it
     */
    public record Placed(Solid bead, double radians, double rimRadians) {}

    /**
     * Side by side.
     *
     * @param centre of the bow
     * @param bowMm radius of its middle line
     */
    public BowRow(FormMaker m, Vector3D centre, double bowMm) {
        this(m, centre, bowMm, SIDE_BY_SIDE_MM);
    }

    /** @param gapMm from each to the next, along the line of their middles */
    public BowRow(FormMaker m, Vector3D centre, double bowMm, double gapMm) {
        this.m = m;
        this.centre = centre;
        this.bowMm = bowMm;
        this.gapMm = gapMm;
    }

    /**
     * Sets the row and checks its holes.
     *
     * @param halfBow radians from the top to where the bow ends on either side
     * @return each where it lies, in order
     * @throws Refusal for what no bow carries, and for a row longer than the bow
     */
    public List<Placed> lay(List<StackItem> items, double halfBow) {
        List<StackItem> row = oneByOne(items);
        double[] at = new double[row.size()];
        for (int i = 1; i < row.size(); i++) {
            at[i] = at[i - 1] + apart(row.get(i - 1), row.get(i));
        }
        double outer = Math.max(row.get(0).longMm(), row.get(row.size() - 1).longMm()) / 2 / bowMm;
        double most = halfBow - outer - m.d() / bowMm;
        double half = at[row.size() - 1] / 2;
        if (half > most) {
            throw Refusal.of(RefusalCode.ROW_LONGER_THAN_BOW, "row", row.size())
                    .with("takesDegrees", Math.toDegrees(2 * half))
                    .with("hasDegrees", Math.toDegrees(2 * Math.max(0, most)));
        }
        var placed = new ArrayList<Placed>();
        for (int i = 0; i < row.size(); i++) {
            Solid bead = bead(row.get(i), at[i] - half);
            m.solid(bead);
            checkHole(row.get(i));
            double rim = Math.asin(Math.min(0.99, row.get(i).longMm() / 2 / bowMm));
            placed.add(new Placed(bead, at[i] - half, rim));
        }
        return placed;
    }

    /** A bow worked from its middle whose row goes on between its two ends: one end, the row, the other end. */
    public static void threadBetween(
            FormMaker m, WireMaker first, WireMaker second, String firstEnd, String secondEnd) {
        String row = Stack.inWords(m.stack("row"));
        first.does(FormStep.Kind.THREAD, row);
        m.secondEndLast(first, second);
        m.later(firstEnd);
        m.later(row);
        m.later(secondEnd);
    }

    private static List<StackItem> oneByOne(List<StackItem> items) {
        var row = new ArrayList<StackItem>();
        for (StackItem item : items) {
            if (item.kind() == StackItem.Kind.COIL || item.kind() == StackItem.Kind.CAP) {
                String kind = item.kind().inWords();
                throw Refusal.of(RefusalCode.BOW_CARRIES_NONE_SUCH, "row", kind);
            }
            for (int k = 0; k < item.count(); k++) {
                row.add(item);
            }
        }
        return row;
    }

    /** On the bow at that angle from its top, its hole along the bow; half the wire's rise inside it nearer to the middle. */
    private Solid bead(StackItem item, double angle) {
        var out = new Vector3D(Math.sin(angle), Math.cos(angle), 0);
        var along = new Vector3D(Math.cos(angle), -Math.sin(angle), 0);
        Solid.Kind kind = item.kind() == StackItem.Kind.BEAD ? Solid.Kind.BEAD : Solid.Kind.SPACER;
        Vector3D place = Vectors.sum(1, centre, bowMm - rise(item) / 2, out);
        return new Solid(kind, place, along, item.acrossMm(), item.longMm(), item.holeMm());
    }

    private double rise(StackItem item) {
        double half = Math.min(item.longMm() / 2, bowMm * 0.99);
        return bowMm - Math.sqrt(bowMm * bowMm - half * half);
    }

    private void checkHole(StackItem item) {
        double needed = Beads.holeNeededMm(1, m.d()) + rise(item);
        if (item.holeMm() < needed) {
            m.note(new Note(
                    NoteCode.BEAD_HOLE_BOW,
                    Note.Severity.STOP,
                    Map.of("holeMm", item.holeMm(), "neededMm", needed, "longMm", item.longMm(), "wireMm", m.d())));
        }
    }

    /** The angle from bead to bead at which they just touch: by the reach of each towards the other, from their middles. */
    private double apart(StackItem a, StackItem b) {
        if (between(a, b, Math.PI) < gapMm) {
            throw Refusal.of(RefusalCode.BEADS_TOO_LARGE_FOR_BOW, "row", null).with("beadMm", a.acrossMm());
        }
        return Roots.between(angle -> between(a, b, angle) - gapMm, 1e-3, Math.PI, 1e-9);
    }

    private double between(StackItem a, StackItem b, double angle) {
        Solid first = bead(a, 0);
        Solid second = bead(b, angle);
        Vector3D way = second.centre().subtract(first.centre());
        double apart = way.getNorm();
        if (apart < 1e-9) {
            return -a.longMm();
        }
        Vector3D unit = way.scalarMultiply(1 / apart);
        return apart - first.reachMm(unit) - second.reachMm(unit);
    }
}
