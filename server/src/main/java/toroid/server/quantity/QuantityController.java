package toroid.server.quantity;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.InchFraction;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.MakerLength;
import toroid.core.quantity.WireNames;

@RestController
@RequestMapping("/api/quantity")
class QuantityController {
    /** What was typed; a bare gauge is AWG unless said otherwise. */
    record LengthQuestion(@NotNull String text, GaugeTable bareGauge) {}

    /**
     * What was understood.
     *
     * @param otherName for a bare gauge, the reading not taken
     * @param names nearest gauges and trade name; null for nothing or for sizes no wire has
     */
    record LengthAnswer(
            @NotNull double millimetres,
            @NotNull LengthReading.Kind kind,
            @NotNull String understoodAs,
            String otherName,
            Double otherMillimetres,
            Double otherDifferencePercent,
            @NotNull String inchFraction,
            WireNames names) {}

    @Operation(summary = "A length as makers type it: 1.2, 18ga, 18swg, 1/4in, 3 mm drill")
    @PostMapping("/length")
    LengthAnswer length(@RequestBody @Valid LengthQuestion question) {
        GaugeTable table = question.bareGauge() == null ? GaugeTable.AWG : question.bareGauge();
        LengthReading reading = MakerLength.read(question.text(), table);
        var other = reading.other();
        double mm = reading.length().inMillimetres();
        return new LengthAnswer(
                mm,
                reading.kind(),
                reading.understoodAs(),
                other == null ? null : other.name(),
                other == null ? null : other.length().inMillimetres(),
                other == null ? null : other.differencePercent(),
                InchFraction.nearestTo(reading.length()).toString(),
                mm > 0 ? WireNames.of(reading.length()) : null);
    }
}
