package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Small beads lashed in arcs beside bigger ones: from the middle outward, always over then under, one round in each gap. Over a
 * half circle lie {@code π/(2 asin(s/(D + s)))} small beads, rounded down; the outermost may bow out past the neighbours. In turn on both
 * sides or all on one; every second bead may be passed bare. The big ones are alike, or a row of their own sizes.
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
                Parameter.choice("sizes", "big beads are", ALIKE, OWN).because("A row of sizes swells or tapers."),
                Parameter.bead(8).when(SIZES + ALIKE),
                Parameter.hole().when(SIZES + ALIKE),
                Parameter.count("beads", "big beads", 3, 1, MOST, "For more, make it in lengths.")
                        .when(SIZES + ALIKE),
                Parameter.stack("row", "the big beads", "In order along the strand; round ones.")
                        .when(SIZES + OWN),
                Parameter.fixed("small", "small bead", 2, 0.8, 6, "They ride in arcs: smaller than the big one."),
                Parameter.length(
                        "fine",
                        "lashing wire",
                        d -> Math.min(0.3, d),
                        d -> Math.min(0.15, d),
                        d -> d,
                        "{0.3} is usual; up to the strand's own."),
                Parameter.choice("arcs", "arcs", IN_TURN, ONE_SIDE).because("One side makes a rim, in turn a band."),
                Parameter.choice("second", "every second bead", WITH_ARC, BARE)
                        .because("Bare, the wire goes over it without small beads."),
                Parameter.choice("ends", "strand's ends", "cut", LOOPED).because("Loops join it on."),
                Parameter.loop("loop", "end loops, inside", 2.5).when("ends=" + LOOPED));
    }

    private static final String LOOPED = "plain loops";

    private static final String SIZES = "sizes=";
    private static final String ALIKE = "alike";
    private static final String OWN = "a row of sizes";
    private static final int MOST = 15;
    private static final String IN_TURN = "over and under in turn";
    private static final String ONE_SIDE = "all on one side";
    private static final String WITH_ARC = "with its arc";
    private static final String BARE = "passed bare";

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(6, 6, 1), StackItem.bead(8, 8, 1), StackItem.bead(6, 6, 1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("lashed", "beaded rim", "lashing");
    }

    /** A big bead where it lies on the strand, mm; its arc, none where it is passed bare or too small beside its neighbours for one. */
    private record Big(double x, double bigMm, double holeMm, int up, Optional<BeadArc> arc) {}

    @Override
    public void make(FormMaker m) {
        List<Big> row = laid(m, bigOnes(m));
        double beyond = Math.max(gapSide(m, row.get(0)), gapSide(m, row.get(row.size() - 1)));
        double half = -row.get(0).x() + gapSide(m, row.get(0)) + beyond;
        strand(m, half);
        for (Big big : row) {
            Beads.along(m, big.x(), big.bigMm(), big.holeMm());
            big.arc().ifPresent(arc -> arc.places().forEach(place -> small(m, arc, big.x(), big.up(), place)));
            checkSmall(m, big.bigMm());
        }
        lash(m, row);
        if (m.is("ends", LOOPED)) {
            m.later(SECOND_LOOP);
        }
        Beads.checkHole(m, WIDEST_HOLE * m.mm("small"), 1, m.mm("fine"));
        List<Integer> each = row.stream()
                .flatMap(big -> big.arc().stream())
                .map(arc -> arc.places().size())
                .toList();
        m.note(Note.info(
                NoteCode.SMALL_BEADS,
                Map.of(
                        "each", each.stream().mapToInt(n -> n).max().orElse(0),
                        "least", each.stream().mapToInt(n -> n).min().orElse(0),
                        "all", each.stream().mapToInt(n -> n).sum())));
    }

    private static final String SECOND_LOOP = "second loop";

    /** What carries the big beads: cut, or from its middle to a loop at either end, clear of the lashing's last rounds. */
    private static void strand(FormMaker m, double half) {
        if (!m.is("ends", LOOPED)) {
            WireMaker strand = m.wire("strand", Loops.stem(-half, 0, 1, 1)).leave("strand", 2 * half);
            strand.does(Kind.THREAD, "the big beads");
            m.done(strand.tail(20).end(EndState.FILED), 20, EndState.FILED);
            return;
        }
        double neck = half + ROUNDS * m.mm("fine") + m.d();
        WireMaker first = m.wire("strand", Loops.stem(0, 0, -1, 1)).leave("strand", neck);
        Loops.plain(first, m.mm("loop"), "first loop");
        first.does(Kind.THREAD, "the big beads");
        WireMaker second = m.wire("strand", Loops.stem(0, 0, 1, 1)).leave("strand", neck);
        Loops.plain(second, m.mm("loop"), SECOND_LOOP);
        m.secondEndLast(first, second);
    }

    /** Room for the rounds before the first bead and after the last, in lashing wires. */
    private static final double ROUNDS = 6;

    /** The big beads in order, as they were measured. */
    private static List<StackItem> bigOnes(FormMaker m) {
        if (m.is("sizes", ALIKE)) {
            return Collections.nCopies(m.count("beads"), StackItem.bead(m.mm("bead"), m.mm("bead"), m.mm("hole")));
        }
        return Beads.roundOnes(m.stack("row"), MOST, RefusalCode.LASHED_OVER_ROUND_BEADS, Remedy.MAKE_IT_IN_LENGTHS);
    }

    /** Side by side with room for a round between, the whole row's ends as far from the middle. */
    private static List<Big> laid(FormMaker m, List<StackItem> beads) {
        double gap = 4 * m.mm("fine");
        double whole = beads.stream().mapToDouble(bead -> bead.acrossMm() + gap).sum();
        var row = new ArrayList<Big>();
        double x = -whole / 2;
        for (int i = 0; i < beads.size(); i++) {
            StackItem bead = beads.get(i);
            x += (bead.acrossMm() + gap) / 2;
            Optional<BeadArc> arc = bare(m, i)
                    ? Optional.empty()
                    : BeadArc.over(
                            bead.acrossMm(),
                            m.mm("small"),
                            m.d(),
                            List.of(beside(m, beads, i, -1), beside(m, beads, i, 1)));
            row.add(new Big(x, bead.acrossMm(), bead.holeMm(), up(m, i), arc));
            x += (bead.acrossMm() + gap) / 2;
        }
        return row;
    }

    /** What lies beside that bead; beyond the last one, as if one more like it did: the row goes on as it began. */
    private static BeadArc.Neighbour beside(FormMaker m, List<StackItem> beads, int at, int way) {
        int next = at + way;
        boolean there = next >= 0 && next < beads.size();
        double big = beads.get(there ? next : at).acrossMm();
        double apart = (beads.get(at).acrossMm() + big) / 2 + 4 * m.mm("fine");
        return new BeadArc.Neighbour(
                big, apart, beads.size() > 1 && m.is("arcs", ONE_SIDE) && m.is("second", WITH_ARC));
    }

    private static void checkSmall(FormMaker m, double bigMm) {
        if (m.mm("small") > LARGEST_SMALL * bigMm) {
            m.note(new Note(
                    NoteCode.SMALL_BEAD_LARGE,
                    Note.Severity.STOP,
                    Map.of("smallMm", m.mm("small"), "beadMm", bigMm, "mostMm", LARGEST_SMALL * bigMm)));
        }
    }

    /** From a bead's middle to that of the gap beside it. */
    private static double gapSide(FormMaker m, Big big) {
        return big.bigMm() / 2 + 2 * m.mm("fine");
    }

    /** One small bead of an arc, its hole along the arc. */
    private static void small(FormMaker m, BeadArc arc, double x, int up, Vector3D place) {
        var along = new Vector3D(place.getY() - arc.centreMm(), -up * place.getX(), 0);
        double hole = Math.max(SMALL_HOLE * m.mm("small"), Beads.holeNeededMm(1, m.mm("fine")));
        Beads.beside(m, new Vector3D(x + place.getX(), up * place.getY(), 0), along.normalize(), m.mm("small"), hole);
    }

    /** The widest hole such a bead has, against its size: with more its wall breaks. Our own figure. */
    private static final double WIDEST_HOLE = 0.5;

    /** A small bead's hole against its size: 0.8 of 2.1 mm (seed beads, from memory). */
    private static final double SMALL_HOLE = 0.38;

    /** Arcs take turns over and under, or lie all on one side. */
    private static int up(FormMaker m, int bead) {
        return m.is("arcs", ONE_SIDE) || bead % 2 == 0 ? 1 : -1;
    }

    private static boolean bare(FormMaker m, int bead) {
        return m.is("second", BARE) && bead % 2 == 1;
    }

    private static void lash(FormMaker m, List<Big> row) {
        double f = m.mm("fine");
        double r = (m.d() + f) / 2;
        double begins = row.get(0).x() - gapSide(m, row.get(0));
        Frame start = new Frame(new Vector3D(begins - 4 * f, r, 0), Vector3D.PLUS_I, Vector3D.MINUS_K);
        WireMaker lash = m.wire("lashing", f, start);
        int last = row.get(0).up();
        for (Big big : row) {
            // a round, and half of another where it comes from the other side
            lash.step(Kind.BIND, "one round in the gap")
                    .wrap(
                            new CoilSize(r, f, last == big.up() ? 1 : 1.5, false),
                            gap(big.x() - gapSide(m, big) - f, last));
            if (big.arc().isPresent()) {
                BeadArc arc = big.arc().get();
                lash.step(Kind.BIND, "arc of " + arc.places().size() + " small beads");
                over(lash, arc.places().get(0), arc.centreMm(), arc.radiusMm(), arc.halfTurn(), big.x(), big.up());
            } else {
                double ring = (big.bigMm() + f) / 2;
                double half = Math.acos(Math.min(1, RISE * r / ring));
                var begin = new Vector3D(-ring * Math.sin(half), ring * Math.cos(half), 0);
                lash.step(Kind.BIND, "bare over the bead");
                over(lash, begin, 0, ring, half, big.x(), big.up());
            }
            last = big.up();
        }
        Big end = row.get(row.size() - 1);
        lash.step(Kind.BIND, "rounds at the end")
                .wrap(new CoilSize(r, f, 3, false), gap(end.x() + gapSide(m, end), last));
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
