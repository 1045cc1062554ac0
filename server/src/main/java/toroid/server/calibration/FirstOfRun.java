package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.HandlingTail;
import toroid.core.work.FirstOne;
import toroid.core.work.Plan;
import toroid.server.work.RunData;
import toroid.server.work.RunProgress;
import toroid.server.work.Runs;

/** What the first one of a run came out at, that the rest are made by. */
@Component
class FirstOfRun {
    private final Runs runs;
    private final Readings readings;
    private final FormLearning learning;

    FirstOfRun(Runs runs, Readings readings, FormLearning learning) {
        this.runs = runs;
        this.readings = readings;
        this.learning = learning;
    }

    /**
     * @param targets by operation, in the plan's order
     * @param tail what these hands need beyond a form, that cut lengths reckon with; null where nothing is cut for a form
     */
    record FirstOneAnswer(@NotNull List<ByTheFirst> targets, HandlingTail tail) {}

    /**
     * @param planned what the plan says; null where it says nothing
     * @param target as the first one came out, same unit
     */
    record ByTheFirst(
            @NotNull String operation,
            @NotNull Quantity quantity,
            Double planned,
            @NotNull double target) {}

    @Transactional(readOnly = true)
    public FirstOneAnswer of(UUID runId) {
        RunData run = runs.get(runId).data();
        Plan plan = run.plan();
        List<FirstOne.Taken> taken = readings.taken(runId);
        HandlingTail tail = plan.operations().stream()
                .flatMap(operation -> operation.measurable().stream())
                .map(one -> one.context().get("formId"))
                .filter(Objects::nonNull)
                .findFirst()
                .map(form -> learning.tailOf(form.toString()))
                .orElse(null);
        List<ByTheFirst> targets = FirstOne.of(
                        plan,
                        taken,
                        run.spoilt().stream().map(RunProgress.SpoiltAt::toCore).toList(),
                        tail == null ? 1 : tail.factor())
                .stream()
                .map(one ->
                        new ByTheFirst(one.operation(), Quantity.valueOf(one.quantity()), one.planned(), one.target()))
                .toList();
        return new FirstOneAnswer(targets, tail);
    }
}
