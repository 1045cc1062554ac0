package toroid.server.photo;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.store.Edit;
import toroid.server.store.Kept;

/** Photos of runs. */
@RestController
@RequestMapping("/api/photos")
class PhotoController {
    /** What is kept is kept while it is asked for: nobody comes back for the answer. */
    private static final Duration PATIENCE = Duration.ofMinutes(1);

    private final Photos photos;
    private final Efforts efforts;

    PhotoController(Photos photos, Efforts efforts) {
        this.photos = photos;
        this.efforts = efforts;
    }

    @GetMapping
    List<Kept<PhotoData>> ofRun(@RequestParam UUID run) {
        return photos.ofRun(run);
    }

    @Operation(
            summary =
                    "Brings in a photo of a run: JPEG, PNG or WebP; it is kept scaled, upright, without what the camera"
                            + " wrote beside it. Sent again under the same id it is one")
    @PutMapping(path = "/{id}/picture", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Kept<PhotoData> take(
            @PathVariable UUID id,
            @RequestParam UUID run,
            @RequestParam(required = false) @Size(max = 200) String operation,
            @RequestBody byte[] picture) {
        return efforts.answer(() -> photos.take(id, run, operation, Developed.of(picture)), PATIENCE);
    }

    @GetMapping(path = "/{id}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).body(photos.picture(id, small));
    }

    @GetMapping("/{id}")
    Kept<PhotoNote> get(@PathVariable UUID id) {
        return photos.get(id);
    }

    /** Says what is to be seen on it. */
    @PutMapping("/{id}")
    Kept<PhotoNote> note(@PathVariable UUID id, @RequestBody @Valid Edit<PhotoNote> edit) {
        return photos.put(id, edit);
    }

    @DeleteMapping("/{id}")
    Kept<PhotoNote> delete(@PathVariable UUID id, @RequestParam int version) {
        return photos.delete(id, version);
    }

    @PostMapping("/{id}/restore")
    Kept<PhotoNote> restore(@PathVariable UUID id) {
        return photos.restore(id);
    }
}
