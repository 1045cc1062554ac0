package toroid.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.bend.BarInBending;
import toroid.core.bend.BendingMoment;
import toroid.core.bend.BendingStrain;
import toroid.core.bend.Springback;
import toroid.core.bend.program.Contact;
import toroid.core.metal.Temper;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;
import toroid.core.ring.Ring;
import toroid.core.ring.RingStrength;

/** Judgements every form is put to: does it pass through itself, is the wire right for its loops, will it take the bend. */
final class FormNotes {
    private FormNotes() {}

    static List<Note> of(FormMaker maker, List<FormedWire> wires, FormContacts met) {
        var notes = new ArrayList<Note>();
        if (!met.found().isEmpty()) {
            Contact worst = met.found().get(0);
            notes.add(new Note(
                    NoteCode.PASSES_THROUGH,
                    Note.Severity.STOP,
                    Map.of(
                            "what", met.deepest().name(),
                            "atMm", worst.firstMm(),
                            "depthMm", worst.depthMm(),
                            "places", met.found().size())));
        }
        for (FormMaker.OpenLoop loop : maker.openLoops().stream().distinct().toList()) {
            openLoop(maker.request(), loop, notes);
        }
        temper(maker, wires, notes);
        approximate(wires, met, notes);
        return notes;
    }

    private static void openLoop(FormRequest request, FormMaker.OpenLoop loop, List<Note> notes) {
        double d = loop.wireMm();
        double from = request.schools().plainFrom();
        var strength = RingStrength.of(new Ring(d, loop.insideMm()), effective(request, loop), 1);
        Map<String, Object> values = Map.of(
                "wireMm", d,
                "insideMm", loop.insideMm(),
                "staysOpenN", strength.staysOpen().inNewtons(),
                "staysOpenGf", strength.staysOpen().inGramsForce(),
                "use", strength.use().name());
        if (d < Math.min(from, 0.8) - 0.05) {
            notes.add(Note.care(NoteCode.WRAP_THIS_LOOP, values));
        } else if (request.schools().alwaysWraps()) {
            notes.add(Note.care(NoteCode.RULE_ALWAYS_WRAP, values));
        } else if (d < from - 0.05 && strength.use() != RingStrength.Use.SOLDER_IT) {
            notes.add(Note.care(
                    request.schools().hasRule() ? NoteCode.RULE_PLAIN_FROM : NoteCode.USUAL_PLAIN_FROM,
                    with(with(values, "fromMm", from), "someFromMm", Schools.SOME_PLAIN_FROM_MM)));
        } else if (strength.use() == RingStrength.Use.SOLDER_IT) {
            notes.add(Note.care(NoteCode.PLAIN_LOOP_OPENS, values));
        } else {
            notes.add(Note.good(NoteCode.PLAIN_LOOP_HOLDS, values));
        }
    }

    /** As hard as the loop's own bend has made it. */
    private static double effective(FormRequest request, FormMaker.OpenLoop loop) {
        return BendingMoment.effectiveYieldMpa(
                request.flow(), loop.wireMm(), request.metal().youngsModulus().inMegapascals(), loop.insideMm());
    }

    private static Map<String, Object> with(Map<String, Object> values, String key, Object value) {
        var all = new HashMap<>(values);
        all.put(key, value);
        return all;
    }

    private static void temper(FormMaker maker, List<FormedWire> wires, List<Note> notes) {
        FormRequest request = maker.request();
        Set<Integer> laid = laidOn(maker);
        for (FormedWire wire : wires) {
            double strain = BendingStrain.atOuterFibre(wire.diameterMm(), tightestMm(request.temper(), wire, laid));
            if (BendingStrain.shouldBeAnnealed(request.temper(), strain)) {
                notes.add(Note.care(
                        NoteCode.ANNEAL_FIRST,
                        Map.of(
                                "strainPercent",
                                100 * strain,
                                "temper",
                                request.temper().name())));
                return;
            }
        }
        double d = request.wireDiameterMm();
        var bar = BarInBending.ofWire(
                d,
                request.metal().youngsModulus().inMegapascals(),
                request.flow().curve());
        double largest = Springback.largestSettingMandrelMm(bar);
        if (largest < 20 * d) {
            notes.add(Note.care(NoteCode.TOO_SPRINGY_BEYOND, Map.of("largestMm", largest)));
        }
    }

    /** What of the drawing is not as it will be; the lengths are. */
    private static void approximate(List<FormedWire> wires, FormContacts met, List<Note> notes) {
        wires.stream()
                .filter(FormedWire::follows)
                .findFirst()
                .ifPresent(wire -> notes.add(
                        Note.info(NoteCode.COURSE_BY_HAND, Map.of("wire", wire.name(), "depthMm", met.byHandMm()))));
    }

    /** Steps that lay wire on wire: wraps and bindings, as tight as what they lie on. */
    private static Set<Integer> laidOn(FormMaker maker) {
        return maker.steps().stream()
                .filter(step -> step.kind() == FormStep.Kind.WRAP || step.kind() == FormStep.Kind.BIND)
                .map(StepDraft::number)
                .collect(Collectors.toSet());
    }

    /**
     * Inside diameter of the tightest bend that counts. Crisp bends at a jaw's edge and wraps about a neck of the same wire
     * are common practice up to half hard; hard wire breaks there too.
     */
    private static double tightestMm(Temper temper, FormedWire wire, Set<Integer> laid) {
        double d = wire.diameterMm();
        boolean hard = temper == Temper.HARD || temper == Temper.SPRING;
        return wire.program().bends().stream()
                .filter(bend -> bend.run().sharpestCurvature() > 0)
                .filter(bend -> hard || !laid.contains(bend.step()))
                .mapToDouble(bend -> 2 / bend.run().sharpestCurvature() - d)
                .filter(inside -> hard || inside > 1.15 * d)
                .min()
                .orElse(100 * d);
    }
}
