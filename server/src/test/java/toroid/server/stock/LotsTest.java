package toroid.server.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;
import toroid.server.ApiTest;

class LotsTest extends ApiTest {
    static HashMap<String, Object> lot(String kind, String name, Double left, Object... facts) {
        var told = new HashMap<String, Object>(StockKinds.byId(kind).blank().values());
        for (int i = 0; i < facts.length; i += 2) {
            told.put((String) facts[i], facts[i + 1]);
        }
        var data =
                new HashMap<String, Object>(Map.of("kind", kind, "name", name, "facts", told, "place", "", "note", ""));
        data.put("left", left);
        return data;
    }

    private UUID kept(HashMap<String, Object> lot) {
        UUID id = UUID.randomUUID();
        Answer answer = keep("/api/lots", id, null, lot);
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
        return id;
    }

    private JsonNode standing(UUID lot) {
        for (JsonNode one : read("/api/lots/standings").body()) {
            if (one.get("lot").asText().equals(lot.toString())) {
                return one;
            }
        }
        throw new AssertionError("no standing of " + lot);
    }

    private Answer move(UUID lot, UUID id, String what, double amount) {
        return tell("/api/lots/" + lot + "/moves", Map.of("id", id, "what", what, "amount", amount, "note", ""));
    }

    /** Whatever the core knows can be kept, without a line about its kind in the server. */
    @Test
    void everyKindIsKeptAsItsFactsSay() {
        assertThat(read("/api/stock-kinds").body()).hasSize(StockKinds.all().size());
        for (StockKind kind : StockKinds.all()) {
            UUID id = kept(lot(kind.id(), "A lot of " + kind.id(), 3.0));
            Answer answer = read("/api/lots/" + id);
            assertThat(answer.at("/data/left").asDouble()).isEqualTo(3);
            assertThat(answer.at("/data/facts").size()).isGreaterThanOrEqualTo(1);
            assertThat(standing(id).at("/level/left").asDouble()).isEqualTo(3);
        }
    }

    /** Wire is one lot, whoever looks: what a spool does not know of stays as it is. */
    @Test
    void wireIsOneLotForBoth() {
        var wire = lot("wire", "Reel", 5_000.0, "metal", "copper", "diameter", 1.0);
        wire.put("place", "top drawer");
        wire.put("tareG", 42);
        UUID id = kept(wire);
        Answer spool = read("/api/spools/" + id);
        assertThat(spool.at("/data/wireDiameterMm").asDouble()).isEqualTo(1);
        var data = spoolData("Reel of 1.02", "copper", "HARD", 1.02);
        data.put("lengthLeftMm", 4_000);
        assertThat(keep("/api/spools", id, spool.at("/version").asInt(), data).status())
                .isEqualTo(200);
        Answer lot = read("/api/lots/" + id);
        assertThat(lot.at("/data/facts/diameter").asDouble()).isEqualTo(1.02);
        assertThat(lot.at("/data/facts/temper").asText()).isEqualTo("hard");
        assertThat(lot.at("/data/place").asText()).isEqualTo("top drawer");
        assertThat(lot.at("/data/tareG").asDouble()).isEqualTo(42);
        assertThat(lot.at("/data/left").asDouble()).isEqualTo(4_000);
        UUID beads = kept(lot("beads", "Pearls", 3.0));
        assertThat(read("/api/spools/" + beads).status()).isEqualTo(404);
        assertThat(read("/api/spools").body().findValuesAsText("id")).doesNotContain(beads.toString());
    }

    @Test
    void whatCannotBeKeptIsRefusedByTheFactsName() {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/lots", id, null, lot("beads", "x", 1.0, "hole", 30))
                        .at("/field")
                        .asText())
                .isEqualTo("hole");
        assertThat(keep("/api/lots", id, null, lot("beads", "x", 1.5))
                        .at("/code")
                        .asText())
                .isEqualTo("counted-in-whole-ones");
        assertThat(keep("/api/lots", id, null, lot("beads", "x", 1.0, "glitter", 1))
                        .at("/code")
                        .asText())
                .isEqualTo("unknown-fact");
        var gone = lot("solder", "x", 1.0);
        gone.put("useBy", "0033-01-01");
        assertThat(keep("/api/lots", id, null, gone).at("/code").asText()).isEqualTo("bad-day");
        assertThat(read("/api/lots/" + id).status()).isEqualTo(404);
        assertThat(read("/api/lots/" + id + "/moves").status()).isEqualTo(404);
    }

    /** Any order of moves, sent once or twice, some taken back: what is left is their sum, and an undo is exact. */
    @Test
    void whateverTheOrderTheSumIsRight() {
        var chance = new Random(20);
        for (int round = 0; round < 12; round++) {
            UUID lot = kept(lot("beads", "Round " + round, 50.0));
            double sum = 50;
            var undoable = new HashMap<UUID, Double>();
            for (int i = 0; i < 25; i++) {
                UUID id = UUID.randomUUID();
                double amount = chance.nextInt(40);
                String what = List.of("RECEIVED", "RETURNED", "LOST", "COUNTED").get(chance.nextInt(4));
                double more = what.equals("LOST") ? -amount : what.equals("COUNTED") ? amount - sum : amount;
                assertThat(move(lot, id, what, amount).at("/amount").asDouble()).isEqualTo(more);
                sum += more;
                undoable.put(id, more);
                if (chance.nextInt(3) == 0) {
                    move(lot, id, what, amount);
                }
                if (chance.nextInt(4) == 0) {
                    var ids = new ArrayList<>(undoable.keySet());
                    Collections.sort(ids);
                    UUID back = ids.get(chance.nextInt(ids.size()));
                    assertThat(tell("/api/lots/moves/" + back + "/undo", Map.of())
                                    .status())
                            .isEqualTo(200);
                    tell("/api/lots/moves/" + back + "/undo", Map.of());
                    sum -= undoable.remove(back);
                }
                JsonNode level = standing(lot).get("level");
                assertThat(level.get("left").asDouble()).isEqualTo(Math.max(0, sum));
                // never negative without saying so
                assertThat(level.get("overdrawn").asDouble()).isEqualTo(Math.max(0, -sum));
            }
            assertThat(left(lot)).isEqualTo(Math.max(0, sum));
        }
    }

    /** Two clients and more, all at once: none is turned away and none is lost. */
    @Test
    void manyAtOnceAreAllCounted() throws Exception {
        UUID lot = kept(lot("beads", "Busy", 0.0));
        var pool = Executors.newFixedThreadPool(6);
        try {
            var moves = java.util.stream.IntStream.range(0, 36)
                    .mapToObj(i -> (Callable<Integer>)
                            () -> move(lot, UUID.randomUUID(), i % 3 == 0 ? "LOST" : "RECEIVED", i % 3 == 0 ? 1 : 2)
                                    .status())
                    .toList();
            for (var answer : pool.invokeAll(moves)) {
                assertThat(answer.get()).isEqualTo(200);
            }
        } finally {
            pool.shutdown();
        }
        assertThat(left(lot)).isEqualTo(24 * 2 - 12);
    }

    @Test
    void aMoveOfARunIsGivenBackInTheRun() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool, 4, 10));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        double putBy = standing(spool).at("/level/reserved").asDouble();
        assertThat(putBy).isGreaterThan(100);
        assertThat(standing(spool).at("/level/free").asDouble()).isCloseTo(50_000 - putBy, within(1e-9));
        JsonNode putByFor = read("/api/lots/" + spool + "/put-by").body();
        assertThat(putByFor).hasSize(1);
        assertThat(putByFor.at("/0/job").asText()).isEqualTo(job.toString());
        assertThat(putByFor.at("/0/amount").asDouble()).isEqualTo(putBy);
        doneOver(run, 1);
        JsonNode after = standing(spool).get("level");
        assertThat(after.get("left").asDouble()).isCloseTo(50_000 - putBy, within(1e-6));
        assertThat(after.get("reserved").asDouble()).isZero();
        Answer moves = read("/api/lots/" + spool + "/moves");
        assertThat(moves.at("/0/why").asText()).isEqualTo("USED");
        assertThat(tell("/api/lots/moves/" + moves.at("/0/id").asText() + "/undo", Map.of())
                        .at("/code")
                        .asText())
                .isEqualTo("move-of-a-run");
        doneOver(read("/api/runs/" + run.at("/id").asText()), 0);
        assertThat(standing(spool).at("/level/reserved").asDouble()).isCloseTo(putBy, within(1e-9));
        assertThat(left(spool)).isEqualTo(50_000);
    }

    /** All of a run's operations done over so many copies. */
    private void doneOver(Answer run, int copies) {
        var done = new HashMap<String, Integer>();
        run.at("/data/plan/operations").forEach(one -> done.put(one.get("id").asText(), copies));
        Answer answer = keep(
                "/api/runs",
                UUID.fromString(run.at("/id").asText()),
                run.at("/version").asInt(),
                Map.of("done", done, "counts", Map.of(), "note", ""));
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
    }

    /** What leaves the one comes to the other; taken back, all is as it was, unless the offcut was used meanwhile. */
    @Test
    void anOffcutIsALotOfItsOwn() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 2_000);
        UUID id = UUID.randomUUID();
        Answer offcut = tell("/api/lots/" + spool + "/offcuts", Map.of("id", id, "lengthMm", 140.5));
        tell("/api/lots/" + spool + "/offcuts", Map.of("id", id, "lengthMm", 140.5));
        assertThat(offcut.at("/data/left").asDouble()).isEqualTo(140.5);
        assertThat(offcut.at("/data/facts/comes-as").asText()).isEqualTo("offcut");
        assertThat(left(spool)).isEqualTo(1_859.5);
        tell("/api/lots/moves/" + id + "/undo", Map.of());
        assertThat(tell("/api/lots/moves/" + id + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(left(spool)).isEqualTo(2_000);
        assertThat(read("/api/lots/" + id).at("/deleted").asBoolean()).isTrue();
        UUID used = UUID.randomUUID();
        tell("/api/lots/" + spool + "/offcuts", Map.of("id", used, "lengthMm", 100));
        move(used, UUID.randomUUID(), "LOST", 40);
        assertThat(tell("/api/lots/moves/" + used + "/undo", Map.of())
                        .at("/code")
                        .asText())
                .isEqualTo("offcut-in-use");
        assertThat(left(spool)).isEqualTo(1_900);
        assertThat(tell("/api/lots/" + spool + "/offcuts", Map.of("id", UUID.randomUUID(), "lengthMm", 1_901))
                        .at("/field")
                        .asText())
                .isEqualTo("lengthMm");
        UUID beads = kept(lot("beads", "Pearls", 3.0));
        assertThat(tell("/api/lots/" + beads + "/offcuts", Map.of("id", UUID.randomUUID(), "lengthMm", 10))
                        .at("/code")
                        .asText())
                .isEqualTo("no-offcut-of-this");
    }

    /** 12 g on a 4 g dish: 8 g of a bead of 0.5 g are 16. */
    @Test
    void countedOnAScale() {
        var beads = lot("beads", "Weighed", null, "grams-each", 0.5);
        beads.put("tareG", 4);
        UUID id = kept(beads);
        Answer weighed = tell("/api/lots/" + id + "/weigh", Map.of("grossG", 12));
        assertThat(weighed.at("/amount").asDouble()).isEqualTo(16);
        assertThat(weighed.at("/off").asDouble()).isBetween(0.5, 1.5);
        assertThat(tell("/api/lots/" + id + "/weigh", Map.of("grossG", 3))
                        .at("/field")
                        .asText())
                .isEqualTo("tareG");
        UUID cord = kept(lot("cord", "Cord", null));
        assertThat(tell("/api/lots/" + cord + "/weigh", Map.of("grossG", 3))
                        .at("/code")
                        .asText())
                .isEqualTo("weighs-unknown");
    }

    /** The address on a label is the server's own as it was asked for, and leads back. */
    @Test
    void aLabelLeadsBackToItsLot() {
        UUID id = kept(lot("beads", "Pearls", 3.0));
        String code = toroid.core.stock.LotCode.of(id);
        assertThat(read("/api/lots/" + id + "/label").body().asText())
                .startsWith("<svg")
                .contains(code.substring(0, 4));
        assertThat(read("/api/lot-codes/" + code.toLowerCase(java.util.Locale.ROOT))
                        .at("/lots/0")
                        .asText())
                .isEqualTo(id.toString());
        assertThat(read("/api/lot-codes/hello").at("/code").asText()).isEqualTo("unknown-lot-code");
        assertThat(read("/api/lots/" + UUID.randomUUID() + "/label").status()).isEqualTo(404);
    }

    @Test
    void jawsSayWhereOnThemSomethingIsBent() {
        UUID jaw = kept(lot("tapered-jaws", "Jaw", 1.0, "tip", 1.2, "back", 6, "length", 24, "marks", List.of(12.2)));
        JsonNode found = read("/api/jaws?diameterMm=3.6").body();
        JsonNode own = null;
        for (JsonNode one : found) {
            own = one.get("lot").asText().equals(jaw.toString()) ? one : own;
        }
        assertThat(own).isNotNull();
        assertThat(own.at("/place/fromTipMm").asDouble()).isCloseTo(12, within(1e-9));
        assertThat(own.at("/place/mark").asInt()).isEqualTo(1);
        assertThat(read("/api/jaws?diameterMm=0").at("/field").asText()).isEqualTo("diameterMm");
    }
}
