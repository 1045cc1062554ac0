package toroid.core.work;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.PartWork;

/**
 * A whole piece: rings closed and opened beforehand size by size, forms made, then joint by joint put together. A pair is two copies made in
 * tandem.
 */
public final class PiecePlan {
    public static final String JOIN = "put-together";

    private PiecePlan() {}

    /**
     * A few counted operations, however many parts there are.
     *
     * @throws Refusal when a joint of it cannot be made, or something does not go in
     */
    public static Plan of(PieceWork work, boolean pair) {
        if (!work.canBeMade()) {
            throw Refusal.of(RefusalCode.PIECE_CANNOT_BE_JOINED, "piece", null);
        }
        var operations = new ArrayList<Operation>();
        int size = 0;
        for (PieceLists.Rings rings : PieceLists.of(work, false, 0).rings()) {
            size++;
            handled(operations, "close-" + size, PartsHandled.Kind.CLOSE_FIRST, rings, rings.preClosed());
            handled(operations, "open-" + size, PartsHandled.Kind.OPEN_FIRST, rings, rings.count() - rings.preClosed());
        }
        int form = 0;
        for (Map.Entry<PartSpec, List<PartWork>> made : forms(work).entrySet()) {
            form++;
            PartWork part = made.getValue().get(0);
            double wire = part.takes().cuts().get(0).diameterMm();
            var detail = new PartsHandled(
                    PartsHandled.Kind.MAKE,
                    part.name(),
                    wire,
                    0,
                    made.getValue().size());
            operations.add(operation("make-" + form, part.name(), Stage.FORM, Set.of(), detail));
        }
        int joins = joining(work).size();
        if (joins > 0) {
            Set<String> before = new HashSet<>();
            operations.forEach(one -> before.add(one.id()));
            var detail = new PartsHandled(PartsHandled.Kind.PUT_TOGETHER, "", 0, 0, joins);
            operations.add(operation(JOIN, "", Stage.JOIN, before, detail));
        }
        int copies = pair ? 2 : 1;
        return new Plan(operations, copies, copies);
    }

    /** The steps of its order that join something. */
    public static List<AssemblyStep> joining(PieceWork work) {
        return work.steps().stream().filter(step -> !step.joints().isEmpty()).toList();
    }

    private static Map<PartSpec, List<PartWork>> forms(PieceWork work) {
        Map<PartSpec, List<PartWork>> forms = new LinkedHashMap<>();
        for (PartWork part : work.parts()) {
            if (part.spec() instanceof FormPart) {
                forms.computeIfAbsent(part.spec(), any -> new ArrayList<>()).add(part);
            }
        }
        return forms;
    }

    private static void handled(
            List<Operation> operations, String id, PartsHandled.Kind kind, PieceLists.Rings rings, int count) {
        if (count > 0) {
            double wire = rings.ring().wireDiameterMm();
            var detail = new PartsHandled(kind, "ring", wire, rings.ring().innerDiameterMm(), count);
            operations.add(operation(id, "ring", Stage.JOIN, Set.of(), detail));
        }
    }

    private static Operation operation(String id, String part, Stage stage, Set<String> after, PartsHandled detail) {
        return new Operation(
                id,
                part,
                stage,
                detail.kind().name(),
                detail.parts(),
                true,
                after,
                List.of(),
                List.of(),
                List.of(),
                null,
                detail);
    }
}
