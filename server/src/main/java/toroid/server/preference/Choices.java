package toroid.server.preference;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;
import toroid.core.price.Rates;
import toroid.core.quantity.GaugeTable;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.RingAim;
import toroid.core.weave.CutList;
import toroid.server.form.FormJobData;
import toroid.server.ring.CutData;
import toroid.server.ring.RingJobData;
import toroid.server.store.Words;

/**
 * The maker's choices; new jobs start from them.
 *
 * @param units what is shown first
 * @param bareGauge the table for a gauge that does not name its own
 * @param convention which size names a ring
 * @param winding how wire is wound
 * @param cutMethod {@code saw}, {@code flush} or {@code none}
 * @param kerfMm for saws
 * @param sparePercent made on top
 * @param formCutting lengths pre-cut, or straight from the spool
 * @param rhythm how a batch of forms is run
 * @param plainFromMm plain loops are trusted from this wire on, mm; 100 for always wrapped; null while no rule was chosen
 * @param wraps on a wrapped loop
 * @param people whom pieces are made for
 * @param rates prices are reckoned with; null while none were set
 */
public record Choices(
        @NotNull Units units,
        @NotNull GaugeTable bareGauge,
        @NotNull RingAim.Convention convention,
        @NotNull RingJobData.Winding winding,
        @NotNull String cutMethod,
        @NotNull double kerfMm,
        @NotNull double sparePercent,
        @NotNull double leadMm,
        @NotNull double tailMm,
        @NotNull int spoiltTurnsPerEnd,
        @NotNull Schools.Cutting formCutting,
        @NotNull FormJobData.Rhythm rhythm,
        Double plainFromMm,
        @NotNull Integer wraps,
        @NotNull List<Person> people,
        Rates rates) {
    private static final int THREE = 3;

    private static final int MOST_PEOPLE = 200;

    /** Choices kept before forms were known lack theirs: the usual ones stand in. */
    public Choices {
        formCutting = formCutting == null ? Schools.Cutting.PRE_CUT : formCutting;
        rhythm = rhythm == null ? FormJobData.Rhythm.BATCH : rhythm;
        wraps = wraps == null ? THREE : wraps;
        people = people == null ? List.of() : List.copyOf(people);
        rates = rates == null ? Rates.USUAL : rates;
    }

    /** Which tongue comes first; the other always stands beside it. */
    public enum Units {
        MILLIMETRES,
        INCHES
    }

    /** How long a coil a rod takes, while nothing else is said, mm. */
    private static final double USUAL_ROD_MM = 180;

    /**
     * Rings of a known inside, closed, as a job of this maker's.
     *
     * @param spool they are wound from; null for wire not in stock
     * @param spare on top, %; null for the maker's usual
     */
    public RingJobData rings(String name, UUID spool, Metal metal, CutList.Rings cut, Double spare) {
        boolean saw = cutMethod.equals("saw");
        return new RingJobData(
                name.substring(0, Math.min(Words.LONGEST_NAME, name.length())),
                spool,
                metal.id(),
                metal.soldIn(Temper.HALF_HARD),
                cut.wireMm(),
                RingAim.Convention.INNER,
                cut.innerMm(),
                cut.count(),
                spare == null ? sparePercent : spare,
                1,
                new CutData(cutMethod, saw ? kerfMm : null, null, null),
                winding,
                leadMm,
                tailMm,
                spoiltTurnsPerEnd,
                USUAL_ROD_MM,
                "");
    }

    /** The defaults: where practitioners disagree, one of the schools, to be chosen otherwise. */
    static Choices usual() {
        return new Choices(
                Units.MILLIMETRES,
                GaugeTable.AWG,
                RingAim.Convention.INNER,
                RingJobData.Winding.TURNED,
                "saw",
                0.3,
                5,
                25,
                40,
                1,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** The same, for those people. */
    public Choices madeFor(List<Person> whom) {
        return new Choices(
                units,
                bareGauge,
                convention,
                winding,
                cutMethod,
                kerfMm,
                sparePercent,
                leadMm,
                tailMm,
                spoiltTurnsPerEnd,
                formCutting,
                rhythm,
                plainFromMm,
                wraps,
                whom,
                rates);
    }

    void check() {
        Checks.within("kerfMm", kerfMm, 0, 2, Unit.MM, Usual.between(0.2, 0.5, Unit.MM));
        Checks.within("sparePercent", sparePercent, 0, 100, Unit.PERCENT, Usual.about(5, Unit.PERCENT));
        Schools.checkPlainFrom(plainFromMm);
        Checks.within("wraps", wraps, 1, 20, Unit.WRAPS, Usual.between(2, 3, Unit.WRAPS));
        Checks.within("people", people.size(), 0, MOST_PEOPLE, Unit.TIMES, Remedy.LEAVE_SOME_OUT);
        people.forEach(Person::check);
        new CoilAllowances(leadMm, tailMm, spoiltTurnsPerEnd, 100, CoilAllowances.CARRIED_FEED_MM);
        new toroid.server.ring.CutData(cutMethod, kerfMm, null, null).toCore(1);
    }
}
