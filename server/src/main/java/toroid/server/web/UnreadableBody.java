package toroid.server.web;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.io.IOException;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import toroid.core.numeric.Refusal;

/** A body that cannot be read, told by the field where reading stopped. */
final class UnreadableBody {
    private static final String WHOLE = "body";

    private UnreadableBody() {}

    /** @param refused tells what the core refused while the body became a question */
    static ProblemDetail of(HttpMessageNotReadableException unreadable, Function<Refusal, ProblemDetail> refused) {
        for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return refused.apply(refusal);
            }
            if (cause instanceof BodyLimits.BodyTooLarge large) {
                return Problems.problem(HttpStatus.PAYLOAD_TOO_LARGE, "body-too-large", large.getMessage());
            }
        }
        return named(unreadable.getCause());
    }

    private static ProblemDetail named(Throwable cause) {
        String field = cause instanceof JsonMappingException mapping ? path(mapping) : WHOLE;
        if (cause instanceof UnrecognizedPropertyException) {
            return problem(
                    "unknown-field",
                    field,
                    "There is no field \"%s\" here. Check its spelling in /api/openapi.json.".formatted(field));
        }
        JsonParseException broken = broken(cause);
        if (broken != null) {
            String where = field.equals(WHOLE) ? current(broken) : field;
            boolean twice = broken.getOriginalMessage().startsWith("Duplicate field");
            return problem(
                    twice ? "said-twice" : "unreadable",
                    where,
                    twice
                            ? "\"%s\" is said twice. Say it once.".formatted(where)
                            : "The request is not readable JSON at \"%s\". Send a JSON object.".formatted(where));
        }
        if (field.equals(WHOLE)) {
            return problem("unreadable", field, "The request is not the JSON object asked for. Send one.");
        }
        if (((JsonMappingException) cause).getOriginalMessage().contains(KeepableText.UNKEEPABLE)) {
            return problem(
                    "bad-character",
                    field,
                    "\"%s\" holds a character that cannot be kept. Type it again.".formatted(field));
        }
        return problem(
                "unreadable-value",
                field,
                "The value of \"%s\" cannot be read. Send it in the type /api/openapi.json gives.".formatted(field));
    }

    private static JsonParseException broken(Throwable cause) {
        Throwable at = cause;
        while (at != null && !(at instanceof JsonParseException)) {
            at = at.getCause();
        }
        return (JsonParseException) at;
    }

    private static String current(JsonParseException broken) {
        try {
            JsonParser parser = broken.getProcessor();
            String name = parser == null ? null : parser.currentName();
            return name == null ? WHOLE : name;
        } catch (IOException closed) {
            return WHOLE;
        }
    }

    private static String path(JsonMappingException mapping) {
        String path = mapping.getPath().stream()
                .map(reference ->
                        reference.getFieldName() == null ? "[" + reference.getIndex() + "]" : reference.getFieldName())
                .collect(Collectors.joining("."));
        return path.isEmpty() ? WHOLE : path;
    }

    private static ProblemDetail problem(String code, String field, String detail) {
        ProblemDetail problem = Problems.problem(HttpStatus.BAD_REQUEST, code, detail);
        problem.setProperty("field", field);
        return problem;
    }
}
