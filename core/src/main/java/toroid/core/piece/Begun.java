package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.LineWords;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/**
 * A piece begun from one form: where two things hang in it a bracelet of it and the smallest usual rings that take it; a pair of drops where
 * one does, or of an ear wire and a drop; a chain of rings that it closes where it is a hook. Each can be joined as it stands.
 *
 * @param body what it is for
 */
public record Begun(Piece piece, BodyPart body) {
    /** Wires of rings that are tried besides the form's own, mm. Common practice. */
    private static final double[] USUAL_WIRES = {0.8, 1, 1.2, 1.6};

    private static final String HOOK = "s-hook";
    private static final String EAR_WIRE = "fish-hook";
    private static final String DROP = "beaded-dangle";
    private static final String CHAIN = "1/5";

    /** @throws Refusal for a form that hangs from nothing, or with which no usual ring makes a piece */
    public static Begun of(FormPart part, PartMaker parts) {
        PartWork work = parts.of(part);
        String written = part.written();
        Form form = Forms.byId(part.formId());
        Begun begun;
        if (form.hooks()) {
            begun = closing(written, parts);
        } else if (form.info().family() == Family.EAR_FINDINGS) {
            begun = begun("pair %s - %s".formatted(written, DROP), BodyPart.EAR, parts);
        } else if (work.goesOn()) {
            begun = withRings(work, ring -> bracelet(written, ring, parts));
        } else {
            begun = begun("pair %s - %s".formatted(EAR_WIRE, written), BodyPart.EAR, parts);
            begun = begun != null
                    ? begun
                    : withRings(
                            work,
                            ring -> begun(
                                    "pair %s - ring %s - %s".formatted(EAR_WIRE, ring, written), BodyPart.EAR, parts));
        }
        if (begun == null) {
            throw Refusal.of(RefusalCode.PIECE_CANNOT_BE_JOINED, "piece", part.formId());
        }
        return begun;
    }

    /** The first that comes of these rings; null where none does. */
    private static Begun withRings(PartWork work, Function<String, Begun> begin) {
        for (String ring : rings(work)) {
            Effort.check();
            Begun begun = begin.apply(ring);
            if (begun != null) {
                return begun;
            }
        }
        return null;
    }

    /** Wire and inside, as a line writes them: the form's own wire before the usual ones, the smallest inside first. */
    private static List<String> rings(PartWork work) {
        var wires = new ArrayList<Double>();
        wires.add(work.first().wireMm());
        for (double wire : USUAL_WIRES) {
            wires.add(wire);
        }
        var rings = new ArrayList<String>();
        for (double wire : wires) {
            for (double inside : BodyFit.USUAL_INSIDES) {
                rings.add(LineWords.plain(wire) + "/" + LineWords.plain(inside));
            }
        }
        return rings;
    }

    private static Begun bracelet(String part, String ring, PartMaker parts) {
        PieceWork one = made("%s - ring %s - %s - ring %s".formatted(HOOK, ring, part, ring), parts);
        if (one == null) {
            return null;
        }
        double more = one.parts().get(2).spanMm() + one.parts().get(3).spanMm();
        double rest = one.lengthMm() - more;
        long count = Math.max(1, Math.round((wanted(one) - rest) / more));
        return begun(
                "%s - ring %s - %d * (%s - ring %s)".formatted(HOOK, ring, count, part, ring), BodyPart.WRIST, parts);
    }

    private static Begun closing(String hook, PartMaker parts) {
        PieceWork one = made("%s - 2 * ring %s".formatted(hook, CHAIN), parts);
        if (one == null) {
            return null;
        }
        double more = one.parts().get(1).spanMm();
        long count = Math.max(1, Math.round((wanted(one) - one.parts().get(0).spanMm()) / more));
        return begun("%s - %d * ring %s".formatted(hook, count, CHAIN), BodyPart.WRIST, parts);
    }

    private static double wanted(PieceWork work) {
        BodyPart wrist = BodyPart.WRIST;
        return new BodyFit(wrist.usualGirthMm(), wrist.eases().get(1).mm()).targetMm(work);
    }

    private static Begun begun(String line, BodyPart body, PartMaker parts) {
        return made(line, parts) == null ? null : new Begun(PieceLine.read(line), body);
    }

    /** Null where it cannot be joined, or something of it does not fit. */
    private static PieceWork made(String line, PartMaker parts) {
        try {
            PieceWork work = PieceSolver.solve(PieceLine.read(line), parts);
            return work.canBeMade() && work.faults().isEmpty() ? work : null;
        } catch (Refusal noPiece) {
            return null;
        }
    }
}
