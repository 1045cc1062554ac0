package toroid.core.form;

import java.util.List;
import java.util.Map;
import toroid.core.bend.program.Contact;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Length;
import toroid.core.quantity.Note;
import toroid.core.wire.Wire;

/**
 * A form worked out.
 *
 * @param values every parameter with its value; choices as words
 * @param wires its wires
 * @param solids beads and the like
 * @param steps in the order hands do them
 * @param notes judgements, the gravest first
 * @param own figures of this form alone
 * @param ports where it takes its neighbours; none for a form that hangs from nothing
 * @param contacts where a wire passes through itself, another or a bead; empty when it can be made
 */
public record FormWork(
        FormInfo info,
        FormRequest request,
        Map<String, Object> values,
        List<FormedWire> wires,
        List<Solid> solids,
        List<FormStep> steps,
        List<Note> notes,
        List<Contact> contacts,
        List<Figure> own,
        List<Port> ports) {
    /** More copies than this are several jobs. */
    public static final int MOST_COPIES = 2000;

    public FormWork {
        wires = List.copyOf(wires);
        solids = List.copyOf(solids);
        steps = List.copyOf(steps);
        notes = List.copyOf(notes);
        contacts = List.copyOf(contacts);
        own = List.copyOf(own);
        ports = List.copyOf(ports);
    }

    /** How many joints are soldered in one heat, heat by heat. */
    public List<Integer> soldered() {
        return steps.stream().map(FormStep::joints).filter(joints -> joints > 0).toList();
    }

    /** Wire that stays in the form, all its wires, mm. */
    public DevelopedLength inPiece() {
        return new DevelopedLength(
                wires.stream().mapToDouble(w -> w.inPiece().inMillimetres()).sum());
    }

    /** Mass of its wires, g: {@code m = ρ π d²/4 · L}, each in its own metal; beads are not weighed. */
    public double wireMassG() {
        return wires.stream()
                .mapToDouble(wire -> new Wire(Length.ofMillimetres(wire.diameterMm()), request.metalOf(wire.name()))
                        .massOf(Length.ofMillimetres(wire.inPiece().inMillimetres()))
                        .inGrams())
                .sum();
    }

    /** Wire to cut for it, mm. */
    public CutLength toCut() {
        return new CutLength(
                wires.stream().mapToDouble(w -> w.toCut().inMillimetres()).sum());
    }

    /**
     * Wire to cut for so many copies, mm.
     *
     * @param copies 1 to {@value #MOST_COPIES}
     */
    public CutLength toCutFor(int copies) {
        Checks.within("copies", copies, 1, MOST_COPIES, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        return new CutLength(copies * toCut().inMillimetres());
    }
}
