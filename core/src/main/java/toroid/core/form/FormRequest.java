package toroid.core.form;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.wire.Wire;

/**
 * A form to be made in a wire.
 *
 * @param wireDiameterMm of the main wire
 * @param flow how the wire flows, handbook or fitted
 * @param values the parameters chosen, by id; a choice by its word or its number; what is left out or null takes its default
 * @param leftHanded the mirror image
 */
public record FormRequest(
        double wireDiameterMm,
        Metal metal,
        Temper temper,
        FlowEstimate flow,
        Map<String, Object> values,
        boolean leftHanded,
        Schools schools) {
    public FormRequest {
        Wire.checkDiameter(wireDiameterMm);
        values = values.entrySet().stream()
                .filter(entry -> entry.getValue() != null)
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** What is done to it besides its own steps, in the order hands do them. */
    public Set<Also> also() {
        return Also.read(values.get(Also.ID));
    }

    /** Metals of the wires that are not of the form's own, by the wire's name. */
    public Map<String, Metal> wireMetals() {
        return WireMetals.read(values.get(WireMetals.ID));
    }

    /** The metal of the wire of that name. */
    public Metal metalOf(String wire) {
        return wireMetals().getOrDefault(wire, metal);
    }

    /** The same with another value for one parameter. */
    FormRequest with(String parameter, double value) {
        var all = new HashMap<>(values);
        all.put(parameter, value);
        return new FormRequest(wireDiameterMm, metal, temper, flow, all, leftHanded, schools);
    }

    /** The same, with what this hand's copies taught. */
    public FormRequest knowing(Map<String, Learnt> taught) {
        return new FormRequest(wireDiameterMm, metal, temper, flow, values, leftHanded, schools.knowing(taught));
    }
}
