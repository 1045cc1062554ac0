package toroid.server.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;

/**
 * The last few answers, by question. Nothing is worked out while the cache is held: two who ask the same at once may both work it out.
 *
 * @param <Q> a question, told apart by {@code equals}
 */
public final class Recent<Q, V> {
    private final Cache<Q, V> kept;

    public Recent(int most) {
        kept = Caffeine.newBuilder().maximumSize(most).build();
    }

    public V get(Q question, Supplier<V> work) {
        V known = kept.getIfPresent(question);
        if (known != null) {
            return known;
        }
        V answer = work.get();
        kept.put(question, answer);
        return answer;
    }
}
