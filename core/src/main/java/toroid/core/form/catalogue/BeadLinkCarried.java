package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.ScrewRun;
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
import toroid.core.numeric.Refusal;

/**
 * A wrapped bead link whose tails are carried round the bead's sides to the far neck: one leaves over, the other under the stem,
 * each a half circle {@code ½π(D + w)} by every bead, a full round in each gap, two wraps at the far neck.
 */
@AutoService(Form.class)
public final class BeadLinkCarried implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "bead-link-carried",
                Family.BEAD_LINKS,
                "bead link, tails carried round",
                "beads caged by their own tails, wrapped at the far necks",
                0.7);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                                "bead",
                                "bead",
                                d -> 8,
                                d -> LEAST_BEAD * d,
                                d -> 60,
                                "Measure it: round one under five wires no tail is carried.")
                        .asMeasured(),
                Parameter.hole(),
                Parameter.count("beads", "beads", 1, 1, 5, "In one link; more than five are a strand."),
                Parameter.length(
                                "outer",
                                "outermost beads",
                                d -> 0,
                                d -> 0,
                                d -> 60,
                                "Of three and more, where they are of another size; 0: as the others.")
                        .asMeasured(),
                Parameter.length(
                        "loop",
                        "loops, inside",
                        d -> Math.round(35 * d) / 10.0,
                        d -> LEAST_LOOP * d,
                        d -> 40 * d,
                        "As finished: in a smaller one its tail does not come out beside the neck."),
                Parameter.length("play", "play for the rounds", d -> 1.75, d -> 0.5, d -> 4, "1.5 to 2 mm is usual."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("carried link", "caged bead link", "bead link carried");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double neck = 5.6 * d + m.mm("play");
        double[] sizes = sizes(m);
        double[] places = places(sizes, d);
        for (int i = 0; i < sizes.length; i++) {
            Beads.along(m, places[i], sizes[i], m.mm("hole"));
        }
        m.does(Kind.THREAD, "beads, to the middle mark");
        m.inTandem(side(m, -1, sizes, places, neck), side(m, 1, sizes, places, neck));
    }

    /** Of every bead, from the first to the last. */
    private static double[] sizes(FormMaker m) {
        double[] sizes = new double[m.count("beads")];
        Arrays.fill(sizes, m.mm("bead"));
        double outer = m.mm("outer");
        if (outer > 0 && sizes.length >= 3) {
            if (outer < LEAST_BEAD * m.d()) {
                throw Refusal.outOfRange(
                        "outer", outer, LEAST_BEAD * m.d(), 60, "mm", "Round a smaller one no tail is carried.");
            }
            sizes[0] = outer;
            sizes[sizes.length - 1] = outer;
        }
        return sizes;
    }

    /** Their middles about the middle mark, a gap for both rounds between each two. */
    private static double[] places(double[] sizes, double d) {
        double[] places = new double[sizes.length];
        for (int i = 1; i < sizes.length; i++) {
            places[i] = places[i - 1] + (sizes[i - 1] + sizes[i]) / 2 + GAP * d;
        }
        double middle = places[sizes.length - 1] / 2;
        for (int i = 0; i < sizes.length; i++) {
            places[i] -= middle;
        }
        return places;
    }

    /** The smallest loop whose tail comes out beside the neck in one bend, in wires. */
    private static final double LEAST_LOOP = 2.4;

    /** The smallest bead a tail goes round, in wires. */
    private static final double LEAST_BEAD = 5;

    /** Between two beads, in wires: a round of each tail, side by side. */
    private static final double GAP = 5.8;

    /** How far beyond a bead a round begins, in wires: room to come down from its flank. */
    private static final double ROUND = 1.1;

    /** How far from the stem a tail passes over the other's round, in wires. */
    private static final double OVER = 2.3;

    /** How far from the stem the tail passes the other tail's wraps, in wires. */
    private static final double CLEAR = 2.2;

    /** One side: neck, loop, then the tail back along the beads, over for the right side, under for the left. */
    private static WireMaker side(FormMaker m, int way, double[] sizes, double[] places, double neck) {
        double d = m.d();
        int beads = sizes.length;
        double toNeck = places[beads - 1] + sizes[beads - 1] / 2;
        String name = way > 0 ? "second" : "first";
        WireMaker wire = m.wire("link", Loops.stem(0, 0, way, way)).leave("through the beads", toNeck);
        wire.leave(name + " loop, neck", neck);
        wire.step(Kind.BEND, name + " loop");
        double rho = (m.mm("loop") + d) / 2;
        double tip = Math.toDegrees(Math.atan2(Math.sqrt(rho * rho + 1.5 * d * rho), 0.75 * d));
        wire.crisp(-tip).step(Kind.LOOP, name + " loop").bend(m.mm("loop"), 170 + tip);
        Vector3D up = new Vector3D(0, way, 0);
        double ball = (sizes[beads - 1] + d) / 2 + 0.05 * d;
        wire.step(Kind.BEND, name + " tail, beside the neck");
        double from = Math.asin(Math.min(0.9, (CLEAR + 1.2) * d / ball));
        double outermost = way * places[beads - 1];
        double lead = ball * Math.cos(from) + 1.2 * d / Math.tan((Math.PI / 2 - from) / 2);
        wire.to(new Vector3D(outermost + way * lead, way * CLEAR * d, 0), new Vector3D(-way, 0, 0));
        for (int i = beads - 1; i >= 0; i--) {
            double x = way * places[i];
            wire.step(Kind.BIND, name + " tail, round bead " + (beads - i));
            double round = (sizes[i] + d) / 2 + 0.05 * d;
            half(wire, x, round, way, up, Math.asin(Math.min(0.9, (CLEAR + 1.2) * d / round)));
            if (i > 0) {
                wire.step(Kind.BIND, name + " tail, round the gap");
                wire.wrap(new CoilSize(d, 1.02 * d, 1, way > 0), axis(x - way * (sizes[i] / 2 + ROUND * d), way, up));
                wire.to(
                        new Vector3D(x - way * (sizes[i] / 2 + (GAP / 2 + 0.8) * d), OVER * d * way, 0),
                        new Vector3D(-way, 0, 0));
            }
        }
        wire.step(Kind.WRAP, name + " tail, at the far neck");
        wire.wrap(new CoilSize(d, 1.02 * d, 2, way > 0), axis(-way * (toNeck + ROUND * d), way, up));
        return wire.tail(Loops.wrappedTail(d)).end(EndState.TUCKED);
    }

    private static Frame axis(double x, int way, Vector3D up) {
        return new Frame(new Vector3D(x, 0, 0), new Vector3D(-way, 0, 0), up);
    }

    /** Leads to the bead's flank and follows it half round. */
    private static void half(WireMaker wire, double x, double ball, int way, Vector3D up, double from) {
        Vector3D out = new Vector3D(way, 0, 0);
        Vector3D place = new Vector3D(1, new Vector3D(x, 0, 0), ball * Math.cos(from), out, ball * Math.sin(from), up);
        wire.to(place, new Vector3D(-Math.sin(from), out, Math.cos(from), up));
        wire.towards(new Vector3D(x, 0, 0).subtract(place));
        wire.run(ScrewRun.arc(ball, Math.PI - 2 * from));
    }
}
