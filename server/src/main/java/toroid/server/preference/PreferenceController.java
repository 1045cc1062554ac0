package toroid.server.preference;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.Edit;
import toroid.server.store.Kept;

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

    @PutMapping
    Kept<Choices> put(@RequestBody @Valid Edit<Choices> edit) {
        return preferences.put(Preferences.THE_ONE, edit);
    }
}
