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
                        : share -> {
                            before.at(share);
                            listener.at(share);
                        },
                work);
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
