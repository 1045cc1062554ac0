package toroid.server.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.preference.Person;
import toroid.server.store.ServerCode;

/** Whom a maker makes for, with their sizes, as JSON another workshop reads: nothing else is in it. */
@Component
class PeopleJson {
    private static final OwnFile FILE =
            new OwnFile("toroid-people", 1, ServerCode.NO_PEOPLE_FILE, ServerCode.PEOPLE_OF_OTHER_VERSION);
    private static final String PEOPLE = "people";

    private final ObjectMapper mapper;

    PeopleJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    /** @param people one or more */
    record PeopleTold(@NotNull @Valid List<@NotNull Person> people) {}

    /** @throws Refusal when one of them cannot be */
    String of(PeopleTold told) {
        told.people().forEach(Person::check);
        ObjectNode file = FILE.begun(mapper);
        file.set(PEOPLE, mapper.valueToTree(told.people()));
        return file.toPrettyString();
    }

    /** @throws Refusal with the reason, when it is not what it says */
    PeopleTold read(String text) {
        ObjectNode file = FILE.opened(mapper, text);
        try {
            Person[] people = mapper.treeToValue(file.path(PEOPLE), Person[].class);
            if (people == null || people.length == 0) {
                throw Refusal.of(ServerCode.NO_PEOPLE_FILE, PEOPLE, null);
            }
            for (Person person : people) {
                if (person == null || person.name() == null) {
                    throw Refusal.of(ServerCode.NO_PEOPLE_FILE, PEOPLE, null);
                }
                person.check();
            }
            return new PeopleTold(List.of(people));
        } catch (JsonProcessingException unreadable) {
            throw Refusal.of(ServerCode.NO_PEOPLE_FILE, PEOPLE, null);
        }
    }
}
