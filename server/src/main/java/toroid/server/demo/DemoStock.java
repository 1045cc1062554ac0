package toroid.server.demo;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.Temper;
import toroid.server.store.Edit;
import toroid.server.tool.CutterData;
import toroid.server.tool.Cutters;
import toroid.server.tool.MandrelData;
import toroid.server.tool.MandrelData.Kind;
import toroid.server.tool.Mandrels;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

/** The invented shelf. */
@Component
class DemoStock {
    /** A spool, and how much stronger than the handbook says the invented coils are made with, which the workshop does not know. */
    record DemoSpool(String key, SpoolData data, double stronger) {
        FlowCurve trueFlow() {
            FlowCurve handbook = data.metalKept().flow(data.temper()).typical();
            return new FlowCurve(stronger * handbook.strengthMpa(), handbook.exponent());
        }

        UUID id() {
            return DemoStock.id("spool " + key);
        }
    }

    static final List<DemoSpool> SPOOLS = List.of(
            spool("bronze-1.0", "Spool 1, bronze 1.0", "phosphor-bronze", Temper.HALF_HARD, 1.01, 27.5, 1.9, 0.86),
            spool("bronze-1.2", "Spool 2, bronze 1.2", "phosphor-bronze", Temper.HALF_HARD, 1.20, 41.0, 2.4, 1.05),
            spool("copper-1.0", "Spool 3, copper 1.0", "copper", Temper.DEAD_SOFT, 1.02, 60.0, 0.9, 1.12),
            spool("copper-0.8", "Spool 4, copper 0.8", "copper", Temper.HALF_HARD, 0.81, 52.5, 0.7, 1.1),
            spool("brass-0.9", "Spool 5, brass 0.9", "yellow-brass", Temper.HALF_HARD, 0.90, 33.0, 1.1, 0.9),
            spool("brass-1.6", "Spool 6, brass 16 swg", "yellow-brass", Temper.HARD, 1.63, 18.2, 2.6, 1.08),
            spool("sterling-0.8", "Spool 7, sterling 20", "sterling-silver", Temper.HALF_HARD, 0.80, 6.4, 9.8, 0.9),
            spool(
                    "steel-1.0",
                    "Spool 8, stainless for the nets",
                    "stainless-304",
                    Temper.SPRING,
                    0.99,
                    80.0,
                    0.8,
                    0.92),
            spool(
                    "aluminium-1.5",
                    "Spool 9, light wire for the crowd",
                    "aluminium",
                    Temper.HALF_HARD,
                    1.50,
                    45.0,
                    0.5,
                    1.1));

    private static final double[] RODS = {2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8};

    private final DemoLots lots;
    private final Spools spools;
    private final Mandrels mandrels;
    private final Cutters cutters;

    DemoStock(DemoLots lots, Spools spools, Mandrels mandrels, Cutters cutters) {
        this.lots = lots;
        this.spools = spools;
        this.mandrels = mandrels;
        this.cutters = cutters;
    }

    boolean isEmpty() {
        return lots.isEmpty() && mandrels.all().isEmpty();
    }

    void load() {
        SPOOLS.forEach(spool -> spools.put(spool.id(), new Edit<>(null, spool.data())));
        lots.load();
        for (double rod : RODS) {
            mandrel("rod " + rod, new MandrelData(trim(rod) + " rod", Kind.ROD, rod, 180, ""));
        }
        mandrel("needle", new MandrelData("US 10½ needle", Kind.NEEDLE, 6.5, 220, "The grey pair"));
        mandrel("drill", new MandrelData("3/16 drill shank", Kind.DRILL, 4.76, 60, ""));
        mandrel("pliers", new MandrelData("stepped pliers, 5.5", Kind.PLIERS_STEP, 5.5, 12, "Middle step"));
        mandrel("dowel", new MandrelData("broom dowel", Kind.DOWEL, 12.1, 300, "Waxed"));
        cutter("blade", new CutterData("saw, 2/0 blade", CutterData.Method.SAW, 0.26, false, ""));
        cutter("disc", new CutterData("slitting disc", CutterData.Method.SAW, 0.5, false, "Hood down, glasses on"));
        cutter("cutters", new CutterData("flush cutters", CutterData.Method.FLUSH, 0.7, true, ""));
    }

    static UUID id(String key) {
        return UUID.nameUUIDFromBytes(("toroid demo " + key).getBytes(StandardCharsets.UTF_8));
    }

    private void mandrel(String key, MandrelData data) {
        mandrels.put(id("mandrel " + key), new Edit<>(null, data));
    }

    private void cutter(String key, CutterData data) {
        cutters.put(id("cutter " + key), new Edit<>(null, data));
    }

    private static DemoSpool spool(
            String key,
            String name,
            String metal,
            Temper temper,
            double diameterMm,
            double metres,
            double price,
            double stronger) {
        return new DemoSpool(key, new SpoolData(name, metal, temper, diameterMm, metres * 1000, price, ""), stronger);
    }

    private static String trim(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
