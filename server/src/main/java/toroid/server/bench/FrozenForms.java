package toroid.server.bench;

import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.form.FormInMaking;
import toroid.server.form.FormJobData;
import toroid.server.form.FormWorkshop;
import toroid.server.store.Kept;

/** Keeps each form run's form as it stood when the run began, so that no wire measured anew and no later rule moves a mark on the bench. */
@Service
public class FrozenForms {
    private final FrozenFormRepository repository;
    private final FormWorkshop workshop;
    private final RunJson json;

    FrozenForms(FrozenFormRepository repository, FormWorkshop workshop, RunJson json) {
        this.repository = repository;
        this.workshop = workshop;
        this.json = json;
    }

    /** The run's form; one begun before forms were kept is worked out now, and kept from now on. */
    public FormInMaking of(Kept<FormRunData> run) {
        return repository
                .findById(run.id())
                .map(frozen -> json.read(frozen.form(), FormInMaking.class))
                .orElseGet(() -> freeze(run.id(), run.data().plan().job()));
    }

    private FormInMaking freeze(UUID id, FormJobData job) {
        FormInMaking form = workshop.inMaking(job.formId(), job.question());
        repository.keep(id, json.write(form));
        return form;
    }
}
