package toroid.server.wire;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Length;
import toroid.core.quantity.Mass;
import toroid.core.quantity.WireNames;
import toroid.core.wire.Wire;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/spools")
class SpoolController extends KeptController<SpoolData> {
    SpoolController(Spools spools) {
        super(spools);
    }

    /** Wire on a scale, tare taken off; 0 to 100 kg. */
    record Weighing(
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull double massG) {}

    /** What that weight is in length, and what the wire is called. */
    record Weighed(
            @NotNull double lengthMm,
            @NotNull double gramsPerMetre,
            @NotNull WireNames names) {}

    @PostMapping("/weigh")
    Weighed weigh(@RequestBody @Valid Weighing weighing) {
        Checks.within("massG", weighing.massG(), 0, 100_000, Unit.GRAMS, Remedy.TAKE_THE_SPOOLS_OWN_WEIGHT_OFF);
        Wire wire =
                new Wire(Length.ofMillimetres(weighing.wireDiameterMm()), MetalNames.metalOrRefuse(weighing.metal()));
        return new Weighed(
                wire.lengthOf(Mass.ofGrams(weighing.massG())).inMillimetres(),
                wire.massOf(Length.ofMetres(1)).inGrams(),
                WireNames.of(wire.diameter()));
    }
}
