package toroid.server.tool;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/mandrels")
class MandrelController extends KeptController<MandrelData> {
    MandrelController(Mandrels mandrels) {
        super(mandrels);
    }
}
