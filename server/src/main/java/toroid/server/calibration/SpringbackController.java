package toroid.server.calibration;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.bend.SprungDiameter;
import toroid.core.calibration.SpringbackFit;
import toroid.core.calibration.SpringbackReading;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.ring.Ring;
import toroid.core.wire.Wire;
import toroid.server.store.ServerCode;

/** Springback: of a spool, and as stateless calculators. Lengths mm, stresses MPa. */
@RestController
class SpringbackController {
    private final SpringbackOfSpool springback;

    SpringbackController(SpringbackOfSpool springback) {
        this.springback = springback;
    }

    /** Wire in a metal and temper, or with a yield of its own that does not harden. */
    record Question(
            @NotNull String metal,
            String temper,
            Double yieldMpa,
            @NotNull double wireDiameterMm,
            Double mandrelDiameterMm,
            Double innerDiameterMm) {}

    /** A predicted ring with its 95 % band. */
    record Prediction(
            @NotNull double mandrelDiameterMm,
            @NotNull double innerDiameterMm,
            @NotNull double lowMm,
            @NotNull double highMm,
            @NotNull double flowStressMpa,
            @NotNull double hardeningExponent,
            @NotNull double springbackPercent) {}

    /** @param temper half hard when left out */
    record FitQuestion(
            @NotNull String metal, String temper, @NotNull List<@Valid Reading> readings) {}

    record Reading(
            @NotNull double wireDiameterMm,
            @NotNull double mandrelDiameterMm,
            @NotNull double innerDiameterMm) {}

    record FitAnswer(@NotNull FlowView flow, @NotNull List<Double> residualsMm) {}

    @GetMapping("/api/spools/{id}/springback")
    SpringbackView of(@PathVariable UUID id) {
        return springback.of(id);
    }

    @Operation(summary = "The ring a mandrel gives, with its band")
    @PostMapping("/api/springback/ring")
    Prediction ring(@RequestBody @Valid Question question) {
        Metal metal = MetalNames.metalOrRefuse(question.metal());
        double mandrel = given("mandrelDiameterMm", question.mandrelDiameterMm());
        Wire.checkDiameter(question.wireDiameterMm());
        return predict(question, metal, mandrel);
    }

    @Operation(summary = "The mandrel that gives a ring")
    @PostMapping("/api/springback/mandrel")
    Prediction mandrel(@RequestBody @Valid Question question) {
        Metal metal = MetalNames.metalOrRefuse(question.metal());
        Ring ring = new Ring(question.wireDiameterMm(), given("innerDiameterMm", question.innerDiameterMm()));
        var bar = BarInBending.ofWire(
                ring.wireDiameterMm(),
                metal.youngsModulus().inMegapascals(),
                strengthOf(question, metal).curve());
        return predict(question, metal, Springback.mandrelForMm(bar, ring.innerDiameterMm()));
    }

    @Operation(summary = "How a maker's own coils flow: the handbook moved by what was measured")
    @PostMapping("/api/springback/fit")
    FitAnswer fit(@RequestBody @Valid FitQuestion question) {
        Metal metal = MetalNames.metalOrRefuse(question.metal());
        var readings = question.readings().stream()
                .map(r -> new SpringbackReading(r.wireDiameterMm(), r.mandrelDiameterMm(), r.innerDiameterMm()))
                .toList();
        SpringbackFit fit = SpringbackFit.of(
                readings, metal.youngsModulus().inMegapascals(), metal.flow(temper(question.temper())));
        return new FitAnswer(FlowView.of(fit.flow()), fit.residualsMm());
    }

    private static Prediction predict(Question question, Metal metal, double mandrelMm) {
        FlowEstimate flow = strengthOf(question, metal);
        var inner = SprungDiameter.predict(
                question.wireDiameterMm(), metal.youngsModulus().inMegapascals(), flow, mandrelMm);
        return new Prediction(
                mandrelMm,
                inner.innerDiameterMm(),
                inner.lowMm(),
                inner.highMm(),
                flow.curve().strengthMpa(),
                flow.curve().exponent(),
                100 * (inner.innerDiameterMm() / mandrelMm - 1));
    }

    private static FlowEstimate strengthOf(Question question, Metal metal) {
        if (question.yieldMpa() != null) {
            return FlowEstimate.known(FlowCurve.perfectlyPlastic(question.yieldMpa()));
        }
        return FlowEstimate.ofHandbook(metal.flow(temper(question.temper())));
    }

    private static Temper temper(String said) {
        return MetalNames.temperOrRefuse(said == null ? "half hard" : said);
    }

    private static double given(String field, Double value) {
        if (value == null) {
            throw toroid.core.numeric.Refusal.of(ServerCode.MISSING, field, null);
        }
        return value;
    }
}
