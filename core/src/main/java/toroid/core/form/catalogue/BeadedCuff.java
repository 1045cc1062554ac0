package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Beads;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Parameter;
import toroid.core.form.Solid;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Roots;
import toroid.core.quantity.Note;

/**
 * A cuff that carries beads on its bow: formed from its middle, one end curled, the beads slid on, the other end curled (common practice: a bead is on a cuff
 * before its ends are). A bead's hole is straight and the wire in it is not: over a bead of length L the bow of middle radius ρ rises {@code
 * ρ − √(ρ² − L²/4)}, so the hole needs the wire and that much more (exact).
 */
@AutoService(Form.class)
public final class BeadedCuff implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("beaded-cuff", Family.BEAD_LINKS, "beaded cuff", "a cuff with beads on its bow", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "inside", "inside", d -> 14, d -> 6 * d, d -> 90, "An ear takes 9 to 12 mm, a wrist 50 to 65."),
                Parameter.length(
                        "gap", "gap", d -> 4, d -> 1, d -> 60, "It slips on sideways, then is pressed to fit."),
                Parameter.loop("curl", "curled ends, inside", 2),
                Parameter.stack("row", "on the bow", "Side by side about the top of the bow; beads and spacers."));
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(3, 3, 1.3), StackItem.bead(5, 5, 1.6), StackItem.bead(3, 3, 1.3));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("bead cuff", "cuff with beads", "beaded ear cuff", "beaded bracelet cuff");
    }

    @Override
    public String on() {
        return "inside";
    }

    /** Beads side by side leave this much between them, mm. */
    private static final double SIDE_BY_SIDE_MM = 0.02;

    @Override
    public void make(FormMaker m) {
        List<Solid> beads = laid(m);
        WireMaker first = half(m, -1, "first");
        WireMaker second = half(m, 1, "second");
        first.does(Kind.THREAD, told(m.stack("row")));
        m.secondEndLast(first, second);
        m.later("first end, curled outward");
        m.later(told(m.stack("row")));
        m.later("second end, curled outward");
        beads.forEach(m::solid);
    }

    private static double bow(FormMaker m) {
        return (m.mm("inside") + m.d()) / 2;
    }

    private static double open(FormMaker m) {
        return Math.asin(Math.min(1, (m.mm("gap") + m.d()) / 2 / bow(m)));
    }

    private static WireMaker half(FormMaker m, int way, String which) {
        double radius = bow(m);
        WireMaker wire =
                m.wire("cuff", new Frame(new Vector3D(0, radius, 0), new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        wire.step(Kind.FORM, which + " half, from the middle").bend(m.mm("inside"), 180 - Math.toDegrees(open(m)));
        wire.step(Kind.LOOP, which + " end, curled outward").bend(m.mm("curl"), -250);
        return wire.tail(2).end(EndState.FILED);
    }

    /** The row about the top of the bow, side by side; refused where it is longer than the bow. */
    private static List<Solid> laid(FormMaker m) {
        var row = new ArrayList<StackItem>();
        for (StackItem item : m.stack("row")) {
            if (item.kind() == StackItem.Kind.COIL || item.kind() == StackItem.Kind.CAP) {
                throw Refusal.of(
                        "bad-row",
                        "row",
                        item.kind().inWords(),
                        "A bow carries beads and spacers, no %ss."
                                .formatted(item.kind().inWords()),
                        "Take it out.");
            }
            for (int k = 0; k < item.count(); k++) {
                row.add(item);
            }
        }
        double[] at = new double[row.size()];
        for (int i = 1; i < row.size(); i++) {
            at[i] = at[i - 1] + apart(m, row.get(i - 1), row.get(i));
        }
        double most = Math.PI - open(m) - rim(m, row.get(0)) - m.d() / bow(m);
        double half = at[row.size() - 1] / 2;
        if (half > most) {
            throw Refusal.of(
                    "bad-row",
                    "row",
                    row.size() + " beads",
                    "So many beads go further round than the cuff: %.0f° of %.0f°."
                            .formatted(Math.toDegrees(2 * half), Math.toDegrees(2 * most)),
                    "Take some out, or a larger cuff.");
        }
        var solids = new ArrayList<Solid>();
        for (int i = 0; i < row.size(); i++) {
            solids.add(bead(m, row.get(i), at[i] - half));
            checkHole(m, row.get(i));
        }
        return solids;
    }

    private static double rim(FormMaker m, StackItem item) {
        return item.longMm() / 2 / bow(m);
    }

    /** On the bow at that angle from its top, its hole along the bow; half the wire's rise inside it nearer to the middle. */
    private static Solid bead(FormMaker m, StackItem item, double angle) {
        var out = new Vector3D(Math.sin(angle), Math.cos(angle), 0);
        var along = new Vector3D(Math.cos(angle), -Math.sin(angle), 0);
        Solid.Kind kind = item.kind() == StackItem.Kind.BEAD ? Solid.Kind.BEAD : Solid.Kind.SPACER;
        double radius = bow(m) - rise(m, item) / 2;
        return new Solid(kind, out.scalarMultiply(radius), along, item.acrossMm(), item.longMm(), item.holeMm());
    }

    private static double rise(FormMaker m, StackItem item) {
        double half = Math.min(item.longMm() / 2, bow(m) * 0.99);
        return bow(m) - Math.sqrt(bow(m) * bow(m) - half * half);
    }

    private static void checkHole(FormMaker m, StackItem item) {
        double needed = Beads.holeNeededMm(1, m.d()) + rise(m, item);
        if (item.holeMm() < needed) {
            m.note(new Note(
                    "bead-hole-bow",
                    Note.Severity.STOP,
                    Map.of("holeMm", item.holeMm(), "neededMm", needed, "longMm", item.longMm(), "wireMm", m.d())));
        }
    }

    /** The angle from bead to bead at which they just touch: by the reach of each towards the other, from their middles. */
    private static double apart(FormMaker m, StackItem a, StackItem b) {
        double least = 1e-3;
        double most = Math.PI;
        if (between(m, a, b, most) < SIDE_BY_SIDE_MM) {
            throw Refusal.of(
                    "bad-row",
                    "row",
                    null,
                    "Beads of %.1f mm do not lie side by side on so small a bow.".formatted(a.acrossMm()),
                    "Take smaller beads, or a larger cuff.");
        }
        return Roots.between(angle -> between(m, a, b, angle) - SIDE_BY_SIDE_MM, least, most, 1e-9);
    }

    private static double between(FormMaker m, StackItem a, StackItem b, double angle) {
        Solid first = bead(m, a, 0);
        Solid second = bead(m, b, angle);
        Vector3D way = second.centre().subtract(first.centre());
        double apart = way.getNorm();
        if (apart < 1e-9) {
            return -a.longMm();
        }
        Vector3D unit = way.scalarMultiply(1 / apart);
        return apart - first.reachMm(unit) - second.reachMm(unit);
    }

    private static String told(List<StackItem> row) {
        return String.join(
                ", ",
                row.stream()
                        .map(item -> item.count() == 1
                                ? item.kind().inWords()
                                : item.count() + " " + item.kind().inWords() + "s")
                        .toList());
    }
}
