package toroid.server.backup;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** All who keep anything go through here, any number at once, and nobody while the whole workshop is put in the place of another. */
@Component
public class WritersGate {
    private static final int PATIENCE_SECONDS = 30;

    /** Fair: whoever wants it for himself is not kept waiting by those who come after. */
    private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock(true);

    /** Whether one may go in now; then {@link #leave} is called by the same thread. Nobody overtakes one who waits to be alone. */
    public boolean enter() {
        try {
            return lock.readLock().tryLock(0, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Goes out again. */
    public void leave() {
        lock.readLock().unlock();
    }

    /**
     * Alone, once all who are in have gone out.
     *
     * @throws Refusal when somebody stays in, or another is alone already
     */
    <T> T alone(Supplier<T> work) {
        try {
            if (!lock.writeLock().tryLock(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw Refusal.of(ServerCode.BUSY, "backups", null);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw Refusal.of(ServerCode.BUSY, "backups", null);
        }
        try {
            return work.get();
        } finally {
            lock.writeLock().unlock();
        }
    }
}
