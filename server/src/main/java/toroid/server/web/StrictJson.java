package toroid.server.web;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** JSON is taken at its word: no nothing within a list, no words for numbers, no field said twice (see application.yaml). */
@Configuration
class StrictJson {
    @Bean
    Jackson2ObjectMapperBuilderCustomizer noNothingInLists() {
        return builder -> builder.postConfigurer(mapper ->
                mapper.configOverride(List.class).setSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL)));
    }
}
