package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.FormStep.Kind;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Vectors;

/**
 * A row threaded on a straight of the wire, whatever form the wire has before and after it: beads of any sizes, spacers, caps and coils. It
 * takes up the sum of their lengths (exact).
 */
public final class Stack {
    /** The part of the wire that lies in a row. */
    public static final String THROUGH = "through the row";

    private static final int MOST_COILS = 24;
    private static final String CARRIES = "carries";
    private static final String ROW = "row";
    private static final String A_ROW = "a row";

    private final List<StackItem> row;

    private Stack(List<StackItem> row) {
        this.row = row;
    }

    /** The row, where the form always has one. */
    public static Parameter parameter(String reason) {
        return Parameter.stack(ROW, "the row", reason);
    }

    /** The choice between what the form usually carries and a row; {@link #counts} has the row. */
    public static Parameter choice(String usually) {
        return Parameter.choice(CARRIES, "carries", usually, A_ROW).because("A row: beads, spacers, caps and coils.");
    }

    /** The row of a form that has one by {@link #choice} only. */
    public static Parameter counts(String reason) {
        return onlyARow(parameter(reason));
    }

    /** What only counts while the form carries what it usually does. */
    public static Parameter only(Parameter parameter, String usually) {
        return parameter.when(CARRIES + "=" + usually);
    }

    /** What only counts while the form carries a row. */
    public static Parameter onlyARow(Parameter parameter) {
        return only(parameter, A_ROW);
    }

    /** Whether the maker chose a row. */
    public static boolean chosen(FormMaker m) {
        return m.is(CARRIES, A_ROW);
    }

    /** @throws Refusal for more coils than a row has */
    public static Stack of(FormMaker m) {
        return of(m.stack(ROW));
    }

    /** @throws Refusal for more coils than a row has */
    public static Stack of(List<StackItem> row) {
        int coils = row.stream()
                .filter(item -> item.kind() == StackItem.Kind.COIL)
                .mapToInt(StackItem::count)
                .sum();
        if (coils > MOST_COILS) {
            throw Refusal.of(RefusalCode.TOO_MANY_COILS, ROW, coils).with("most", MOST_COILS);
        }
        return new Stack(row);
    }

    /** What it takes of the wire, mm. */
    public double longMm() {
        return row.stream().mapToDouble(StackItem::takesMm).sum();
    }

    /** The hole at its first end, which a head must not go through, mm. */
    public double firstHoleMm() {
        return hole(row.get(0));
    }

    /** The hole at its last end, mm. */
    public double lastHoleMm() {
        return hole(row.get(row.size() - 1));
    }

    /** A coil closes on the wire itself. */
    private static double hole(StackItem item) {
        return item.kind() == StackItem.Kind.COIL ? 0 : item.holeMm();
    }

    /** As its maker says it: "spacer, bead, 2 spacers". */
    public String inWords() {
        return inWords(row);
    }

    /** The same of any row; neighbours of one kind are counted together, whatever their sizes. */
    public static String inWords(List<StackItem> row) {
        var words = new ArrayList<String>();
        for (int i = 0; i < row.size(); ) {
            StackItem.Kind kind = row.get(i).kind();
            int count = 0;
            while (i < row.size() && row.get(i).kind() == kind) {
                count += row.get(i++).count();
            }
            words.add(count == 1 ? kind.inWords() : count + " " + kind.inWords() + "s");
        }
        return String.join(", ", words);
    }

    /**
     * Sets everything on the wire, from where it is told on along its tangent; coils are wound before the steps of that part.
     *
     * @param from on the wire's middle, where the row begins
     * @param before the part of the wire that passes through it
     */
    public void lay(FormMaker m, Frame from, String before) {
        double at = 0;
        for (int i = 0; i < row.size(); i++) {
            StackItem item = row.get(i);
            for (int k = 0; k < item.count(); k++) {
                Vector3D centre = Vectors.sum(1, from.position(), at + item.longMm() / 2, from.tangent());
                set(m, i, new Frame(centre, from.tangent(), from.normal()), k, before);
                at += item.longMm();
            }
        }
    }

    private void set(FormMaker m, int at, Frame here, int alike, String before) {
        StackItem item = row.get(at);
        Vector3D along = here.tangent();
        switch (item.kind()) {
            case BEAD -> Beads.threaded(m, Solid.Kind.BEAD, here.position(), along, item);
            case SPACER -> Beads.threaded(m, Solid.Kind.SPACER, here.position(), along, item);
            case CAP -> {
                boolean onNext = at + 1 < row.size() && row.get(at + 1).kind() == StackItem.Kind.BEAD;
                Beads.threaded(m, Solid.Kind.CAP, here.position(), onNext ? along : along.negate(), item);
            }
            case COIL -> coil(m, item, here, "coil " + (at + 1) + (item.count() > 1 ? "." + (alike + 1) : ""), before);
        }
    }

    /** A coil of finer wire, wound on a rod as thick as the wire and slid on. */
    private static void coil(FormMaker m, StackItem item, Frame here, String name, String before) {
        double fine = item.acrossMm();
        double turns = Math.max(1, (item.longMm() - fine) / fine);
        var coil = CoilSize.closeOn(m.d(), fine, turns, true);
        Frame begins = Coils.beginning(-turns * coil.pitchMm() / 2, 0, coil);
        WireMaker wire = m.wire(name, fine, begins.moved(Frame.ORIGIN, here));
        wire.step(Kind.COIL, name + ", on a rod as thick as the wire").coil(coil);
        m.doneBefore(before, wire.tail(5).end(EndState.TUCKED), 12, EndState.TUCKED);
    }
}
