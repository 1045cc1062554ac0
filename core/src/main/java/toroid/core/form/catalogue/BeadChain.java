package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Beads;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Bead links joined loop in loop, as rosaries are: every contact turns the next link a quarter turn. Plain, wrapped or the two in turn, of one
 * bead or two in turn; counted, or as many as a length holds.
 */
@AutoService(Form.class)
public final class BeadChain implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("bead-chain", Family.BEAD_LINKS, "bead chain", "bead links joined loop in loop", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(6),
                Parameter.fixed(
                                "other",
                                "every second bead, 0 for the same",
                                0,
                                0,
                                60,
                                "Measure it; the two take turns.")
                        .asMeasured(),
                Parameter.hole(),
                Parameter.choice("ends", "loops", PLAIN, WRAPPED, IN_TURN)
                        .because("Plain opens again; wrapped never does; in turn, every second link."),
                Parameter.loop("loop", "loops, inside", 2.8),
                Parameter.count("wraps", "wraps", 2, 1, 12, "Two or three.").when("ends=" + WRAPPED, "ends=" + IN_TURN),
                Parameter.choice("by", "counted by", LINKS, LENGTH).because("By length it is never longer than told."),
                Parameter.count("links", "links", 3, 2, MOST, "How many beads in a row.")
                        .when("by=" + LINKS),
                Parameter.fixed("long", "chain, long", 60, 10, 900, "Taut, from loop to loop, inside.")
                        .when("by=" + LENGTH));
    }

    private static final String PLAIN = "plain";
    private static final String WRAPPED = "wrapped";
    private static final String IN_TURN = "plain and wrapped in turn";
    private static final String LINKS = "links";
    private static final String LENGTH = "length";
    private static final int MOST = 40;

    @Override
    public List<String> alsoCalled() {
        return List.of("rosary", "rosary chain", "rosary link", "beaded chain", "bead chains");
    }

    @Override
    public void make(FormMaker m) {
        int links = m.is("by", LINKS) ? m.count("links") : linksIn(m, m.mm("long"));
        double x = 0;
        for (int i = 0; i < links; i++) {
            x += i == 0 ? 0 : pitchMm(m, i - 1, i);
            link(m, i, x);
        }
        m.note(Note.info(NoteCode.CHAIN_LONG, Map.of("links", links, "lengthMm", insideMm(m, links))));
    }

    private static void link(FormMaker m, int i, double x) {
        Vector3D up = i % 2 == 0 ? Vector3D.PLUS_J : Vector3D.PLUS_K;
        Beads.along(m, x, bead(m, i), m.mm("hole"));
        String before = i == 0 ? Loops.NOTHING : "link " + i + "'s second loop";
        WireMaker left = half(m, i, new Frame(new Vector3D(x, 0, 0), Vector3D.MINUS_I, up));
        BeadLink.end(m, left, wrapped(m, i), "first loop", before);
        left.does(Kind.THREAD, "bead");
        WireMaker right = half(m, i, new Frame(new Vector3D(x, 0, 0), Vector3D.PLUS_I, up.negate()));
        BeadLink.end(m, right, wrapped(m, i), "second loop", Loops.NOTHING);
        m.secondEndLast(left, right);
    }

    private static boolean wrapped(FormMaker m, int link) {
        return m.is("ends", WRAPPED) || m.is("ends", IN_TURN) && link % 2 == 1;
    }

    private static double bead(FormMaker m, int link) {
        return link % 2 == 1 && m.mm("other") > 0 ? m.mm("other") : m.mm("bead");
    }

    private static WireMaker half(FormMaker m, int link, Frame start) {
        return m.wire("link " + (link + 1), start).leave("through the bead", bead(m, link) / 2);
    }

    /** From a link's middle to the middle of its loop, mm. */
    private static double toLoopMm(FormMaker m, int link) {
        double neck = wrapped(m, link) ? Loops.neckMm(m.d(), m.count("wraps")) : 0;
        return bead(m, link) / 2 + neck + Loops.middleMm(m.mm("loop"), m.d());
    }

    /** From link to link, pulled taut: loops hang in each other wire to wire. */
    private static double pitchMm(FormMaker m, int link, int next) {
        return toLoopMm(m, link) + toLoopMm(m, next) + m.mm("loop") - 0.06 * m.d();
    }

    /** Taut, from the first loop's far inside to the last one's: what it spans between two rings, mm. */
    private static double insideMm(FormMaker m, int links) {
        double length = toLoopMm(m, 0) + toLoopMm(m, links - 1) + m.mm("loop");
        for (int i = 1; i < links; i++) {
            length += pitchMm(m, i - 1, i);
        }
        return length;
    }

    /** As many as are not longer; two at least, which are refused where even they are. */
    private static int linksIn(FormMaker m, double longMm) {
        Checks.within("long", longMm, insideMm(m, 2), insideMm(m, MOST), Unit.MM, Remedy.TWO_TO_FORTY_LINKS);
        int links = 2;
        while (links < MOST && insideMm(m, links + 1) <= longMm) {
            links++;
        }
        return links;
    }
}
