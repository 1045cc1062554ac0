package toroid.server.stock;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** A lot's facts, and what else is told of the shelf, as the database keeps them. */
@Component
class FactsJson {
    private final ObjectMapper mapper;

    FactsJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    String write(Object told) {
        try {
            return mapper.writeValueAsString(told);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    <T> T read(String written, Class<T> type) {
        try {
            return mapper.readValue(written, type);
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException("what is kept of the shelf cannot be read", unreadable);
        }
    }

    /** Numbers as the core has them, whatever form they were kept in. */
    Map<String, Object> read(String written) {
        try {
            var facts = new TreeMap<>(mapper.readValue(written, new TypeReference<Map<String, Object>>() {}));
            facts.replaceAll((id, value) -> value instanceof Number number
                    ? Double.valueOf(number.doubleValue())
                    : value instanceof java.util.List<?> list ? numbers(list) : value);
            return facts;
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException("a lot's facts cannot be read", unreadable);
        }
    }

    private static java.util.List<Object> numbers(java.util.List<?> list) {
        return list.stream()
                .map(one -> one instanceof Number number ? (Object) number.doubleValue() : one)
                .toList();
    }
}
