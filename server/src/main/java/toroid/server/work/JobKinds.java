package toroid.server.work;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** The kinds of jobs there are. */
@Component
public class JobKinds {
    private final Map<String, JobKind<?, ?>> byId;

    JobKinds(List<JobKind<?, ?>> kinds) {
        byId = kinds.stream().collect(Collectors.toMap(JobKind::id, Function.identity()));
    }

    Collection<JobKind<?, ?>> all() {
        return byId.values();
    }

    /** @throws Refusal when there is none of that name */
    public JobKind<?, ?> byId(String id) {
        JobKind<?, ?> kind = byId.get(id);
        if (kind == null) {
            throw Refusal.of(ServerCode.UNKNOWN_KIND, "kind", id)
                    .with("known", byId.keySet().stream().sorted().toList());
        }
        return kind;
    }
}
