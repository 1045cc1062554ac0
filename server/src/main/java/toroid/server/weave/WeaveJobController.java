package toroid.server.weave;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/weave-jobs")
class WeaveJobController extends KeptController<WeaveJobData> {
    WeaveJobController(WeaveJobs jobs) {
        super(jobs);
    }
}
