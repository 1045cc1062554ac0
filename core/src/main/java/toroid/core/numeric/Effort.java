package toroid.core.numeric;

/**
 * Work that may take long, told to whoever waits and stopped when nobody does. Loops that can run long call {@link #check} (or {@link
 * #at}) now and then; whoever runs the work may have a {@link Listener} called there, on the working thread, and stops it by
 * interrupting that thread. Without a listener, and not interrupted, both do nothing.
 */
public final class Effort {
    private static final ThreadLocal<Listener> LISTENING = new ThreadLocal<>();

    private Effort() {}

    /** Called on the working thread; may wait there, and may throw {@link Stopped}. */
    public interface Listener {
        /** @param share how much is done, 0 to 1; NaN where it is not known */
        void at(double share);

        /** The work waits for another's: whatever place it has at work is another's meanwhile. */
        default void resting(Runnable wait) {
            wait.run();
        }
    }

    /** The work was stopped; nothing came of it. */
    public static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1L;

        public Stopped() {
            super("stopped: nobody waits for this any more");
        }
    }

    /** @throws Stopped when this thread was interrupted */
    public static void check() {
        told(Double.NaN);
    }

    /**
     * Tells how far the work is.
     *
     * @param done 0 to {@code of}
     * @throws Stopped when this thread was interrupted
     */
    public static void at(int done, int of) {
        told(of <= 0 ? Double.NaN : (double) done / of);
    }

    private static void told(double share) {
        if (Thread.currentThread().isInterrupted()) {
            throw new Stopped();
        }
        Listener listener = LISTENING.get();
        if (listener != null) {
            listener.at(share);
        }
    }

    /** Runs the work on this thread with one more listening, after whoever listens already. */
    public static void alsoHeard(Listener listener, Runnable work) {
        Listener before = LISTENING.get();
        heard(
                before == null
                        ? listener
                        : new Listener() {
                            @Override
                            public void at(double share) {
                                before.at(share);
                                listener.at(share);
                            }

                            @Override
                            public void resting(Runnable wait) {
                                before.resting(() -> listener.resting(wait));
                            }
                        },
                work);
    }

    /** Waits for another's work on this thread; who listens may give its place away until that is over. */
    public static void resting(Runnable wait) {
        Listener listener = LISTENING.get();
        if (listener == null) {
            wait.run();
        } else {
            listener.resting(wait);
        }
    }

    /** Runs the work on this thread with somebody listening. */
    public static void heard(Listener listener, Runnable work) {
        Listener before = LISTENING.get();
        LISTENING.set(listener);
        try {
            work.run();
        } finally {
            if (before == null) {
                LISTENING.remove();
            } else {
                LISTENING.set(before);
            }
        }
    }
}
