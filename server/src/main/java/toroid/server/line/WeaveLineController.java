package toroid.server.line;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.line.RingLine;
import toroid.core.line.WeaveLine;
import toroid.core.line.WeaveLineReader;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.quantity.GaugeTable;
import toroid.core.ring.RingAim;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.server.effort.Efforts;
import toroid.server.weave.PatchCount;
import toroid.server.weave.PatchQuestion;
import toroid.server.weave.PatchWorkshop;
import toroid.server.weave.WeaveFiles;
import toroid.server.weave.WeaveWorkshop;

@RestController
class WeaveLineController {
    private static final double USUAL_WIRE_MM = 1;
    private static final double USUAL_LENGTH_MM = 180;
    private static final int USUAL_ROWS = 9;
    private static final int USUAL_COLUMNS = 12;

    private final WeaveFiles files;
    private final WeaveWorkshop weaves;
    private final PatchWorkshop patches;

    private final Efforts efforts;

    WeaveLineController(WeaveFiles files, WeaveWorkshop weaves, PatchWorkshop patches, Efforts efforts) {
        this.efforts = efforts;
        this.files = files;
        this.weaves = weaves;
        this.patches = patches;
    }

    /**
     * A line about a weave, counted in the rings said, else in rings in the middle of where it drapes.
     *
     * @param innerDiameterMm one for each ring size
     * @param ringsSaid whether the line named the ring, rather than leaving it to what is usual
     */
    record WeaveLineAnswer(
            @NotNull String weaveId,
            @NotNull String name,
            @NotNull Lattice.Kind kind,
            @NotNull double wireDiameterMm,
            @NotNull List<Double> innerDiameterMm,
            @NotNull boolean ringsSaid,
            @NotNull String metal,
            Double lengthMm,
            Integer units,
            Integer rows,
            Integer columns,
            @NotNull PatchCount count,
            @NotNull List<RingLine.Understood> understood) {}

    @Operation(summary = "The bench line for weaves; 204 when the line does not begin with one")
    @PostMapping("/api/line/weave")
    ResponseEntity<WeaveLineAnswer> weave(@RequestBody @Valid LineController.LineQuestion question) {
        return efforts.answer(() -> {
            GaugeTable table = question.bareGauge() == null ? GaugeTable.AWG : question.bareGauge();
            List<WeavePattern> all =
                    files.all().stream().map(WeaveFiles.Filed::pattern).toList();
            return WeaveLineReader.read(question.text(), table, all)
                    .map(line -> ResponseEntity.ok(solved(line)))
                    .orElseGet(() -> ResponseEntity.noContent().build());
        });
    }

    private WeaveLineAnswer solved(WeaveLine line) {
        WeavePattern weave = line.weave();
        double wire = line.wire() == null ? USUAL_WIRE_MM : line.wire().length().inMillimetres();
        double first = line.inner() != null
                ? line.inner().length().inMillimetres()
                : line.mandrel() != null
                        ? wound(line, wire)
                        : round(wire
                                * (line.aspectRatio() != null
                                        ? line.aspectRatio()
                                        : weaves.usualAspectRatio(weave.id())));
        var inner = new ArrayList<Double>();
        for (WeavePattern.RingClass size : weave.classes()) {
            inner.add(inner.isEmpty() ? first : round(size.usualRatio() * (first + wire) - wire));
        }
        boolean sheet = weave.lattice().kind() == Lattice.Kind.SHEET;
        boolean said = line.length() != null || line.units() != null;
        Double length = line.length() != null
                ? Double.valueOf(line.length().length().inMillimetres())
                : sheet || said ? null : Double.valueOf(USUAL_LENGTH_MM);
        Integer rows = !sheet ? null : line.rows() != null ? line.rows() : Integer.valueOf(USUAL_ROWS);
        Integer columns = !sheet || length != null
                ? null
                : line.columns() != null ? line.columns() : Integer.valueOf(USUAL_COLUMNS);
        String metal = line.metal() == null ? "copper" : line.metal().id();
        var question = new PatchQuestion(
                wire, inner, metal, length, line.units(), rows, columns, null, null, null, null, null, null, null);
        return new WeaveLineAnswer(
                weave.id(),
                weave.name(),
                weave.lattice().kind(),
                wire,
                inner,
                line.inner() != null || line.aspectRatio() != null || line.mandrel() != null,
                metal,
                length,
                line.units(),
                rows,
                columns,
                patches.count(weave.id(), question),
                line.understood());
    }

    /** Wound on that rod, half hard where the metal is sold so, sawn with a usual blade and closed, by the handbook. */
    private static double wound(WeaveLine line, double wireMm) {
        var metal = line.metal() == null ? Metals.byId("copper") : line.metal();
        Temper temper = metal.yields().containsKey(Temper.HALF_HARD)
                ? Temper.HALF_HARD
                : metal.yields().keySet().iterator().next();
        RingWork ring = RingWork.of(
                wireMm,
                metal,
                FlowEstimate.ofHandbook(metal.flow(temper)),
                new RingAim(RingAim.Convention.MANDREL, line.mandrel().length().inMillimetres()),
                new RingCut.Saw(USUAL_KERF_MM),
                1);
        return round(ring.closed().innerDiameterMm());
    }

    private static final double USUAL_KERF_MM = 0.3;

    /** To the hundredth a caliper reads. */
    private static double round(double mm) {
        return Math.max(0.1, Math.round(mm * 100) / 100.0);
    }
}
