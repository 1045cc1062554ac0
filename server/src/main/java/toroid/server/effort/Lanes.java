package toroid.server.effort;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import toroid.core.numeric.Effort;

/**
 * Two lanes. In front, work somebody waits for: one core less than there are, at least one. Work that is longer than patience lets
 * go of its place in front and goes on in the one place at the back, waiting for it where it stands.
 */
final class Lanes {
    private final Semaphore front;
    private final Semaphore back = new Semaphore(1, true);
    private final long patienceNanos;

    Lanes(int cores, Duration patience) {
        front = new Semaphore(Math.max(1, cores - 1), true);
        patienceNanos = patience.toNanos();
    }

    /** How many may be at work at once. */
    int most() {
        return front.availablePermits() + back.availablePermits();
    }

    /** One piece of work's way through the lanes, on its own thread. */
    final class Way implements Effort.Listener {
        private final long begun = System.nanoTime();
        private final long most;
        private Semaphore held;
        private long started;
        private volatile double share = Double.NaN;

        Way(Duration most) {
            this.most = most.toNanos();
        }

        void enter(boolean atTheBack) {
            held = take(atTheBack ? back : front);
            started = System.nanoTime();
        }

        void leave() {
            if (held != null) {
                held.release();
                held = null;
            }
        }

        @Override
        public void at(double newShare) {
            if (!Double.isNaN(newShare)) {
                share = newShare;
            }
            long now = System.nanoTime();
            if (now - started > most) {
                throw new TooLong();
            }
            if (held == front && now - started > patienceNanos) {
                leave();
                held = take(back);
            }
        }

        /** Whoever waits holds up nobody: the one that is waited for may need the very place. */
        @Override
        public void resting(Runnable wait) {
            Semaphore before = held;
            leave();
            wait.run();
            if (before != null) {
                held = take(before);
            }
        }

        double seconds() {
            return (System.nanoTime() - begun) / 1e9;
        }

        Double share() {
            return Double.isNaN(share) ? null : Double.valueOf(share);
        }

        private static Semaphore take(Semaphore lane) {
            try {
                lane.acquire();
                return lane;
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new Effort.Stopped();
            }
        }
    }

    /** Longer than even the back gives. */
    static final class TooLong extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }
}
