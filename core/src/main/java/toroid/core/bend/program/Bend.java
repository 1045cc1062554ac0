package toroid.core.bend.program;

/**
 * One element of a bend program: turn the plane about the wire, then make the run.
 *
 * @param roll radians about the wire, right-handed along it
 * @param run the piece of wire that follows
 * @param step which forming step makes it; its number in the form's list of steps
 */
public record Bend(double roll, Run run, int step) {
    Bend with(Run other) {
        return new Bend(roll, other, step);
    }
}
