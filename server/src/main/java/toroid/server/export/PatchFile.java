package toroid.server.export;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;
import toroid.server.weave.LaidPatch;

/** Laid rings as a file in an open format. */
final class PatchFile {
    private static final Map<String, String> TYPES = Map.of(
            "svg", "image/svg+xml",
            "stl", "model/stl",
            "gltf", "model/gltf+json",
            "csv", "text/csv;charset=UTF-8",
            "json", "application/json");

    private PatchFile() {}

    /** @throws Refusal for a format that is none of svg, stl, gltf, csv */
    static ResponseEntity<byte[]> of(String name, String format, Supplier<LaidPatch> laid) {
        byte[] body = switch (format) {
            case "svg" -> utf8(PatchExports.svg(laid.get()));
            case "stl" -> PatchExports.stl(laid.get());
            case "gltf" -> utf8(PatchExports.gltf(laid.get()));
            case "csv" -> utf8(PatchExports.csv(laid.get()));
            default -> throw Refusal.of(ServerCode.UNKNOWN_FORMAT_OF_RINGS, "format", format);
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
