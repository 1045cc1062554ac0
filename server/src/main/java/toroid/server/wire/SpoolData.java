package toroid.server.wire;

import jakarta.validation.constraints.NotNull;
import java.util.TreeMap;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.kind.WireLots;
import toroid.core.wire.Wire;
import toroid.server.stock.LotData;
import toroid.server.store.Words;

/**
 * A spool's content.
 *
 * @param name the maker's
 * @param metal id of a metal kept in the core
 * @param wireDiameterMm as a caliper says
 * @param lengthLeftMm null when not known; up to 10 km
 * @param pricePerMetre in the workshop's money; null when not known
 */
public record SpoolData(
        @NotNull String name,
        @NotNull String metal,
        @NotNull Temper temper,
        @NotNull double wireDiameterMm,
        Double lengthLeftMm,
        Double pricePerMetre,
        @NotNull String note) {
    static final double LONGEST_MM = 1e7;

    /** @throws toroid.core.numeric.Refusal when it cannot be kept */
    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        metalKept().yieldStrength(temper);
        Wire.checkDiameter(wireDiameterMm);
        if (lengthLeftMm != null) {
            Checks.within("lengthLeftMm", lengthLeftMm, 0, LONGEST_MM, Unit.MM, Remedy.WEIGH_THE_SPOOL);
        }
        if (pricePerMetre != null) {
            Checks.within("pricePerMetre", pricePerMetre, 0, 1e6, Unit.PER_METRE, Remedy.CHECK_THE_PRICE);
        }
    }

    /** A lot of wire, as whoever bends it sees it. */
    static SpoolData of(LotData lot) {
        return new SpoolData(
                lot.name(),
                (String) lot.facts().get(WireLots.METAL),
                Fact.temper((String) lot.facts().get(WireLots.TEMPER)),
                (Double) lot.facts().get(WireLots.DIAMETER),
                lot.left(),
                lot.unitPrice(),
                lot.note());
    }

    /** That lot as this says it is, all else as it was. */
    LotData in(LotData lot) {
        var facts = new TreeMap<>(lot.facts());
        facts.putIfAbsent(WireLots.COMES_AS, WireLots.SPOOL);
        facts.put(WireLots.METAL, metal);
        facts.put(WireLots.TEMPER, Fact.word(temper));
        facts.put(WireLots.DIAMETER, wireDiameterMm);
        return new LotData(
                lot.kind(),
                name,
                facts,
                lengthLeftMm,
                pricePerMetre,
                lot.boughtOn(),
                lot.useBy(),
                lot.tareG(),
                lot.lowMark(),
                lot.place(),
                note);
    }

    public Metal metalKept() {
        return Metals.byId(metal);
    }
}
