package toroid.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.metal.Temper;
import toroid.core.piece.BodyPart;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.Finishing;
import toroid.core.work.PiecePlan;
import toroid.core.work.Plan;
import toroid.server.piece.PieceJobData;
import toroid.server.piece.PieceQuestion;
import toroid.server.preference.Choices;
import toroid.server.preference.Person;
import toroid.server.preference.Preferences;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.work.PieceKind;
import toroid.server.work.RunData;

/** The invented workshop's whole pieces: one half put together, the others planned. */
@Component
class DemoPieces {
    private static final int NOT_BEGUN = -1;

    private final PieceKind kind;
    private final DemoRuns runs;
    private final Clock clock;

    private final Preferences preferences;

    DemoPieces(PieceKind kind, DemoRuns runs, Preferences preferences, Clock clock) {
        this.kind = kind;
        this.preferences = preferences;
        this.runs = runs;
        this.clock = clock;
    }

    /** @param joined steps of joining done; negative for only planned */
    private record DemoPiece(
            String key,
            String name,
            String metal,
            String line,
            BodyPart on,
            double girthMm,
            double easeMm,
            Finishing finish,
            int joined) {}

    private static final List<DemoPiece> PIECES = List.of(
            new DemoPiece(
                    "mate",
                    "Deckhand's bracelet, second mate",
                    "copper",
                    "hook-curled wire=1.2 - ring 1/4 - 8 * (bead-link bead=6 - ring 1/3.5) - ring 1.2/6",
                    BodyPart.WRIST,
                    168,
                    12,
                    null,
                    4),
            new DemoPiece(
                    "queen",
                    "Figurehead chain, sea queen",
                    "yellow-brass",
                    "toggle:ring - 7 * (figure-eight - bead-link first=plain second=plain bead=8 - ring 1/4) - ring 1.2/6"
                            + " [beaded-dangle bead=12] - 7 * (ring 1/4 - bead-link first=plain second=plain bead=8 - figure-eight)"
                            + " - ring 1/4 - toggle:bar",
                    BodyPart.NECK,
                    344,
                    30,
                    null,
                    NOT_BEGUN),
            new DemoPiece(
                    "chorus",
                    "Rain drops for the chorus",
                    "sterling-silver",
                    "pair fish-hook - ring 0.8/3 - beaded-dangle top=wrapped bead=8",
                    BodyPart.EAR,
                    0,
                    0,
                    new Finishing(List.of(Finish.COLOUR, Finish.RUB_BACK, Finish.SEAL), true),
                    NOT_BEGUN));

    private static final List<Person> PEOPLE = List.of(
            new Person("Second mate", BodyPart.WRIST, 168, 12), new Person("Sea queen", BodyPart.NECK, 344, 30));

    void load() {
        Instant began = clock.instant().minus(Duration.ofDays(12));
        PIECES.forEach(piece -> job(piece, began));
        Kept<Choices> usual = preferences.current();
        preferences.put(usual.id(), new Edit<>(null, usual.data().madeFor(PEOPLE)));
    }

    private void job(DemoPiece demo, Instant began) {
        UUID id = DemoStock.id("piece job " + demo.key());
        var body = new PieceQuestion.Body(demo.on(), demo.girthMm(), demo.easeMm());
        var data = new PieceJobData(
                demo.name(), demo.line(), null, demo.metal(), Temper.HALF_HARD, body, demo.finish(), 5, "");
        runs.job(kind, id, data, began);
        if (demo.joined() != NOT_BEGUN) {
            Kept<RunData> run = runs.begin(kind, id);
            Plan plan = run.data().plan();
            int joining = plan.operations().indexOf(plan.operation(PiecePlan.JOIN));
            runs.done(run, joining, Map.of(PiecePlan.JOIN, demo.joined()), began, Duration.ofHours(2));
        }
    }
}
