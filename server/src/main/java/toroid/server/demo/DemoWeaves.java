package toroid.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.weave.patch.Colouring;
import toroid.core.work.WeavePlan;
import toroid.server.store.Kept;
import toroid.server.weave.ColourSpec;
import toroid.server.weave.PatchSpec;
import toroid.server.weave.WeaveJobData;
import toroid.server.wire.SpoolData;
import toroid.server.work.RunData;
import toroid.server.work.WeaveKind;

/** The invented workshop's chains and mail: one in hand, two planned, one made. Rings are as measured there. */
@Component
class DemoWeaves {
    private static final int ALL = Integer.MAX_VALUE;
    private static final int NOT_BEGUN = -1;

    /** The place of the plan where rings are put in. */
    private static final int PUTTING_IN = 2;

    private final WeaveKind kind;
    private final DemoRuns runs;
    private final Clock clock;

    DemoWeaves(WeaveKind kind, DemoRuns runs, Clock clock) {
        this.kind = kind;
        this.runs = runs;
        this.clock = clock;
    }

    /** @param rings put in; negative for only planned */
    private record DemoWeave(
            String key,
            String name,
            String weave,
            String spool,
            List<Double> inner,
            PatchSpec patch,
            ColourSpec colours,
            int rings,
            int daysAgo) {}

    private static final List<DemoWeave> WEAVES = List.of(
            new DemoWeave(
                    "belt",
                    "Harbour belt, eight fathoms",
                    "full-persian-6-in-1",
                    "bronze-1.2",
                    List.of(6.9),
                    cells(24),
                    ColourSpec.plain("phosphor-bronze"),
                    ALL,
                    61),
            new DemoWeave(
                    "helm",
                    "Helmsman's chain",
                    "byzantine",
                    "brass-0.9",
                    List.of(3.4),
                    cells(15),
                    new ColourSpec(
                            List.of("yellow-brass", "copper"), Colouring.By.RING, List.of(0, 0, 1, 1, 0, 0), List.of()),
                    27,
                    2),
            new DemoWeave(
                    "collar",
                    "Mail collar, point over the shoulder",
                    "european-4-in-1",
                    "bronze-1.0",
                    List.of(4.3),
                    sheet(9, 1, PatchSpec.Outline.GROWING),
                    ColourSpec.plain("phosphor-bronze"),
                    NOT_BEGUN,
                    1),
            new DemoWeave(
                    "scales",
                    "Fish-scale brooch, sea colours",
                    "japanese-6-in-1",
                    "copper-0.8",
                    List.of(3.6, 2.3),
                    sheet(3, 3, PatchSpec.Outline.DIAMOND),
                    new ColourSpec(
                            List.of("copper", "#2f6f8f", "#5fa08a"), Colouring.By.RING, List.of(1, 0, 2, 2), List.of()),
                    NOT_BEGUN,
                    0));

    void load() {
        Instant now = clock.instant();
        for (DemoWeave demo : WEAVES) {
            job(demo, now.minus(Duration.ofDays(demo.daysAgo())));
        }
    }

    private static PatchSpec cells(int units) {
        return new PatchSpec(null, units, null, null, null, null, null, null, null, null);
    }

    private static PatchSpec sheet(int rows, int columns, PatchSpec.Outline outline) {
        return new PatchSpec(null, null, rows, columns, null, outline, null, null, null, null);
    }

    private void job(DemoWeave demo, Instant began) {
        UUID id = DemoStock.id("weave job " + demo.key());
        var spool = DemoStock.SPOOLS.stream()
                .filter(one -> one.key().equals(demo.spool()))
                .findFirst()
                .orElseThrow();
        SpoolData wire = spool.data();
        runs.job(
                kind,
                id,
                new WeaveJobData(
                        demo.name(),
                        demo.weave(),
                        spool.id(),
                        wire.metal(),
                        wire.wireDiameterMm(),
                        demo.inner(),
                        demo.patch(),
                        demo.colours(),
                        ""),
                began);
        if (demo.rings() != NOT_BEGUN) {
            Kept<RunData> run = runs.begin(kind, id);
            var plan = run.data().plan();
            int putIn = Math.min(demo.rings(), plan.operation(WeavePlan.PUT_IN).times());
            int place = demo.rings() == ALL ? plan.rhythm().places() : PUTTING_IN;
            var counts = Map.of(
                    WeavePlan.CLOSE, plan.operation(WeavePlan.CLOSE).times(),
                    WeavePlan.OPEN, plan.operation(WeavePlan.OPEN).times(),
                    WeavePlan.PUT_IN, putIn);
            runs.done(run, place, counts, began, Duration.ofHours(3));
        }
    }
}
