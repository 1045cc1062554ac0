package toroid.server.cutting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.springframework.stereotype.Component;
import toroid.core.cutting.CuttingPlan;
import toroid.core.cutting.CuttingSearch;
import toroid.core.cutting.CuttingTask;
import toroid.core.numeric.Effort;
import toroid.server.effort.InTurn;

/** Cutting plans: a task asked again goes on from where it was, so that asking again and again betters the plan until it is proven. */
@Component
class CuttingRoom {
    private static final int KEPT = 8;
    private static final Duration FORGOTTEN = Duration.ofMinutes(3);
    /** The answer is under way within the limit. */
    private static final double LOOKED_FOR = 0.9;

    private final Cache<CuttingTask, OnTheBench> searches =
            Caffeine.newBuilder().maximumSize(KEPT).expireAfterAccess(FORGOTTEN).build();

    CuttingPlan plan(CuttingTask task, int limitMs) {
        long until = System.nanoTime()
                + (long) (LOOKED_FOR * Duration.ofMillis(limitMs).toNanos());
        OnTheBench there = searches.get(task, asked -> new OnTheBench(new CuttingSearch(asked), new InTurn()));
        return there.turns().get(() -> {
            there.search().improve(() -> calledOff() || System.nanoTime() >= until);
            return there.search().plan();
        });
    }

    /** Bettered by one at a time. */
    private record OnTheBench(CuttingSearch search, InTurn turns) {}

    /** The search is kept for whoever asks next: it is stopped between two steps, and not broken off. */
    private static boolean calledOff() {
        try {
            Effort.check();
            return false;
        } catch (Effort.Stopped stopped) {
            return true;
        }
    }
}
