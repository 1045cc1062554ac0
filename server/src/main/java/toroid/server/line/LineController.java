package toroid.server.line;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.form.FormRequest;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Schools;
import toroid.core.line.BenchLine;
import toroid.core.line.FormLine;
import toroid.core.line.FormLineReader;
import toroid.core.line.RingLine;
import toroid.core.line.WeaveLineReader;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.Note;
import toroid.core.weave.pattern.WeavePattern;
import toroid.server.effort.Efforts;
import toroid.server.form.FormWorkshop;
import toroid.server.weave.WeaveFiles;

@RestController
class LineController {
    private final Efforts efforts;

    private final WeaveFiles files;

    private final FormWorkshop workshop;

    LineController(Efforts efforts, WeaveFiles files, FormWorkshop workshop) {
        this.files = files;
        this.workshop = workshop;
        this.efforts = efforts;
    }

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
    LineAnswer read(@RequestBody @Valid LineQuestion question) {
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

    /**
     * A line about a form, worked out in the wire said, else in its usual one.
     *
     * @param count how many to make; null when none was said
     * @param parameters what was said, by id
     * @param wires each wire of it, never their sum
     */
    record FormLineAnswer(
            @NotNull String formId,
            @NotNull String name,
            @NotNull double wireDiameterMm,
            @NotNull String metal,
            @NotNull Temper temper,
            @NotNull Map<String, Object> parameters,
            Integer count,
            @NotNull List<WireCut> wires,
            @NotNull List<RingLine.Understood> understood,
            @NotNull List<Note> notes) {}

    /** One wire of a form, mm. */
    record WireCut(
            @NotNull String name,
            @NotNull double diameterMm,
            @NotNull double lengthInPieceMm,
            @NotNull double lengthToCutMm,
            @NotNull double forCountMm) {
        static WireCut of(FormedWire wire, int count) {
            return new WireCut(
                    wire.name(),
                    wire.diameterMm(),
                    wire.inPiece().inMillimetres(),
                    wire.toCut().inMillimetres(),
                    wire.toCutFor(count).inMillimetres());
        }
    }

    @Operation(summary = "The bench line for forms; 204 when the line does not begin with a form")
    @PostMapping("/api/line/form")
    ResponseEntity<FormLineAnswer> form(@RequestBody @Valid LineQuestion question) {
        GaugeTable table = question.bareGauge() == null ? GaugeTable.AWG : question.bareGauge();
        List<WeavePattern> weaves =
                files.all().stream().map(WeaveFiles.Filed::pattern).toList();
        if (WeaveLineReader.named(question.text(), table, weaves) > FormLineReader.named(question.text(), table)) {
            return ResponseEntity.noContent().build();
        }
        return FormLineReader.read(question.text(), table)
                .map(line -> ResponseEntity.ok(efforts.answer(() -> solved(line))))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    private FormLineAnswer solved(FormLine line) {
        Metal metal = line.metal() != null ? line.metal() : Metals.byId("copper");
        boolean halfHard = line.temper() == null && metal.yields().containsKey(Temper.HALF_HARD);
        Temper temper = line.temper() != null
                ? line.temper()
                : halfHard
                        ? Temper.HALF_HARD
                        : metal.yields().keySet().iterator().next();
        double wireMm = line.wire() == null
                ? line.form().info().usualWireMm()
                : line.wire().length().inMillimetres();
        var flow = FlowEstimate.ofHandbook(metal.flow(temper));
        FormWork work = workshop.work(
                line.form(), new FormRequest(wireMm, metal, temper, flow, line.values(), false, Schools.USUAL));
        return new FormLineAnswer(
                line.form().info().id(),
                line.form().info().name(),
                wireMm,
                metal.id(),
                temper,
                line.values(),
                line.count(),
                work.wires().stream()
                        .map(wire -> WireCut.of(wire, line.count() == null ? 1 : line.count()))
                        .toList(),
                line.understood(),
                work.notes());
    }
}
