package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

class TriesTest {
    private final Clock clock = mock(Clock.class);
    private final Tries tries = new Tries(clock);

    @Test
    void oneAddressIsPausedAndNoOther() {
        when(clock.instant()).thenReturn(Instant.EPOCH);
        for (int i = 0; i < Tries.MOST; i++) {
            tries.demand("here");
            tries.failed("here");
        }
        assertThatThrownBy(() -> tries.demand("here")).isInstanceOf(Refusal.class);
        assertThatCode(() -> tries.demand("there")).doesNotThrowAnyException();
        when(clock.instant()).thenReturn(Instant.EPOCH.plus(Tries.WINDOW).plusSeconds(1));
        assertThatCode(() -> tries.demand("here")).doesNotThrowAnyException();
    }
}
