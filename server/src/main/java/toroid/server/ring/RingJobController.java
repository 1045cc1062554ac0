package toroid.server.ring;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/ring-jobs")
class RingJobController extends KeptController<RingJobData> {
    RingJobController(RingJobs jobs) {
        super(jobs);
    }
}
