package toroid.server.stock;

import com.fasterxml.jackson.databind.JsonNode;
import org.springframework.stereotype.Component;
import toroid.server.store.RowCheck;

/** Lots come from elsewhere: of a kind there is, told by its facts. */
@Component
class LotRow implements RowCheck {
    private final FactsJson json;

    LotRow(FactsJson json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "lot";
    }

    /** What else of it may be is the database's to say. */
    @Override
    public void check(JsonNode row) {
        new LotData(
                        row.path("kind").asText(),
                        row.path("name").asText(),
                        json.read(row.path("facts").toString()),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        row.path("place").asText(),
                        row.path("note").asText())
                .checked();
    }
}
