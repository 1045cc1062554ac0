package toroid.core.form;

import java.util.List;
import toroid.core.bend.program.BendProgram;

/**
 * One wire of a form.
 *
 * @param name which wire
 * @param diameterMm its diameter
 * @param program what stays in the piece, bent; begins at the first end
 * @param meltedMm wire melted into balls at the ends, on top of the program
 * @param tails what the hand holds beyond the piece and what is trimmed
 * @param middleMm where the middle mark is, from the first end of the program; 0 when worked from that end
 * @param follows it lies on what it is bound to and takes its shape by hand; not checked for contact
 * @param ends how the first and second end are left
 */
public record FormedWire(
        String name,
        double diameterMm,
        BendProgram program,
        double meltedMm,
        Tails tails,
        double middleMm,
        boolean follows,
        List<EndState> ends) {
    /** Handling tails at the first and second end, mm. */
    public record Tails(double firstMm, double secondMm) {
        double sum() {
            return firstMm + secondMm;
        }
    }

    public DevelopedLength inPiece() {
        return new DevelopedLength(program.lengthMm() + meltedMm);
    }

    public CutLength toCut() {
        return new CutLength(program.lengthMm() + meltedMm + tails.sum());
    }

    /** What comes back as offcut, mm. */
    public double offcutMm() {
        return tails.sum();
    }
}
