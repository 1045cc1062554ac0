package toroid.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import toroid.core.stock.StockKinds;
import toroid.server.stock.LotData;

/** The rest of the invented shelf: all of it but wire on spools. */
final class DemoLots {
    static final Map<String, LotData> ALL = all();

    private DemoLots() {}

    private static Map<String, LotData> all() {
        var all = new TreeMap<String, LotData>();
        all.put(
                "rods",
                lot(
                        "wire",
                        "Bronze rods 1.2",
                        6_400,
                        2.6,
                        "2026-02-11",
                        2_000,
                        "tube behind the door",
                        Map.of(
                                "metal",
                                "phosphor-bronze",
                                "temper",
                                "half-hard",
                                "diameter",
                                1.2,
                                "comes-as",
                                "straight-lengths",
                                "each",
                                1000)));
        all.put(
                "offcut",
                lot(
                        "wire",
                        "Sterling, offcut",
                        146,
                        9.8,
                        "2026-03-02",
                        null,
                        "offcut jar",
                        Map.of(
                                "metal",
                                "sterling-silver",
                                "temper",
                                "half-hard",
                                "diameter",
                                0.8,
                                "comes-as",
                                "offcut")));
        all.put(
                "rings-collar",
                lot(
                        "rings",
                        "Collar rings, left over",
                        214,
                        0.03,
                        "2026-04-19",
                        null,
                        "tin 2",
                        Map.of(
                                "metal",
                                "phosphor-bronze",
                                "temper",
                                "half-hard",
                                "wire",
                                1.2,
                                "inside",
                                6,
                                "cut",
                                "saw",
                                "from",
                                "wound")));
        all.put(
                "rings-bought",
                lot(
                        "rings",
                        "Bought rings 0.8 / 3",
                        85,
                        0.06,
                        "2026-01-28",
                        100,
                        "tin 2",
                        Map.of(
                                "metal",
                                "sterling-silver",
                                "temper",
                                "half-hard",
                                "wire",
                                0.8,
                                "inside",
                                3,
                                "cut",
                                "saw",
                                "from",
                                "bought")));
        all.put(
                "sea-glass",
                lot(
                        "beads",
                        "Sea glass, green",
                        46,
                        0.45,
                        "2026-02-20",
                        24,
                        "drawer 3",
                        Map.of(
                                "material",
                                "tumbled glass",
                                "shape",
                                "chip",
                                "along",
                                9,
                                "across",
                                7,
                                "hole",
                                1.2,
                                "density",
                                2.5,
                                "withstands",
                                List.of("pickle", "ultrasonic"))));
        all.put(
                "pearls",
                lot(
                        "beads",
                        "Stage pearls 6",
                        180,
                        0.08,
                        "2026-02-20",
                        100,
                        "drawer 3",
                        Map.of(
                                "material",
                                "coated glass",
                                "shape",
                                "round",
                                "along",
                                6,
                                "across",
                                6,
                                "hole",
                                0.9,
                                "grams-each",
                                0.28)));
        all.put(
                "shell",
                lot(
                        "beads",
                        "Shell discs",
                        12,
                        0.7,
                        "2026-03-14",
                        16,
                        "drawer 3",
                        Map.of(
                                "material",
                                "shell",
                                "shape",
                                "coin",
                                "along",
                                2,
                                "across",
                                15,
                                "hole",
                                1,
                                "density",
                                2.7)));
        all.put(
                "clasps",
                lot(
                        "findings",
                        "Lobster clasps 12",
                        9,
                        0.65,
                        "2026-03-02",
                        10,
                        "drawer 1",
                        Map.of(
                                "what",
                                "lobster-clasp",
                                "metal",
                                "yellow-brass",
                                "length",
                                12,
                                "loops",
                                1,
                                "loop-inside",
                                1.8,
                                "loop-wire",
                                1,
                                "grams-each",
                                0.7)));
        all.put(
                "ear-wires",
                lot(
                        "findings",
                        "Ear wires, bought",
                        22,
                        0.4,
                        "2026-03-02",
                        16,
                        "drawer 1",
                        Map.of(
                                "what",
                                "ear-wire",
                                "metal",
                                "sterling-silver",
                                "length",
                                19,
                                "loops",
                                1,
                                "loop-inside",
                                1.5,
                                "loop-wire",
                                0.8,
                                "loops-open",
                                "yes",
                                "grams-each",
                                0.35)));
        all.put(
                "cord-ends",
                lot(
                        "findings",
                        "Cord ends 2",
                        16,
                        0.22,
                        "2026-03-02",
                        null,
                        "drawer 1",
                        Map.of(
                                "what",
                                "cord-end",
                                "metal",
                                "yellow-brass",
                                "length",
                                8,
                                "loops",
                                1,
                                "loop-inside",
                                1.6,
                                "loop-wire",
                                0.9,
                                "takes",
                                2)));
        all.put(
                "chain",
                lot(
                        "chain",
                        "Cable chain for the crowns",
                        3_850,
                        3.2,
                        "2026-01-28",
                        1_000,
                        "hook by the window",
                        Map.of(
                                "link",
                                "cable",
                                "metal",
                                "yellow-brass",
                                "pitch",
                                4.2,
                                "wire",
                                0.9,
                                "link-inside",
                                2.6,
                                "links-open",
                                "no",
                                "grams-a-metre",
                                14.2)));
        all.put(
                "cord",
                lot(
                        "cord",
                        "Waxed cotton 2",
                        12_000,
                        0.6,
                        "2026-01-28",
                        3_000,
                        "hook by the window",
                        Map.of("material", "waxed-cotton", "diameter", 2, "colour", "tar brown")));
        all.put(
                "beading-wire",
                lot(
                        "beading-wire",
                        "Beading wire 0.36",
                        7_300,
                        0.9,
                        "2026-02-20",
                        2_000,
                        "drawer 2",
                        Map.of("diameter", 0.36, "strands", 7, "breaks-at", 55, "colour", "steel")));
        all.put(
                "crimps",
                lot(
                        "crimps",
                        "Crimp tubes 2 by 2",
                        140,
                        0.05,
                        "2026-02-20",
                        50,
                        "drawer 2",
                        Map.of("what", "tube", "metal", "sterling-silver", "outside", 2, "bore", 1.4, "length", 2)));
        all.put(
                "covers",
                lot(
                        "crimps",
                        "Crimp covers 3",
                        60,
                        0.12,
                        "2026-02-20",
                        30,
                        "drawer 2",
                        Map.of("what", "cover", "metal", "sterling-silver", "outside", 3, "bore", 2.4, "length", 3)));
        all.put(
                "solder-hard",
                lot(
                        "solder",
                        "Silver solder, hard",
                        6.2,
                        1.9,
                        "2026-01-12",
                        3,
                        "soldering box",
                        Map.of("grade", "hard", "form", "strip", "metal", "silver", "flows-at", 775)));
        all.put(
                "solder-easy",
                lot(
                        "solder",
                        "Silver solder, easy, paste",
                        11,
                        1.6,
                        "2026-01-12",
                        5,
                        "soldering box",
                        Map.of("grade", "easy", "form", "paste", "metal", "silver", "flows-at", 690),
                        "2026-12-31"));
        all.put(
                "pickle",
                lot(
                        "consumables",
                        "Pickle salt",
                        420,
                        0.01,
                        "2026-01-12",
                        200,
                        "under the sink",
                        Map.of("what", "pickle-salt", "for", "silver, copper, brass")));
        all.put(
                "glue",
                lot(
                        "consumables",
                        "Glue for cord ends",
                        14,
                        0.5,
                        "2026-01-12",
                        5,
                        "soldering box",
                        Map.of("what", "glue", "for", "cord"),
                        "2026-10-31"));
        all.put(
                "jaw",
                lot(
                        "tapered-jaws",
                        "Round-nose, the blue pair",
                        1,
                        null,
                        null,
                        null,
                        "bench",
                        Map.of("tip", 1.3, "back", 5.8, "length", 24, "marks", List.of(4.5, 9.0, 14.5))));
        all.put(
                "bail",
                lot(
                        "tapered-jaws",
                        "Large cones",
                        1,
                        null,
                        null,
                        null,
                        "bench",
                        Map.of("tip", 4, "back", 11, "length", 32, "marks", List.of(10.0, 20.0))));
        all.put(
                "punch",
                lot(
                        "punches",
                        "Drill 1.2",
                        3,
                        1.1,
                        "2026-01-12",
                        2,
                        "bench",
                        Map.of("what", "drill", "diameter", 1.2)));
        all.put(
                "oval",
                lot(
                        "formers",
                        "Oval bracelet mandrel",
                        1,
                        null,
                        null,
                        null,
                        "wall",
                        Map.of("what", "oval-bracelet-mandrel", "smallest", 42, "largest", 68)));
        all.put(
                "winder",
                lot(
                        "coilers",
                        "Winder",
                        1,
                        null,
                        null,
                        null,
                        "bench",
                        Map.of("turned-by", "hand", "rods", List.of(3, 4, 5, 6))));
        all.put(
                "pegs",
                lot(
                        "jigs",
                        "Peg board",
                        1,
                        null,
                        null,
                        null,
                        "wall",
                        Map.of("holes-apart", 5, "pegs", List.of(2.5, 4, 6, 9))));
        all.put(
                "torch",
                lot(
                        "torches",
                        "Hand torch",
                        1,
                        null,
                        null,
                        null,
                        "soldering corner",
                        Map.of("what", "hand-torch", "fuel", "butane")));
        all.put(
                "tumbler",
                lot(
                        "baths",
                        "Tumbler with steel shot",
                        1,
                        null,
                        null,
                        null,
                        "under the sink",
                        Map.of("what", "tumbler", "with", "soap and water")));
        return all;
    }

    private static LotData lot(
            String kind,
            String name,
            double left,
            Double price,
            String bought,
            Integer low,
            String place,
            Map<String, Object> facts) {
        return lot(kind, name, left, price, bought, low, place, facts, null);
    }

    private static LotData lot(
            String kind,
            String name,
            double left,
            Double price,
            String bought,
            Integer low,
            String place,
            Map<String, Object> facts,
            String useBy) {
        var told = new TreeMap<String, Object>(StockKinds.byId(kind).blank().values());
        told.putAll(facts);
        return new LotData(
                kind,
                name,
                told,
                left,
                price,
                bought == null ? null : LocalDate.parse(bought),
                useBy == null ? null : LocalDate.parse(useBy),
                null,
                low == null ? null : low.doubleValue(),
                place,
                "");
    }
}
