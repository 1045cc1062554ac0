package toroid.core.bench;

import toroid.core.numeric.Checks;

/**
 * In what order the steps of a batch are run: groups of pieces one after another, every step over the whole group before the
 * next.
 *
 * @param pieces how many there are to make, 1 up
 * @param perGroup all of them for one operation over the batch, 2 for pairs in tandem, 1 for one piece from start to end
 * @param steps how many steps a piece takes, 1 up
 */
public record FormRhythm(int pieces, int perGroup, int steps) {
    public FormRhythm {
        Checks.within("pieces", pieces, 1, 100_000, "pieces", "Split the job.");
        Checks.within("perGroup", perGroup, 1, pieces, "pieces", "One, two or all.");
        Checks.within("steps", steps, 1, 100_000, "steps", "Split the form.");
    }

    public int groups() {
        return (pieces + perGroup - 1) / perGroup;
    }

    /** Places in all: every step of every group. */
    public int places() {
        return groups() * steps;
    }

    public int groupAt(int place) {
        return place / steps;
    }

    public int stepAt(int place) {
        return place % steps;
    }

    /** How often the step at that place is done: once for every piece of its group. */
    public int timesAt(int place) {
        return piecesIn(groupAt(place));
    }

    public int piecesIn(int group) {
        return Math.min(perGroup, pieces - group * perGroup);
    }

    /** Pieces finished once everything before {@code place} is done. */
    public int piecesDone(int place) {
        return Math.min(pieces, groupAt(place) * perGroup);
    }
}
