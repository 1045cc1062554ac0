package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class ErrandsTest {
    private final Errands errands = new Errands("errands of a test");
    private final List<String> done = Collections.synchronizedList(new ArrayList<>());

    @AfterEach
    void close() {
        errands.close();
    }

    /** What is wanted first overtakes what came before it, and each kind keeps its order. */
    @Test
    void whatIsWantedFirstOvertakes() throws Exception {
        var held = new CountDownLatch(1);
        var ended = new CountDownLatch(5);
        errands.later(() -> awaitQuietly(held));
        for (String one : List.of("again 1", "again 2", "again 3")) {
            errands.later(() -> end(one, ended));
        }
        errands.first(() -> end("kept 1", ended));
        errands.first(() -> end("kept 2", ended));
        held.countDown();
        ended.await();
        assertThat(done).containsExactly("kept 1", "kept 2", "again 1", "again 2", "again 3");
    }

    /** One that fails takes nothing along. */
    @Test
    void aFailureHoldsUpNothing() throws Exception {
        var ended = new CountDownLatch(1);
        errands.first(() -> {
            throw new IllegalStateException("a fault of a test");
        });
        errands.first(() -> end("after it", ended));
        ended.await();
        assertThat(done).containsExactly("after it");
    }

    /** Once closed it takes nothing more, and refuses nobody. */
    @Test
    void closedItTakesNothing() {
        errands.close();
        errands.first(() -> done.add("too late"));
        assertThat(done).isEmpty();
    }

    private void end(String one, CountDownLatch ended) {
        done.add(one);
        ended.countDown();
    }

    private static void awaitQuietly(CountDownLatch held) {
        try {
            held.await();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
