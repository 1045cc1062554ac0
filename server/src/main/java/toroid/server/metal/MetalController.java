package toroid.server.metal;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

@RestController
@RequestMapping("/api/metals")
class MetalController {
    /** One temper's yield strength, MPa, with its usual range. */
    record TemperView(
            @NotNull Temper temper,
            @NotNull String name,
            @NotNull double yieldMpa,
            @NotNull double lowMpa,
            @NotNull double highMpa) {}

    /** One metal; density g/cm³, modulus GPa. */
    record MetalView(
            @NotNull String id,
            @NotNull String name,
            @NotNull double densityGPerCm3,
            @NotNull String densitySource,
            @NotNull double modulusGpa,
            @NotNull String modulusSource,
            @NotNull String yieldSource,
            @NotNull boolean solderable,
            @NotNull boolean darkens,
            @NotNull List<TemperView> tempers) {}

    @GetMapping
    List<MetalView> all() {
        return Metals.all().stream().map(MetalController::view).toList();
    }

    private static MetalView view(Metal metal) {
        List<TemperView> tempers = metal.yields().entrySet().stream()
                .map(e -> new TemperView(
                        e.getKey(),
                        e.getKey().inWords(),
                        e.getValue().typical().inMegapascals(),
                        e.getValue().low().inMegapascals(),
                        e.getValue().high().inMegapascals()))
                .toList();
        return new MetalView(
                metal.id(),
                metal.name(),
                metal.densityGramsPerCubicCentimetre(),
                metal.densitySource(),
                metal.youngsModulus().inGigapascals(),
                metal.modulusSource(),
                metal.yieldSource(),
                metal.solderable(),
                metal.darkens(),
                tempers);
    }
}
