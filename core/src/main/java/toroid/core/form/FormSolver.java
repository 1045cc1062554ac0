package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.program.Contact;
import toroid.core.quantity.Note;

/** Works a form out: bends it, checks it, orders its steps. */
public final class FormSolver {
    private FormSolver() {}

    /** @throws toroid.core.numeric.Refusal when it cannot be made with these parameters */
    public static FormWork solve(Form form, FormRequest request) {
        FormValues values = FormValues.of(form, request);
        var maker = new FormMaker(request, values);
        form.make(maker);
        List<FormedWire> wires = maker.wires();
        List<Solid> solids = maker.solids();
        if (request.leftHanded()) {
            wires = wires.stream().map(FormSolver::mirrored).toList();
            solids = solids.stream().map(Mirror::of).toList();
        }
        List<Contact> contacts = FormContacts.of(wires, solids);
        var notes = new ArrayList<Note>(maker.notes());
        notes.addAll(FormNotes.of(maker, wires, contacts));
        notes.sort((a, b) -> b.severity().compareTo(a.severity()));
        return new FormWork(
                form.info(),
                request,
                values.asGiven(),
                wires,
                solids,
                FormSteps.of(request, wires, maker.steps()),
                notes,
                contacts);
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
                wire.ends());
    }
}
