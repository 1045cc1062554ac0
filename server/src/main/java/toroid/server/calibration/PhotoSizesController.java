package toroid.server.calibration;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.calibration.photo.CheckCard;
import toroid.core.calibration.photo.PhotoSizes;
import toroid.core.calibration.photo.Spot;

/** Sizes of what lies beside a card in a photo: only where things are in it is told, the photo stays on the device. Keeps nothing. */
@RestController
@RequestMapping("/api/photo-sizes")
class PhotoSizesController {
    private static final int MOST = 100;

    record SpotAt(@NotNull Double x, @NotNull Double y) {
        Spot toCore() {
            return new Spot(x, y);
        }
    }

    record MarkAt(
            @NotNull PhotoSizes.Kind kind,
            @NotNull Double wireMm,
            @NotNull @Size(max = MOST) List<@NotNull @Valid SpotAt> spots) {
        PhotoSizes.Mark toCore() {
            return new PhotoSizes.Mark(
                    kind, wireMm, spots.stream().map(SpotAt::toCore).toList());
        }
    }

    /** @param corners of the card in turn, its long side first; in the photo's points */
    record PhotoQuestion(
            @NotNull CheckCard card,
            @NotNull @Size(max = MOST) List<@NotNull @Valid SpotAt> corners,
            @NotNull @Size(max = MOST) List<@NotNull @Valid MarkAt> marks) {}

    /** @param sizes one for each mark */
    record PhotoAnswer(@NotNull List<PhotoSizes.PhotoSize> sizes) {}

    @PostMapping
    PhotoAnswer sizes(@Valid @RequestBody PhotoQuestion asked) {
        return new PhotoAnswer(PhotoSizes.of(
                asked.card(),
                asked.corners().stream().map(SpotAt::toCore).toList(),
                asked.marks().stream().map(MarkAt::toCore).toList()));
    }
}
