package toroid.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** A row that goes wrong in any way stands in its place with the reason; only being called off ends the list. */
class RowsTest {
    private static String row(String kind) {
        switch (kind) {
            case "endless" -> {
                while (true) {
                    Effort.check();
                }
            }
            case "refused" -> throw Refusal.of(RefusalCode.NOT_FLAT, "field", null);
            case "faulty" -> throw new IllegalStateException("inside");
            default -> {
                return kind;
            }
        }
    }

    @Test
    void oneThatTakesTooLongIsSaidAndTheRestStand() {
        assertThat(List.of("one", "endless", "refused", "faulty", "two"))
                .extracting(
                        kind -> Rows.one(kind, RowsTest::row, (said, why) -> said + ": " + why.code(), Duration.ZERO))
                .satisfiesExactly(
                        one -> assertThat(one).isEqualTo("one"),
                        endless -> assertThat(endless).contains("takes-longer-than-a-list"),
                        refused -> assertThat(refused).contains("not-flat"),
                        faulty -> assertThat(faulty).contains("cannot-be-worked-out"),
                        two -> assertThat(two).isEqualTo("two"));
    }

    @Test
    void whoeverListensAlreadyIsStillTold() {
        var told = new AtomicInteger();
        Effort.heard(
                share -> told.incrementAndGet(),
                () -> Rows.one(
                        "x",
                        kind -> {
                            Effort.check();
                            return kind;
                        },
                        (said, why) -> why));
        assertThat(told).hasValue(1);
    }

    @Test
    void aListCalledOffIsNotAListOfReasons() {
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> Rows.each(List.of("endless"), RowsTest::row, (said, why) -> why))
                    .isInstanceOf(Effort.Stopped.class);
        } finally {
            Thread.interrupted();
        }
    }
}
