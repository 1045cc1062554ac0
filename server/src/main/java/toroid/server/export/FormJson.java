package toroid.server.export;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.springframework.stereotype.Component;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.HammeredRun;
import toroid.core.bend.program.LiftedRun;
import toroid.core.bend.program.ScrewRun;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Forms;
import toroid.core.numeric.Refusal;
import toroid.server.form.FormQuestion;
import toroid.server.store.ServerCode;

/** A form's definition as JSON, version 1: which form, in which wire, with which parameters; the program for whoever reads on. */
@Component
class FormJson {
    private static final OwnFile FILE =
            new OwnFile("toroid-form", 1, ServerCode.NO_FORM_DEFINITION, ServerCode.FORM_OF_OTHER_VERSION);

    private final ObjectMapper mapper;

    FormJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    String of(FormWork work) {
        ObjectNode root = FILE.begun(mapper);
        root.put("form", work.info().id());
        root.put("wireDiameterMm", work.request().wireDiameterMm());
        root.put("metal", work.request().metal().id());
        root.put("temper", work.request().temper().name());
        root.put("leftHanded", work.request().leftHanded());
        root.set("parameters", mapper.valueToTree(work.values()));
        ArrayNode wires = root.putArray("wires");
        work.wires().forEach(wire -> wire(wires.addObject(), wire));
        return root.toPrettyString();
    }

    /** The program, to be read and not to be read back: the parameters are what counts. */
    private static void wire(ObjectNode node, FormedWire wire) {
        node.put("name", wire.name()).put("diameterMm", wire.diameterMm());
        node.put("lengthInPieceMm", wire.inPiece().inMillimetres());
        node.put("lengthToCutMm", wire.toCut().inMillimetres());
        ArrayNode runs = node.putArray("program");
        for (Bend bend : wire.program().bends()) {
            ObjectNode run = runs.addObject();
            run.put("rollDegrees", Math.toDegrees(bend.roll()));
            run.put("lengthMm", bend.run().lengthMm());
            if (bend.run() instanceof ScrewRun screw) {
                run.put("curvaturePerMm", screw.curvature()).put("torsionPerMm", screw.torsion());
            } else if (bend.run() instanceof LiftedRun lifted) {
                run.put("curvaturePerMm", lifted.base().curvature());
                run.put("liftedMm", lifted.lengthMm() - lifted.base().lengthMm());
            } else if (bend.run() instanceof HammeredRun flat) {
                run.put("hammeredFromMm", flat.wireMm());
            } else {
                run.put("spiral", true);
            }
        }
    }

    /** What was read: the form and the question that makes it again. */
    record Read(String formId, FormQuestion question) {}

    /** @throws Refusal with the reason, when it is not what it says */
    Read read(String text) {
        JsonNode root = FILE.opened(mapper, text);
        Forms.byId(root.path("form").asText(null));
        Map<String, Object> parameters = mapper.convertValue(
                root.path("parameters"),
                mapper.getTypeFactory().constructMapType(Map.class, String.class, Object.class));
        var question = new FormQuestion(
                root.hasNonNull("wireDiameterMm") ? root.get("wireDiameterMm").asDouble(Double.NaN) : null,
                root.path("metal").asText(null),
                root.path("temper").asText(null),
                null,
                parameters == null ? Map.of() : parameters,
                root.path("leftHanded").asBoolean(false),
                null,
                null,
                null,
                null);
        return new Read(root.path("form").asText(), question);
    }
}
