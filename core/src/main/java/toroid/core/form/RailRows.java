package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.FormStep.Kind;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * Fine wire carried from rail to rail, some wraps on each, row by row, bare or with beads on every crossing. A rail's wraps reach along it from
 * one crossing to the next: side by side, or spread over the width of a bead. A crossing leaves one rail below and comes to the
 * other from above, so beads on it lean by {@code atan((d + f)/a)} for rails a apart.
 */
public final class RailRows {
    private static final String CARRIES = "across";
    private static final String BARE = "bare";
    private static final String BEADS = "carry beads";

    /** Wraps stand this far apart, in their wire; beads of neighbouring rows so much more than their size. */
    private static final double APART = 1.05;

    private static final double SIDE_BY_SIDE = 1.01;

    /** More beads are threaded on no one weaving wire. Our own figure. */
    private static final int MOST_BEADS = 600;

    /** So much off the rail, that a drawing's chords do not lie in it. */
    private static final double OFF = 1.005;

    private final FormMaker m;
    private final double fineMm;
    private final double apartMm;
    private final int wraps;
    private final boolean beaded;

    /** @param apartMm between the rails' middles */
    public RailRows(FormMaker m, double apartMm) {
        this.m = m;
        this.fineMm = m.mm("fine");
        this.apartMm = apartMm;
        this.wraps = m.count("wraps");
        this.beaded = m.is(CARRIES, BEADS);
    }

    /** The wire, its wraps, and what its crossings carry. */
    public static List<Parameter> parameters() {
        return List.of(
                Parameter.length("fine", "weaving wire", d -> 0.4, d -> 0.15, d -> d, "{0.3..0.5} is usual."),
                Parameter.count("wraps", "wraps on each rail", 2, 1, 6, "Two or three."),
                Parameter.choice(CARRIES, "crossings", BARE, BEADS).because("Beads go on at each crossing."),
                Parameter.fixed("bead", "bead", 3, 1, 20, "Measure the bead.")
                        .asMeasured()
                        .when(CARRIES + "=" + BEADS),
                Parameter.fixed("hole", "its hole", 0.8, 0.2, 5, "Try it with the weaving wire.")
                        .asMeasured()
                        .when(CARRIES + "=" + BEADS),
                Parameter.count("each", "beads on a crossing", 3, 1, 30, "As many as lie between the rails.")
                        .when(CARRIES + "=" + BEADS));
    }

    /** From one crossing to the next along the rails, mm. */
    public double advanceMm() {
        return (wraps + 0.5) * pitchMm();
    }

    private double pitchMm() {
        double spread = beaded ? SIDE_BY_SIDE * m.mm("bead") / (wraps + 0.5) : 0;
        return Math.max(APART * fineMm, spread);
    }

    /**
     * Refuses beads that do not lie between the rails, and more than one wire carries.
     *
     * @throws Refusal saying how many do
     */
    private void checkRoom(int rows) {
        double room = apartMm - m.d() - 2 * fineMm;
        int most = (int) Math.floor(room / m.mm("bead") + 1e-9);
        if (beaded && m.count("each") > most) {
            throw Refusal.outOfRange(
                    "each", m.count("each"), 0, most, Unit.BEADS, Remedy.TAKE_SMALLER_BEADS_OR_WIDER_RAILS);
        }
        if (beaded && (rows - 1) * m.count("each") > MOST_BEADS) {
            throw Refusal.outOfRange(
                    "rows", rows, 1, 1 + MOST_BEADS / m.count("each"), Unit.ROWS, Remedy.WEAVE_IT_IN_SEVERAL_LENGTHS);
        }
    }

    /**
     * Weaves that many rows.
     *
     * @param from where the first wraps begin, on the line midway between the rails: along them the tangent, towards the first rail the normal
     * @param rails what the first and the second rail are called
     */
    public void weave(Frame from, int rows, List<String> rails) {
        checkRoom(rows);
        double r = (m.d() + fineMm) / 2 * OFF;
        WireMaker weave = m.wire(
                "weaving",
                fineMm,
                new Frame(
                        at(from, 0, apartMm / 2 - 8 * fineMm, r),
                        from.normal(),
                        from.binormal().negate()));
        for (int i = 0; i < rows; i++) {
            int side = i % 2 == 0 ? 1 : -1;
            if (i > 0 && beaded) {
                weave.does(Kind.THREAD, m.count("each") + (m.count("each") == 1 ? " bead" : " beads"));
            }
            weave.step(Kind.BIND, "row " + (i + 1) + ", " + rails.get(side > 0 ? 0 : 1));
            if (i > 0 && beaded) {
                crossing(weave, from, i, r, -side);
            }
            Frame axis = new Frame(at(from, i * advanceMm(), side * apartMm / 2, 0), from.tangent(), from.binormal());
            weave.wrap(new CoilSize(r, pitchMm(), wraps + 0.5, side < 0), axis);
        }
        m.done(weave.tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }

    /** Straight through beads side by side in the middle of the crossing that comes before that row, from the rail on that side. */
    private void crossing(WireMaker weave, Frame from, int row, double r, int side) {
        Vector3D along = direction(from, -side * apartMm, 2 * r);
        Vector3D middle = at(from, row * advanceMm(), 0, 0);
        int each = m.count("each");
        double half = each * m.mm("bead") / 2;
        weave.to(Vectors.sum(1, middle, -half, along), along).straight(2 * half);
        for (int k = 0; k < each; k++) {
            Vector3D place = Vectors.sum(1, middle, (k - (each - 1) / 2.0) * m.mm("bead"), along);
            Beads.set(m, place, along, m.mm("bead"), m.mm("hole"), 1, fineMm);
        }
    }

    private static Vector3D at(Frame from, double along, double towards, double up) {
        return Vectors.sum(1, from.position(), along, from.tangent(), towards, from.normal(), up, from.binormal());
    }

    private static Vector3D direction(Frame from, double towards, double up) {
        return Vectors.sum(towards, from.normal(), up, from.binormal()).normalize();
    }
}
