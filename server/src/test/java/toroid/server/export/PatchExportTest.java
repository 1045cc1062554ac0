package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;
import toroid.server.ApiTest;

/** Patches of weaves in open formats, read again. */
class PatchExportTest extends ApiTest {
    private static final Map<String, Object> PATCH =
            Map.of("wireDiameterMm", 1.0, "innerDiameterMm", List.of(3.8), "units", 3, "sparePercent", 10);

    private byte[] export(String format) throws Exception {
        var response = file("/api/weaves/byzantine/export/" + format, PATCH);
        assertThat(response.getStatus()).as(format).isEqualTo(200);
        return response.getContentAsByteArray();
    }

    private JsonNode patch() {
        return tell("/api/weaves/byzantine/patch", PATCH).body();
    }

    /** Nodes placed and turned as glTF says (a quaternion x, y, z, w) are rings linked as the patch says. */
    @Test
    void gltfPlacesRingsThatAreLinked() throws Exception {
        JsonNode gltf = json.readTree(export("gltf"));
        JsonNode patch = patch();
        JsonNode nodes = gltf.get("nodes");
        assertThat(nodes.size()).isEqualTo(20).isEqualTo(patch.get("colours").size());
        assertThat(gltf.get("meshes").size()).isEqualTo(1);
        Circle[] rings = new Circle[nodes.size()];
        for (int n = 0; n < rings.length; n++) {
            JsonNode t = nodes.get(n).get("translation");
            JsonNode q = nodes.get(n).get("rotation");
            // x' = 2(xz + wy), y' = 2(yz − wx), z' = 1 − 2(x² + y²) of the z axis: the quaternion's matrix, third
            // column
            double x = q.get(0).asDouble();
            double y = q.get(1).asDouble();
            double z = q.get(2).asDouble();
            double w = q.get(3).asDouble();
            var normal = new Vector3D(2 * (x * z + w * y), 2 * (y * z - w * x), 1 - 2 * (x * x + y * y));
            rings[n] = new Circle(
                    new Vector3D(
                                    t.get(0).asDouble(),
                                    t.get(1).asDouble(),
                                    t.get(2).asDouble())
                            .scalarMultiply(1000),
                    normal.normalize(),
                    2.4);
            assertThat(new Rotation(w, -x, -y, -z, true)
                            .applyTo(Vector3D.PLUS_K)
                            .distance(normal))
                    .isLessThan(1e-9);
        }
        var told = new HashSet<String>();
        JsonNode pairs = patch.get("links");
        for (int i = 0; i < pairs.size(); i += 2) {
            told.add(pairs.get(i).asInt() + " " + pairs.get(i + 1).asInt());
        }
        var found = new HashSet<String>();
        for (int a = 0; a < rings.length; a++) {
            for (int b = a + 1; b < rings.length; b++) {
                if (Linking.number(rings[a], rings[b]) != 0) {
                    found.add(a + " " + b);
                }
            }
        }
        assertThat(found).isEqualTo(told);
    }

    /** The skin's volume is that of the rings (Pappus), less what corners on the surface cost. */
    @Test
    void stlHoldsEveryRing() throws Exception {
        ByteBuffer stl = ByteBuffer.wrap(export("stl")).order(ByteOrder.LITTLE_ENDIAN);
        int triangles = stl.getInt(80);
        assertThat(stl.limit()).isEqualTo(84 + 50 * triangles);
        double six = 0;
        for (int t = 0; t < triangles; t++) {
            int at = 84 + 50 * t + 12;
            Vector3D[] corner = new Vector3D[3];
            for (int c = 0; c < 3; c++) {
                corner[c] = new Vector3D(
                        stl.getFloat(at + 12 * c), stl.getFloat(at + 12 * c + 4), stl.getFloat(at + 12 * c + 8));
            }
            six += corner[0].dotProduct(corner[1].crossProduct(corner[2]));
        }
        double rings = 20 * 2 * Math.PI * Math.PI * 2.4 * 0.25;
        double thin = Math.sin(2 * Math.PI / 20) / (2 * Math.PI / 20);
        assertThat(six / 6).isCloseTo(rings * thin, within(0.01 * rings));
    }

    @Test
    void svgIsAtTrueSizeWithALineToCheckBy() throws Exception {
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(export("svg")));
        Element root = svg.getDocumentElement();
        double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
        assertThat(root.getAttribute("viewBox")).startsWith("0 0 %.3f".formatted(width));
        NodeList paths = svg.getElementsByTagName("path");
        int edges = 0;
        boolean check = false;
        for (int i = 0; i < paths.getLength(); i++) {
            Element path = (Element) paths.item(i);
            edges += path.getAttribute("class").equals("edge") ? 1 : 0;
            check |= path.getAttribute("id").equals("check")
                    && path.getAttribute("d").contains("h50.000");
            if (path.getAttribute("class").equals("edge")) {
                assertThat(path.getAttribute("stroke-width")).isEqualTo("1.0000");
            }
        }
        assertThat(edges).isEqualTo(20 * 8);
        assertThat(check).isTrue();
    }

    @Test
    void csvCountsWhatThePatchCounts() throws Exception {
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser csv =
                CSVParser.parse(new StringReader(new String(export("csv"), StandardCharsets.UTF_8)), format)) {
            List<CSVRecord> rows = csv.getRecords();
            assertThat(rows).hasSize(1);
            CSVRecord row = rows.get(0);
            Answer count = tell("/api/weaves/byzantine/count", PATCH);
            assertThat(Integer.parseInt(row.get("rings")))
                    .isEqualTo(count.at("/total").asInt());
            assertThat(Integer.parseInt(row.get("spare")))
                    .isEqualTo(2)
                    .isEqualTo(count.at("/spare/0").asInt());
            assertThat(Integer.parseInt(row.get("closed_beforehand")))
                    .isEqualTo(count.at("/preClosed/inHand").asInt());
            assertThat(row.get("inside_mm")).isEqualTo("3.8000");
        }
    }

    @Test
    void jsonIsTheWeavesOwnFileAndOtherFormatsAreRefused() throws Exception {
        assertThat(json.readTree(export("json")))
                .isEqualTo(read("/api/weaves/byzantine/file").body());
        assertThat(tell("/api/weaves/byzantine/export/docx", PATCH).at("/code").asText())
                .isEqualTo("unknown-format-of-rings");
    }
}
