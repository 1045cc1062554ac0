package toroid.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of {@code /api/openapi.json}. */
@Configuration
class ApiDescription {
    private static final List<String> CORE_RECORDS = List.of(
            "Figure",
            "Note",
            "Coil",
            "RingStep",
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
            "PieceExtent",
            "CompositionStage");

    @Bean
    OpenAPI description() {
        String words =
                "Jump rings and wire forms, from wire and tool to the finished piece. Lengths are millimetres, masses grams, forces newtons,"
                        + " stresses megapascals; bands are 95 %. /api/rings, /api/forms, /api/weaves, /api/springback, /api/quantity, /api/line and"
                        + " /api/spools/weigh keep nothing and need no token on loopback. Calls that write need the XSRF-TOKEN cookie's"
                        + " value in the X-XSRF-TOKEN header. Refusals are problem+json with code, field, limit and unit."
                        + " What takes longer than two seconds is answered 202 with a number: GET /api/efforts/{number} until it is there,"
                        + " DELETE to call it off; a header X-Effort chooses the number beforehand.";
        return new OpenAPI()
                .info(new Info().title("Toroid").version("1").description(words))
                .servers(List.of(new Server().url("/")));
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
