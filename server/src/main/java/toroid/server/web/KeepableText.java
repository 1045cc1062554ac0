package toroid.server.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import com.fasterxml.jackson.databind.deser.std.UntypedObjectDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.util.Collection;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Text that comes in, wherever it stands in a body, can be kept: the character of code zero, which PostgreSQL takes in no text, is
 * refused while the body is read, so that the answer names the field.
 */
@Component
class KeepableText extends SimpleModule {
    private static final long serialVersionUID = 1L;

    static final String UNKEEPABLE = "a character that cannot be kept";

    KeepableText() {
        super("keepable text");
        addDeserializer(String.class, new Text());
        addDeserializer(Object.class, new Anything());
        addKeyDeserializer(String.class, new Key());
    }

    private static boolean keepable(Object read) {
        if (read instanceof String text) {
            return text.indexOf(0) < 0;
        }
        if (read instanceof Map<?, ?> map) {
            return keepable(map.keySet()) && keepable(map.values());
        }
        return !(read instanceof Collection<?> many) || many.stream().allMatch(KeepableText::keepable);
    }

    private static final class Text extends StringDeserializer {
        private static final long serialVersionUID = 1L;

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            String text = super.deserialize(parser, context);
            return keepable(text) ? text : context.reportInputMismatch(this, UNKEEPABLE);
        }
    }

    private static final class Key extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) throws IOException {
            return keepable(key) ? key : context.handleWeirdKey(String.class, "", UNKEEPABLE);
        }
    }

    private static final class Anything extends UntypedObjectDeserializer {
        private static final long serialVersionUID = 1L;

        Anything() {
            super((JavaType) null, null);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            Object read = super.deserialize(parser, context);
            return keepable(read) ? read : context.reportInputMismatch(this, UNKEEPABLE);
        }
    }
}
