package toroid.server.bench;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/** What is shown of a run beside its plan, kept as it stood when the run began; of one begun before that was kept, from when it is first asked for. */
abstract class FrozenViews<V> {
    private final RunJson json;
    private final Class<V> type;

    FrozenViews(RunJson json, Class<V> type) {
        this.json = json;
        this.type = type;
    }

    /** As it is written; empty where nothing is. */
    protected abstract Optional<String> kept(UUID runId);

    /** Writes it unless there is one. */
    protected abstract void keep(UUID runId, String written);

    V of(UUID runId, Supplier<V> now) {
        return kept(runId).map(written -> json.read(written, type)).orElseGet(() -> {
            V view = now.get();
            keep(runId, json.write(view));
            return view;
        });
    }
}
