package toroid.server.line;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.line.BenchLine;
import toroid.core.line.RingLine;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.quantity.GaugeTable;

@RestController
class LineController {
    /**
     * @param text the line
     * @param bareGauge table for a gauge that does not name its own; AWG when left out
     * @param wireDiameterMm the wire in hand, for a line that names none
     * @param metal the metal in hand; copper when left out
     * @param temper the temper in hand; half hard when left out
     */
    record LineQuestion(
            @NotNull String text, GaugeTable bareGauge, Double wireDiameterMm, String metal, String temper) {}

    /**
     * @param otherGauge for a bare gauge, the reading not taken and how far it is
     * @param fromRings rings the length or weight said gives; null when none was said
     */
    record LineAnswer(
            @NotNull List<RingLine.Understood> understood,
            @NotNull String metal,
            @NotNull Temper temper,
            @NotNull double wireDiameterMm,
            @NotNull String convention,
            @NotNull double aimValue,
            Integer count,
            @NotNull int turnsPerRing,
            String cutMethod,
            Double cutLossMm,
            @NotNull double mandrelDiameterMm,
            @NotNull double innerDiameterMm,
            @NotNull double outerDiameterMm,
            @NotNull double aspectRatio,
            @NotNull double wireForCountMm,
            Integer fromRings,
            OtherGauge otherGauge) {}

    /** The reading not taken. */
    record OtherGauge(
            @NotNull String taken,
            @NotNull String name,
            @NotNull double millimetres,
            @NotNull double differencePercent) {}

    @Operation(summary = "The bench line: what was understood, and the ring")
    @PostMapping("/api/line")
    LineAnswer read(@RequestBody LineQuestion question) {
        GaugeTable table = question.bareGauge() == null ? GaugeTable.AWG : question.bareGauge();
        RingLine line = BenchLine.read(question.text(), table);
        var metal = line.metal() != null
                ? line.metal()
                : question.metal() == null ? Metals.byId("copper") : MetalNames.metalOrRefuse(question.metal());
        Temper temper = line.temper() != null
                ? line.temper()
                : question.temper() == null ? Temper.HALF_HARD : MetalNames.temperOrRefuse(question.temper());
        if (!metal.yields().containsKey(temper) && line.temper() == null) {
            temper = metal.yields().keySet().iterator().next();
        }
        return new LineSolver(line, metal, temper, question.wireDiameterMm()).answer();
    }
}
