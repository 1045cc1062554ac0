package toroid.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.Lifts;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/** Where a form is put together: its wires, beads, steps and judgements. */
public final class FormMaker {
    private final FormRequest request;
    private final FormValues values;
    private final List<FormedWire> wires = new ArrayList<>();
    private final List<Solid> solids = new ArrayList<>();
    private final List<StepDraft> steps = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private final List<Figure> figures = new ArrayList<>();
    private final List<OpenLoop> openLoops = new ArrayList<>();
    private final List<Port> ports = new ArrayList<>();
    private final Set<String> ownWires = new HashSet<>();
    private final Map<String, Integer> asOne = new HashMap<>();
    private int numbers;
    private Lifts.Rule crossings;

    /** A loop that opens sideways and is held by its own stiffness. */
    record OpenLoop(double insideMm, double wireMm) {}

    FormMaker(FormRequest request, FormValues values) {
        this.request = request;
        this.values = values;
    }

    public FormRequest request() {
        return request;
    }

    /** Diameter of the main wire, mm. */
    public double d() {
        return request.wireDiameterMm();
    }

    /** What measured copies say of that parameter; where none were measured, give or take this much about what is chosen, per cent. */
    public Learnt learnt(String id, double usualHalfWidth) {
        return request.schools().learnt().getOrDefault(id, Learnt.nothing(usualHalfWidth));
    }

    public double mm(String id) {
        return values.number(id);
    }

    public double degrees(String id) {
        return values.number(id);
    }

    public int count(String id) {
        return (int) values.number(id);
    }

    /** Rows of an outline; empty when none were given. */
    public List<OutlineRow> rows(String id) {
        return values.rows(id);
    }

    /** What is threaded on the wire, in order. */
    public List<StackItem> stack(String id) {
        return values.stack(id);
    }

    /** The word taken of a choice. */
    public String chosen(String id) {
        return values.chosen(id);
    }

    public boolean is(String id, String choice) {
        return values.is(id, choice);
    }

    /** Names of the wires cut from the form's own wire, as it was asked for. */
    Set<String> ownWires() {
        return ownWires;
    }

    /** A wire worked from its first end. */
    public WireMaker wire(String name, Frame start) {
        ownWires.add(name);
        return wire(name, d(), start);
    }

    public WireMaker wire(String name, double diameterMm, Frame start) {
        return new WireMaker(this, name, diameterMm, start);
    }

    /** A wire worked from one end is done. {@code firstTailMm} is held before its first end. */
    public void done(WireMaker wire, double firstTailMm, EndState firstEnd) {
        steps.addAll(wire.steps());
        double first = firstTailMm * request.schools().tailFactor();
        add(wire, wire.builder().build(), first, firstEnd, 0, wire.meltedMm());
    }

    public void done(WireMaker wire) {
        done(wire, 0, EndState.FLUSH);
    }

    /** Wires of straights and arcs may cross themselves from here on: lifted there, by that rule, and told. */
    public void crosses(Lifts.Rule rule) {
        crossings = rule;
    }

    /** A wire worked from its middle: the steps of both sides in turn, first {@code second}'s side last of each pair. */
    public void inTandem(WireMaker first, WireMaker second) {
        int most = Math.max(first.steps().size(), second.steps().size());
        for (int i = 0; i < most; i++) {
            for (WireMaker half : List.of(first, second)) {
                if (i < half.steps().size() && !isToldAlready(half.steps().get(i))) {
                    steps.add(half.steps().get(i));
                }
            }
        }
        join(first, second);
    }

    /** What both halves make as one is told once. */
    private boolean isToldAlready(StepDraft step) {
        return asOne.containsValue(step.number()) && steps.stream().anyMatch(one -> one.number() == step.number());
    }

    /** A wire worked from its middle: one side to its end, then the other. */
    public void secondEndLast(WireMaker first, WireMaker second) {
        steps.addAll(first.steps());
        second.steps().stream().filter(step -> !isToldAlready(step)).toList().forEach(steps::add);
        join(first, second);
    }

    private void join(WireMaker first, WireMaker second) {
        BendProgram program = first.builder().build().joined(second.builder().build());
        double melted = first.meltedMm() + second.meltedMm();
        add(second, program, first.tailMm(), first.end(), first.lengthMm(), melted);
    }

    private void add(
            WireMaker wire, BendProgram program, double firstTail, EndState firstEnd, double middle, double melted) {
        BendProgram laid = program;
        double mark = middle;
        if (crossings != null && Lifts.canLift(program)) {
            Lifts.Laid lifted = Lifts.laid(program, wire.diameterMm(), crossings);
            laid = lifted.program();
            mark = middle == 0 ? 0 : onLifted(program, laid, middle);
            if (lifted.places() > 0) {
                note(Note.info(
                        NoteCode.CROSSES_ITSELF,
                        Map.of(
                                "places",
                                lifted.places(),
                                "rule",
                                crossings.name(),
                                "turned",
                                !program.isPlane(),
                                "wireMm",
                                wire.diameterMm())));
            }
        }
        boolean spool = request.schools().cutting() == Schools.Cutting.FROM_SPOOL;
        var tails = spool && firstTail > 0 && wire.tailMm() > 0
                ? new FormedWire.Tails(firstTail, 0)
                : new FormedWire.Tails(firstTail, wire.tailMm());
        wires.add(new FormedWire(
                wire.name(),
                wire.diameterMm(),
                laid,
                melted,
                tails,
                mark,
                wire.isFollowing(),
                wire.flats(),
                List.of(firstEnd, wire.end()),
                wire.slack()));
    }

    /** A place at the end of one of the bends, on the wire as it is lifted. */
    private static double onLifted(BendProgram plane, BendProgram lifted, double alongMm) {
        double before = 0;
        double there = 0;
        for (int i = 0; i < plane.bends().size() && before < alongMm - 1e-9; i++) {
            before += plane.bends().get(i).run().lengthMm();
            there += lifted.bends().get(i).run().lengthMm();
        }
        return there;
    }

    public void solid(Solid solid) {
        solids.add(solid);
    }

    /** A step that concerns the whole form, before the first of that part. */
    public void doesBefore(String before, FormStep.Kind kind, String part) {
        steps.add(placeOf(before), new StepDraft(-1, kind, part, ""));
    }

    /** A wire worked from one end is done; its steps come before the first of that part. */
    public void doneBefore(String before, WireMaker wire, double firstTailMm, EndState firstEnd) {
        int at = placeOf(before);
        int own = steps.size();
        done(wire, firstTailMm, firstEnd);
        List<StepDraft> moved = List.copyOf(steps.subList(own, steps.size()));
        steps.subList(own, steps.size()).clear();
        steps.addAll(at, moved);
    }

    /** The steps of that part come after all there are so far. */
    public void later(String part) {
        List<StepDraft> moved =
                steps.stream().filter(step -> step.part().equals(part)).toList();
        steps.removeAll(moved);
        steps.addAll(moved);
    }

    private int placeOf(String part) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).part().equals(part)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no step is called " + part);
    }

    /** A step that concerns the whole form. */
    public void does(FormStep.Kind kind, String part) {
        steps.add(new StepDraft(-1, kind, part, ""));
    }

    /** So many joints are soldered in one heat. */
    public void solders(int joints, String part) {
        steps.add(new StepDraft(-1, FormStep.Kind.SOLDER, part, "").told(joints));
    }

    /** A figure of the form's own. */
    public void figure(Figure figure) {
        figures.add(figure);
    }

    List<Figure> figures() {
        return figures;
    }

    public void note(Note note) {
        notes.add(note);
    }

    public void care(NoteCode code, Map<String, Object> values) {
        notes.add(Note.care(code, values));
    }

    /** A place where it takes a neighbour; of several with one name the later ones are told as the second, the third. */
    public void port(Port port) {
        long before = ports.stream()
                .filter(one -> one.part().equals(port.part()) || one.part().startsWith(port.part() + NUMBERED))
                .count();
        String name = before == 0 ? port.part() : port.part() + NUMBERED + (before + 1);
        ports.add(port.called(name));
    }

    private static final String NUMBERED = ", no. ";

    List<Port> ports() {
        return ports;
    }

    void openLoop(double insideMm, double wireMm) {
        openLoops.add(new OpenLoop(insideMm, wireMm));
    }

    int nextStep() {
        return numbers++;
    }

    /** The number of the step of that part which both halves of the wire make as one. */
    int together(String wire, String part) {
        return asOne.computeIfAbsent(wire + ", " + part, first -> nextStep());
    }

    List<FormedWire> wires() {
        return wires;
    }

    List<Solid> solids() {
        return solids;
    }

    List<StepDraft> steps() {
        return steps;
    }

    List<Note> notes() {
        return notes;
    }

    List<OpenLoop> openLoops() {
        return openLoops;
    }

    FormValues values() {
        return values;
    }
}
