package toroid.core.bench;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The seven stages a part runs along, as labels and never gates, and how far each is.
 */
public final class JobThread {
    /** Idea → Wire → Cut → Form → Join → Finish → Check. */
    public enum Stage {
        IDEA,
        WIRE,
        CUT,
        FORM,
        JOIN,
        FINISH,
        CHECK
    }

    /** A stage is a ring: open, being worked, closed, or not part of this job. */
    public enum State {
        OPEN,
        STARTED,
        DONE,
        NOT_NEEDED
    }

    private JobThread() {}

    /** The stage a ring step belongs to. */
    public static Stage stageOf(RingStep.Kind kind) {
        return switch (kind) {
            case WIND, SPRING_BACK, SLIDE_OFF -> Stage.FORM;
            case MEASURE_COIL, MEASURE_RINGS -> Stage.CHECK;
            case CUT -> Stage.CUT;
            case CLOSE -> Stage.JOIN;
        };
    }

    /**
     * The stages of a ring job. Its rings are wound before they are cut, so FORM may be done while CUT is open; loose rings
     * are not finished here.
     *
     * @param wireChosen whether the wire comes from a spool in stock
     * @param steps the run's steps; empty while only planned
     * @param stepsDone how many of them are done, from the first
     */
    public static Map<Stage, State> ofRingJob(boolean wireChosen, List<RingStep> steps, int stepsDone) {
        var states = new EnumMap<Stage, State>(Stage.class);
        states.put(Stage.IDEA, State.DONE);
        states.put(Stage.WIRE, wireChosen ? State.DONE : State.STARTED);
        states.put(Stage.FINISH, State.NOT_NEEDED);
        for (Stage stage : List.of(Stage.CUT, Stage.FORM, Stage.JOIN, Stage.CHECK)) {
            states.put(stage, merged(stage, steps, stepsDone));
        }
        return states;
    }

    private static State merged(Stage stage, List<RingStep> steps, int stepsDone) {
        int all = 0;
        int done = 0;
        boolean current = false;
        for (int i = 0; i < steps.size(); i++) {
            if (stageOf(steps.get(i).kind()) == stage) {
                all++;
                done += i < stepsDone ? 1 : 0;
                current |= i == stepsDone;
            }
        }
        if (all == 0 || (done == 0 && !current)) {
            return State.OPEN;
        }
        return done == all ? State.DONE : State.STARTED;
    }
}
