package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The published JSON Schema takes every shipped weave, by a general validator, and refuses what the reader refuses. */
class WeaveSchemaTest {
    private static java.util.stream.Stream<String> ids() {
        return Weaves.ids();
    }

    private static JsonSchema schema() throws IOException {
        String text = Files.readString(Path.of("../docs/weave.schema.json"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text);
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyShippedWeaveIsValid(String id) throws IOException {
        assertThat(schema().validate(Weaves.text(id), InputFormat.JSON)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "\"version\": 1, \"version\": 2",
        "\"kind\": \"chain\", \"kind\": \"knot\"",
        "\"pitch\": 1.418, \"pitch\": 0"
    })
    void whatTheReaderRefusesIsInvalid(String from, String to) throws IOException {
        String text = Weaves.text("box-chain");
        assertThat(text).contains(from);
        assertThat(schema().validate(text.replace(from, to), InputFormat.JSON)).isNotEmpty();
    }

    @Test
    void theDocumentsOwnExampleIsValid() throws IOException {
        String doc = Files.readString(Path.of("../docs/weave-format.md"));
        String example = doc.substring(doc.indexOf("```json") + 7, doc.indexOf("```", doc.indexOf("```json") + 7));
        assertThat(schema().validate(example, InputFormat.JSON)).isEmpty();
        assertThat(toroid.core.weave.solve.StartPose.of(toroid.core.weave.pattern.WeaveJson.read(example))
                        .rings())
                .hasSize(1);
    }
}
