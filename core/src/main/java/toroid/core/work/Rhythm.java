package toroid.core.work;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * In what order a plan's operations are done over its copies: groups of copies one after another, every operation over the whole group
 * before the next. As a plan lists its operations so that none comes before what it waits for, every rhythm is a linear extension of it.
 *
 * @param copies how many there are to make, 1 up
 * @param perGroup all of them for one operation over the batch, 2 for pairs in tandem, 1 for one from start to end
 * @param steps how many operations a copy takes, 1 up
 */
public record Rhythm(int copies, int perGroup, int steps) {
    public Rhythm {
        Checks.within("copies", copies, 1, 100_000, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        Checks.within("perGroup", perGroup, 1, copies, Unit.COPIES, Remedy.ONE_TWO_OR_ALL);
        Checks.within("steps", steps, 1, 100_000, Unit.STEPS, Remedy.SPLIT_THE_FORM);
    }

    public int groups() {
        return (copies + perGroup - 1) / perGroup;
    }

    /** Places in all: every operation over every group. */
    public int places() {
        return groups() * steps;
    }

    public int groupAt(int place) {
        return place / steps;
    }

    public int stepAt(int place) {
        return place % steps;
    }

    /** Over how many copies the operation at that place is done. */
    public int copiesAt(int place) {
        return copiesIn(groupAt(place));
    }

    public int copiesIn(int group) {
        return Math.min(perGroup, copies - group * perGroup);
    }

    /** Copies of the first so many groups. */
    public int copiesThrough(int groups) {
        return Math.min(copies, groups * perGroup);
    }

    /** Copies finished once everything before {@code place} is done. */
    public int copiesDone(int place) {
        return copiesThrough(groupAt(place));
    }
}
