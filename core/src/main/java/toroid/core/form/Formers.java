package toroid.core.form;

import java.util.Map;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/** Sizes entered as a tool, a rod or a cylinder: the tool it is, and what springs off it is what the form is drawn and counted with. */
public final class Formers {
    /** Play a coil needs to slide onto what it goes on, mm. Common practice. */
    private static final double PLAY_MM = 0.05;

    private Formers() {}

    /**
     * Inside diameter of what springs off the tool of that parameter, mm; said on screen.
     *
     * @throws Refusal {@code too-springy}, of that parameter, where the wire only flexes on it or hardly takes a set
     */
    public static double sprungMm(FormMaker m, String parameter) {
        double tool = m.mm(parameter);
        BarInBending bar = bar(m);
        double inside;
        try {
            inside = Springback.checkSet(bar, tool, Springback.innerDiameterMm(bar, tool));
        } catch (Refusal flexes) {
            throw flexes.askedBy(parameter, tool, most -> most, Unit.MM);
        }
        m.note(Note.info(NoteCode.SPRINGS_OFF, Map.of("toolMm", tool, "insideMm", inside)));
        return inside;
    }

    private static BarInBending bar(FormMaker m) {
        return BarInBending.ofWire(
                m.d(),
                m.request().metal().youngsModulus().inMegapascals(),
                m.request().flow().curve());
    }

    /** Notes a coil that does not slide onto what it goes on, with the rod that winds one that does. */
    public static void checkGoesOn(FormMaker m, double insideMm, double onMm) {
        if (onMm > 0 && insideMm < onMm + PLAY_MM) {
            double rod = Springback.mandrelForMm(bar(m), onMm + PLAY_MM);
            m.care(NoteCode.COIL_TOO_TIGHT, Map.of("insideMm", insideMm, "onMm", onMm, "rodMm", rod));
        }
    }
}
