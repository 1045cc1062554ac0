package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What a weave or a medallion needs cut is laid out with it, or nothing is. */
class CutsTest extends ApiTest {
    private static Map<String, Object> chain(UUID spool) {
        var data = new HashMap<String, Object>(Map.of(
                "name", "Two coloured chain",
                "weaveId", "single-chain",
                "metal", "copper",
                "wireDiameterMm", 1.0,
                "innerDiameterMm", List.of(4.0),
                "patch", Map.of("units", 9, "sparePercent", 10),
                "note", ""));
        data.put("spoolId", spool);
        data.put(
                "colours",
                Map.of(
                        "palette",
                        List.of("copper", "yellow-brass"),
                        "by",
                        "CELL",
                        "sequence",
                        List.of(0, 0, 1),
                        "painted",
                        List.of()));
        return data;
    }

    private Answer cut(String kind, UUID id, Object data) {
        var edit = new HashMap<String, Object>();
        edit.put("version", null);
        edit.put("data", data);
        return tell("/api/jobs/" + kind + "/" + id + "/cuts", edit);
    }

    @Test
    void aWeavesRingsAreLaidOutByColourAndOnce() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 10_000);
        UUID id = UUID.randomUUID();
        Answer laid = cut("weave", id, chain(spool));
        assertThat(laid.status()).as("%s", laid.body()).isEqualTo(200);
        assertThat(laid.at("/job/id").asText()).isEqualTo(id.toString());
        assertThat(read("/api/jobs/weave/" + id).at("/data/name").asText()).isEqualTo("Two coloured chain");
        JsonNode copper = laid.at("/cuts/0/data");
        JsonNode brass = laid.at("/cuts/1/data");
        assertThat(laid.at("/cuts")).hasSize(2);
        assertThat(copper.at("/ringCount").asInt() + brass.at("/ringCount").asInt())
                .isEqualTo(9);
        assertThat(copper.at("/ringCount").asInt()).isEqualTo(6);
        assertThat(copper.at("/name").asText()).isEqualTo("Two coloured chain, copper");
        assertThat(copper.at("/spoolId").asText()).isEqualTo(spool.toString());
        assertThat(brass.at("/spoolId").isNull()).isTrue();
        assertThat(brass.at("/metal").asText()).isEqualTo("yellow-brass");
        assertThat(brass.at("/sparePercent").asDouble()).isEqualTo(10);
        assertThat(brass.at("/aimValue").asDouble()).isEqualTo(4);
        UUID first = UUID.fromString(laid.at("/cuts/0/id").asText());
        assertThat(hand(first).at("/forName").asText()).isEqualTo("Two coloured chain");
        assertThat(hand(id).at("/forName").isNull()).isTrue();
        // asked again nothing is laid out twice, however its cutting was changed meanwhile
        ObjectNode finer = copper.deepCopy();
        finer.put("sparePercent", 20);
        assertThat(keep("/api/jobs/ring", first, laid.at("/cuts/0/version").asInt(), finer)
                        .status())
                .isEqualTo(200);
        Answer again = cut("weave", id, chain(spool));
        assertThat(again.body().findValuesAsText("id")).isEqualTo(laid.body().findValuesAsText("id"));
        assertThat(again.at("/cuts/0/data/sparePercent").asDouble()).isEqualTo(20);
        // what it takes more is laid out beside it
        var longer = chain(spool);
        longer.put("patch", Map.of("units", 12, "sparePercent", 10));
        assertThat(keep("/api/jobs/weave", id, again.at("/job/version").asInt(), longer)
                        .status())
                .isEqualTo(200);
        assertThat(cut("weave", id, longer).at("/cuts/0/data/ringCount").asInt())
                .isEqualTo(8);
    }

    @Test
    void aMedallionsRingsAreSmallAndLarger() {
        UUID id = UUID.randomUUID();
        ObjectNode cross = (ObjectNode) Kinds.kept("medallion");
        Answer laid = cut("medallion", id, cross);
        assertThat(laid.status()).as("%s", laid.body()).isEqualTo(200);
        Answer asked = tell("/api/weaves/box-chain/composition", cross.get("composition"));
        int all = 0;
        for (JsonNode rings : laid.at("/cuts")) {
            all += rings.at("/data/ringCount").asInt();
            boolean larger = rings.at("/data/name").asText().contains("larger rings");
            assertThat(rings.at("/data/aimValue").asDouble())
                    .isEqualTo(larger ? asked.number("hubInnerDiameterMm") : 4.5);
            assertThat(rings.at("/data/wireDiameterMm").asDouble()).isEqualTo(larger ? 1.2 : 1.0);
        }
        assertThat(all)
                .isEqualTo(asked.at("/ringCount/0").asInt()
                        + asked.at("/ringCount/1").asInt());
    }

    @Test
    void whatCannotBeMadeKeepsNothing() {
        UUID id = UUID.randomUUID();
        ObjectNode tooSmall = (ObjectNode) Kinds.kept("medallion");
        ((ObjectNode) tooSmall.get("composition")).put("hubInnerMm", 2.0);
        assertThat(cut("medallion", id, tooSmall).at("/code").asText()).isEqualTo("larger-ring-too-small");
        assertThat(read("/api/jobs/medallion/" + id).status()).isEqualTo(404);
    }

    /** The rings of a metal that is not sold half hard are laid out in a temper it is sold in. */
    @Test
    void aMetalComesInATemperItIsSoldIn() {
        for (JsonNode metal : read("/api/metals").body()) {
            var data = chain(null);
            data.put("metal", metal.get("id").asText());
            data.put(
                    "colours",
                    Map.of(
                            "palette",
                            List.of(metal.get("id").asText()),
                            "by",
                            "RING",
                            "sequence",
                            List.of(0),
                            "painted",
                            List.of()));
            Answer laid = cut("weave", UUID.randomUUID(), data);
            assertThat(laid.status()).as("%s", laid.body()).isEqualTo(200);
            assertThat(laid.at("/cuts/0/data/name").asText()).isEqualTo("Two coloured chain");
        }
    }

    @Test
    void aRingJobTakesNoRings() {
        UUID id = UUID.randomUUID();
        Answer laid = cut("ring", id, job(null, 4, 20));
        assertThat(laid.status()).as("%s", laid.body()).isEqualTo(200);
        assertThat(laid.at("/cuts")).isEmpty();
    }
}
