package toroid.core.metal;

import static toroid.core.metal.Temper.DEAD_SOFT;
import static toroid.core.metal.Temper.HALF_HARD;
import static toroid.core.metal.Temper.HARD;
import static toroid.core.metal.Temper.SPRING;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.Stress;

/**
 * The metals a maker uses. Densities of the copper alloys are the Copper Development Association's (given there in lb/in³);
 * those of the elements are the CRC Handbook's. Moduli and yield strengths are handbook-class values from memory, to be
 * corrected by the maker's own coils. They are those of wire of about 1 mm, not of strip: spring wire of stainless 302/304 by ASTM A313
 * (tensile about 1900 MPa, proof taken as four fifths), of phosphor bronze C51000 by ASTM B159 (tensile 900 to 1000 MPa in spring
 * temper), aluminium-magnesium 5056 in H38 as ring wire is sold; all from memory.
 */
public final class Metals {
    private static final String CDA = "Copper Development Association, alloy data, density at 20 °C (UNS ";
    private static final String CRC = "CRC Handbook of Chemistry and Physics, density of the elements";
    private static final String ASM = "ASM Metals Handbook, vol. 2, class value (from memory)";
    private static final String MEMORY = "handbook-class value (from memory)";

    /** Kalpakjian and Schmid, Manufacturing Processes for Engineering Materials, table of K and n at room temperature; from memory. */
    private static final String TEXTBOOK =
            "Kalpakjian and Schmid, Manufacturing Processes for Engineering Materials, K and n at room temperature (from memory)";

    /** With the exponent a metal of its kind has, from its tensile strength: {@code UTS·eⁿ = K nⁿ} (Considère). */
    private static final String TENSILE = "from the annealed tensile strength and a usual exponent (from memory)";

    private record Annealed(FlowCurve curve, String source) {}

    private static Annealed annealed(double coefficientMpa, double exponent, String source) {
        return new Annealed(FlowCurve.ofHollomon(coefficientMpa, exponent), source);
    }

    /** Brass with much zinc hardly darkens in sulphur, gold and what keeps an oxide of its own not at all. Common practice, from memory. */
    private static final Set<String> DARKEN =
            Set.of("copper", "red-brass", "phosphor-bronze", "sterling-silver", "fine-silver");

    private static final List<Metal> ALL = List.of(
            metal(
                    "copper",
                    "copper",
                    8.94,
                    CDA + "C11000: 0.323 lb/in³)",
                    117,
                    true,
                    annealed(400, 0.42, TENSILE),
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
                    annealed(895, 0.49, TEXTBOOK),
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
                    annealed(630, 0.45, TENSILE),
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
                    annealed(720, 0.46, TEXTBOOK),
                    DEAD_SOFT,
                    140,
                    HALF_HARD,
                    380,
                    HARD,
                    590,
                    SPRING,
                    800),
            metal(
                    "sterling-silver",
                    "sterling silver",
                    10.36,
                    MEMORY,
                    75,
                    true,
                    annealed(430, 0.35, TENSILE),
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
                    annealed(320, 0.40, TENSILE),
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
                    annealed(850, 0.47, TENSILE),
                    DEAD_SOFT,
                    120,
                    HALF_HARD,
                    340,
                    HARD,
                    430),
            metal(
                    "gold-14k",
                    "14 k gold",
                    13.1,
                    MEMORY,
                    95,
                    true,
                    annealed(755, 0.30, TENSILE),
                    DEAD_SOFT,
                    190,
                    HALF_HARD,
                    380,
                    HARD,
                    500),
            metal(
                    "aluminium",
                    "aluminium",
                    2.70,
                    CRC + " (Al 2.70)",
                    69,
                    false,
                    annealed(180, 0.20, TEXTBOOK),
                    DEAD_SOFT,
                    35,
                    HALF_HARD,
                    115,
                    HARD,
                    150),
            metal(
                    "aluminium-magnesium",
                    "aluminium-magnesium ring wire",
                    2.64,
                    MEMORY,
                    71,
                    false,
                    annealed(510, 0.24, TENSILE),
                    DEAD_SOFT,
                    150,
                    HARD,
                    345),
            metal(
                    "titanium",
                    "titanium",
                    4.51,
                    CRC + " (Ti 4.506)",
                    103,
                    false,
                    annealed(600, 0.14, TENSILE),
                    DEAD_SOFT,
                    275,
                    HARD,
                    480),
            metal(
                    "niobium",
                    "niobium",
                    8.57,
                    CRC + " (Nb 8.57)",
                    105,
                    false,
                    annealed(420, 0.25, TENSILE),
                    DEAD_SOFT,
                    105,
                    HARD,
                    240),
            metal(
                    "stainless-304",
                    "stainless steel 304",
                    8.0,
                    ASM,
                    193,
                    false,
                    annealed(1275, 0.45, TEXTBOOK),
                    DEAD_SOFT,
                    215,
                    HALF_HARD,
                    515,
                    HARD,
                    760,
                    SPRING,
                    1500));

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
            throw Refusal.of(RefusalCode.UNKNOWN_METAL, "metal", id)
                    .with("known", ALL.stream().map(Metal::id).toList());
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
            Annealed annealed,
            Object... tempers) {
        var yields = new EnumMap<Temper, YieldStrength>(Temper.class);
        for (int i = 0; i < tempers.length; i += 2) {
            yields.put((Temper) tempers[i], YieldStrength.ofMegapascals(((Number) tempers[i + 1]).doubleValue()));
        }
        return new Metal(
                id,
                name,
                density,
                densitySource,
                Stress.ofGigapascals(modulusGpa),
                ASM,
                yields,
                MEMORY,
                annealed.curve(),
                annealed.source(),
                solderable,
                DARKEN.contains(id));
    }
}
