package toroid.core.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;
import toroid.core.ring.Tightness;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Captives;

/** What is to be said of a solved weave: how it sits, what was not reached, how it stands to the trade's habit. */
public final class WeaveNotes {
    private WeaveNotes() {}

    /** @param rings the answer is for */
    public static List<Note> of(WeavePattern pattern, WeaveAnswer answer, WeaveRings rings) {
        var notes = new ArrayList<Note>();
        notes.add(verdict(pattern, rings, answer.aspectRatioMin()));
        if (answer.fits() && answer.restPitchMm() != null && answer.tautPitchMm() == null) {
            notes.add(Note.info(NoteCode.PITCH_NOT_REACHED, Map.of("which", "taut")));
        }
        if (answer.fits() && answer.restPitchMm() != null && answer.shortestPitchMm() == null) {
            notes.add(Note.info(NoteCode.PITCH_NOT_REACHED, Map.of("which", "shortest")));
        }
        if (pattern.usual() != null) {
            notes.add(Note.info(
                    NoteCode.USUAL_WINDOW,
                    Map.of("low", pattern.usual().low(), "high", pattern.usual().high())));
        }
        return notes;
    }

    /**
     * How rings sit in a weave, for a sentence; of a weave with captives first whether these can slip off.
     *
     * @param smallest AR_min of the first size
     */
    public static Note verdict(WeavePattern pattern, WeaveRings rings, double smallest) {
        int[] slipping = Captives.slipping(pattern, rings.wireMm(), rings.innerMm());
        if (slipping == null) {
            return verdict(rings.ring(0).aspectRatio(), smallest, rings.wireMm());
        }
        return new Note(
                NoteCode.WEAVE_CAPTIVE_SLIPS,
                Note.Severity.STOP,
                Map.of(
                        "innerMm",
                        rings.innerMm().get(slipping[0]),
                        "outerMm",
                        rings.innerMm().get(slipping[1]) + 2 * rings.wireMm()));
    }

    /**
     * How rings sit in a weave.
     *
     * @param aspectRatio true, of the first size
     * @param smallest AR_min of that size
     * @param wireMm of the rings
     */
    public static Note verdict(double aspectRatio, double smallest, double wireMm) {
        Tightness tightness = Tightness.of(aspectRatio, smallest);
        Map<String, Object> values = Map.of(
                "aspectRatio",
                aspectRatio,
                "aspectRatioMin",
                smallest,
                "playPercent",
                100 * Tightness.play(aspectRatio, smallest),
                "wireMm",
                wireMm,
                "tightInnerMm",
                wireMm * Tightness.aspectRatioAt(Tightness.TIGHT_BELOW, smallest),
                "looseInnerMm",
                wireMm * Tightness.aspectRatioAt(Tightness.USUAL_BELOW, smallest));
        NoteCode code = NoteCode.valueOf("WEAVE_" + tightness.name());
        return switch (tightness) {
            case WILL_NOT_CLOSE -> new Note(code, Note.Severity.STOP, values);
            case ON_THE_EDGE, FLOPPY -> Note.care(code, values);
            default -> Note.good(code, values);
        };
    }
}
