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
 * @param ahead copies made by themselves from start to end before all others, fewer than there are: the first one, by which the rest are
 *     made; 0 for none
 */
public record Rhythm(int copies, int perGroup, int steps, int ahead) {
    /** With none made ahead. */
    public Rhythm(int copies, int perGroup, int steps) {
        this(copies, perGroup, steps, 0);
    }

    public Rhythm {
        Checks.within("copies", copies, 1, 100_000, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        Checks.within("perGroup", perGroup, 1, copies, Unit.COPIES, Remedy.ONE_TWO_OR_ALL);
        Checks.within("steps", steps, 1, 100_000, Unit.STEPS, Remedy.SPLIT_THE_FORM);
        Checks.within("ahead", ahead, 0, copies - 1, Unit.COPIES, Remedy.ONE_TWO_OR_ALL);
    }

    public int groups() {
        int others = (copies - ahead + perGroup - 1) / perGroup;
        return ahead > 0 ? 1 + others : others;
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
        return copiesThrough(group + 1) - copiesThrough(group);
    }

    /** Copies of the first so many groups. */
    public int copiesThrough(int groups) {
        int others = ahead > 0 ? groups - 1 : groups;
        return groups <= 0 ? 0 : Math.min(copies, ahead + others * perGroup);
    }

    /** Copies finished once everything before {@code place} is done. */
    public int copiesDone(int place) {
        return copiesThrough(groupAt(place));
    }
}
