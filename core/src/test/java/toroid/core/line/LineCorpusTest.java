package toroid.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
import toroid.core.ring.RingCut;
import toroid.core.weave.Weaves;
import toroid.core.weave.pattern.WeavePattern;

/**
 * Lines as makers type them, with the one way to read each: wire and rod or inside, counts, pairs and dozens, supplies, both tongues, forms
 * and weaves by what the trade calls them; and those that are asked about or refused. Sizes to a thousandth of a millimetre, converted
 * by hand from inches, AWG (ASTM B258) and SWG (BS 3737). Common practice.
 */
class LineCorpusTest {
    private static final Path CORPUS = Path.of("src", "test", "resources", "line-corpus.tsv");
    private static final List<WeavePattern> WEAVES =
            Weaves.ids().map(Weaves::byId).toList();

    private record Line(String text, String reading) {}

    private static List<Line> corpus() {
        try {
            return Files.readAllLines(CORPUS).stream()
                    .map(line -> line.split("\t"))
                    .map(parts -> new Line(parts[0], parts[1]))
                    .toList();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    @Test
    void everyLineIsReadTheOneWay() {
        List<Line> corpus = corpus();
        assertThat(corpus).hasSizeGreaterThanOrEqualTo(400);
        var wrong = new ArrayList<String>();
        for (Line line : corpus) {
            String read = read(line.text());
            String told = sorted(line.reading());
            if (!read.equals(told)) {
                wrong.add("%s  is  %s  not  %s".formatted(line.text(), told, read));
            }
        }
        assertThat(wrong).as("%d of %d", wrong.size(), corpus.size()).isEmpty();
    }

    /** Every form by its name, its id and everything the trade calls it. */
    @Test
    void everyFormIsKnownByAllItsNames() {
        var names = new TreeMap<String, TreeSet<String>>();
        for (Form form : Forms.all()) {
            var all = new ArrayList<>(form.alsoCalled());
            all.add(form.info().name());
            all.add(form.info().id());
            for (String name : all) {
                names.computeIfAbsent(name.toLowerCase(Locale.ROOT), any -> new TreeSet<>())
                        .add(form.info().id());
                assertThat(FormLineReader.read(name + " 1.0", GaugeTable.AWG))
                        .as(name)
                        .get()
                        .satisfies(line -> assertThat(line.form().info().id())
                                .isEqualTo(form.info().id()));
            }
        }
        assertThat(names.values()).as("a name of two forms: %s", names).allMatch(ids -> ids.size() == 1);
    }

    /** Whatever was understood is told, role by role. */
    @Test
    void everyPartThatIsReadIsTold() {
        for (Line line : corpus()) {
            if (line.reading().startsWith("ring ")) {
                RingLine read = BenchLine.read(line.text(), GaugeTable.AWG);
                assertThat(read.understood().stream().map(RingLine.Understood::role))
                        .as(line.text())
                        .doesNotHaveDuplicates()
                        .hasSize(line.reading().split(" ").length - 1);
            }
        }
    }

    private static String sorted(String reading) {
        List<String> parts = new ArrayList<>(List.of(reading.split(" ")));
        int head = reading.startsWith("ring") ? 1 : reading.startsWith("form") || reading.startsWith("weave") ? 2 : 1;
        List<String> rest = new ArrayList<>(parts.subList(Math.min(head, parts.size()), parts.size()));
        rest.sort(null);
        return String.join(" ", parts.subList(0, Math.min(head, parts.size())))
                + (rest.isEmpty() ? "" : " " + String.join(" ", rest));
    }

    private static String read(String text) {
        try {
            int weave = WeaveLineReader.named(text, GaugeTable.AWG, WEAVES);
            int form = FormLineReader.named(text, GaugeTable.AWG);
            if (form > 0 && form >= weave) {
                return told(FormLineReader.read(text, GaugeTable.AWG).orElseThrow());
            }
            return weave > 0
                    ? told(WeaveLineReader.read(text, GaugeTable.AWG, WEAVES).orElseThrow())
                    : told(BenchLine.read(text, GaugeTable.AWG));
        } catch (Refusal refusal) {
            assertThat(refusal.field()).isNotBlank();
            return switch (refusal.code()) {
                case "line-one-size-more",
                        "line-which-is-the-wire",
                        "line-hardly-a-hole",
                        "line-hardly-a-hole-changed-about",
                        "line-ratio-hardly-a-hole",
                        "inches-or-tenths",
                        "gauge-or-drill" -> "asks";
                case "line-twice", "line-two-wires" -> "twice";
                default -> "refused";
            };
        }
    }

    private static String told(RingLine line) {
        var all = new TreeMap<String, String>();
        size(all, "wire", line.wire());
        size(all, "mandrel", line.mandrel());
        size(all, "inner", line.inner());
        size(all, "outer", line.outer());
        put(all, "ar", line.aspectRatio() == null ? null : plain(line.aspectRatio()));
        put(all, "count", line.count());
        put(all, "metal", line.metal() == null ? null : line.metal().id());
        put(all, "temper", line.temper());
        put(all, "turns", line.turnsPerRing() == 1 ? null : line.turnsPerRing());
        put(
                all,
                "from",
                line.fromLengthMm() != null
                        ? plain(line.fromLengthMm()) + "mm"
                        : line.fromMassGrams() != null ? plain(line.fromMassGrams()) + "g" : null);
        put(all, "saw", line.cut() instanceof RingCut.Saw saw ? plain(saw.kerfMm()) : null);
        put(all, "cut", line.cut() instanceof RingCut.Flush ? "flush" : null);
        return "ring" + joined(all);
    }

    private static String told(FormLine line) {
        var all = new TreeMap<String, String>();
        size(all, "wire", line.wire());
        put(all, "count", line.count());
        put(all, "metal", line.metal() == null ? null : line.metal().id());
        put(all, "temper", line.temper());
        for (Map.Entry<String, Object> value : line.values().entrySet()) {
            put(all, value.getKey(), value.getValue() instanceof Double mm ? plain(mm) : value.getValue());
        }
        return "form " + line.form().info().id() + joined(all);
    }

    private static String told(WeaveLine line) {
        var all = new TreeMap<String, String>();
        size(all, "wire", line.wire());
        size(all, "inner", line.inner());
        size(all, "mandrel", line.mandrel());
        size(all, "length", line.length());
        put(all, "ar", line.aspectRatio() == null ? null : plain(line.aspectRatio()));
        put(all, "units", line.units());
        put(all, "sheet", line.rows() == null ? null : line.rows() + "x" + line.columns());
        put(all, "metal", line.metal() == null ? null : line.metal().id());
        return "weave " + line.weave().id() + joined(all);
    }

    private static String joined(Map<String, String> all) {
        var out = new StringBuilder();
        all.forEach((role, value) -> out.append(' ').append(role).append('=').append(value));
        return out.toString();
    }

    private static void size(Map<String, String> all, String role, LengthReading reading) {
        put(all, role, reading == null ? null : plain(reading.length().inMillimetres()));
    }

    private static void put(Map<String, String> all, String role, Object value) {
        if (value != null) {
            all.put(role, value.toString());
        }
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value)
                .setScale(3, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
