package toroid.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.core.stock.LotCode;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;
import toroid.server.ApiTest;

class StockTableTest extends ApiTest {
    private Answer look(String text) {
        return tell("/api/stock-table/look", Map.of("text", text));
    }

    private Answer take(UUID id, String text, String seal) {
        return tell("/api/stock-table", Map.of("id", id, "text", text, "seal", seal));
    }

    private int rows() {
        return read("/api/lots").body().size();
    }

    /** Every kind, written out and looked at again: nothing would change, whatever stands in its cells. */
    @Test
    void whatIsWrittenOutChangesNothing() {
        for (StockKind kind : StockKinds.all()) {
            UUID id = UUID.randomUUID();
            var lot = LotsTest.lot(kind.id(), "=1+1, \"" + kind.id() + "\"\n;", 7.0);
            lot.put("note", "@note");
            lot.put("lowMark", 3);
            assertThat(keep("/api/lots", id, null, lot).status()).isEqualTo(200);
        }
        String all = read("/api/stock-table").body().asText();
        assertThat(all.lines().filter(line -> line.matches("(?s).*(^|,)\"?[=@].*")))
                .isEmpty();
        Answer view = look(all);
        assertThat(view.at("/refused").asInt()).as("%s", view).isZero();
        assertThat(view.at("/changed").asInt()).as("%s", changes(view)).isZero();
        assertThat(view.at("/added").asInt()).isZero();
        assertThat(view.at("/alike").asInt()).isEqualTo(rows());
        String beads = read("/api/stock-table?kind=beads").body().asText();
        assertThat(beads).contains("withstands").doesNotContain("temper");
        assertThat(read("/api/stock-table?kind=gems").at("/code").asText()).isEqualTo("unknown-stock-kind");
    }

    private static String changes(Answer view) {
        var said = new StringBuilder();
        view.at("/rows").forEach(row -> said.append(row.get("changes")));
        return said.toString();
    }

    @Test
    void oneIsAddedOneIsChangedOneAsItWas() {
        UUID id = UUID.randomUUID();
        keep("/api/lots", id, null, LotsTest.lot("beads", "Pearls", 12.0));
        UUID same = UUID.randomUUID();
        keep("/api/lots", same, null, LotsTest.lot("beads", "Shells", 2.0));
        String text = "code,kind,name,left,across\r\n" + LotCode.of(id)
                + ",beads,Pearls,15,8\r\n,beads,Corals,4,\"6,5\"\r\n" + LotCode.of(same) + ",beads,Shells,2,6\r\n";
        int before = rows();
        Answer view = look(text);
        assertThat(view.at("/rows/0/becomes").asText()).isEqualTo("CHANGED");
        assertThat(view.at("/rows/0/changes/0/column").asText()).isEqualTo("across");
        assertThat(view.at("/rows/1/becomes").asText()).isEqualTo("ADDED");
        assertThat(view.at("/rows/2/becomes").asText()).isEqualTo("ALIKE");
        assertThat(rows()).isEqualTo(before);
        UUID once = UUID.randomUUID();
        String seal = view.at("/seal").asText();
        assertThat(take(once, text, "another").at("/code").asText()).isEqualTo("stock-changed-meanwhile");
        assertThat(rows()).isEqualTo(before);
        assertThat(take(once, text, seal).status()).isEqualTo(200);
        assertThat(take(once, text, seal).status()).isEqualTo(200);
        assertThat(rows()).isEqualTo(before + 1);
        Answer pearls = read("/api/lots/" + id);
        assertThat(pearls.at("/data/left").asDouble()).isEqualTo(15);
        assertThat(pearls.at("/data/facts/across").asDouble()).isEqualTo(8);
        JsonNode corals = null;
        for (JsonNode lot : read("/api/lots").body()) {
            corals = lot.at("/data/name").asText().equals("Corals") ? lot : corals;
        }
        assertThat(corals.at("/data/facts/across").asDouble()).isEqualTo(6.5);
        assertThat(corals.at("/data/facts/shape").asText()).isEqualTo("round");
    }

    @Test
    void aBadRowKeepsAllOut() {
        UUID id = UUID.randomUUID();
        keep("/api/lots", id, null, LotsTest.lot("beads", "Pearls", 12.0));
        String code = LotCode.of(id);
        String text = String.join(
                "\n",
                "code,kind,name,left,across,diameter,bought on",
                ",beads,Good,1,6,,",
                "ABC,beads,Bad code,1,6,,",
                ",gems,Bad kind,1,6,,",
                ",beads,Bad number,many,6,,",
                ",beads,Of a wire,1,6,2,",
                ",beads,Too large,1,900,,",
                ",beads,Not said,1,,,",
                ",beads,Bad day,1,6,,31.12.2026",
                code + ",wire,Other kind,1,,1,",
                code + ",beads,Pearls,1,6,,",
                code + ",beads,Pearls,2,6,,",
                ",beads,,1,6,,");
        int before = rows();
        Answer view = look(text);
        List<String> codes = view.body().findValuesAsText("code");
        assertThat(view.at("/refused").asInt()).as("%s", view).isEqualTo(10);
        assertThat(codes)
                .containsExactly(
                        "unknown-lot-code",
                        "unknown-stock-kind",
                        "unreadable-value",
                        "unknown-fact",
                        "out-of-range",
                        "fact-missing",
                        "bad-day",
                        "lot-of-other-kind",
                        "said-twice",
                        "bad-name");
        Answer taken = take(UUID.randomUUID(), text, view.at("/seal").asText());
        assertThat(taken.at("/code").asText()).isEqualTo("stock-table-refused");
        assertThat(rows()).isEqualTo(before);
        assertThat(read("/api/lots/" + id).at("/data/left").asDouble()).isEqualTo(12);
    }

    /** Looked at, then wire was used: what was agreed to is not what would be written. */
    @Test
    void whatChangedMeanwhileIsLookedAtAgain() {
        UUID id = UUID.randomUUID();
        keep("/api/lots", id, null, LotsTest.lot("beads", "Pearls", 12.0));
        String text = "code,kind,name,left\n" + LotCode.of(id) + ",beads,Pearls,20\n";
        String seal = look(text).at("/seal").asText();
        tell("/api/lots/" + id + "/moves", Map.of("id", UUID.randomUUID(), "what", "LOST", "amount", 2, "note", ""));
        assertThat(take(UUID.randomUUID(), text, seal).at("/code").asText()).isEqualTo("stock-changed-meanwhile");
        assertThat(read("/api/lots/" + id).at("/data/left").asDouble()).isEqualTo(10);
    }

    @Test
    void whatIsNoTableIsSaid() {
        assertThat(look("name,left\nx,1\n").at("/code").asText()).isEqualTo("stock-table-lacks-column");
        assertThat(look("kind,name,colour of the sea\nbeads,x,y\n").at("/code").asText())
                .isEqualTo("stock-table-unknown-column");
        assertThat(look("kind,name\n\"beads,x\n").at("/code").asText()).isEqualTo("no-stock-table");
        assertThat(look("kind,kind,name\n").at("/code").asText()).isEqualTo("no-stock-table");
        assertThat(look("").at("/code").asText()).isEqualTo("stock-table-lacks-column");
        String many = "kind,name\n" + "beads,x\n".repeat(5001);
        assertThat(look(many).at("/code").asText()).isEqualTo("out-of-range");
    }
}
