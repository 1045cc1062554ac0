package toroid.core.weave.pattern;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;

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
            throw wrong("file", null, "The file could not be read as JSON.");
        }
        if (root == null || !FORMAT.equals(root.path("format").asText())) {
            throw wrong("format", root == null ? null : root.path("format").asText(), "This is no weave.");
        }
        if (root.path("version").asInt() != VERSION) {
            throw wrong(
                    "version",
                    root.path("version").asText(),
                    "This weave is of a version this Toroid does not know; it knows " + VERSION + ".");
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
            throw wrong("classes", null, "A weave has at least one ring size.");
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
                throw wrong("rings.class", size, "No ring size of that name is told under classes.");
            }
            Vector3D normal = vector(one, "normal");
            if (normal.getNorm() < 1e-6) {
                throw wrong("rings.normal", word(one, "id"), "A ring's normal must point somewhere.");
            }
            rings.add(new WeavePattern.CellRing(
                    word(one, "id"),
                    index,
                    vector(one, "centre"),
                    normal.normalize(),
                    one.path("joins").asBoolean(false)));
        }
        Checks.within("rings", rings.size(), 1, MOST_RINGS, "rings", "Take the smallest cell that repeats.");
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
        Checks.within("links", links.size(), 1, MOST_LINKS, "links", "Tell which ring passes through which.");
        return links;
    }

    private WeavePattern.Assembly assembly(List<WeavePattern.CellRing> rings) {
        List<String> names = rings.stream().map(WeavePattern.CellRing::id).toList();
        List<Integer> order = named(names, root.path("assembly").path("order"));
        if (order.isEmpty()) {
            order = java.util.stream.IntStream.range(0, rings.size()).boxed().toList();
        }
        if (order.size() != rings.size()) {
            throw wrong("assembly.order", null, "The order names every ring of the cell once, or is left out.");
        }
        return new WeavePattern.Assembly(
                order, named(names, root.path("assembly").path("end")));
    }

    private static List<Integer> named(List<String> names, JsonNode list) {
        var places = new ArrayList<Integer>();
        for (JsonNode one : list) {
            int place = names.indexOf(one.asText());
            if (place < 0 || places.contains(place)) {
                throw wrong("assembly", one.asText(), "No ring of that name is in the cell, or it is named twice.");
            }
            places.add(place);
        }
        return places;
    }

    private static int place(List<String> names, String name) {
        if (!names.contains(name)) {
            throw wrong("links", name, "No ring of that name is in the cell.");
        }
        return names.indexOf(name);
    }

    static JsonNode node(JsonNode in, String field) {
        if (!in.path(field).isObject()) {
            throw wrong(field, null, "The weave lacks its " + field + ".");
        }
        return in.get(field);
    }

    static String word(JsonNode in, String field) {
        String said = in.path(field).asText("");
        if (said.isBlank() || said.length() > 200) {
            throw wrong(field, said, "A word is missing here, or is too long.");
        }
        return said;
    }

    static double number(JsonNode in, String field, double least, double most) {
        return Checks.within(field, in.path(field).asDouble(Double.NaN), least, most, "", "Mend it in the file.");
    }

    private static Vector3D vector(JsonNode in, String field) {
        JsonNode three = in.path(field);
        double[] v = new double[3];
        for (int i = 0; i < 3; i++) {
            v[i] = Checks.within(
                    field, three.path(i).asDouble(Double.NaN), -MOST_LENGTH, MOST_LENGTH, "", "Give three numbers.");
        }
        return new Vector3D(v[0], v[1], v[2]);
    }

    static Refusal wrong(String field, String value, String message) {
        return Refusal.of("bad-weave", field, value, message, "Mend it in the file.");
    }
}
