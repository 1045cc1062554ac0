package toroid.server.form;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/form-jobs")
class FormJobController extends KeptController<FormJobData> {
    FormJobController(FormJobs jobs) {
        super(jobs);
    }
}
