package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
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
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

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
                Parameter.choice("sizes", "beads are", ALIKE, OWN).because("A row of sizes swells or tapers."),
                Parameter.length(
                                "bead",
                                "bead",
                                d -> 8,
                                d -> LEAST_BEAD * d,
                                d -> 60,
                                "Measure it: round one under five wires no tail is carried.")
                        .asMeasured()
                        .when(SIZES + ALIKE),
                Parameter.hole().when(SIZES + ALIKE),
                Parameter.count("beads", "beads", 1, 1, MOST, "In one link; more than five are a strand.")
                        .when(SIZES + ALIKE),
                Parameter.length(
                                "outer",
                                "outermost beads",
                                d -> 0,
                                d -> 0,
                                d -> 60,
                                "Of three and more, where they are of another size; 0: as the others.")
                        .asMeasured()
                        .when(SIZES + ALIKE),
                Parameter.stack("row", "the beads", "In order, from the first loop to the second; round ones.")
                        .when(SIZES + OWN),
                Parameter.length(
                        "loop",
                        "loops, inside",
                        d -> Math.round(35 * d) / 10.0,
                        d -> LEAST_LOOP * d,
                        d -> 40 * d,
                        "As finished: in a smaller one its tail does not come out beside the neck."),
                Parameter.length("play", "play for the rounds", d -> 1.75, d -> 0.5, d -> 4, "{1.5..2} is usual."));
    }

    private static final String SIZES = "sizes=";
    private static final String ALIKE = "alike";
    private static final String OWN = "a row of sizes";
    private static final int MOST = 5;

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(6, 6, 1), StackItem.bead(8, 8, 1), StackItem.bead(6, 6, 1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("carried link", "caged bead link", "bead link carried");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double neck = 5.6 * d + m.mm("play");
        List<StackItem> beads = beads(m);
        double[] sizes = beads.stream().mapToDouble(StackItem::acrossMm).toArray();
        double[] places = places(sizes, d);
        for (int i = 0; i < sizes.length; i++) {
            Beads.along(m, places[i], sizes[i], beads.get(i).holeMm());
        }
        m.does(Kind.THREAD, "beads, to the middle mark");
        Row fromFirst = new Row(sizes, places);
        m.inTandem(side(m, -1, fromFirst.turned(), neck), side(m, 1, fromFirst, neck));
    }

    /** The beads as one side sees them: those farthest from its own loop first. */
    private record Row(double[] sizes, double[] places) {
        Row turned() {
            int n = sizes.length;
            return new Row(
                    IntStream.range(0, n).mapToDouble(i -> sizes[n - 1 - i]).toArray(),
                    IntStream.range(0, n).mapToDouble(i -> -places[n - 1 - i]).toArray());
        }

        /** From the middle mark to where its neck begins, mm. */
        double toNeckMm() {
            return places[places.length - 1] + sizes[sizes.length - 1] / 2;
        }

        /** From the middle mark to where the other side's neck begins, mm. */
        double toFarNeckMm() {
            return sizes[0] / 2 - places[0];
        }
    }

    /** From the first to the last, as they were measured. */
    private static List<StackItem> beads(FormMaker m) {
        if (m.is("sizes", OWN)) {
            return row(m);
        }
        var alike = new ArrayList<>(
                Collections.nCopies(m.count("beads"), StackItem.bead(m.mm("bead"), m.mm("bead"), m.mm("hole"))));
        double outer = m.mm("outer");
        if (outer > 0 && alike.size() >= 3) {
            checkSize(m, "outer", outer);
            alike.set(0, StackItem.bead(outer, outer, m.mm("hole")));
            alike.set(alike.size() - 1, alike.get(0));
        }
        return alike;
    }

    private static List<StackItem> row(FormMaker m) {
        List<StackItem> row = Beads.roundOnes(
                m.stack("row"), MOST, RefusalCode.CARRIED_ROUND_BEADS, Remedy.MORE_THAN_FIVE_ARE_A_STRAND);
        row.forEach(bead -> checkSize(m, "row", bead.acrossMm()));
        return row;
    }

    private static void checkSize(FormMaker m, String field, double mm) {
        if (mm < LEAST_BEAD * m.d()) {
            throw Refusal.outOfRange(field, mm, LEAST_BEAD * m.d(), 60, Unit.MM, Remedy.NO_TAIL_ROUND_A_SMALLER_BEAD);
        }
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
    private static WireMaker side(FormMaker m, int way, Row row, double neck) {
        double d = m.d();
        double[] sizes = row.sizes();
        double[] places = row.places();
        int beads = sizes.length;
        double toNeck = row.toNeckMm();
        String name = way > 0 ? "second" : "first";
        WireMaker wire = m.wire("link", Loops.stem(0, 0, way, way)).leave("through the beads", toNeck);
        wire.leave(name + " loop, neck", neck);
        wire.step(Kind.BEND, name + " loop");
        double rho = (m.mm("loop") + d) / 2;
        double tip = Math.toDegrees(Math.atan2(Math.sqrt(rho * rho + 1.5 * d * rho), 0.75 * d));
        wire.crisp(-tip).port(name + " loop", m.mm("loop"), 1, Opening.WHILE_MADE);
        wire.step(Kind.LOOP, name + " loop").bend(m.mm("loop"), 170 + tip);
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
        wire.wrap(new CoilSize(d, 1.02 * d, 2, way > 0), axis(-way * (row.toFarNeckMm() + ROUND * d), way, up));
        return wire.tail(Loops.wrappedTail(d)).end(EndState.TUCKED);
    }

    private static Frame axis(double x, int way, Vector3D up) {
        return new Frame(new Vector3D(x, 0, 0), new Vector3D(-way, 0, 0), up);
    }

    /** Leads to the bead's flank and follows it half round. */
    private static void half(WireMaker wire, double x, double ball, int way, Vector3D up, double from) {
        Vector3D out = new Vector3D(way, 0, 0);
        Vector3D place = Vectors.sum(1, new Vector3D(x, 0, 0), ball * Math.cos(from), out, ball * Math.sin(from), up);
        wire.to(place, Vectors.sum(-Math.sin(from), out, Math.cos(from), up));
        wire.towards(new Vector3D(x, 0, 0).subtract(place));
        wire.run(ScrewRun.arc(ball, Math.PI - 2 * from));
    }
}
