package toroid.server.export;

import java.util.function.Supplier;
import org.springframework.http.ResponseEntity;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;
import toroid.server.weave.LaidPatch;

/** Laid rings as a file in an open format. */
final class PatchFile {
    private PatchFile() {}

    /** @throws Refusal for a format that is none of svg, stl, gltf, csv */
    static ResponseEntity<byte[]> of(String name, String format, Supplier<LaidPatch> laid) {
        byte[] body = switch (format) {
            case "svg" -> ExportFile.utf8(PatchExports.svg(laid.get()));
            case "stl" -> PatchExports.stl(laid.get());
            case "gltf" -> ExportFile.utf8(PatchExports.gltf(laid.get()));
            case "csv" -> ExportFile.utf8(PatchExports.csv(laid.get()));
            default -> throw Refusal.of(ServerCode.UNKNOWN_FORMAT_OF_RINGS, "format", format);
        };
        return ExportFile.of(name, format, body);
    }

    static ResponseEntity<byte[]> json(String name, String text) {
        return ExportFile.of(name, "json", ExportFile.utf8(text));
    }
}
