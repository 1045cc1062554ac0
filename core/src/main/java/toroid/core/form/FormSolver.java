package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.program.Contact;
import toroid.core.bend.program.WireContact;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;

/** Works a form out: bends it, checks it, orders its steps. */
public final class FormSolver {
    private static final double SHORTEST_MM = 0.01;
    private static final double LONGEST_MM = 40_000;

    /** Half a second's work on one core. */
    private static final double MOST_POINTS = 200_000;

    private FormSolver() {}

    /** @throws toroid.core.numeric.Refusal when it cannot be made with these parameters */
    public static FormWork solve(Form form, FormRequest asked) {
        FormRequest request = Also.prepared(asked);
        FormValues values = FormValues.of(form, request);
        var maker = new FormMaker(request, values);
        form.make(maker);
        List<FormedWire> wires = maker.wires();
        WireMetals.check(request, wires);
        checkSizes(form, wires);
        List<Solid> solids = maker.solids();
        List<Port> ports = Ports.of(maker);
        if (request.leftHanded()) {
            wires = wires.stream().map(FormSolver::mirrored).toList();
            solids = solids.stream().map(Mirror::of).toList();
            ports = ports.stream().map(Mirror::of).toList();
        }
        FormContacts met = FormContacts.of(wires, solids);
        List<Contact> contacts = met.found();
        var notes = new ArrayList<Note>(maker.notes());
        notes.addAll(FormNotes.of(maker, wires, met));
        List<FormStep> steps =
                AlsoSteps.added(asked, wires, solids, FormSteps.of(request, wires, maker.steps()), notes);
        notes.sort((a, b) -> b.severity().compareTo(a.severity()));
        return new FormWork(
                form.info(), request, values.asGiven(), wires, solids, steps, notes, contacts, maker.figures(), ports);
    }

    /** One figure of a form, mm; nothing is judged. */
    static double measured(Form form, FormRequest request, FromWire.Measure measure) {
        var maker = new FormMaker(request, FormValues.of(form, request));
        form.make(maker);
        checkSizes(form, maker.wires());
        return switch (measure) {
            case WIRE ->
                maker.wires().stream()
                        .filter(wire -> maker.ownWires().contains(wire.name()))
                        .filter(wire -> request.metalOf(wire.name()) == request.metal())
                        .mapToDouble(wire -> wire.toCut().inMillimetres())
                        .sum();
            case OVER_ALL -> Extent.of(maker.wires(), maker.solids()).longMm();
        };
    }

    private static void checkSizes(Form form, List<FormedWire> wires) {
        wires.forEach(wire -> checkSize(form, wire));
        double points = wires.stream()
                .mapToDouble(wire ->
                        wire.program().pointsSampled(WireContact.CHORD_SHARE * wire.diameterMm(), wire.diameterMm()))
                .sum();
        Checks.within("length", points, 0, MOST_POINTS, Unit.POINTS, Remedy.MAKE_IT_IN_PARTS_OR_TAKE_THICKER_WIRE);
    }

    /** Before anything is worked out along it: a wire has a length, and not one that no hand could bend in one piece. */
    private static void checkSize(Form form, FormedWire wire) {
        double length = wire.inPiece().inMillimetres();
        if (!(length > SHORTEST_MM)) {
            throw Refusal.of(RefusalCode.FORM_WITHOUT_LENGTH, form.info().id(), null)
                    .with("form", form.info().name());
        }
        if (length > LONGEST_MM) {
            throw Refusal.outOfRange("length", length, SHORTEST_MM, LONGEST_MM, Unit.MM, Remedy.MAKE_IT_IN_PARTS)
                    .with("wire", wire.name());
        }
    }

    private static FormedWire mirrored(FormedWire wire) {
        return new FormedWire(
                wire.name(),
                wire.diameterMm(),
                Mirror.of(wire.program()),
                wire.meltedMm(),
                wire.tails(),
                wire.middleMm(),
                wire.follows(),
                wire.flats().stream().map(Flat::mirrored).toList(),
                wire.ends(),
                wire.slack());
    }
}
