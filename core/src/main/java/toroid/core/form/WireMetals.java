package toroid.core.form;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * Wires of a form that are of a metal of their own: what binds, lashes or runs through a coil. Kept under {@link #ID} among the parameters'
 * values, as "binding wire=fine-silver". What is not named there is of the form's own metal.
 */
public final class WireMetals {
    /** What they are kept under, among the parameters' values. */
    public static final String ID = "metals";

    private static final int MOST = 12;

    private WireMetals() {}

    /**
     * Read from what is kept.
     *
     * @param given a list of "wire=metal"; null for nothing
     * @return each named wire's metal
     * @throws Refusal for anything else, or a metal that is not known
     */
    static Map<String, Metal> read(Object given) {
        var metals = new LinkedHashMap<String, Metal>();
        if (given == null) {
            return metals;
        }
        if (!(given instanceof List<?> words) || words.size() > MOST) {
            throw unreadable(given);
        }
        for (Object word : words) {
            String[] parts = word instanceof String said ? said.split("=", 2) : new String[0];
            if (parts.length != 2) {
                throw unreadable(word);
            }
            try {
                metals.put(parts[0], MetalNames.metalOrRefuse(parts[1]));
            } catch (Refusal unknown) {
                throw unknown.of(ID);
            }
        }
        return metals;
    }

    private static Refusal unreadable(Object given) {
        String said = String.valueOf(given);
        return Refusal.of(RefusalCode.BAD_WIRE_METAL, ID, said);
    }

    /** @throws Refusal where a wire is named that the form has not, or its first, which is of the form's own metal */
    static void check(FormRequest request, List<FormedWire> wires) {
        for (String name : request.wireMetals().keySet()) {
            boolean there = wires.stream().anyMatch(wire -> wire.name().equals(name));
            if (!there || wires.get(0).name().equals(name)) {
                throw Refusal.of(there ? RefusalCode.WIRE_OF_OWN_METAL : RefusalCode.NO_WIRE_OF_THAT_NAME, ID, name);
            }
        }
    }

    /** How a wire of that metal flows: by the handbook, in the form's temper where it is sold so, else in the softest it is. */
    static FlowEstimate flowOf(Metal metal, Temper temper) {
        return FlowEstimate.ofHandbook(metal.flow(metal.soldIn(temper)));
    }
}
