package toroid.core.calibration.exercise;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.ServiceLoader;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** Every exercise there is, by its id. */
public final class Exercises {
    private static final Map<String, Exercise> BY_ID = load();

    private Exercises() {}

    private static Map<String, Exercise> load() {
        var found = new LinkedHashMap<String, Exercise>();
        ServiceLoader.load(Exercise.class, Exercises.class.getClassLoader()).stream()
                .map(ServiceLoader.Provider::get)
                .sorted(Comparator.comparing(one -> one.info().id()))
                .forEach(one -> found.put(one.info().id(), one));
        return found;
    }

    public static List<Exercise> all() {
        return List.copyOf(BY_ID.values());
    }

    /** @throws Refusal when there is none of that id */
    public static Exercise byId(String id) {
        Exercise exercise = id == null ? null : BY_ID.get(id);
        if (exercise == null) {
            throw Refusal.of(RefusalCode.UNKNOWN_EXERCISE, "exercise", id);
        }
        return exercise;
    }

    /** @throws Refusal when it has none of that id */
    public static Criterion criterion(Exercise exercise, String id) {
        return exercise.criteria().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of(RefusalCode.UNKNOWN_CRITERION, "measure", id));
    }
}
