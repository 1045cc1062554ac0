package toroid.server.preference;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;

@RestController
@RequestMapping("/api/preferences")
class PreferenceController {
    private final Preferences preferences;

    PreferenceController(Preferences preferences) {
        this.preferences = preferences;
    }

    @GetMapping
    Kept<Choices> current() {
        return preferences.current();
    }

    /** @throws NotKept for any id but the one {@link #current} answers */
    @PutMapping("/{id}")
    Kept<Choices> put(@PathVariable UUID id, @RequestBody @Valid Edit<Choices> edit) {
        if (!id.equals(Preferences.THE_ONE)) {
            throw new NotKept("set of preferences", id);
        }
        return preferences.put(id, edit);
    }
}
