package toroid.server.form;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.form.FormScaling;
import toroid.core.form.Forms;
import toroid.core.form.FromWire;
import toroid.core.wire.Wire;
import toroid.server.effort.Efforts;

/** Stateless: nothing is kept, no token is needed on loopback. */
@RestController
@RequestMapping("/api/forms")
class FormController {
    private final FormWorkshop workshop;

    private final Efforts efforts;

    FormController(FormWorkshop workshop, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
    }

    @Operation(
            summary = "The catalogue: every form with its parameters, units and limits, for that wire or its usual one")
    @GetMapping
    List<FormCatalogue.CatalogueForm> catalogue(@RequestParam(required = false) Double wireDiameterMm) {
        if (wireDiameterMm != null) {
            Wire.checkDiameter(wireDiameterMm);
        }
        return FormCatalogue.entries(wireDiameterMm);
    }

    @Operation(summary = "Every form as points, for drawing small")
    @GetMapping("/pictures")
    List<FormCatalogue.Picture> pictures() {
        return FormCatalogue.pictures();
    }

    @Operation(summary = "A form worked out: lengths in the piece and to cut, marks, steps, judgement, for each wire")
    @PostMapping("/{id}/solve")
    FormAnswer solve(@PathVariable String id, @RequestBody @Valid FormQuestion question) {
        return efforts.answer(() -> workshop.answer(id, question));
    }

    @Operation(summary = "The wire's shape before the first step and after each, held in the tool and sprung back")
    @PostMapping("/{id}/forming")
    List<FormingView.Shape> forming(@PathVariable String id, @RequestBody @Valid FormQuestion question) {
        return efforts.answer(() -> FormingView.of(workshop.work(id, question)));
    }

    /**
     * A length of wire in hand, and the form as it stands.
     *
     * @param form the form; its own wire is what is in hand
     * @param haveMm the length, mm
     * @param ringInnerMm instead of it, a ring of that wire to be straightened, by its inside
     * @param overAllMm instead of both, how long the finished form must be over all
     * @param lengths how many such lengths; 1 when left out
     */
    record FromWireQuestion(
            @NotNull @Valid FormQuestion form, Double haveMm, Double ringInnerMm, Double overAllMm, Integer lengths) {}

    @Operation(
            summary =
                    "The other way round: what a length in hand makes, one parameter left free; exact, or with what is left")
    @PostMapping("/{id}/from-wire")
    FromWire fromWire(@PathVariable String id, @RequestBody @Valid FromWireQuestion question) {
        return efforts.answer(() -> workshop.fromWire(id, question));
    }

    /**
     * A form to be carried over to another wire.
     *
     * @param parameters chosen by the maker, by id
     */
    record ScaleQuestion(
            @NotNull Map<String, Object> parameters,
            @NotNull double fromWireMm,
            @NotNull double toWireMm) {}

    @Operation(summary = "A form's lengths carried over to another wire, proportions kept, snapped to 0.1 mm")
    @PostMapping("/{id}/scale")
    Map<String, Object> scale(@PathVariable String id, @RequestBody @Valid ScaleQuestion question) {
        Wire.checkDiameter(question.fromWireMm());
        Wire.checkDiameter(question.toWireMm());
        return FormScaling.scaled(Forms.byId(id), question.parameters(), question.fromWireMm(), question.toWireMm());
    }
}
