package toroid.server.work;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import toroid.core.work.FinishStep;
import toroid.core.work.FormingStep;
import toroid.core.work.Inspected;
import toroid.core.work.PartsHandled;
import toroid.core.work.RingStep;
import toroid.core.work.RingsHandled;

/** What the API says of jobs: the content, facts and sketch of each kind, and the operations' details, which calls tell only by kind. */
@Configuration
class WorkDescription {
    /** The core's records know no web annotations: what of each may be missing. */
    private static final Map<String, Set<String>> MAY_BE_MISSING = Map.ofEntries(
            Map.entry("Operation", Set.of("waits")),
            Map.entry("Wait", Set.of()),
            Map.entry("Plan", Set.of()),
            Map.entry("Draw", Set.of()),
            Map.entry("Measurable", Set.of("planned", "low", "high")),
            Map.entry("RingStep", Set.of()),
            Map.entry("FormingStep", Set.of("own", "of")),
            Map.entry("PartOf", Set.of()),
            Map.entry("Inspected", Set.of()),
            Map.entry("Finding", Set.of("apart", "matches")),
            Map.entry("Found", Set.of()),
            Map.entry("Check", Set.of("quantity", "unit", "target", "within", "pairWithin", "restMm")),
            Map.entry("Round", Set.of()),
            Map.entry("FinishStep", Set.of()),
            Map.entry("FinishWork", Set.of()),
            Map.entry("Lot", Set.of()),
            Map.entry("Finishing", Set.of()),
            Map.entry(
                    "FormStep",
                    Set.of("gripMm", "fromMiddleMm", "insideMm", "toolMm", "degrees", "heldDegrees", "turns", "flat")),
            Map.entry("OwnTool", Set.of()),
            Map.entry("RingsHandled", Set.of("of")),
            Map.entry("OfPart", Set.of()),
            Map.entry("Strung", Set.of()),
            Map.entry("PartsHandled", Set.of()),
            Map.entry("ExerciseInfo", Set.of("formId", "usualWireMm", "usualSizeMm")),
            Map.entry("Criterion", Set.of("worst")),
            Map.entry("Season", Set.of("best", "changePercent", "lowPercent", "highPercent")),
            Map.entry("Verdict", Set.of("spread")),
            Map.entry("Remark", Set.of("at")),
            Map.entry("Finished", Set.of()),
            Map.entry("Cut", Set.of("metal", "lot")));

    @Bean
    @Order(0)
    OpenApiCustomizer kindsAreTold(List<JobKind<?, ?>> kinds) {
        return api -> {
            kinds.forEach(kind -> {
                add(api, kind.content());
                add(api, kind.facts());
                add(api, kind.sketches());
            });
            List.of(
                            RingStep.class,
                            FormingStep.class,
                            RingsHandled.class,
                            PartsHandled.class,
                            Inspected.class,
                            FinishStep.class)
                    .forEach(detail -> add(api, detail));
            MAY_BE_MISSING.forEach((name, missing) -> whole(api, name, missing));
        };
    }

    private static void add(OpenAPI api, Class<?> type) {
        ModelConverters.getInstance().readAll(type).forEach((name, schema) -> {
            if (!api.getComponents().getSchemas().containsKey(name)) {
                api.getComponents().addSchemas(name, schema);
            }
        });
    }

    private static void whole(OpenAPI api, String name, Set<String> missing) {
        Schema<?> told = api.getComponents().getSchemas().get(name);
        Schema<?> schema = told == null || told.getAllOf() == null
                ? told
                : told.getAllOf().stream()
                        .filter(part -> part.getProperties() != null)
                        .findFirst()
                        .orElse(null);
        if (schema == null || schema.getProperties() == null) {
            throw new IllegalStateException("the API does not tell of " + name);
        }
        Map<String, ?> properties = schema.getProperties();
        schema.setRequired(properties.keySet().stream()
                .filter(property -> !missing.contains(property))
                .sorted()
                .toList());
    }
}
