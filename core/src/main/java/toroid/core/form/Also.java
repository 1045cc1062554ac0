package toroid.core.form;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** What a maker may do to any form besides what its own steps ask: chosen by word, under {@link #ID}, beside the form's parameters. */
public enum Also {
    /** The cut lengths rolled or drawn until they lie flat. */
    STRAIGHTEN,
    /** The cut lengths made dead soft: they bend, spring back and hold as such. */
    ANNEAL,
    /** The cut lengths twisted while they are pulled: one temper harder; our estimate. */
    HARDEN,
    /** Ends rounded with the file. */
    FILE,
    /** Wherever a cut end lies against the wire: joints counted. */
    SOLDER,
    /** Outer curves made stiff; never a crossing, never a loop that still opens. */
    HAMMER,
    /** A flat form pressed into a hollow. */
    DOME;

    /** What it is kept under, among the parameters' values. */
    public static final String ID = "also";

    private static final List<Temper> HARDER = List.of(Temper.DEAD_SOFT, Temper.HALF_HARD, Temper.HARD, Temper.SPRING);

    /** As it is written: "anneal". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * Read from what is kept.
     *
     * @param given a list of words; null for nothing
     * @throws Refusal for anything else, an unknown word, or two that undo each other
     */
    static Set<Also> read(Object given) {
        var chosen = EnumSet.noneOf(Also.class);
        if (given == null) {
            return chosen;
        }
        if (!(given instanceof List<?> words)) {
            throw unknown(given);
        }
        for (Object word : words) {
            chosen.add(Stream.of(values())
                    .filter(one -> one.word().equals(word))
                    .findFirst()
                    .orElseThrow(() -> unknown(word)));
        }
        if (chosen.contains(ANNEAL) && chosen.contains(HARDEN)) {
            throw Refusal.of(RefusalCode.ALSO_UNDONE, ID, "anneal, harden");
        }
        return chosen;
    }

    private static Refusal unknown(Object given) {
        String said = String.valueOf(given);
        return Refusal.of(RefusalCode.UNKNOWN_ALSO, ID, said)
                .with("known", Stream.of(values()).map(Also::word).toList());
    }

    /**
     * The wire as it is when it is bent: annealed dead soft, twisted one temper harder, by the handbook; otherwise as asked.
     *
     * @throws Refusal where the metal is not known in that temper
     */
    static FormRequest prepared(FormRequest request) {
        Set<Also> chosen = request.also();
        int now = HARDER.indexOf(request.temper());
        Temper wanted = chosen.contains(ANNEAL)
                ? Temper.DEAD_SOFT
                : chosen.contains(HARDEN) ? HARDER.get(Math.min(HARDER.size() - 1, now + 1)) : request.temper();
        if (chosen.contains(HARDEN) && wanted == request.temper()) {
            throw Refusal.of(RefusalCode.ALSO_HARD_ALREADY, ID, HARDEN.word());
        }
        if (wanted == request.temper()) {
            return request;
        }
        if (!request.metal().yields().containsKey(wanted)) {
            throw Refusal.of(RefusalCode.ALSO_NO_TEMPER, ID, chosen.contains(ANNEAL) ? ANNEAL.word() : HARDEN.word())
                    .with("metal", request.metal().name())
                    .with("temper", wanted.name());
        }
        Map<String, Object> values = new HashMap<>(request.values());
        return new FormRequest(
                request.wireDiameterMm(),
                request.metal(),
                wanted,
                FlowEstimate.ofHandbook(request.metal().flow(wanted)),
                values,
                request.leftHanded(),
                request.schools());
    }
}
