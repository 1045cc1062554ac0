package toroid.server.work;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Comparator;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Content of a kind known only by its address, read as strictly as any body. */
@Component
class ContentReader {
    private static final String WITHIN = "data";

    private final ObjectMapper mapper;
    private final Validator validator;

    ContentReader(ObjectMapper mapper, Validator validator) {
        this.mapper = mapper;
        this.validator = validator;
    }

    /**
     * @throws HttpMessageNotReadableException when it is not of that kind
     * @throws Refusal when something is missing
     */
    <C> C read(JsonNode content, Class<C> type) {
        if (content.isNull()) {
            throw Refusal.of(ServerCode.MISSING, WITHIN, null);
        }
        C read;
        try {
            read = mapper.treeToValue(content, type);
        } catch (JsonProcessingException unreadable) {
            if (unreadable instanceof JsonMappingException mapping) {
                mapping.prependPath(content, WITHIN);
            }
            throw new HttpMessageNotReadableException("not such a job", unreadable, request());
        }
        validator.validate(read).stream()
                .min(Comparator.comparing((ConstraintViolation<C> missing) ->
                        missing.getPropertyPath().toString()))
                .ifPresent(missing -> {
                    String field = WITHIN + "." + missing.getPropertyPath();
                    throw Refusal.of(ServerCode.MISSING, field, null);
                });
        return read;
    }

    private static ServletServerHttpRequest request() {
        var attributes = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        return new ServletServerHttpRequest(attributes.getRequest());
    }
}
