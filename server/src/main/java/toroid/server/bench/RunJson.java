package toroid.server.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** Plans and counts as the database keeps them. A plan written by an earlier version may have fields unknown now, and lack later ones. */
@Component
class RunJson {
    private static final TypeReference<TreeMap<Integer, Integer>> COUNTS = new TypeReference<>() {};

    private final ObjectMapper mapper;

    RunJson(ObjectMapper mapper) {
        this.mapper = mapper.copy()
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES);
    }

    String write(Object value) {
        try {
            return mapper.writeValueAsString(value);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("a run's plan could not be written", failure);
        }
    }

    <T> T read(String json, Class<T> type) {
        try {
            return mapper.readValue(json, type);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("a run's plan could not be read", failure);
        }
    }

    Map<Integer, Integer> counts(String json) {
        try {
            return mapper.readValue(json, COUNTS);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("a run's counts could not be read", failure);
        }
    }
}
