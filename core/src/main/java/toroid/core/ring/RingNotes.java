package toroid.core.ring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import toroid.core.bend.BendingStrain;
import toroid.core.metal.Temper;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/** Judgements on one ring, worst first within their kind; the words are made where they are shown. */
public final class RingNotes {
    /** A kerf that changes the inner diameter by more than this share changes what the ring is good for. */
    private static final double KERF_MATTERS = 0.02;

    private RingNotes() {}

    /** @param temper of the wire as it will be wound */
    public static List<Note> of(RingWork work, Temper temper) {
        var notes = new ArrayList<Note>();
        double strain = BendingStrain.atOuterFibre(work.closed().wireDiameterMm(), work.mandrelDiameterMm());
        if (BendingStrain.shouldBeAnnealed(temper, strain)) {
            notes.add(Note.care(NoteCode.ANNEAL_FIRST, Map.of("strainPercent", 100 * strain, "temper", temper.name())));
        }
        double shrink = 1 - work.closed().innerDiameterMm() / work.sprung().innerDiameterMm();
        if (shrink > KERF_MATTERS) {
            notes.add(Note.info(
                    NoteCode.KERF_SHRINKS,
                    Map.of(
                            "kerfMm",
                            work.cut().ringLossMm(),
                            "byMm",
                            work.sprung().innerDiameterMm() - work.closed().innerDiameterMm())));
        }
        if (work.cut() instanceof RingCut.Flush flush && !flush.flipped()) {
            notes.add(Note.care(NoteCode.POINTED_ENDS, Map.of()));
        }
        RingStrength strength = RingStrength.of(work.closed(), work.effectiveYieldMpa(), work.turns());
        var values = Map.<String, Object>of(
                "staysOpenN", strength.staysOpen().inNewtons(),
                "staysOpenGf", strength.staysOpen().inGramsForce(),
                "use", strength.use().name());
        notes.add(
                strength.use() == RingStrength.Use.SOLDER_IT
                        ? Note.care(NoteCode.OPENS_EASILY, values)
                        : Note.info(NoteCode.BEARS, values));
        return notes;
    }
}
