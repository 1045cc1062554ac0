package toroid.server.form;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
import java.util.UUID;
import toroid.core.form.FormRequest;
import toroid.core.form.Schools;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;

/**
 * A form to be worked out; all but the wire may be left out.
 *
 * @param wireDiameterMm the main wire; the form's usual wire when left out
 * @param metal copper when left out
 * @param temper half hard when left out, or one the metal is sold in
 * @param spoolId a spool in stock; its wire then counts, and what its coils have taught
 * @param parameters by id: mm, degrees, counts; choices as words
 * @param leftHanded the mirror image
 * @param cutting pre-cut lengths when left out
 * @param plainFromMm plain loops are trusted from this wire on; the usual advice, 1.0, when left out
 * @param tailFactor handling tails against the form's own; 1 when left out
 * @param copies how many are made; 1 when left out
 */
@Schema(description = "A form to be worked out; everything may be left out")
public record FormQuestion(
        Double wireDiameterMm,
        String metal,
        String temper,
        UUID spoolId,
        Map<String, Object> parameters,
        Boolean leftHanded,
        Schools.Cutting cutting,
        Double plainFromMm,
        Double tailFactor,
        Integer copies) {

    int wanted() {
        return copies == null ? 1 : copies;
    }

    FormRequest toCore(double usualWireMm) {
        Metal kept = MetalNames.metalOrRefuse(metal == null ? "copper" : metal);
        Temper wanted = temper == null ? usable(kept) : MetalNames.temperOrRefuse(temper);
        return request(
                wireDiameterMm == null ? usualWireMm : wireDiameterMm,
                kept,
                wanted,
                FlowEstimate.ofHandbook(kept.flow(wanted)));
    }

    /** The temper where none is said: half hard, or the first the metal is sold in. */
    public static Temper usable(Metal metal) {
        return metal.yields().containsKey(Temper.HALF_HARD)
                ? Temper.HALF_HARD
                : metal.yields().keySet().iterator().next();
    }

    FormRequest request(double wireMm, Metal kept, Temper wanted, FlowEstimate flow) {
        return new FormRequest(
                wireMm,
                kept,
                wanted,
                flow,
                parameters == null ? Map.of() : parameters,
                leftHanded != null && leftHanded,
                schools());
    }

    private Schools schools() {
        Schools.checkTail(tailFactor == null ? 1 : tailFactor);
        Schools.checkPlainFrom(plainFromMm);
        return new Schools(
                cutting == null ? Schools.Cutting.PRE_CUT : cutting, plainFromMm, tailFactor == null ? 1 : tailFactor);
    }

    public FormQuestion mirrored(boolean left) {
        return new FormQuestion(
                wireDiameterMm, metal, temper, spoolId, parameters, left, cutting, plainFromMm, tailFactor, copies);
    }
}
