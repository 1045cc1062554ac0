package toroid.server.web;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** One good body for each operation, and every way to spoil each of its fields. */
final class Bodies {
    /** What stands in every field's place, as JSON is written. */
    private static final List<String> ALWAYS = List.of("null", "\"\"", "[]", "{}", "-1", "1e308");

    /** What stands in every third field's place, each third of them in its turn. */
    private static final int TURNS = 3;

    private static final List<String> IN_TURN = List.of(
            "\"\\u0000\"",
            "\"a\\u0000b\"",
            "\"" + "long ".repeat(1200) + "\"",
            "\"NaN\"",
            "NaN",
            "-1e308",
            "1e400",
            "0",
            "0.5",
            "2147483647",
            "2147483648",
            "true",
            "[null]",
            "{\"a\": null}",
            "{\"\\u0000\": 1}",
            "[[1, 2], null, \"\\u0000\"]",
            "\"0000-00-00T00:00:00Z\"",
            "\"-999999999-01-01T00:00:00Z\"",
            "\"+1000000000-12-31T23:59:59Z\"",
            "1e18");

    private Bodies() {}

    private static List<String> absurd(List<Spoilt> before) {
        long fields = before.stream().map(Spoilt::where).distinct().count();
        return Stream.concat(
                        ALWAYS.stream(),
                        IntStream.range(0, IN_TURN.size())
                                .filter(i -> i % TURNS == fields % TURNS)
                                .mapToObj(IN_TURN::get))
                .toList();
    }

    /** @param never this must not be taken, whatever the field */
    record Spoilt(String where, String how, String text, boolean never) {}

    static Map<String, JsonNode> examples(ObjectMapper json) throws IOException {
        try (InputStream file = Bodies.class.getResourceAsStream("/bodies.json")) {
            var examples = new LinkedHashMap<String, JsonNode>();
            json.readTree(file).properties().forEach(one -> examples.put(one.getKey(), one.getValue()));
            return examples;
        }
    }

    static List<Spoilt> spoilt(ObjectNode body) {
        var all = new ArrayList<Spoilt>();
        walk(body, body, "", all);
        for (String whole : List.of("", "null", "[]", "1", "\"\"", "{", "{}", "{\"nothing\": 1}")) {
            all.add(new Spoilt("the whole", whole, whole, whole.equals("{")));
        }
        return all;
    }

    private static void walk(ObjectNode root, JsonNode at, String pointer, List<Spoilt> all) {
        if (at instanceof ObjectNode object) {
            for (String name : names(object)) {
                spoil(root, object, name, pointer + "/" + name, all);
                walk(root, object.get(name), pointer + "/" + name, all);
            }
        } else if (at instanceof ArrayNode array) {
            for (int i = 0; i < Math.min(array.size(), 2); i++) {
                JsonNode kept = array.get(i);
                for (String absurd : absurd(all)) {
                    array.set(i, marker(array));
                    all.add(new Spoilt(pointer + "/" + i, shortly(absurd), written(root, absurd), false));
                    array.set(i, kept);
                }
                walk(root, kept, pointer + "/" + i, all);
            }
        }
    }

    private static void spoil(ObjectNode root, ObjectNode object, String name, String where, List<Spoilt> all) {
        JsonNode kept = object.get(name);
        List<String> order = names(object);
        object.remove(name);
        all.add(new Spoilt(where, "left out", root.toString(), false));
        for (String absurd : absurd(all)) {
            object.set(name, marker(object));
            all.add(new Spoilt(where, shortly(absurd), written(root, absurd), false));
        }
        object.set(name, marker(object));
        all.add(new Spoilt(where, "said twice", written(root, kept.toString() + ", \"" + name + "\": " + kept), true));
        object.remove(name);
        var rest = new LinkedHashMap<String, JsonNode>();
        order.forEach(one -> rest.put(one, one.equals(name) ? kept : object.get(one)));
        object.removeAll();
        rest.forEach(object::set);
    }

    private static JsonNode marker(JsonNode node) {
        return node.isObject() ? ((ObjectNode) node).textNode("@@") : ((ArrayNode) node).textNode("@@");
    }

    private static String written(ObjectNode root, String absurd) {
        return root.toString().replace("\"@@\"", absurd);
    }

    private static String shortly(String absurd) {
        return absurd.length() > 40 ? absurd.substring(0, 40) + "…" : absurd;
    }

    private static List<String> names(ObjectNode object) {
        var names = new ArrayList<String>();
        object.fieldNames().forEachRemaining(names::add);
        return names;
    }
}
