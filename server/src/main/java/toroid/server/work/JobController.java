package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.Edit;
import toroid.server.store.Kept;

/** Jobs of every kind. */
@RestController
@RequestMapping("/api/jobs/{kind}")
class JobController {
    private final Jobs jobs;
    private final Runs runs;
    private final Cuts cuts;
    private final JobKinds kinds;
    private final Glances glances;
    private final ContentReader reader;
    private final Efforts efforts;

    JobController(
            Jobs jobs, Runs runs, Cuts cuts, JobKinds kinds, Glances glances, ContentReader reader, Efforts efforts) {
        this.jobs = jobs;
        this.runs = runs;
        this.cuts = cuts;
        this.kinds = kinds;
        this.glances = glances;
        this.reader = reader;
        this.efforts = efforts;
    }

    @GetMapping
    List<Kept<Object>> all(@PathVariable String kind) {
        return jobs.all(kind).stream().map(JobController::told).toList();
    }

    @GetMapping("/{id}")
    Kept<Object> get(@PathVariable String kind, @PathVariable UUID id) {
        return told(jobs.get(kind, id));
    }

    @PutMapping("/{id}")
    Kept<Object> put(@PathVariable String kind, @PathVariable UUID id, @RequestBody @Valid Edit<JsonNode> edit) {
        return told(put(kinds.byId(kind), id, edit));
    }

    private <C> Kept<JobData> put(JobKind<C, ?> kind, UUID id, Edit<JsonNode> edit) {
        C content = reader.read(edit.data(), kind.content());
        Kept<JobData> kept = guarded(() -> jobs.put(kind, id, new Edit<>(edit.version(), content)));
        glances.kept(id);
        return kept;
    }

    /** What stands there now is told as a job is told. */
    private static <T> T guarded(Supplier<T> edit) {
        try {
            return edit.get();
        } catch (ChangedElsewhere changed) {
            if (changed.current().data() instanceof JobData job) {
                throw new ChangedElsewhere(changed.current().with(job.content()));
            }
            throw changed;
        }
    }

    @DeleteMapping("/{id}")
    Kept<Object> delete(@PathVariable String kind, @PathVariable UUID id, @RequestParam int version) {
        jobs.get(kind, id);
        Kept<JobData> gone = guarded(() -> jobs.delete(id, version));
        jobs.parentOf(id).ifPresent(glances::kept);
        return told(gone);
    }

    @PostMapping("/{id}/restore")
    Kept<Object> restore(@PathVariable String kind, @PathVariable UUID id) {
        jobs.get(kind, id);
        Kept<JobData> back = jobs.restore(id);
        glances.kept(id);
        jobs.parentOf(id).ifPresent(glances::kept);
        return told(back);
    }

    /** The job as kept, and what is cut for it. */
    record Laid(@NotNull Kept<Object> job, @NotNull List<Kept<Object>> cuts) {}

    @Operation(
            summary =
                    "Keeps a job together with the rings it needs cut, as jobs of their own; asked twice, laid out once")
    @PostMapping("/{id}/cuts")
    Laid cut(@PathVariable String kind, @PathVariable UUID id, @RequestBody @Valid Edit<JsonNode> edit) {
        return cut(kinds.byId(kind), id, edit);
    }

    private <C> Laid cut(JobKind<C, ?> kind, UUID id, Edit<JsonNode> edit) {
        C content = reader.read(edit.data(), kind.content());
        return efforts.answer(() -> {
            Cuts.Laid laid = guarded(() -> cuts.lay(kind, id, new Edit<>(edit.version(), content)));
            glances.kept(id);
            laid.cuts().forEach(kept -> glances.kept(kept.id()));
            return new Laid(
                    told(laid.job()),
                    laid.cuts().stream().map(JobController::told).toList());
        });
    }

    @GetMapping("/{id}/plan")
    Planned<?> plan(@PathVariable String kind, @PathVariable UUID id) {
        return efforts.answer(() -> runs.planned(kind, id));
    }

    @PostMapping("/{id}/runs")
    Kept<RunData> start(@PathVariable String kind, @PathVariable UUID id) {
        return efforts.answer(() -> runs.start(kind, id));
    }

    private static Kept<Object> told(Kept<JobData> kept) {
        return kept.with(kept.data().content());
    }
}
