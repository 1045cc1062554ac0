package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Vectors;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Steps that belong to any form by choice, put where hands do them: wire made ready before it is cut; ends filed once trimmed; joints soldered once everything is formed, then hammered and domed. Where a step cannot be done to this
 * form it is refused, and why.
 */
final class AlsoSteps {
    /** What concerns no one wire but the form. */
    private static final String WHOLE = "";

    private final FormRequest request;
    private final List<FormedWire> wires;
    private final List<Solid> solids;
    private final List<FormStep> steps;
    private final List<Note> notes;

    private AlsoSteps(
            FormRequest request, List<FormedWire> wires, List<Solid> solids, List<FormStep> steps, List<Note> notes) {
        this.request = request;
        this.wires = wires;
        this.solids = solids;
        this.steps = new ArrayList<>(steps);
        this.notes = notes;
    }

    /**
     * The form's steps with those chosen among them.
     *
     * @param asked as it was asked for, before the wire was made ready
     * @param notes takes what is to be said of them
     */
    static List<FormStep> added(
            FormRequest asked, List<FormedWire> wires, List<Solid> solids, List<FormStep> own, List<Note> notes) {
        var adding = new AlsoSteps(asked, wires, solids, own, notes);
        for (Also also : asked.also()) {
            adding.add(also);
        }
        return List.copyOf(adding.steps);
    }

    private void add(Also also) {
        switch (also) {
            case STRAIGHTEN -> ready(FormStep.Kind.STRAIGHTEN);
            case ANNEAL -> {
                byColour();
                ready(FormStep.Kind.ANNEAL);
                notes.add(Note.info(NoteCode.ALSO_ANNEALED, Map.of()));
            }
            case HARDEN -> {
                ready(FormStep.Kind.HARDEN);
                notes.add(Note.info(NoteCode.ALSO_HARDENED, Map.of()));
            }
            case FILE -> file();
            case SOLDER -> solder();
            case HAMMER -> hammer();
            case DOME -> dome();
        }
    }

    /** What takes no solder by the torch shows no colour to anneal by either, or takes harm (common practice). */
    private void byColour() {
        for (FormedWire wire : wires) {
            var metal = request.metalOf(wire.name());
            if (!metal.solderable()) {
                throw refused(Also.ANNEAL, RefusalCode.NOT_ANNEALED).with("metal", metal.name());
            }
        }
    }

    /** Every wire, before it is cut: what the vice and the chuck hold of it is not in the piece, and heat takes marks off. */
    private void ready(FormStep.Kind kind) {
        for (int at = steps.size() - 1; at >= 0; at--) {
            if (steps.get(at).kind() == FormStep.Kind.CUT) {
                steps.add(
                        at,
                        FormStep.plain(kind, FormStep.BEFORE_CUT, steps.get(at).wire()));
            }
        }
    }

    private void file() {
        boolean any = false;
        for (FormedWire wire : wires) {
            boolean filed = steps.stream()
                    .anyMatch(step -> step.kind() == FormStep.Kind.FILE
                            && (step.wire().equals(wire.name()) || step.wire().isEmpty()));
            if (!filed && Joints.hasFreeCutEnd(wire, wires)) {
                steps.add(FormStep.plain(FormStep.Kind.FILE, "ends", wire.name()));
                any = true;
            }
        }
        if (!any) {
            throw refused(Also.FILE, RefusalCode.NO_FREE_END);
        }
    }

    private void solder() {
        for (FormedWire wire : wires) {
            var metal = request.metalOf(wire.name());
            if (!metal.solderable()) {
                throw refused(Also.SOLDER, RefusalCode.NOT_SOLDERED).with("metal", metal.name());
            }
        }
        if (steps.stream().anyMatch(step -> step.kind() == FormStep.Kind.SOLDER)) {
            throw refused(Also.SOLDER, RefusalCode.SOLDERED_ALREADY);
        }
        int joints = Joints.of(wires);
        if (joints == 0) {
            throw refused(Also.SOLDER, RefusalCode.NO_JOINT);
        }
        notes.add(Note.info(NoteCode.ALSO_SOLDERED, Map.of("joints", joints, "chipMm", FormStep.CHIP_MM)));
        if (solids.stream().anyMatch(solid -> solid.kind() != Solid.Kind.BALL)) {
            notes.add(Note.care(NoteCode.ALSO_SOLDERED_BEADS, Map.of()));
        }
        steps.add(FormStep.soldering(joints == 1 ? "one joint" : joints + " joints", joints, WHOLE));
    }

    private void hammer() {
        List<String> curves = OuterCurves.of(wires, solids, steps);
        if (curves.isEmpty()) {
            throw refused(Also.HAMMER, RefusalCode.NOTHING_TO_HAMMER);
        }
        steps.add(FormStep.plain(FormStep.Kind.HAMMER, String.join("; ", curves), WHOLE));
        notes.add(Note.info(NoteCode.ALSO_HAMMERED, Map.of("curves", curves.size())));
    }

    private void dome() {
        boolean beads = solids.stream().anyMatch(solid -> solid.kind() != Solid.Kind.BALL);
        if (beads || !isFlat()) {
            throw refused(Also.DOME, beads ? RefusalCode.BEADS_ARE_NOT_DOMED : RefusalCode.NOT_FLAT);
        }
        steps.add(FormStep.plain(FormStep.Kind.DOME, "in a hollow, from the rim inward", WHOLE));
        notes.add(Note.info(NoteCode.ALSO_DOMED, Map.of()));
    }

    /** Whether every middle line lies within a wire of one plane. */
    private boolean isFlat() {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (FormedWire wire : wires) {
            for (var point : wire.sampled(0.05 * wire.diameterMm(), 2 * wire.diameterMm())) {
                double z = Vectors.dot(point.frame().position(), Vector3D.PLUS_K);
                low = Math.min(low, z);
                high = Math.max(high, z);
            }
        }
        return high - low <= 1.2 * wires.get(0).diameterMm();
    }

    private static Refusal refused(Also also, RefusalCode code) {
        return Refusal.of(code, Also.ID, also.word());
    }
}
