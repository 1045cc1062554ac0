package toroid.server.bench;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.store.Kept;
import toroid.server.weave.PieceAnswers.PieceView;
import toroid.server.weave.PieceWorkshop;

/** Keeps each weave run's piece, so that no later rule of order changes what is on the bench. */
@Service
public class FrozenPieces extends FrozenViews<PieceView> {
    private final FrozenPieceRepository repository;
    private final PieceWorkshop workshop;

    FrozenPieces(FrozenPieceRepository repository, PieceWorkshop workshop, RunJson json) {
        super(json, PieceView.class);
        this.repository = repository;
        this.workshop = workshop;
    }

    /** The run's piece, ring by ring. */
    public PieceView of(Kept<WeaveRunData> run) {
        return of(run.id(), () -> workshop.view(run.data().plan().job()));
    }

    @Override
    protected Optional<String> kept(UUID runId) {
        return repository.findById(runId).map(FrozenPiece::piece);
    }

    @Override
    protected void keep(UUID runId, String written) {
        repository.keep(runId, written);
    }
}
