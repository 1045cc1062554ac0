package toroid.server.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;
import toroid.server.ApiTest;

class SolvedWeavesBoundTest extends ApiTest {
    @Autowired
    private SolvedWeaveRepository repository;

    /** The newest stay. Rolled back: what other tests have solved is theirs. */
    @Test
    @Transactional
    void whatIsKeptOfSolvedWeavesIsBounded() {
        Instant later = Instant.parse("2199-01-01T00:00:00Z");
        for (int i = 0; i < 5; i++) {
            repository.keep("bound " + i, "{}", later.plusSeconds(i));
        }
        repository.keepNewest(3);
        assertThat(repository.findAll().stream().map(SolvedWeave::answer)).hasSize(3);
        assertThat(repository.existsById("bound 4")).isTrue();
        assertThat(repository.existsById("bound 1")).isFalse();
    }
}
