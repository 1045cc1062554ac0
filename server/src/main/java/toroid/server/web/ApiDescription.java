package toroid.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import toroid.core.numeric.Code;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.NoteCode;
import toroid.server.store.ServerCode;

/** The head of {@code /api/openapi.json}. */
@Configuration
class ApiDescription {
    private static final List<String> CORE_RECORDS = List.of(
            "Figure",
            "Note",
            "Coil",
            "WireNames",
            "Named",
            "Understood",
            "Repeatability",
            "Mark",
            "HandlingTail",
            "Expected",
            "Looseness",
            "Lengthening",
            "FromWire",
            "Makes",
            "Reach",
            "Hammered",
            "PreClosed",
            "PatchExtent",
            "CompositionStage",
            "Level",
            "ScaleCount",
            "Rates",
            "Pace",
            "PhotoSize",
            "Spot",
            "CoilLosses");

    @Bean
    OpenAPI description() {
        String words =
                "Jump rings and wire forms, from wire and tool to the finished piece. Lengths are millimetres, masses grams, forces newtons,"
                        + " stresses megapascals; bands are 95 %. /api/rings, /api/forms, /api/weaves, /api/springback, /api/quantity, /api/line and"
                        + " /api/spools/weigh keep nothing and need no token on loopback. Calls that write need the XSRF-TOKEN cookie's"
                        + " value in the X-XSRF-TOKEN header. Refusals are problem+json with code, field, value, range, unit, remedy and values: no sentences."
                        + " What takes longer than two seconds is answered 202 with a number: GET /api/efforts/{number} until it is there,"
                        + " DELETE to call it off; a header X-Effort chooses the number beforehand.";
        return new OpenAPI()
                .info(new Info().title("Toroid").version("1").description(words))
                .servers(List.of(new Server().url("/")));
    }

    /** Every code, remedy and unit by name, so that the app does not build while one of them has no words. */
    @Bean
    OpenApiCustomizer everyCodeByName() {
        return api -> {
            var schemas = api.getComponents().getSchemas();
            schemas.put(
                    "RefusalCode",
                    oneOf(Stream.of(RefusalCode.values(), ServerCode.values())
                            .flatMap(Stream::of)
                            .map(code -> ((Code) code).id())));
            schemas.put(
                    "Remedy",
                    oneOf(Stream.concat(
                            Stream.of("as-its-form-says", "usual"),
                            Stream.of(Remedy.values()).map(Remedy::id))));
            schemas.put("RefusalUnit", oneOf(Stream.of(Unit.values()).map(Unit::symbol)));
            schemas.put("NoteCode", oneOf(Stream.of(NoteCode.values()).map(Code::id)));
            ((Schema<?>) schemas.get("Note")).addProperty("code", new Schema<>().$ref("#/components/schemas/NoteCode"));
        };
    }

    private static StringSchema oneOf(Stream<String> names) {
        var schema = new StringSchema();
        names.sorted().forEach(schema::addEnumItem);
        return schema;
    }

    /** The core's records know no web annotations; none of their parts is ever missing but a trade name. */
    @Bean
    OpenApiCustomizer coreRecordsAreWhole() {
        return api -> CORE_RECORDS.forEach(name -> {
            Schema<?> schema = api.getComponents().getSchemas().get(name);
            schema.setRequired(schema.getProperties().keySet().stream()
                    .filter(property -> !property.equals("tradeName"))
                    .sorted()
                    .toList());
        });
    }
}
