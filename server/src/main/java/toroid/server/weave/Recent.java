package toroid.server.weave;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The last few answers, by question. Two who ask the same at once may both work it out. */
final class Recent<V> {
    private final Map<String, V> kept;

    Recent(int most) {
        kept = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<String, V> eldest) {
                return size() > most;
            }
        };
    }

    V get(String question, Supplier<V> work) {
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
