package toroid.server.work;

import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Work done at the back by one hand, one after another: what is wanted first before what can wait, else in the order it came. */
final class Errands {
    private static final Logger LOG = LoggerFactory.getLogger(Errands.class);

    private final AtomicLong came = new AtomicLong();
    private final ThreadPoolExecutor hand;

    /** @param name of the thread */
    Errands(String name) {
        hand = new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new PriorityBlockingQueue<>(), task -> {
            var thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    void first(Runnable work) {
        hand(work, 0);
    }

    void later(Runnable work) {
        hand(work, 1);
    }

    /** What waits is dropped, and what is at work is told to stop. */
    void close() {
        hand.shutdownNow();
    }

    private void hand(Runnable work, int rank) {
        try {
            hand.execute(new Errand(rank, came.getAndIncrement(), work));
        } catch (RejectedExecutionException closed) {
            LOG.debug("dropped: the server stops", closed);
        }
    }

    /** One that fails is told of in the log and keeps none behind it waiting. */
    private record Errand(int rank, long number, Runnable work) implements Runnable, Comparable<Errand> {
        @Override
        public void run() {
            try {
                work.run();
            } catch (RuntimeException failure) {
                LOG.warn("a job could not be looked at", failure);
            }
        }

        @Override
        public int compareTo(Errand other) {
            return rank != other.rank ? Integer.compare(rank, other.rank) : Long.compare(number, other.number);
        }
    }
}
