package toroid.server.export;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** What is taken out, as a file to be saved. */
final class ExportFile {
    private static final Map<String, String> TYPES = Map.of(
            "svg", "image/svg+xml",
            "pdf", "application/pdf",
            "dxf", "image/vnd.dxf",
            "stl", "model/stl",
            "gltf", "model/gltf+json",
            "csv", "text/csv;charset=UTF-8",
            "json", "application/json");

    private ExportFile() {}

    /** @param format one of those this knows */
    static ResponseEntity<byte[]> of(String name, String format, byte[] body) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(TYPES.get(format)))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + "." + format)
                                .build()
                                .toString())
                .body(body);
    }

    static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
