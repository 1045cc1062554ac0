package toroid.core.work;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import toroid.core.form.HandWork;
import toroid.core.form.Paces;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Draw;

/**
 * One thing the hands do.
 *
 * @param id names it within its plan, for good
 * @param part which part of what is made, in the trade's words; empty for all of it
 * @param stage the label on the thread
 * @param verb what is done, as a code
 * @param times how often for one copy: counted where it is more than one
 * @param counted whether the maker counts it, where it is done more than once
 * @param after ids of what must be done before
 * @param draws what it takes from stock for one copy
 * @param measurable what can be measured at it
 * @param cautions shown with it
 * @param waits what has to pass before the next; null where that can follow at once
 * @param detail what more it says
 */
public record Operation(
        String id,
        String part,
        Stage stage,
        String verb,
        int times,
        boolean counted,
        Set<String> after,
        List<Draw> draws,
        List<Measurable> measurable,
        List<Caution> cautions,
        Wait waits,
        Detail detail) {
    public Operation {
        Checks.within("times", times, 0, 1_000_000, Unit.TIMES, Remedy.SPLIT_THE_JOB);
        after = Collections.unmodifiableSet(new TreeSet<>(after));
        draws = List.copyOf(draws);
        measurable = List.copyOf(measurable);
        cautions = List.copyOf(cautions);
    }

    /** Its own times for one copy; one where it is done to none. */
    int eachTimes() {
        return Math.max(1, times);
    }

    /** What is taken of a lot where it is done so many of its own times: by whole copies exactly, else by its share. */
    public double takes(Draw draw, int done) {
        return draw.amount() * (done / eachTimes()) + draw.amount() * (done % eachTimes()) / eachTimes();
    }

    /** Counted, taking nothing from stock, with nothing to be measured at it. */
    static Operation counted(
            String id, String part, Stage stage, String verb, int times, Set<String> after, Detail detail) {
        return new Operation(id, part, stage, verb, times, true, after, List.of(), List.of(), List.of(), null, detail);
    }

    /** The same, and those come before it too. */
    Operation afterToo(Set<String> more) {
        Set<String> all = new TreeSet<>(after);
        all.addAll(more);
        return new Operation(id, part, stage, verb, times, counted, all, draws, measurable, cautions, waits, detail);
    }

    /** The same, taking that from stock for one copy. */
    Operation taking(List<Draw> taken) {
        return new Operation(id, part, stage, verb, times, counted, after, taken, measurable, cautions, waits, detail);
    }

    /** The same, taking that from stock for one copy besides. */
    Operation takingToo(List<Draw> more) {
        return taking(Draw.joined(List.of(draws, more)));
    }

    /** The same, and how long it takes for one copy can be noted; what takes no time is not timed. */
    Operation timed(HandWork work) {
        return work.minutes() == 0
                ? this
                : measuring(Stream.concat(measurable.stream(), Stream.of(Measurable.minutes(work)))
                        .toList());
    }

    /** The same as these hands are expected to need. */
    Operation paced(Paces paces) {
        return measuring(measurable.stream().map(one -> one.paced(paces)).toList());
    }

    private Operation measuring(List<Measurable> measured) {
        return new Operation(id, part, stage, verb, times, counted, after, draws, measured, cautions, waits, detail);
    }

    /** The same, and that has to pass after it. */
    Operation waiting(Wait wait) {
        return new Operation(id, part, stage, verb, times, counted, after, draws, measurable, cautions, wait, detail);
    }

    /** The same with a caution shown. */
    Operation with(Caution caution) {
        return new Operation(
                id, part, stage, verb, times, counted, after, draws, measurable, List.of(caution), waits, detail);
    }
}
