package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.BeadArc;
import toroid.core.form.Beads;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.Note;

/**
 * Small beads lashed in arcs beside bigger ones: from the middle outward, always over then under, one round in each gap. Over a
 * half circle lie {@code π/(2 asin(s/(D + s)))} small beads, rounded down; the outermost may bow out past the neighbours. In turn on both
 * sides or all on one; every second bead may be passed bare.
 */
@AutoService(Form.class)
public final class LashedBeads implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("lashed-beads", Family.BOUND, "lashed beads", "small beads in arcs beside a strand", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(8),
                Parameter.hole(),
                Parameter.count("beads", "big beads", 3, 1, 15, "For more, make it in lengths."),
                Parameter.fixed("small", "small bead", 2, 0.8, 6, "They ride in arcs: smaller than the big one."),
                Parameter.length(
                        "fine",
                        "lashing wire",
                        d -> Math.min(0.3, d),
                        d -> Math.min(0.15, d),
                        d -> d,
                        "0.3 mm is usual; up to the strand's own."),
                Parameter.choice("arcs", "arcs", IN_TURN, ONE_SIDE).because("One side makes a rim, in turn a band."),
                Parameter.choice("second", "every second bead", WITH_ARC, BARE)
                        .because("Bare, the wire goes over it without small beads."));
    }

    private static final String IN_TURN = "over and under in turn";
    private static final String ONE_SIDE = "all on one side";
    private static final String WITH_ARC = "with its arc";
    private static final String BARE = "passed bare";

    @Override
    public List<String> alsoCalled() {
        return List.of("lashed", "beaded rim", "lashing");
    }

    @Override
    public void make(FormMaker m) {
        double step = m.mm("bead") + 4 * m.mm("fine");
        int beads = m.count("beads");
        double from = -(beads - 1) / 2.0 * step;
        boolean shared = m.is("arcs", ONE_SIDE) && m.is("second", WITH_ARC) && beads > 1;
        var arc = BeadArc.over(m.mm("bead"), m.mm("small"), step, m.d(), shared);
        WireMaker strand = m.wire("strand", Loops.stem(from - step, 0, 1, 1)).leave("strand", (beads + 1) * step);
        m.done(strand.tail(20).end(EndState.FILED), 20, EndState.FILED);
        for (int i = 0; i < beads; i++) {
            double x = from + i * step;
            int up = up(m, i);
            Beads.along(m, x, m.mm("bead"), m.mm("hole"));
            if (!bare(m, i)) {
                arc.places().forEach(place -> small(m, arc, x, up, place));
            }
        }
        lash(m, from, step, arc);
        int each = arc.places().size();
        if (m.mm("small") > LARGEST_SMALL * m.mm("bead")) {
            m.note(new Note(
                    "small-bead-large",
                    Note.Severity.STOP,
                    Map.of("smallMm", m.mm("small"), "beadMm", m.mm("bead"), "mostMm", LARGEST_SMALL * m.mm("bead"))));
        }
        long arcs = IntStream.range(0, beads).filter(i -> !bare(m, i)).count();
        m.note(Note.info("small-beads", Map.of("each", each, "all", each * arcs)));
    }

    /** One small bead of an arc, its hole along the arc. */
    private static void small(FormMaker m, BeadArc arc, double x, int up, Vector3D place) {
        var along = new Vector3D(place.getY() - arc.centreMm(), -up * place.getX(), 0);
        double hole = Math.max(SMALL_HOLE * m.mm("small"), Beads.holeNeededMm(1, m.mm("fine")));
        Beads.beside(m, new Vector3D(x + place.getX(), up * place.getY(), 0), along.normalize(), m.mm("small"), hole);
    }

    /** A small bead's hole against its size: 0.8 of 2.1 mm (seed beads, from memory). */
    private static final double SMALL_HOLE = 0.38;

    /** Arcs take turns over and under, or lie all on one side. */
    private static int up(FormMaker m, int bead) {
        return m.is("arcs", ONE_SIDE) || bead % 2 == 0 ? 1 : -1;
    }

    private static boolean bare(FormMaker m, int bead) {
        return m.is("second", BARE) && bead % 2 == 1;
    }

    private static void lash(FormMaker m, double from, double step, BeadArc arc) {
        double f = m.mm("fine");
        double r = (m.d() + f) / 2;
        int beads = m.count("beads");
        Frame start = new Frame(new Vector3D(from - step / 2 - 4 * f, r, 0), Vector3D.PLUS_I, Vector3D.MINUS_K);
        WireMaker lash = m.wire("lashing", f, start);
        for (int i = 0; i < beads; i++) {
            double x = from + i * step;
            int up = up(m, i);
            int last = i == 0 ? up : up(m, i - 1);
            // a round, and half of another where it comes from the other side
            lash.step(Kind.BIND, "one round in the gap")
                    .wrap(new CoilSize(r, f, last == up ? 1 : 1.5, false), gap(x - step / 2 - f, last));
            if (bare(m, i)) {
                double ring = (m.mm("bead") + f) / 2;
                double half = Math.acos(Math.min(1, RISE * r / ring));
                var begin = new Vector3D(-ring * Math.sin(half), ring * Math.cos(half), 0);
                lash.step(Kind.BIND, "bare over the bead");
                over(lash, begin, 0, ring, half, x, up);
            } else {
                lash.step(Kind.BIND, "arc of " + arc.places().size() + " small beads");
                over(lash, arc.places().get(0), arc.centreMm(), arc.radiusMm(), arc.halfTurn(), x, up);
            }
        }
        lash.step(Kind.BIND, "rounds at the end")
                .wrap(new CoilSize(r, f, 3, false), gap(from + (beads - 0.5) * step, up(m, beads - 1)));
        m.done(lash.follows().tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }

    /** Larger against the big bead, small ones make no arc over it. Our own figure. */
    private static final double LARGEST_SMALL = 0.7;

    /** How far from the strand's middle a bare pass first lies on its bead, in the reach of strand and wire: it has to turn up to it. */
    private static final double RISE = 1.5;

    /** To the arc's beginning, and along it. */
    private static void over(
            WireMaker lash, Vector3D first, double centreMm, double radiusMm, double halfTurn, double x, int up) {
        var centre = new Vector3D(x, up * centreMm, 0);
        var begin = new Vector3D(x + first.getX(), up * first.getY(), 0);
        Vector3D out = begin.subtract(centre);
        lash.to(begin, new Vector3D(up * out.getY(), -up * out.getX(), 0));
        lash.towards(centre.subtract(begin));
        lash.bend(2 * radiusMm - lash.diameterMm(), Math.toDegrees(2 * halfTurn));
    }

    private static Frame gap(double x, int up) {
        return new Frame(new Vector3D(x, 0, 0), Vector3D.PLUS_I, new Vector3D(0, up, 0));
    }
}
