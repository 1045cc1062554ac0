package toroid.server.bench;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.form.FormInMaking;
import toroid.server.form.FormJobData;
import toroid.server.form.FormWorkshop;
import toroid.server.store.Kept;

/** Keeps each form run's form, so that no wire measured anew and no later rule moves a mark on the bench. */
@Service
public class FrozenForms extends FrozenViews<FormInMaking> {
    private final FrozenFormRepository repository;
    private final FormWorkshop workshop;

    FrozenForms(FrozenFormRepository repository, FormWorkshop workshop, RunJson json) {
        super(json, FormInMaking.class);
        this.repository = repository;
        this.workshop = workshop;
    }

    /** The run's form, its marks and its shapes. */
    public FormInMaking of(Kept<FormRunData> run) {
        FormJobData job = run.data().plan().job();
        return of(run.id(), () -> workshop.inMaking(job.formId(), job.question()));
    }

    @Override
    protected Optional<String> kept(UUID runId) {
        return repository.findById(runId).map(FrozenForm::form);
    }

    @Override
    protected void keep(UUID runId, String written) {
        repository.keep(runId, written);
    }
}
