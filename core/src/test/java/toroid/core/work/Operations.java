package toroid.core.work;

import java.util.List;
import java.util.Set;
import toroid.core.stock.Draw;

/** Operations for tests: done so often, taking that of one lot, with that to be measured. */
final class Operations {
    private Operations() {}

    static Operation of(
            String id, int times, boolean counted, double takes, List<Measurable> measurable, Set<String> after) {
        return new Operation(
                id,
                "",
                Stage.FORM,
                "BEND",
                times,
                counted,
                after,
                takes == 0 ? List.of() : List.of(new Draw("lot", takes)),
                measurable,
                List.of(),
                null,
                new RingsHandled(RingsHandled.Kind.PUT_IN, times));
    }
}
