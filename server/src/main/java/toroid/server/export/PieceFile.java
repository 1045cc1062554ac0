package toroid.server.export;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import toroid.core.numeric.Refusal;
import toroid.server.weave.LaidPiece;

/** Laid rings as a file in an open format. */
final class PieceFile {
    private static final Map<String, String> TYPES = Map.of(
            "svg", "image/svg+xml",
            "stl", "model/stl",
            "gltf", "model/gltf+json",
            "csv", "text/csv;charset=UTF-8",
            "json", "application/json");

    private PieceFile() {}

    /** @throws Refusal for a format that is none of svg, stl, gltf, csv */
    static ResponseEntity<byte[]> of(String name, String format, Supplier<LaidPiece> laid) {
        byte[] body = switch (format) {
            case "svg" -> utf8(PieceExports.svg(laid.get()));
            case "stl" -> PieceExports.stl(laid.get());
            case "gltf" -> utf8(PieceExports.gltf(laid.get()));
            case "csv" -> utf8(PieceExports.csv(laid.get()));
            default ->
                throw Refusal.of(
                        "unknown-format",
                        "format",
                        format,
                        "Rings are not written as " + format + ".",
                        "Use svg, stl, gltf or csv; a weave itself as json.");
        };
        return file(name, format, body);
    }

    static ResponseEntity<byte[]> json(String name, String text) {
        return file(name, "json", utf8(text));
    }

    private static ResponseEntity<byte[]> file(String name, String format, byte[] body) {
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

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
