package toroid.server.store;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * The last few answers, by question. Two who ask the same at once may both work it out.
 *
 * @param <Q> a question, told apart by {@code equals}
 */
public final class Recent<Q, V> {
    private final Map<Q, V> kept;

    public Recent(int most) {
        kept = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Q, V> eldest) {
                return size() > most;
            }
        };
    }

    public V get(Q question, Supplier<V> work) {
        synchronized (kept) {
            V known = kept.get(question);
            if (known != null) {
                return known;
            }
        }
        V answer = work.get();
        synchronized (kept) {
            kept.put(question, answer);
        }
        return answer;
    }
}
