package toroid.core.work;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How far each stage of a plan is. */
public final class Stages {
    /** A stage is a ring: open, being worked, closed, or not part of this job. */
    public enum State {
        OPEN,
        STARTED,
        DONE,
        NOT_NEEDED
    }

    private Stages() {}

    /**
     * The stages of a job. Rings are wound before they are cut, so FORM may be done while CUT is open; a stage without an operation is no
     * part of it.
     *
     * @param wireChosen whether the wire comes from a lot in stock
     * @param progress null while it is only planned
     */
    public static Map<Stage, State> of(Plan plan, Progress progress, boolean wireChosen) {
        var states = new EnumMap<Stage, State>(Stage.class);
        states.put(Stage.IDEA, State.DONE);
        for (Stage stage : List.of(Stage.CUT, Stage.FORM, Stage.JOIN, Stage.FINISH, Stage.CHECK)) {
            states.put(stage, state(plan, progress, stage));
        }
        State readied = state(plan, progress, Stage.WIRE);
        State wire = wireChosen ? State.DONE : State.STARTED;
        states.put(Stage.WIRE, readied == State.NOT_NEEDED || readied == State.DONE ? wire : State.STARTED);
        return states;
    }

    private static State state(Plan plan, Progress progress, Stage stage) {
        List<Operation> own = plan.operations().stream()
                .filter(operation -> operation.stage() == stage)
                .toList();
        if (own.isEmpty()) {
            return State.NOT_NEEDED;
        }
        if (progress == null) {
            return State.OPEN;
        }
        int place = progress.place(plan);
        boolean current = place < progress.rhythm(plan).places()
                && plan.operations().get(progress.rhythm(plan).stepAt(place)).stage() == stage;
        if (own.stream().allMatch(operation -> progress.doneOf(operation.id()) == progress.copies(plan))) {
            return State.DONE;
        }
        boolean begun = own.stream().anyMatch(operation -> progress.doneOf(operation.id()) > 0);
        return begun || current ? State.STARTED : State.OPEN;
    }
}
