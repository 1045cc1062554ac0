package toroid.core.weave.pattern;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Reads the open weave format, version {@value #VERSION} (docs/weave-format.md). Everything that can be told without solving is
 * checked: what is missing, what is no number, what names a ring that is not there.
 */
public final class WeaveJson {
    public static final String FORMAT = "toroid-weave";
    public static final int VERSION = 1;

    private static final int MOST_RINGS = 40;
    private static final int MOST_LINKS = 600;
    static final double MOST_LENGTH = 100;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final JsonNode root;

    private WeaveJson(JsonNode root) {
        this.root = root;
    }

    /**
     * @param text the file
     * @throws Refusal with the place in the file and what is wrong with it
     */
    public static WeavePattern read(String text) {
        JsonNode root;
        try {
            root = MAPPER.readTree(text);
        } catch (JsonProcessingException broken) {
            throw wrong(RefusalCode.FILE_IS_NO_JSON, "file", null);
        }
        if (root == null || !FORMAT.equals(root.path("format").asText())) {
            throw wrong(
                    RefusalCode.NO_WEAVE,
                    "format",
                    root == null ? null : root.path("format").asText());
        }
        if (root.path("version").asInt() != VERSION) {
            throw wrong(
                            RefusalCode.WEAVE_OF_OTHER_VERSION,
                            "version",
                            root.path("version").asText())
                    .with("version", VERSION);
        }
        return new WeaveJson(root).pattern();
    }

    private WeavePattern pattern() {
        List<WeavePattern.RingClass> classes = classes();
        List<WeavePattern.CellRing> rings = rings(classes);
        return new WeavePattern(
                word(root, "id"),
                word(root, "name"),
                root.path("unit").asText("unit"),
                LatticeJson.read(node(root, "lattice")),
                classes,
                rings,
                links(rings),
                assembly(rings),
                root.has("usual")
                        ? new WeavePattern.Window(
                                number(root.get("usual"), "low", 1, MOST_LENGTH),
                                number(root.get("usual"), "high", 1, MOST_LENGTH))
                        : null,
                sources());
    }

    private List<String> sources() {
        var sources = new ArrayList<String>();
        root.path("sources").forEach(source -> sources.add(source.asText()));
        return sources;
    }

    private List<WeavePattern.RingClass> classes() {
        var classes = new ArrayList<WeavePattern.RingClass>();
        for (JsonNode one : root.path("classes")) {
            classes.add(new WeavePattern.RingClass(
                    word(one, "id"),
                    one.path("name").asText(one.path("id").asText()),
                    number(one, "usualRatio", 0.05, 20)));
        }
        if (classes.isEmpty()) {
            throw wrong(RefusalCode.WEAVE_WITHOUT_SIZES, "classes", null);
        }
        return classes;
    }

    private List<WeavePattern.CellRing> rings(List<WeavePattern.RingClass> classes) {
        var rings = new ArrayList<WeavePattern.CellRing>();
        for (JsonNode one : root.path("rings")) {
            String size = word(one, "class");
            int index =
                    classes.stream().map(WeavePattern.RingClass::id).toList().indexOf(size);
            if (index < 0) {
                throw wrong(RefusalCode.WEAVE_SIZE_UNKNOWN, "rings.class", size);
            }
            Vector3D normal = vector(one, "normal");
            if (normal.getNorm() < 1e-6) {
                throw wrong(RefusalCode.WEAVE_NORMAL_IS_NONE, "rings.normal", word(one, "id"));
            }
            rings.add(new WeavePattern.CellRing(
                    word(one, "id"),
                    index,
                    vector(one, "centre"),
                    normal.normalize(),
                    one.path("joins").asBoolean(false)));
        }
        Checks.within("rings", rings.size(), 1, MOST_RINGS, Unit.RINGS, Remedy.TAKE_THE_SMALLEST_CELL_THAT_REPEATS);
        return captives(rings);
    }

    /** Rings that lie loosely round others, once all are known by name. */
    private List<WeavePattern.CellRing> captives(List<WeavePattern.CellRing> rings) {
        List<String> names = rings.stream().map(WeavePattern.CellRing::id).toList();
        var told = new ArrayList<WeavePattern.CellRing>();
        for (int at = 0; at < rings.size(); at++) {
            var round = new ArrayList<WeavePattern.Place>();
            for (JsonNode one : root.path("rings").get(at).path("round")) {
                JsonNode cells = one.path("cells");
                round.add(new WeavePattern.Place(
                        place(names, word(one, "ring")),
                        cells.path(0).asInt(0),
                        cells.path(1).asInt(0)));
            }
            WeavePattern.CellRing ring = rings.get(at);
            told.add(new WeavePattern.CellRing(
                    ring.id(), ring.sizeClass(), ring.centre(), ring.normal(), ring.joins(), round));
        }
        return told;
    }

    private List<WeavePattern.Link> links(List<WeavePattern.CellRing> rings) {
        List<String> names = rings.stream().map(WeavePattern.CellRing::id).toList();
        var links = new ArrayList<WeavePattern.Link>();
        for (JsonNode one : root.path("links")) {
            JsonNode cells = one.path("cells");
            links.add(new WeavePattern.Link(
                    place(names, word(one, "from")),
                    place(names, word(one, "to")),
                    cells.path(0).asInt(0),
                    cells.path(1).asInt(0)));
        }
        Checks.within("links", links.size(), 1, MOST_LINKS, Unit.LINKS, Remedy.TELL_WHICH_RING_PASSES_THROUGH_WHICH);
        return links;
    }

    private WeavePattern.Assembly assembly(List<WeavePattern.CellRing> rings) {
        List<String> names = rings.stream().map(WeavePattern.CellRing::id).toList();
        List<Integer> order = named(names, root.path("assembly").path("order"));
        if (order.isEmpty()) {
            order = java.util.stream.IntStream.range(0, rings.size()).boxed().toList();
        }
        if (order.size() != rings.size()) {
            throw wrong(RefusalCode.WEAVE_ORDER, "assembly.order", null);
        }
        return new WeavePattern.Assembly(
                order, named(names, root.path("assembly").path("end")));
    }

    private static List<Integer> named(List<String> names, JsonNode list) {
        var places = new ArrayList<Integer>();
        for (JsonNode one : list) {
            int place = names.indexOf(one.asText());
            if (place < 0 || places.contains(place)) {
                throw wrong(RefusalCode.WEAVE_RING_UNKNOWN_OR_TWICE, "assembly", one.asText());
            }
            places.add(place);
        }
        return places;
    }

    private static int place(List<String> names, String name) {
        if (!names.contains(name)) {
            throw wrong(RefusalCode.WEAVE_RING_UNKNOWN, "links", name);
        }
        return names.indexOf(name);
    }

    static JsonNode node(JsonNode in, String field) {
        if (!in.path(field).isObject()) {
            throw wrong(RefusalCode.WEAVE_LACKS, field, null);
        }
        return in.get(field);
    }

    static String word(JsonNode in, String field) {
        String said = in.path(field).asText("");
        if (said.isBlank() || said.length() > 200) {
            throw wrong(RefusalCode.WEAVE_WORD, field, said);
        }
        return said;
    }

    static double number(JsonNode in, String field, double least, double most) {
        return Checks.within(
                field, in.path(field).asDouble(Double.NaN), least, most, Unit.NONE, Remedy.MEND_IT_IN_THE_FILE);
    }

    private static Vector3D vector(JsonNode in, String field) {
        JsonNode three = in.path(field);
        double[] v = new double[3];
        for (int i = 0; i < 3; i++) {
            v[i] = Checks.within(
                    field,
                    three.path(i).asDouble(Double.NaN),
                    -MOST_LENGTH,
                    MOST_LENGTH,
                    Unit.NONE,
                    Remedy.GIVE_THREE_NUMBERS);
        }
        return new Vector3D(v[0], v[1], v[2]);
    }

    static Refusal wrong(RefusalCode code, String field, String value) {
        return Refusal.of(code, field, value);
    }
}
