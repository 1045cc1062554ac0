package toroid.server.preference;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;

/** Keeps the one set of choices. */
@Service
public class Preferences extends Keeper<Preference, Choices> {
    /** There is one workshop, and so one set of choices. */
    static final UUID THE_ONE = new UUID(0, 1);

    private final PreferenceRepository repository;
    private final ObjectMapper mapper;

    Preferences(PreferenceRepository repository, ObjectMapper mapper, Clock clock) {
        super("preference", repository, clock);
        this.repository = repository;
        this.mapper = mapper.copy().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    }

    /** The choices kept, or the usual ones with version 0 while none are. */
    public Kept<Choices> current() {
        return repository
                .findById(THE_ONE)
                .map(this::kept)
                .orElseGet(() -> new Kept<>(THE_ONE, 0, now(), false, Choices.usual()));
    }

    @Override
    protected Preference blank() {
        return new Preference();
    }

    @Override
    protected void fill(Preference preference, Choices choices) {
        try {
            preference.fill(mapper.writeValueAsString(choices));
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("the choices could not be written", failure);
        }
    }

    @Override
    protected Choices dataOf(Preference preference) {
        try {
            return mapper.readValue(preference.choices(), Choices.class);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("the choices could not be read", failure);
        }
    }

    @Override
    protected void check(Choices choices) {
        choices.check();
    }
}
