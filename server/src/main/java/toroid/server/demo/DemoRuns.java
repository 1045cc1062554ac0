package toroid.server.demo;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import toroid.core.work.Progress;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.work.JobKind;
import toroid.server.work.Jobs;
import toroid.server.work.RunData;
import toroid.server.work.RunProgress;
import toroid.server.work.Runs;

/** Lays jobs and runs out as if they had been begun some time ago. */
@Component
class DemoRuns {
    private final Jobs jobs;
    private final Runs runs;
    private final JdbcTemplate database;

    DemoRuns(Jobs jobs, Runs runs, JdbcTemplate database) {
        this.jobs = jobs;
        this.runs = runs;
        this.database = database;
    }

    <C> void job(JobKind<C, ?> kind, UUID id, C content, Instant began) {
        jobs.put(kind, id, new Edit<>(null, content));
        date("job", id, began, began);
    }

    Kept<RunData> begin(JobKind<?, ?> kind, UUID job) {
        return runs.start(kind.id(), job);
    }

    /** @param place of the plan's rhythm: everything before it is done */
    void done(Kept<RunData> run, int place, Map<String, Integer> counts, Instant began, Duration took) {
        var plan = run.data().plan();
        Progress progress = Progress.before(plan, Math.min(place, plan.rhythm().places()));
        runs.progress(run.id(), new Edit<>(run.version(), RunProgress.of(progress.counting(counts), "")));
        Instant ended = began.plus(took);
        date("run", run.id(), began, ended);
        database.update(
                "update run set finished_at = ? where id = ? and finished_at is not null",
                Timestamp.from(ended),
                run.id());
    }

    private void date(String table, UUID id, Instant created, Instant updated) {
        database.update(
                "update " + table + " set created_at = ?, updated_at = ? where id = ?",
                Timestamp.from(created),
                Timestamp.from(updated),
                id);
    }
}
