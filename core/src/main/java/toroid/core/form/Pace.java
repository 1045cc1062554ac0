package toroid.core.form;

/**
 * How many times as long as stated a maker's hands need for one kind of work.
 *
 * @param factor on stated times, above 0
 * @param within so many times either way, in 19 of 20 cases; above 1
 * @param next so many times either way the next time it is done lies of that, in 19 of 20 cases; wider than the pace itself is known
 * @param timings of that very work
 * @param all timings of whatever work it rests on
 */
public record Pace(double factor, double within, double next, int timings, int all) {}
