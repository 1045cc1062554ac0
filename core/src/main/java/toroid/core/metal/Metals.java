package toroid.core.metal;

import static toroid.core.metal.Temper.DEAD_SOFT;
import static toroid.core.metal.Temper.HALF_HARD;
import static toroid.core.metal.Temper.HARD;
import static toroid.core.metal.Temper.SPRING;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Stress;

/**
 * The metals a maker uses. Densities of the copper alloys are the Copper Development Association's (given there in lb/in³);
 * those of the elements are the CRC Handbook's. Moduli and yield strengths are handbook-class values from memory, to be
 * corrected by the maker's own coils.
 */
public final class Metals {
    private static final String CDA = "Copper Development Association, alloy data, density at 20 °C (UNS ";
    private static final String CRC = "CRC Handbook of Chemistry and Physics, density of the elements";
    private static final String ASM = "ASM Metals Handbook, vol. 2, class value (from memory)";
    private static final String MEMORY = "handbook-class value (from memory)";

    private static final List<Metal> ALL = List.of(
            metal(
                    "copper",
                    "copper",
                    8.94,
                    CDA + "C11000: 0.323 lb/in³)",
                    117,
                    true,
                    DEAD_SOFT,
                    70,
                    HALF_HARD,
                    220,
                    HARD,
                    310),
            metal(
                    "yellow-brass",
                    "yellow brass",
                    8.53,
                    CDA + "C26000: 0.308 lb/in³)",
                    110,
                    true,
                    DEAD_SOFT,
                    110,
                    HALF_HARD,
                    360,
                    HARD,
                    430,
                    SPRING,
                    560),
            metal(
                    "red-brass",
                    "red brass",
                    8.75,
                    CDA + "C23000: 0.316 lb/in³)",
                    115,
                    true,
                    DEAD_SOFT,
                    85,
                    HALF_HARD,
                    300,
                    HARD,
                    390,
                    SPRING,
                    430),
            metal(
                    "phosphor-bronze",
                    "phosphor bronze",
                    8.86,
                    CDA + "C51000: 0.320 lb/in³)",
                    110,
                    true,
                    DEAD_SOFT,
                    140,
                    HALF_HARD,
                    380,
                    HARD,
                    510,
                    SPRING,
                    650),
            metal(
                    "sterling-silver",
                    "sterling silver",
                    10.36,
                    MEMORY,
                    75,
                    true,
                    DEAD_SOFT,
                    120,
                    HALF_HARD,
                    250,
                    HARD,
                    350),
            metal(
                    "fine-silver",
                    "fine silver",
                    10.49,
                    CRC + " (Ag 10.5)",
                    76,
                    true,
                    DEAD_SOFT,
                    55,
                    HALF_HARD,
                    170,
                    HARD,
                    240),
            metal(
                    "gold-filled",
                    "gold-filled on brass",
                    8.7,
                    MEMORY,
                    105,
                    true,
                    DEAD_SOFT,
                    120,
                    HALF_HARD,
                    340,
                    HARD,
                    430),
            metal("gold-14k", "14 k gold", 13.1, MEMORY, 95, true, DEAD_SOFT, 190, HALF_HARD, 380, HARD, 500),
            metal(
                    "aluminium",
                    "aluminium",
                    2.70,
                    CRC + " (Al 2.70)",
                    69,
                    false,
                    DEAD_SOFT,
                    35,
                    HALF_HARD,
                    115,
                    HARD,
                    150),
            metal("titanium", "titanium", 4.51, CRC + " (Ti 4.506)", 103, false, DEAD_SOFT, 275, HARD, 480),
            metal("niobium", "niobium", 8.57, CRC + " (Nb 8.57)", 105, false, DEAD_SOFT, 105, HARD, 240),
            metal(
                    "stainless-304",
                    "stainless steel 304",
                    8.0,
                    ASM,
                    193,
                    false,
                    DEAD_SOFT,
                    215,
                    HALF_HARD,
                    515,
                    HARD,
                    760,
                    SPRING,
                    1100));

    private static final Map<String, Metal> BY_ID = ALL.stream().collect(Collectors.toMap(Metal::id, m -> m));

    private Metals() {}

    /** All metals in the order a shop lists them. */
    public static List<Metal> all() {
        return ALL;
    }

    /**
     * The metal of that id.
     *
     * @throws Refusal when there is none
     */
    public static Metal byId(String id) {
        Metal metal = id == null ? null : BY_ID.get(id);
        if (metal == null) {
            throw Refusal.of(
                    "unknown-metal",
                    "metal",
                    id,
                    "No metal is kept under \"" + id + "\".",
                    "Use one of "
                            + String.join(", ", ALL.stream().map(Metal::id).toList()) + ".");
        }
        return metal;
    }

    private static Metal metal(
            String id,
            String name,
            double density,
            String densitySource,
            double modulusGpa,
            boolean solderable,
            Object... tempers) {
        var yields = new EnumMap<Temper, YieldStrength>(Temper.class);
        for (int i = 0; i < tempers.length; i += 2) {
            yields.put((Temper) tempers[i], YieldStrength.ofMegapascals(((Number) tempers[i + 1]).doubleValue()));
        }
        return new Metal(
                id, name, density, densitySource, Stress.ofGigapascals(modulusGpa), ASM, yields, MEMORY, solderable);
    }
}
