package toroid.server.export;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.calibration.Readings;
import toroid.server.store.Kept;
import toroid.server.store.ServerCode;
import toroid.server.work.Jobs;
import toroid.server.work.RunRows;

/** What each place keeps, as a table for other programs: lengths mm, masses g, moments ISO 8601. What was taken away is not in it. */
@Service
@Transactional(readOnly = true)
public class WorkshopTables {
    private static final Map<String, String> KINDS = Map.of(
            "rings", "ring",
            "shapes", "form",
            "weaves", "weave",
            "medallions", "medallion",
            "pieces", "piece");
    private static final int A_PAGE = 200;

    private final Jobs jobs;
    private final RunRows runs;
    private final Readings readings;
    private final ObjectMapper mapper;

    WorkshopTables(Jobs jobs, RunRows runs, Readings readings, ObjectMapper mapper) {
        this.jobs = jobs;
        this.runs = runs;
        this.readings = readings;
        this.mapper = mapper;
    }

    /**
     * @param place {@code rings}, {@code shapes}, {@code weaves}, {@code medallions}, {@code pieces}, {@code notebook}, {@code measurements}
     * @throws Refusal for any other
     */
    String csv(String place) {
        var table = new FlatTable();
        if (KINDS.containsKey(place)) {
            jobs.all(KINDS.get(place))
                    .forEach(job -> table.add(kept(job, job.data().content())));
        } else if (place.equals("notebook")) {
            notebook(table);
        } else if (place.equals("measurements")) {
            readings.all().forEach(one -> table.add(kept(one, one.data())));
        } else {
            throw Refusal.of(ServerCode.UNKNOWN_KIND, "place", place);
        }
        return table.csv();
    }

    private ObjectNode kept(Kept<?> kept, Object data) {
        ObjectNode row = mapper.createObjectNode().put("id", kept.id().toString());
        row.put("updatedAt", kept.updatedAt().toString());
        row.setAll((ObjectNode) mapper.<JsonNode>valueToTree(data));
        return row;
    }

    private void notebook(FlatTable table) {
        UUID before = null;
        List<RunRows.Row> page;
        do {
            page = runs.page("", before, A_PAGE);
            page.forEach(run -> table.add(mapper.valueToTree(told(run))));
            before = page.isEmpty() ? null : page.get(page.size() - 1).id();
        } while (page.size() == A_PAGE);
    }

    private static Map<String, Object> told(RunRows.Row run) {
        var row = new LinkedHashMap<String, Object>();
        row.put("id", run.id());
        row.put("jobId", run.jobId());
        row.put("kind", run.kind());
        row.put("name", run.name());
        row.put("startedAt", run.startedAt());
        row.put("finishedAt", run.finishedAt());
        row.put("share", run.glance() == null ? null : run.glance().share());
        row.put("note", run.note());
        row.put("drawn", run.drawn());
        return row;
    }
}
