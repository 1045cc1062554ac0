package toroid.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;
import toroid.server.ApiTest;

@DirtiesContext
@TestPropertySource(
        properties = {"toroid.demo=true", "spring.flyway.schemas=demo_test", "spring.datasource.hikari.schema=demo_test"
        })
class DemoWorkshopTest extends ApiTest {
    @Autowired
    private DemoStock stock;

    @Autowired
    private JdbcTemplate database;

    @Test
    void theWorkshopIsFull() {
        assertThat(read("/api/spools").body().size()).isGreaterThanOrEqualTo(8);
        assertThat(read("/api/mandrels").body().size()).isGreaterThanOrEqualTo(12);
        assertThat(read("/api/jobs/ring").body().size()).isGreaterThanOrEqualTo(6);
        assertThat(read("/api/readings").body().size()).isGreaterThan(60);
        var bench = read("/api/bench").body();
        assertThat(bench.findValuesAsText("finished")).contains("true", "false");
        assertThat(bench.findValues("next").stream()
                        .filter(next -> next.has("verb"))
                        .map(next -> next.get("verb").asText()))
                .contains("CUT", "PUT_IN");
        assertThat(bench.findValuesAsText("refusal")).containsOnly("null");
    }

    @Test
    void measurementsScatterAboutWhatTheirSpoolTeaches() {
        for (var spool : DemoStock.SPOOLS) {
            Answer view = read("/api/spools/" + spool.id() + "/springback");
            if (view.at("/fitted/measurements").asInt() >= 5) {
                double off = Math.abs(view.at("/fitted/flowStressMpa").asDouble()
                                / spool.trueFlow().strengthMpa()
                        - 1);
                assertThat(off).as(spool.key()).isLessThan(0.25);
            }
        }
    }

    @Test
    void itIsNeverLaidOverAnythingElse() {
        assertThat(stock.isEmpty()).isFalse();
        List<String> schemas = database.queryForList(
                "select distinct table_schema from information_schema.tables where table_name = 'lot'", String.class);
        assertThat(schemas).contains("demo_test");
    }
}
