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
import toroid.server.store.RefusalView;
import toroid.server.store.ServerCode;

/** A body that cannot be read, told by the field where reading stopped. */
final class UnreadableBody {
    private static final String WHOLE = "body";

    private UnreadableBody() {}

    /** @param refused tells what is refused */
    static ProblemDetail of(HttpMessageNotReadableException unreadable, Function<Refusal, ProblemDetail> refused) {
        for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return refused.apply(refusal);
            }
            if (cause instanceof BodyLimits.BodyTooLarge large) {
                return Problems.problem(
                        HttpStatus.PAYLOAD_TOO_LARGE,
                        RefusalView.of(Refusal.of(ServerCode.BODY_TOO_LARGE, WHOLE, null)
                                .with("mostKb", large.mostKb())),
                        large.getMessage());
            }
        }
        return refused.apply(named(unreadable.getCause()));
    }

    private static Refusal named(Throwable cause) {
        String field = cause instanceof JsonMappingException mapping ? path(mapping) : WHOLE;
        if (cause instanceof UnrecognizedPropertyException) {
            return Refusal.of(ServerCode.UNKNOWN_FIELD, field, null);
        }
        JsonParseException broken = broken(cause);
        if (broken != null) {
            boolean twice = broken.getOriginalMessage().startsWith("Duplicate field");
            return Refusal.of(
                    twice ? ServerCode.SAID_TWICE : ServerCode.UNREADABLE,
                    field.equals(WHOLE) ? current(broken) : field,
                    null);
        }
        if (field.equals(WHOLE)) {
            return Refusal.of(ServerCode.UNREADABLE, field, null);
        }
        boolean unkeepable = ((JsonMappingException) cause).getOriginalMessage().contains(KeepableText.UNKEEPABLE);
        return Refusal.of(unkeepable ? ServerCode.BAD_CHARACTER : ServerCode.UNREADABLE_VALUE, field, null);
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
}
