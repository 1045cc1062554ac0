package toroid.core.piece.part;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * So many of a bead, one after the other.
 *
 * @param lengthMm along the hole
 * @param widthMm across it
 * @param each whether every strand has so many of its own
 */
public record Beaded(int count, double lengthMm, double holeMm, double widthMm, boolean each) {
    private static final String EACH = "each";

    public Beaded {
        Checks.within("bead", lengthMm, 0.5, 100, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("hole", holeMm, 0.1, widthMm, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("width", widthMm, 0.5, 100, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("beads", count, 1, BeadStrand.MOST, Unit.BEADS, Remedy.MAKE_IT_IN_PARTS);
    }

    String written() {
        return (each ? EACH + " " : "") + (count == 1 ? "" : count + " * ") + "bead " + LineWords.plain(lengthMm) + "/"
                + LineWords.plain(holeMm) + LineWords.unless("width", widthMm, lengthMm);
    }

    /** How many it takes on so many strands. */
    int all(int strands) {
        return each ? strands * count : count;
    }

    double massG(int strands) {
        double whole = Math.PI / 6 * lengthMm * widthMm * widthMm;
        return all(strands) * Math.max(0, whole - Math.PI / 4 * holeMm * holeMm * lengthMm) / 1000 * FormShape.GLASS;
    }

    static Beaded read(LineWords words) {
        int count = 1;
        boolean each = words.takes(EACH);
        if (!words.peek().equals("bead")) {
            count = words.count();
            words.needs("*");
        }
        words.needs("bead");
        Value[] sizes = words.pair();
        var values = words.values();
        double width = words.taken(values, "width", sizes[0].from());
        words.allTaken(values);
        return new Beaded(count, sizes[0].from(), sizes[1].from(), width, each);
    }
}
