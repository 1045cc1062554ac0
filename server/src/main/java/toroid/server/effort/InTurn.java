package toroid.server.effort;

import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import toroid.core.numeric.Effort;

/**
 * Work on one thing by several, one after the other. Who waits for a turn keeps no place at work meanwhile: the one whose turn it is may
 * have to wait for that very place, and both would wait for good.
 */
public final class InTurn {
    private final ReentrantLock turn = new ReentrantLock();

    /** @throws Effort.Stopped when nobody waits for it any more */
    public <T> T get(Supplier<T> work) {
        try {
            if (!turn.tryLock()) {
                Effort.resting(this::await);
            }
            return work.get();
        } finally {
            if (turn.isHeldByCurrentThread()) {
                turn.unlock();
            }
        }
    }

    private void await() {
        try {
            turn.lockInterruptibly();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Effort.Stopped();
        }
    }

    /** Whether somebody waits for a turn. */
    boolean isWaitedFor() {
        return turn.hasQueuedThreads();
    }
}
