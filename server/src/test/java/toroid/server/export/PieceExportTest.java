package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.w3c.dom.Element;
import toroid.core.piece.Starters;
import toroid.server.ApiTest;

/** Whole pieces in open formats, read again. */
class PieceExportTest extends ApiTest {
    /** Six rings of 5 inside in wire of 1, two of them on the hook's ends. */
    private static final Map<String, Object> PIECE =
            Map.of("line", "s-hook - 6 * ring 1/5", "metal", "copper", "body", Map.of("girthMm", 40, "easeMm", 0));

    private byte[] export(Map<String, Object> question, String format) {
        var response = file("/api/pieces/export/" + format, question);
        assertThat(response.getStatus()).as(format).isEqualTo(200);
        return response.getContentAsByteArray();
    }

    /** Skins together hold the metal of the wire, which is told by its mass; less what corners on the surface cost. */
    @Test
    void stlHoldsTheMetalThatIsWeighed() {
        ByteBuffer stl = ByteBuffer.wrap(export(PIECE, "stl")).order(ByteOrder.LITTLE_ENDIAN);
        int triangles = stl.getInt(80);
        assertThat(stl.limit()).isEqualTo(84 + 50 * triangles);
        double six = 0;
        for (int t = 0; t < triangles; t++) {
            Vector3D[] corner = new Vector3D[3];
            for (int c = 0; c < 3; c++) {
                int at = 84 + 50 * t + 12 + 12 * c;
                corner[c] = new Vector3D(stl.getFloat(at), stl.getFloat(at + 4), stl.getFloat(at + 8));
            }
            six += corner[0].dotProduct(corner[1].crossProduct(corner[2]));
        }
        double grams = tell("/api/pieces/solve", PIECE).at("/weightG").asDouble();
        // copper, 8.96 g/cm³: CRC Handbook of Chemistry and Physics
        double mm3 = grams / 8.96 * 1000;
        assertThat(six / 6).isBetween(0.95 * mm3, mm3);
    }

    /** Rings one after another, as their nodes place and turn them, hang in each other: the nearest wires are a wire apart, within a tenth. */
    @Test
    void gltfPlacesPartsThatBearOnEachOther() throws Exception {
        JsonNode gltf = json.readTree(export(Map.of("line", "5 * ring 1/5"), "gltf"));
        assertThat(gltf.get("meshes")).hasSize(1);
        assertThat(gltf.get("nodes")).hasSize(5);
        for (int n = 0; n + 1 < 5; n++) {
            List<Vector3D> one = circle(gltf.get("nodes").get(n));
            List<Vector3D> next = circle(gltf.get("nodes").get(n + 1));
            double nearest = one.stream()
                    .flatMap(a -> next.stream().map(a::distance))
                    .min(Double::compare)
                    .orElseThrow();
            assertThat(nearest).isCloseTo(1, within(0.1));
        }
    }

    /** The middle line of a ring of 6 mm across its middle, as its node puts it, mm. */
    private static List<Vector3D> circle(JsonNode node) {
        JsonNode t = node.get("translation");
        JsonNode q = node.get("rotation");
        var turn = new Rotation(
                q.get(3).asDouble(),
                -q.get(0).asDouble(),
                -q.get(1).asDouble(),
                -q.get(2).asDouble(),
                true);
        var at = new Vector3D(t.get(0).asDouble(), t.get(1).asDouble(), t.get(2).asDouble()).scalarMultiply(1000);
        // a ring's own port lies in its plane, its axis along z
        var places = new ArrayList<Vector3D>();
        for (int k = 0; k < 180; k++) {
            double angle = Math.toRadians(2 * k);
            places.add(at.add(turn.applyTo(new Vector3D(3 * Math.cos(angle), 3 * Math.sin(angle), 0))));
        }
        return places;
    }

    @Test
    void svgIsAtTrueSize() throws Exception {
        Element root = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(export(Map.of("line", "12 * ring 1/5"), "svg")))
                .getDocumentElement();
        double height = Double.parseDouble(root.getAttribute("height").replace("mm", ""));
        // hung: eleven insides further on than the first ring, two wires round both ends, its margins
        assertThat(height).isCloseTo(12 * 5 + 2 + 30, within(0.1));
        assertThat(root.getAttribute("viewBox")).endsWith("%.3f".formatted(height));
    }

    @Test
    void csvIsWhatItTakes() throws Exception {
        String text = new String(
                export(Map.of("line", "2 * (bead-link - ring 0.8/4)", "sparePercent", 50), "csv"),
                StandardCharsets.UTF_8);
        JsonNode piece = tell("/api/pieces/solve", Map.of("line", "2 * (bead-link - ring 0.8/4)"))
                .body();
        try (CSVParser rows = CSVParser.parse(
                new StringReader(text),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            List<CSVRecord> all = rows.getRecords();
            assertThat(all).extracting(row -> row.get("take")).containsExactly("ring", "wire", "bead");
            assertThat(all.get(0).get("count")).isEqualTo("2");
            assertThat(all.get(0).get("spare")).isEqualTo("1");
            assertThat(all.get(0).get("inside_mm")).isEqualTo("4.0000");
            assertThat(Double.parseDouble(all.get(1).get("length_mm")))
                    .isCloseTo(piece.at("/cutList/0/lengthMm").asDouble(), within(0.01));
            assertThat(all.get(1).get("count")).isEqualTo("2");
        }
    }

    @Test
    void theSheetSaysWhatToCutAndInWhichOrder() throws Exception {
        try (var sheet = Loader.loadPDF(export(PIECE, "pdf"))) {
            String words = new PDFTextStripper().getText(sheet);
            assertThat(words).contains("6 + 0", "5.00 mm inside", "open ring", "50 mm long", "Local rules");
        }
    }

    /** Every starter goes out and comes in as it was, and is what the schema says. */
    @Test
    void jsonComesInAsItWentOut() throws Exception {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/piece.schema.json")));
        for (Starters.Starter starter : Starters.all()) {
            Map<String, Object> question = Map.of(
                    "line",
                    starter.line(),
                    "metal",
                    starter.metal(),
                    "body",
                    Map.of("part", starter.body().name(), "girthMm", 170));
            JsonNode out = json.readTree(export(question, "json"));
            assertThat(schema.validate(out)).as(starter.id()).isEmpty();
            Answer in = readIn(out.toString());
            assertThat(in.status()).isEqualTo(200);
            ObjectNode back = (ObjectNode) in.at("/piece");
            assertThat(in.at("/weaves")).isEmpty();
            back.remove(List.of("spoolId", "finish"));
            back.properties()
                    .forEach(field -> assertThat(out.get(field.getKey())).isEqualTo(field.getValue()));
        }
    }

    private Answer readIn(String text) {
        return send(post("/api/pieces/import")
                .contentType(MediaType.TEXT_PLAIN)
                .content(text)
                .with(csrf()));
    }

    private Answer weave(String text) {
        return send(post("/api/own-weaves")
                .contentType(MediaType.TEXT_PLAIN)
                .content(text)
                .with(csrf()));
    }

    /** A piece of the maker's own weave goes to a workshop that does not have it, and takes it along. */
    @Test
    void aWeaveOfItsMakersOwnGoesWithIt() throws Exception {
        ObjectNode own = (ObjectNode) json.readTree(getClass().getResourceAsStream("/weaves/byzantine.json"));
        own.put("id", "harbour-chain").put("name", "harbour chain");
        Answer kept = weave(own.toString());
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        JsonNode out = json.readTree(export(Map.of("line", "weave harbour-chain 1/3.8 units=2"), "json"));
        assertThat(out.get("version").asInt()).isEqualTo(2);
        assertThat(out.get("weaves")).hasSize(1);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/piece.schema.json")));
        assertThat(schema.validate(out)).isEmpty();
        assertThat(readIn(out.toString()).at("/weaves")).isEmpty();
        ((ObjectNode) out.at("/weaves/0")).put("name", "another chain");
        assertThat(readIn(out.toString()).at("/code").asText()).isEqualTo("weave-id-taken");
        ((ObjectNode) out.at("/weaves/0")).put("name", "harbour chain");
        assertThat(send(delete("/api/own-weaves/" + kept.at("/own").asText()).with(csrf()))
                        .status())
                .isEqualTo(204);
        Answer elsewhere = readIn(out.toString());
        assertThat(elsewhere.at("/weaves")).hasSize(1);
        Answer again = weave(elsewhere.at("/weaves/0").asText());
        assertThat(again.status()).isEqualTo(200);
        assertThat(tell(
                                "/api/pieces/solve",
                                Map.of("line", elsewhere.at("/piece/line").asText()))
                        .status())
                .isEqualTo(200);
        send(delete("/api/own-weaves/" + again.at("/own").asText()).with(csrf()));
    }

    /** On paper it is coloured before its beads are joined in, and waxed at last. */
    @Test
    void theSheetSaysWhenItIsFinished() throws Exception {
        Map<String, Object> finish = Map.of("finishes", List.of("COLOUR", "SEAL"), "hardBeads", false);
        Map<String, Object> links = Map.of("line", "s-hook - 2 * (ring 1/4 - bead-link)", "finish", finish);
        try (var sheet = Loader.loadPDF(export(links, "pdf"))) {
            String text = new PDFTextStripper().getText(sheet);
            assertThat(text)
                    .containsSubsequence("sulphur bath", "nothing threaded on yet", "open ring", "wax it thinly");
        }
    }

    /** How it is finished goes with it, in a version that says so. */
    @Test
    void howItIsFinishedGoesAlong() throws Exception {
        Map<String, Object> finish = Map.of("finishes", List.of("COLOUR", "SEAL"), "hardBeads", true);
        JsonNode out = json.readTree(export(Map.of("line", "s-hook - ring 1/4", "finish", finish), "json"));
        assertThat(out.get("version").asInt()).isEqualTo(3);
        assertThat(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(Files.readString(Path.of("../docs/piece.schema.json")))
                        .validate(out))
                .isEmpty();
        assertThat(readIn(out.toString()).at("/piece/finish")).isEqualTo(json.valueToTree(finish));
        ((ObjectNode) out.get("finish")).putArray("finishes").add("RUB_BACK");
        assertThat(readIn(out.toString()).status()).isEqualTo(400);
    }

    @Test
    void whatIsNoPieceIsRefusedInWords() {
        assertThat(readIn("{").at("/code").asText()).isEqualTo("file-is-no-json");
        assertThat(readIn("{\"format\": \"other\"}").at("/code").asText()).isEqualTo("no-piece-file");
        assertThat(readIn("{\"format\": \"toroid-piece\", \"version\": 9}")
                        .at("/code")
                        .asText())
                .isEqualTo("piece-of-other-version");
        assertThat(readIn("{\"format\": \"toroid-piece\", \"version\": 1}")
                        .at("/code")
                        .asText())
                .isEqualTo("no-piece-file");
        assertThat(file("/api/pieces/export/doc", PIECE).getStatus()).isEqualTo(400);
    }
}
