package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.StockKinds;
import toroid.core.stock.Taper;
import toroid.core.stock.kind.TaperedJaws;

/** Where on the workshop's own tapered jaws something is bent. */
@RestController
@RequestMapping("/api/jaws")
class JawController {
    private final Lots lots;

    JawController(Lots lots) {
        this.lots = lots;
    }

    /** A place on one jaw. */
    record OnAJaw(
            @NotNull UUID lot,
            @NotNull String name,
            @NotNull Taper.JawPlace place) {}

    @Operation(summary = "Where each tapered jaw has that diameter, from its tip; none where none has it")
    @GetMapping
    List<OnAJaw> where(@RequestParam double diameterMm) {
        Checks.within("diameterMm", diameterMm, 0.1, 200, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        return lots.all(TaperedJaws.ID).stream()
                .flatMap(lot -> TaperedJaws.taper(
                        StockKinds.byId(TaperedJaws.ID).read(lot.data().facts()))
                        .where(diameterMm)
                        .map(place -> new OnAJaw(lot.id(), lot.data().name(), place))
                        .stream())
                .toList();
    }
}
