package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.server.ApiTest;

/** A plan of each kind in each version it was ever kept in is read as it was meant: today's terms of it stand beside it. */
class GoldenPlansTest extends ApiTest {
    @Autowired
    private List<JobKind<?, ?>> kinds;

    @Autowired
    private WorkJson work;

    private static String golden(String name) throws IOException {
        try (InputStream file = GoldenPlansTest.class.getResourceAsStream("/plans/" + name + ".json")) {
            assertThat(file).as("a golden plan %s", name).isNotNull();
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void everyVersionOfEveryKindIsReadAsItWasMeant() throws IOException {
        for (JobKind<?, ?> kind : kinds) {
            for (int version = 1; version <= kind.planVersion(); version++) {
                String name = kind.id() + "-" + version;
                Planned<?> planned = work.plan(kind, version, golden(name));
                JsonNode now = json.readTree(work.write(planned));
                boolean today = version == kind.planVersion();
                assertThat(now).as(name).isEqualTo(json.readTree(golden(today ? name : name + "-today")));
            }
        }
    }

    /** Progress as it was numbered: eighty-four rings of the first coil cut; four of eight hooks bent; twenty-seven rings put in. */
    @Test
    void numberedProgressIsFoundAtItsOperations() throws IOException {
        assertThat(at("ring", "{\"step\":4,\"counts\":{\"4\":84}}")).isEqualTo("coil-1/cut 84");
        assertThat(at("form", "{\"step\":6,\"counts\":{\"6\":4}}")).isEqualTo("step-7 4");
        assertThat(at("weave", "{\"step\":29,\"counts\":{\"0\":46,\"1\":46}}")).isEqualTo("put-in 27");
        assertThat(at("weave", "{\"step\":1,\"counts\":{\"0\":46,\"1\":9}}")).isEqualTo("open-first 9");
    }

    private String at(String kindId, String kept) throws IOException {
        JobKind<?, ?> kind = kinds.stream()
                .filter(one -> one.id().equals(kindId))
                .findFirst()
                .orElseThrow();
        Plan plan = work.plan(kind, 1, golden(kindId + "-1")).work();
        Progress progress = work.progress(kind, plan, kept);
        String next = plan.operations()
                .get(plan.rhythm().stepAt(progress.place(plan)))
                .id();
        return next + " " + progress.countOf(next);
    }
}
