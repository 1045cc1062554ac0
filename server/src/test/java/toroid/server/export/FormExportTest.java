package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.batik.ext.awt.geom.PathLength;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import toroid.server.ApiTest;

/** Forms out in open formats, read again by libraries that know nothing of Toroid; and back in. */
class FormExportTest extends ApiTest {
    private byte[] export(String form, String format, Map<String, Object> question) throws Exception {
        var response = file("/api/forms/" + form + "/export/" + format, question);
        assertThat(response.getStatus()).as(form + " as " + format).isEqualTo(200);
        assertThat(response.getHeader("Content-Disposition")).contains(form + "." + format);
        return response.getContentAsByteArray();
    }

    private Answer importText(String text) {
        return send(post("/api/forms/import")
                .contentType(MediaType.TEXT_PLAIN)
                .content(text)
                .with(csrf()));
    }

    /** Flat forms: the length of the drawn path, measured by Batik, is the developed length. */
    @ParameterizedTest
    @ValueSource(
            strings = {"plain-loop", "s-hook", "fish-hook", "spiral-flat", "ear-cuff", "square-frame", "crimped-wire"})
    void theSvgPathIsAsLongAsTheWire(String form) throws Exception {
        Answer solved = tell("/api/forms/" + form + "/solve", Map.of());
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(export(form, "svg", Map.of())));
        Element root = svg.getDocumentElement();
        double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
        assertThat(root.getAttribute("viewBox")).startsWith("0 0 %.3f".formatted(width));
        NodeList paths = svg.getElementsByTagName("path");
        boolean flat = solved.at("/extentMm/z").asDouble() < 1.2 * solved.number("wireDiameterMm");
        double length = 0;
        for (int i = 0; i < paths.getLength(); i++) {
            Element path = (Element) paths.item(i);
            double measured = measured(path.getAttribute("d"));
            if (path.getAttribute("id").equals("check")) {
                assertThat(measured).isCloseTo(56, within(1e-3)); // 50 mm and its two 3 mm ticks
            } else {
                length += measured;
            }
        }
        double wire = solved.number("lengthInPieceMm");
        assertThat(length).isCloseTo(wire, within(flat ? 2e-3 * wire : 0.2 * wire));
    }

    private static double measured(String d) throws Exception {
        Shape shape = AWTPathProducer.createShape(new StringReader(d), PathIterator.WIND_NON_ZERO);
        return new PathLength(shape).lengthOfPath();
    }

    @Test
    void thePdfIsOneTrueSizeSheetWithItsCheckLine() throws Exception {
        try (var pdf = Loader.loadPDF(export("wing", "pdf", Map.of()))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("wing outline").contains("50 mm").contains("marks from the cut end");
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(595.3f, within(1f));
        }
    }

    @Test
    void theStlHoldsAsManyTrianglesAsItSaysAndItsBoxIsTheWires() throws Exception {
        Answer solved = tell("/api/forms/wrapped-loop/solve", Map.of());
        ByteBuffer stl =
                ByteBuffer.wrap(export("wrapped-loop", "stl", Map.of())).order(ByteOrder.LITTLE_ENDIAN);
        int triangles = stl.getInt(80);
        assertThat(stl.capacity()).isEqualTo(84 + 50 * triangles);
        float low = Float.MAX_VALUE;
        float high = -Float.MAX_VALUE;
        for (int i = 0; i < triangles; i++) {
            for (int k = 1; k <= 3; k++) {
                float x = stl.getFloat(84 + 50 * i + 12 * k);
                low = Math.min(low, x);
                high = Math.max(high, x);
            }
        }
        assertThat((double) (high - low)).isCloseTo(solved.at("/extentMm/x").asDouble(), within(0.03));
    }

    @ParameterizedTest
    @ValueSource(strings = {"bead-link", "spiral-open", "outline", "toggle"})
    void aDefinitionGoesOutAndComesBackTheSame(String form) throws Exception {
        Map<String, Object> question = Map.of("wireDiameterMm", 0.95, "metal", "yellow-brass", "leftHanded", true);
        Answer before = tell("/api/forms/" + form + "/solve", question);
        Answer back = importText(new String(export(form, "json", question), StandardCharsets.UTF_8));
        assertThat(back.at("/formId").asText()).isEqualTo(form);
        assertThat(back.at("/answer/lengthToCutMm").asDouble()).isEqualTo(before.number("lengthToCutMm"));
        assertThat(back.at("/answer/metal").asText()).isEqualTo("yellow-brass");
        assertThat(back.at("/answer/wires/0/points")).isEqualTo(before.at("/wires/0/points"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"s-hook", "fish-hook", "curved-bar"})
    void aBendTableGoesOutAndComesBackAsAnOutline(String form) throws Exception {
        Answer before = tell("/api/forms/" + form + "/solve", Map.of("wireDiameterMm", 1.0));
        String csv = new String(export(form, "csv", Map.of("wireDiameterMm", 1.0)), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("feed_mm,rotate_deg,bend_deg,inside_radius_mm");
        Answer back = importText(csv);
        assertThat(back.at("/formId").asText()).isEqualTo("outline");
        assertThat(back.at("/answer/lengthInPieceMm").asDouble())
                .isCloseTo(before.number("lengthInPieceMm"), within(1e-3));
    }

    @Test
    void whatIsNotWhatItSaysIsRefusedWithTheReason() {
        assertThat(importText("{\"format\":\"other\"}").at("/code").asText()).isEqualTo("no-form-definition");
        assertThat(importText("{\"format\":\"toroid-form\",\"version\":7,\"form\":\"wing\"}")
                        .at("/detail")
                        .asText())
                .contains("version");
        assertThat(importText("{not json").status()).isEqualTo(400);
        Answer table = importText("feed_mm,rotate_deg,bend_deg,inside_radius_mm\n10,0,x,1\n");
        assertThat(table.at("/detail").asText())
                .contains("table-no-number: file is x")
                .contains("line=1");
        assertThat(importText("a,b\n1,2\n").at("/detail").asText()).contains("column=feed_mm");
    }

    @Test
    void aCoilIsNoBendTableAndAnUnknownFormatIsNamed() {
        assertThat(tell("/api/forms/coil-tight/export/csv", Map.of())
                        .at("/code")
                        .asText())
                .isEqualTo("no-bends-in-a-coil");
        assertThat(tell("/api/forms/wing/export/doc", Map.of()).at("/code").asText())
                .isEqualTo("unknown-format-of-forms");
    }
}
