package toroid.server.work;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.core.work.Detail;
import toroid.core.work.FinishStep;
import toroid.core.work.FormingStep;
import toroid.core.work.Inspected;
import toroid.core.work.Operation;
import toroid.core.work.PartsHandled;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.core.work.RingStep;
import toroid.core.work.RingsHandled;
import toroid.core.work.Wait;
import toroid.server.store.Recent;
import toroid.server.store.ServerCode;

/** Content, plans and progress as the database keeps them: each in its version, lifted to today's when it is read. */
@Component
public class WorkJson {
    private static final Logger LOG = LoggerFactory.getLogger(WorkJson.class);

    private static final int GLANCES = 4000;

    private final ObjectMapper mapper;
    private final Recent<String, Glance> glances = new Recent<>(GLANCES);

    WorkJson(ObjectMapper mapper) {
        this.mapper = mapper.copy()
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES);
    }

    /** Which family an operation's detail is of, told with it. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "family")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = RingStep.class, name = "rings"),
        @JsonSubTypes.Type(value = FormingStep.class, name = "forming"),
        @JsonSubTypes.Type(value = RingsHandled.class, name = "weaving"),
        @JsonSubTypes.Type(value = PartsHandled.class, name = "joining"),
        @JsonSubTypes.Type(value = Inspected.class, name = "checking"),
        @JsonSubTypes.Type(value = FinishStep.class, name = "finishing")
    })
    interface Families {}

    /** What waits for nothing says nothing of it. */
    interface Waiting {
        @JsonInclude(JsonInclude.Include.NON_NULL)
        Wait waits();
    }

    /** Where none is made ahead nothing is said of it. */
    interface Ahead {
        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        int ahead();
    }

    /** The core knows no JSON. */
    @Configuration
    static class Details {
        @Bean
        Jackson2ObjectMapperBuilderCustomizer familiesAreTold() {
            return builder -> builder.mixIn(Detail.class, Families.class)
                    .mixIn(Operation.class, Waiting.class)
                    .mixIn(Plan.class, Ahead.class);
        }
    }

    public String write(Object value) {
        try {
            return mapper.writeValueAsString(value);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("what is kept could not be written", failure);
        }
    }

    public <T> T read(String json, Class<T> type) {
        try {
            return mapper.readValue(json, type);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("what is kept could not be read", failure);
        }
    }

    public <T> T read(JsonNode json, Class<T> type) {
        try {
            return mapper.treeToValue(json, type);
        } catch (JsonProcessingException failure) {
            throw new IllegalStateException("what is kept could not be read", failure);
        }
    }

    ObjectNode tree(Object value) {
        return mapper.valueToTree(value);
    }

    <C> C content(JobKind<C, ?> kind, int version, String json) {
        return read(lifted(json, version, kind.contentUpgrades()), kind.content());
    }

    /**
     * The plan as it stood when its run began, told as plans are told today.
     *
     * @throws Refusal when it cannot be read
     */
    <F> Planned<F> plan(Run run, JobKind<?, F> kind) {
        try {
            return plan(kind, run.planVersion(), run.plan());
        } catch (RuntimeException unreadable) {
            LOG.error("a plan cannot be read", unreadable);
            throw Refusal.of(ServerCode.UNREADABLE_PLAN, "plan", null);
        }
    }

    <F> Planned<F> plan(JobKind<?, F> kind, int version, String json) {
        ObjectNode plan = lifted(json, version, kind.planUpgrades());
        return new Planned<>(read(plan.path("facts"), kind.facts()), read(plan.path("work"), Plan.class));
    }

    /** The chain from an older version to today's. */
    private ObjectNode lifted(String json, int version, List<UnaryOperator<ObjectNode>> upgrades) {
        ObjectNode at = read(json, ObjectNode.class);
        for (UnaryOperator<ObjectNode> upgrade : upgrades.subList(version - 1, upgrades.size())) {
            at = upgrade.apply(at);
        }
        return at;
    }

    /** Progress, also as it was kept when steps were numbered. */
    Progress progress(JobKind<?, ?> kind, Plan plan, String json) {
        ObjectNode kept = read(json, ObjectNode.class);
        if (!kept.has("step")) {
            return read(kept, Progress.class);
        }
        var counts = new TreeMap<Integer, Integer>();
        kept.path("counts")
                .properties()
                .forEach(one ->
                        counts.put(Integer.valueOf(one.getKey()), one.getValue().asInt()));
        return kind.numbered(plan, kept.get("step").asInt(), counts);
    }

    /** Read once however often a list is asked for: its text is its key, so that it cannot be out of date. */
    Glance glance(String text) {
        return glances.get(text, () -> read(text, Glance.class));
    }

    /** mm by lot. */
    Map<String, Double> drawn(String json) {
        var drawn = new TreeMap<String, Double>();
        read(json, ObjectNode.class)
                .properties()
                .forEach(one -> drawn.put(one.getKey(), one.getValue().asDouble()));
        return drawn;
    }
}
