package toroid.core.form;

import java.util.Map;
import java.util.stream.Stream;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

/** The catalogue for tests that put every form to the same question. */
final class EveryForm {
    private EveryForm() {}

    static Stream<String> ids() {
        return Forms.all().stream().map(form -> form.info().id());
    }

    static FormRequest request(double wireMm, Map<String, Object> values) {
        return request(wireMm, Temper.DEAD_SOFT, values);
    }

    static FormRequest request(double wireMm, Temper temper, Map<String, Object> values) {
        Metal metal = Metals.byId("copper");
        FlowEstimate flow = FlowEstimate.ofHandbook(metal.flow(temper));
        return new FormRequest(wireMm, metal, temper, flow, values, false, Schools.USUAL);
    }

    /** What that note tells under that name. */
    static double told(FormWork work, String code, String name) {
        return work.notes().stream()
                .filter(note -> note.code().equals(code))
                .map(note -> (double) note.values().get(name))
                .findFirst()
                .orElseThrow();
    }

    static FormWork usual(String id) {
        return solve(id, Forms.byId(id).info().usualWireMm(), Map.of());
    }

    static FormWork solve(String id, double wireMm, Map<String, Object> values) {
        return solve(id, wireMm, Temper.DEAD_SOFT, values);
    }

    static FormWork solve(String id, double wireMm, Temper temper, Map<String, Object> values) {
        return FormSolver.solve(Forms.byId(id), request(wireMm, temper, values));
    }

    /** Of one of its wires, what is in the piece, mm. */
    static double inPieceMm(FormWork work, String wire) {
        return work.wires().stream()
                .filter(one -> one.name().equals(wire))
                .findFirst()
                .orElseThrow()
                .inPiece()
                .inMillimetres();
    }
}
