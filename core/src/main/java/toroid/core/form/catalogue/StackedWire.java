package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.form.Beads;
import toroid.core.form.Coils;
import toroid.core.form.EndState;
import toroid.core.form.Ends;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Solid;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;

/**
 * A row on one wire: beads of any sizes, spacers, caps and coils between two ends, each end chosen by itself. The wire in it is the row's own
 * length and its two ends.
 */
@AutoService(Form.class)
public final class StackedWire implements Form {
    private static final String THROUGH = "through the row";
    private static final int MOST_COILS = 24;

    @Override
    public FormInfo info() {
        return new FormInfo(
                "stacked-wire",
                Family.BEAD_LINKS,
                "row on one wire",
                "beads, spacers, caps and coils between two ends",
                0.8);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Parameter.stack("row", "the row", "In order, from the first end to the second."));
        all.addAll(Ends.parameters("first"));
        all.addAll(Ends.parameters("second"));
        all.addAll(Ends.shared());
        all.add(Parameter.angle(
                "turned", "ends turned by", 0, 0, 180, "0° lie in one plane; 90° turn the next part edge-on."));
        return all;
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(
                new StackItem(StackItem.Kind.SPACER, 1, 3.5, 1, 1.1),
                StackItem.bead(8, 8, 1),
                new StackItem(StackItem.Kind.SPACER, 1, 3.5, 1, 1.1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of(
                "stack", "stacked beads", "row of beads", "bead bar", "beaded bar", "stacked dangle", "stacked link");
    }

    @Override
    public void make(FormMaker m) {
        List<StackItem> row = m.stack("row");
        int coils = row.stream()
                .filter(item -> item.kind() == StackItem.Kind.COIL)
                .mapToInt(StackItem::count)
                .sum();
        if (coils > MOST_COILS) {
            throw Refusal.of(
                    "bad-row",
                    "row",
                    coils + " coils",
                    "A row has " + MOST_COILS + " coils at most; this one has " + coils + ".",
                    "Make it in parts, or wind longer coils.");
        }
        double half = row.stream().mapToDouble(StackItem::takesMm).sum() / 2;
        WireMaker left = m.wire("link", Loops.stem(0, 0, -1, 1)).leave(THROUGH, half);
        Ends.make(m, left, "first", hole(row.get(0)));
        left.does(Kind.THREAD, told(row));
        WireMaker right =
                m.wire("link", Loops.stem(0, 0, 1, -1)).leave(THROUGH, half).roll(m.degrees("turned"));
        Ends.make(m, right, "second", hole(row.get(row.size() - 1)));
        m.secondEndLast(left, right);
        double x = -half;
        for (int i = 0; i < row.size(); i++) {
            for (int k = 0; k < row.get(i).count(); k++) {
                set(m, row, i, x + row.get(i).longMm() / 2, k);
                x += row.get(i).longMm();
            }
        }
    }

    /** A coil closes on the wire itself. */
    private static double hole(StackItem item) {
        return item.kind() == StackItem.Kind.COIL ? 0 : item.holeMm();
    }

    private static void set(FormMaker m, List<StackItem> row, int at, double x, int alike) {
        StackItem item = row.get(at);
        var centre = new Vector3D(x, 0, 0);
        switch (item.kind()) {
            case BEAD -> Beads.threaded(m, Solid.Kind.BEAD, centre, Vector3D.PLUS_I, item);
            case SPACER -> Beads.threaded(m, Solid.Kind.SPACER, centre, Vector3D.PLUS_I, item);
            case CAP -> {
                boolean before = at + 1 < row.size() && row.get(at + 1).kind() == StackItem.Kind.BEAD;
                Beads.threaded(m, Solid.Kind.CAP, centre, before ? Vector3D.PLUS_I : Vector3D.MINUS_I, item);
            }
            case COIL -> coil(m, item, x, "coil " + (at + 1) + (item.count() > 1 ? "." + (alike + 1) : ""));
        }
    }

    /** A coil of finer wire, wound on a rod as thick as the wire and slid on. */
    private static void coil(FormMaker m, StackItem item, double x, String name) {
        double fine = item.acrossMm();
        double turns = Math.max(1, (item.longMm() - fine) / fine);
        var coil = CoilSize.closeOn(m.d(), fine, turns, true);
        WireMaker wire = m.wire(name, fine, Coils.beginning(x - turns * coil.pitchMm() / 2, 0, coil));
        wire.step(Kind.COIL, name + ", on a rod as thick as the wire").coil(coil);
        m.doneBefore(THROUGH, wire.tail(5).end(EndState.TUCKED), 12, EndState.TUCKED);
    }

    private static String told(List<StackItem> row) {
        return row.stream()
                .map(item -> item.count() == 1
                        ? item.kind().inWords()
                        : item.count() + " " + item.kind().inWords() + "s")
                .collect(Collectors.joining(", "));
    }
}
