package toroid.server.demo;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import toroid.server.metal.MetalPriceData;
import toroid.server.metal.MetalPrices;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Edit;

/** The rest of the invented shelf, from {@code demo-shelf.json}: all of it but wire on spools. What a lot does not say is as its kind begins. */
@Component
class DemoLots {
    private final Lots lots;
    private final MetalPrices prices;
    private final ObjectMapper mapper;

    DemoLots(Lots lots, MetalPrices prices, ObjectMapper mapper) {
        this.lots = lots;
        this.prices = prices;
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
        loadPrices();
    }

    /** What the invented dealer asked for a gram, twice a year. */
    private void loadPrices() {
        price("sterling-silver", LocalDate.of(2026, 1, 12), 0.88);
        price("sterling-silver", LocalDate.of(2026, 6, 15), 0.96);
        price("copper", LocalDate.of(2026, 1, 12), 0.021);
        price("yellow-brass", LocalDate.of(2026, 1, 12), 0.018);
        price("niobium", LocalDate.of(2026, 6, 15), 0.55);
    }

    private void price(String metal, LocalDate day, double perGram) {
        prices.put(
                DemoStock.id("price " + metal + " " + day),
                new Edit<>(null, new MetalPriceData(metal, day, perGram, "the dealer at the quay")));
    }

    private Map<String, LotData> shelf() {
        try (InputStream file = DemoLots.class.getResourceAsStream("/demo-shelf.json")) {
            return mapper.readValue(file, new TypeReference<>() {});
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
