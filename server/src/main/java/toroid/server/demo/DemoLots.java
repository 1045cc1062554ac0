package toroid.server.demo;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Edit;

/** The rest of the invented shelf, from {@code demo-shelf.json}: all of it but wire on spools. What a lot does not say is as its kind begins. */
@Component
class DemoLots {
    private final Lots lots;
    private final ObjectMapper mapper;

    DemoLots(Lots lots, ObjectMapper mapper) {
        this.lots = lots;
        this.mapper = mapper;
    }

    boolean isEmpty() {
        return lots.all().isEmpty();
    }

    void load() {
        shelf().forEach((key, lot) -> {
            var facts = new TreeMap<>(lot.kindKept().blank().values());
            facts.putAll(lot.facts());
            lots.put(DemoStock.id("lot " + key), new Edit<>(null, lot.told(facts)));
        });
    }

    private Map<String, LotData> shelf() {
        try (InputStream file = DemoLots.class.getResourceAsStream("/demo-shelf.json")) {
            return mapper.readValue(file, new TypeReference<>() {});
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
