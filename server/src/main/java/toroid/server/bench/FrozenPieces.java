package toroid.server.bench;

import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.store.Kept;
import toroid.server.weave.PieceAnswers.PieceView;
import toroid.server.weave.PieceWorkshop;

/** Keeps each weave run's piece as it stood when the run began, so that no later rule of order changes what is on the bench. */
@Service
public class FrozenPieces {
    private final FrozenPieceRepository repository;
    private final PieceWorkshop workshop;
    private final RunJson json;

    FrozenPieces(FrozenPieceRepository repository, PieceWorkshop workshop, RunJson json) {
        this.repository = repository;
        this.workshop = workshop;
        this.json = json;
    }

    /** The run's piece; one begun before pieces were kept is laid out now, and kept from now on. */
    public PieceView of(Kept<WeaveRunData> run) {
        return repository
                .findById(run.id())
                .map(frozen -> json.read(frozen.piece(), PieceView.class))
                .orElseGet(() -> freeze(run.id(), run));
    }

    private PieceView freeze(UUID id, Kept<WeaveRunData> run) {
        PieceView piece = workshop.view(run.data().plan().job());
        repository.keep(id, json.write(piece));
        return piece;
    }
}
