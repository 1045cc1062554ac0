package toroid.core.work;

import java.util.List;
import java.util.Set;
import toroid.core.form.HandWork;
import toroid.core.stock.Draw;

/** A weave put together: so many rings closed beforehand, so many opened, then every ring that is laid down or comes in open. */
public final class WeavePlan {
    public static final String CLOSE = "close-first";
    public static final String OPEN = "open-first";
    public static final String PUT_IN = "put-in";

    private WeavePlan() {}

    /** The same of rings that are all wound. */
    public static Plan of(int preClosed, int opened, int putIn) {
        return of(preClosed, opened, putIn, List.of(), List.of());
    }

    /**
     * Three counted operations, however many rings there are.
     *
     * @param preClosed closed beforehand
     * @param opened opened beforehand
     * @param putIn laid down or coming in open, in turn
     * @param closedReady those closed beforehand that lie ready on the shelf
     * @param openReady those opened that do
     */
    public static Plan of(int preClosed, int opened, int putIn, List<Draw> closedReady, List<Draw> openReady) {
        return new Plan(
                List.of(
                        counted(CLOSE, RingsHandled.Kind.CLOSE_FIRST, preClosed, Set.of())
                                .taking(closedReady)
                                .timed(HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * preClosed)),
                        counted(OPEN, RingsHandled.Kind.OPEN_FIRST, opened, Set.of())
                                .taking(openReady)
                                .timed(HandWork.seconds(HandWork.OPEN, HandWork.OPEN_SECONDS * opened)),
                        counted(PUT_IN, RingsHandled.Kind.PUT_IN, putIn, Set.of(CLOSE, OPEN))
                                .timed(HandWork.seconds(HandWork.PUT_IN, HandWork.PUT_IN_SECONDS * putIn))),
                1,
                1);
    }

    private static Operation counted(String id, RingsHandled.Kind kind, int rings, Set<String> after) {
        return Operation.counted(id, "", Stage.JOIN, kind.name(), rings, after, new RingsHandled(kind, rings));
    }
}
