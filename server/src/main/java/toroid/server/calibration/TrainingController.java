package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.calibration.exercise.Exercise;
import toroid.core.calibration.exercise.Exercises;
import toroid.core.wire.Wire;

/** Exercises, and what was practised. What is practised is a reading like any other, of a session and a criterion. */
@RestController
@RequestMapping("/api/exercises")
class TrainingController {
    private final Training training;

    TrainingController(Training training) {
        this.training = training;
    }

    @GetMapping
    List<Training.ExerciseView> all() {
        return training.all();
    }

    @GetMapping("/{id}")
    Training.ExerciseView of(@PathVariable String id) {
        return training.of(id);
    }

    /**
     * What one should come out at.
     *
     * @param mm null where nothing is aimed at but the twin
     */
    record Aim(
            @NotNull String criterion, Double mm, @NotNull double withinMm) {}

    @GetMapping("/{id}/aims")
    List<Aim> aims(
            @PathVariable String id,
            @RequestParam(required = false) Double wireMm,
            @RequestParam(required = false) Double sizeMm) {
        Exercise exercise = Exercises.byId(id);
        if (wireMm != null) {
            Wire.checkDiameter(wireMm);
        }
        return exercise.criteria().stream()
                .filter(one -> !one.judged())
                .map(one -> new Aim(one.id(), Practising.target(exercise, one, wireMm, sizeMm), one.within()))
                .toList();
    }
}
