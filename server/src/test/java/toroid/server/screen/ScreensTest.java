package toroid.server.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.core.numeric.Refusal;

/** Each screen by itself: in order, whole, and none waits for another. */
class ScreensTest {
    private static final String RUN = "a run";

    /** A line that takes what is sent, or does not until it is let. */
    private static class Line extends SseEmitter {
        final List<String> took = Collections.synchronizedList(new ArrayList<>());
        final CountDownLatch open;
        volatile boolean ended;

        Line(boolean asleep) {
            open = new CountDownLatch(asleep ? 1 : 0);
        }

        @Override
        public void send(SseEventBuilder event) throws IOException {
            try {
                if (!took.isEmpty()) {
                    open.await();
                }
            } catch (InterruptedException stopped) {
                throw new IOException(stopped);
            }
            took.add(event.build().stream()
                    .map(DataWithMediaType::getData)
                    .map(String::valueOf)
                    .collect(Collectors.joining()));
        }

        @Override
        public void complete() {
            ended = true;
        }
    }

    private final Queue<Line> lines = new ArrayDeque<>();
    private final Screens<String> screens = new Screens<>("following", lines::remove);

    private Line follows(boolean asleep) {
        var line = new Line(asleep);
        lines.add(line);
        screens.follow(RUN, () -> new Screens.First("first", "here"));
        return line;
    }

    @AfterEach
    void end() {
        screens.end();
    }

    private static String number(int i) {
        return "event:progress\ndata:" + i + "\n\n";
    }

    @Test
    void eachIsToldAllInOrder() {
        Line one = follows(false);
        Line other = follows(false);
        for (int i = 0; i < Screen.MOST_WAITING - 2; i++) {
            screens.tell(RUN, "progress", i);
        }
        screens.tell("another run", "progress", -1);
        List<String> all = new ArrayList<>(List.of("event:first\ndata:here\n\n"));
        IntStream.range(0, Screen.MOST_WAITING - 2).forEach(i -> all.add(number(i)));
        for (Line line : List.of(one, other)) {
            await().untilAsserted(() -> assertThat(line.took).containsExactlyElementsOf(all));
        }
    }

    /** Whoever tells is not held up by it either: all of this is told by the test's own thread. */
    @Test
    void oneThatSleepsHoldsUpNobodyAndIsLetGo() {
        Line asleep = follows(true);
        Line awake = follows(false);
        int told = 0;
        while (told < 3 * Screen.MOST_WAITING) {
            for (int more = 0; more < Screen.MOST_WAITING / 2; more++) {
                screens.tell(RUN, "progress", told++);
            }
            int all = told + 1;
            await().until(() -> awake.took.size() == all);
        }
        assertThat(screens.listening()).isEqualTo(1);
        asleep.open.countDown();
        await().until(() -> asleep.ended);
        assertThat(asleep.took).hasSize(2);
        assertThat(awake.took.get(told)).isEqualTo(number(told - 1));
        assertThat(awake.ended).isFalse();
    }

    @Test
    void breathingAddsNothingToWhatWaits() {
        Line asleep = follows(true);
        for (int i = 0; i < 10 * Screen.MOST_WAITING; i++) {
            screens.breathe();
        }
        assertThat(screens.listening()).isEqualTo(1);
        asleep.open.countDown();
        await().until(() -> asleep.took.size() == 2);
        await().until(() -> {
            screens.breathe();
            return asleep.took.size() > 2;
        });
    }

    @Test
    void oneThatWentAwayIsForgotten() {
        lines.add(new Line(false) {
            @Override
            public void send(SseEventBuilder event) throws IOException {
                throw new IOException("broken pipe");
            }
        });
        screens.follow(RUN, () -> null);
        await().untilAsserted(() -> {
            screens.breathe();
            assertThat(screens.listening()).isZero();
        });
    }

    @Test
    void noMoreThanAnyBenchHas() {
        IntStream.range(0, Screens.MOST).forEach(i -> follows(false));
        lines.add(new Line(false));
        assertThatThrownBy(() -> screens.follow("another run", () -> null)).isInstanceOf(Refusal.class);
        screens.letGo();
        assertThat(screens.listening()).isZero();
    }

    @Test
    void whatIsNotThereIsFollowedByNobody() {
        lines.add(new Line(false));
        assertThatThrownBy(() -> screens.follow(RUN, () -> {
                    throw new IllegalStateException("no such run");
                }))
                .hasMessage("no such run");
        assertThat(screens.listening()).isZero();
    }
}
