package toroid.core.work;

import java.util.List;
import java.util.Set;

/** A weave put together: so many rings closed beforehand, so many opened, then every ring that is laid down or comes in open. */
public final class WeavePlan {
    public static final String CLOSE = "close-first";
    public static final String OPEN = "open-first";
    public static final String PUT_IN = "put-in";

    private WeavePlan() {}

    /**
     * Three counted operations, however many rings there are.
     *
     * @param preClosed closed beforehand
     * @param opened opened beforehand
     * @param putIn laid down or coming in open, in turn
     */
    public static Plan of(int preClosed, int opened, int putIn) {
        return new Plan(
                List.of(
                        counted(CLOSE, RingsHandled.Kind.CLOSE_FIRST, preClosed, Set.of()),
                        counted(OPEN, RingsHandled.Kind.OPEN_FIRST, opened, Set.of()),
                        counted(PUT_IN, RingsHandled.Kind.PUT_IN, putIn, Set.of(CLOSE, OPEN))),
                1,
                1);
    }

    private static Operation counted(String id, RingsHandled.Kind kind, int rings, Set<String> after) {
        return Operation.counted(id, "", Stage.JOIN, kind.name(), rings, after, new RingsHandled(kind, rings));
    }
}
