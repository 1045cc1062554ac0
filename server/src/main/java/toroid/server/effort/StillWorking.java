package toroid.server.effort;

import java.util.UUID;

/** The answer is not there yet; the work goes on while it is asked for under its number. */
public final class StillWorking extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Told told;

    StillWorking(Told told) {
        super("still working");
        this.told = told;
    }

    /**
     * @param effort the number it is asked for under: {@code GET /api/efforts/{effort}}
     * @param seconds since it was begun
     * @param share how much is done, 0 to 1; null where it is not known
     */
    public record Told(UUID effort, double seconds, Double share) {}

    public Told told() {
        return told;
    }
}
