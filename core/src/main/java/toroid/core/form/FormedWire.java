package toroid.core.form;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.WirePoint;

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
 * @param flats stretches hammered flat, in the order they are hammered
 * @param ends how the first and second end are left
 * @param slack within what the length in the piece is known; null where it is exact
 */
public record FormedWire(
        String name,
        double diameterMm,
        BendProgram program,
        double meltedMm,
        Tails tails,
        double middleMm,
        boolean follows,
        List<Flat> flats,
        List<EndState> ends,
        Slack slack) {
    private static final double FLAT_STATIONS = 4;

    /** Handling tails at the first and second end, mm. */
    public record Tails(double firstMm, double secondMm) {
        double sum() {
            return firstMm + secondMm;
        }
    }

    /**
     * Low and high of the length that stays in the piece, mm: 95 %.
     *
     * @param why what it depends on, a sentence
     */
    public record Slack(double lowMm, double highMm, String why) {}

    public DevelopedLength inPiece() {
        return new DevelopedLength(program.wireMm() + meltedMm);
    }

    public CutLength toCut() {
        return new CutLength(program.wireMm() + meltedMm + tails.sum());
    }

    /** Of this wire for so many copies, mm. */
    public CutLength toCutFor(int copies) {
        return new CutLength(copies * toCut().inMillimetres());
    }

    /** What comes back as offcut, mm. */
    public double offcutMm() {
        return tails.sum();
    }

    /**
     * Points on the wire's middle, the ends of every run among them, close together where it is hammered.
     *
     * @param sagittaMm how far a chord may stray from the wire
     * @param longestMm how far apart two points are at most
     */
    public List<WirePoint> sampled(double sagittaMm, double longestMm) {
        List<WirePoint> points = program.sampled(sagittaMm, longestMm);
        if (flats.isEmpty()) {
            return points;
        }
        var all = new ArrayList<>(points);
        for (Flat flat : flats) {
            int count = (int) Math.ceil(FLAT_STATIONS * (flat.toMm() - flat.fromMm()) / diameterMm);
            for (int i = 1; i < count; i++) {
                double along = flat.fromMm() + (flat.toMm() - flat.fromMm()) * i / count;
                all.add(new WirePoint(along, program.at(along)));
            }
        }
        all.sort(Comparator.comparingDouble(WirePoint::alongMm));
        return all;
    }

    /** The same wire while it is being formed: bent so far, and the first of its flats hammered. */
    FormedWire inShape(BendProgram shape, int hammered) {
        return new FormedWire(
                name,
                diameterMm,
                shape,
                meltedMm,
                tails,
                middleMm,
                follows,
                flats.subList(0, Math.min(hammered, flats.size())),
                ends,
                slack);
    }

    /** The wire's section there: round, or as it is hammered. */
    public Flat.Section sectionAt(WirePoint point) {
        return flats.stream()
                .filter(flat -> flat.covers(point.alongMm()))
                .findFirst()
                .map(flat -> flat.at(point.alongMm(), diameterMm, program.lengthMm(), point.frame()))
                .orElseGet(() -> new Flat.Section(point.frame().normal(), diameterMm / 2, diameterMm / 2));
    }

    /** Every drilled hole. */
    public List<Hole> holes() {
        return flats.stream()
                .filter(flat -> flat.blow().holeMm() > 0)
                .map(flat -> {
                    var at = new WirePoint(flat.holeAtMm(), program.at(flat.holeAtMm()));
                    Flat.Section section = sectionAt(at);
                    return new Hole(
                            at.frame().position(),
                            section.through(at.frame()),
                            flat.blow().holeMm(),
                            2 * section.halfThickMm());
                })
                .toList();
    }

    /** A drilled hole: its middle, its axis, its diameter and the metal's thickness, mm. */
    public record Hole(Vector3D centre, Vector3D axis, double diameterMm, double thickMm) {}
}
