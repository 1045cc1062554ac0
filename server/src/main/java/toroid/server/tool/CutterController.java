package toroid.server.tool;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/cutters")
class CutterController extends KeptController<CutterData> {
    CutterController(Cutters cutters) {
        super(cutters);
    }
}
