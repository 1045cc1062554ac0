package toroid.core.metal;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** What makers call metals and tempers, beside their ids: "brass" is yellow brass, "silver" is sterling. */
public final class MetalNames {
    private static final Map<String, String> METALS = new HashMap<>();
    private static final Map<String, Temper> TEMPERS = new HashMap<>();

    static {
        for (Metal metal : Metals.all()) {
            METALS.put(key(metal.name()), metal.id());
            METALS.put(key(metal.id()), metal.id());
        }
        METALS.putAll(Map.of(
                "brass", "yellow-brass",
                "bronze", "phosphor-bronze",
                "sterling", "sterling-silver",
                "silver", "sterling-silver",
                "aluminum", "aluminium",
                "stainless", "stainless-304",
                "stainless steel", "stainless-304",
                "steel", "stainless-304",
                "gold filled", "gold-filled"));
        for (Temper temper : Temper.values()) {
            TEMPERS.put(key(temper.name()), temper);
            TEMPERS.put(key(temper.inWords()), temper);
        }
        TEMPERS.put("soft", Temper.DEAD_SOFT);
        TEMPERS.put("annealed", Temper.DEAD_SOFT);
        TEMPERS.put("full hard", Temper.HARD);
    }

    private MetalNames() {}

    /** The metal of that id, name or habit of speech; empty when there is none. */
    public static Optional<Metal> metal(String said) {
        return Optional.ofNullable(said).map(s -> METALS.get(key(s))).map(Metals::byId);
    }

    /** The temper of that name; empty when there is none. */
    public static Optional<Temper> temper(String said) {
        return Optional.ofNullable(said).map(s -> TEMPERS.get(key(s)));
    }

    /** As {@link #metal}, refusing an unknown one with the list of those kept. */
    public static Metal metalOrRefuse(String said) {
        return metal(said).orElseGet(() -> Metals.byId(said));
    }

    /** As {@link #temper}, refusing an unknown one. */
    public static Temper temperOrRefuse(String said) {
        return temper(said).orElseThrow(() -> Refusal.of(RefusalCode.UNKNOWN_TEMPER, "temper", said));
    }

    private static String key(String said) {
        return said.strip().toLowerCase(Locale.ROOT).replace('_', ' ').replace('-', ' ');
    }
}
