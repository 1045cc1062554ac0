package toroid.core.form;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Where in a form's steps what hangs in a port that is closed for good has to be in it ({@link Opening#WHILE_MADE}). A loop is bent while
 * more of its wire lies straight beyond it: a neighbour slides over that end into it, until the next step holds it there. A loop that the
 * wire ends in closes as it is bent: its neighbour is in it before. Derived by us from what a straight end lets pass; the catalogue is played against it.
 */
public final class WhileMade {
    private static final Set<FormStep.Kind> SHAPES =
            EnumSet.of(FormStep.Kind.LOOP, FormStep.Kind.FORM, FormStep.Kind.SPIRAL);

    private WhileMade() {}

    /**
     * @param steps all of the form's, or of one of its halves
     * @param port of it, closed for good as it is made
     * @return how many of the steps may be done before its neighbour is in it: 1 up to all but one
     */
    public static int before(List<FormStep> steps, Port port) {
        int first = -1;
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            if (bends(steps.get(i), port)
                    && SHAPES.contains(steps.get(i).kind())
                    && isOf(steps.get(i).part(), port.part())) {
                first = first < 0 ? i : first;
                last = i;
            }
        }
        if (first < 0) {
            return lastBend(steps, port);
        }
        for (int i = last + 1; i < steps.size(); i++) {
            if (bends(steps.get(i), port)) {
                return last + 1;
            }
        }
        return Math.max(1, first);
    }

    /** A step at a port is called as it is, or begins so: "foot of the link". */
    private static boolean isOf(String step, String port) {
        return step.equals(port) || step.startsWith(port + " ");
    }

    private static boolean bends(FormStep step, Port port) {
        return step.id() >= 0 && step.wire().equals(port.wire());
    }

    /** Where no step is called as the port: what was bent so far is closed by the last of its wire. */
    private static int lastBend(List<FormStep> steps, Port port) {
        for (int i = steps.size() - 1; i > 0; i--) {
            if (bends(steps.get(i), port) && steps.get(i).kind() != FormStep.Kind.LEAVE) {
                return i;
            }
        }
        return Math.max(1, steps.size() - 1);
    }
}
