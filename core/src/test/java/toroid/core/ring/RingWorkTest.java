package toroid.core.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.ring.RingAim.Convention;

class RingWorkTest {
    private static final Metal BRASS = Metals.byId("yellow-brass");
    private static final FlowEstimate HANDBOOK = FlowEstimate.ofHandbook(BRASS.flow(Temper.HALF_HARD));
    private static final RingCut SAW = new RingCut.Saw(0.3);

    private static RingWork work(double d, Convention convention, double value) {
        return RingWork.of(d, BRASS, HANDBOOK, new RingAim(convention, value), SAW, 1);
    }

    /** Three conventions, one ring: aiming at what a mandrel gives leads back to that mandrel. */
    @Property
    void everyConventionLeadsBackToTheMandrel(
            @ForAll @DoubleRange(min = 0.5, max = 2) double d,
            @ForAll @DoubleRange(min = 2.5, max = 12) double mandrel) {
        RingWork on = work(d, Convention.MANDREL, mandrel);
        Ring closed = on.closed();
        assertThat(work(d, Convention.INNER, closed.innerDiameterMm()).mandrelDiameterMm())
                .isCloseTo(mandrel, within(1e-6));
        assertThat(work(d, Convention.OUTER, closed.outerDiameterMm()).mandrelDiameterMm())
                .isCloseTo(mandrel, within(1e-6));
        assertThat(work(d, Convention.ASPECT_RATIO, closed.aspectRatio()).mandrelDiameterMm())
                .isCloseTo(mandrel, within(1e-6));
    }

    @Test
    void bandsTravelFromSprungToClosed() {
        RingWork work = work(1, Convention.MANDREL, 6);
        assertThat(work.sprungLowMm()).isLessThan(work.sprung().innerDiameterMm());
        assertThat(work.closedHighMm() - work.closedLowMm())
                .isCloseTo(work.sprungHighMm() - work.sprungLowMm(), within(1e-12));
        assertThat(work.nominalAspectRatio()).isEqualTo(6);
        assertThat(work.massGrams())
                .isCloseTo(work.closed().massGrams(BRASS.densityGramsPerCubicCentimetre()), within(1e-12));
    }

    @Test
    void everyFigureExplainsItself() {
        List<Figure> figures = RingFigures.of(work(1, Convention.MANDREL, 6));
        assertThat(figures).allSatisfy(figure -> {
            assertThat(figure.formula()).isNotBlank();
            assertThat(figure.worked()).isNotBlank();
            assertThat(figure.source()).isNotBlank();
            assertThat(figure.value()).isBetween(figure.low(), figure.high());
        });
        assertThat(figures.stream().map(Figure::id).collect(Collectors.toSet())).hasSize(figures.size());
        assertThat(figures)
                .filteredOn(f -> f.id().equals("inner-sprung"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.basis()).isEqualTo(Figure.Basis.THEORY);
                    assertThat(f.worked()).contains("handbook");
                });
    }

    @Test
    void measuredFiguresSaySo() {
        var own = new FlowEstimate(new FlowCurve(400, 0.06), 0.001, 0, 0.1, 0.03, 8, 4, 0.14, 0.2);
        RingWork work = RingWork.of(1, BRASS, own, new RingAim(Convention.MANDREL, 6), SAW, 1);
        assertThat(RingFigures.of(work))
                .filteredOn(f -> f.id().equals("inner-closed"))
                .singleElement()
                .satisfies(f -> assertThat(f.basis()).isEqualTo(Figure.Basis.MEASURED));
        assertThat(RingFigures.of(work))
                .filteredOn(f -> f.id().equals("inner-sprung"))
                .singleElement()
                .satisfies(f -> assertThat(f.worked()).contains("4 of your own"));
    }

    @Test
    void coilFiguresAddUp() {
        RingWork work = work(1, Convention.MANDREL, 6);
        var request = new CoilRequest(work.wound(), work.sprung(), 50, 1, SAW, CoilAllowances.NONE);
        CoilPlan plan = CoilPlan.forJob(request);
        List<Figure> figures = CoilFigures.of(plan, request, BRASS);
        assertThat(figures)
                .extracting(Figure::id)
                .containsExactly("turns-to-wind", "coil-length", "wire-total", "mass-total");
        assertThat(figures.get(2).value()).isEqualTo(plan.wireMm());
        assertThat(figures.get(3).value())
                .isCloseTo(plan.wireMm() * Math.PI / 4 * BRASS.densityGramsPerCubicCentimetre() / 1000, within(1e-9));
        assertThat(CoilFigures.of(new CoilPlan(List.of()), request, BRASS)).isEmpty();
    }

    @Test
    void judgementComesAsCodes() {
        RingWork tight = work(1, Convention.MANDREL, 2.5);
        assertThat(RingNotes.of(tight, Temper.HARD)).extracting(Note::code).contains("anneal-first", "kerf-shrinks");
        RingWork pointed = RingWork.of(
                0.5, BRASS, HANDBOOK, new RingAim(Convention.MANDREL, 12), new RingCut.Flush(0.4, false), 1);
        assertThat(RingNotes.of(pointed, Temper.DEAD_SOFT))
                .extracting(Note::code)
                .containsExactly("pointed-ends", "opens-easily");
    }

    /** Every metal in every temper on rods up to the largest: a ring, or that the wire hardly sets there and the rod on which it does. */
    @Test
    void wireThatHardlySetsIsSaidWithTheRodOnWhichItDoes() {
        int springy = 0;
        for (Metal metal : Metals.all()) {
            for (Temper temper : metal.yields().keySet()) {
                var flow = FlowEstimate.ofHandbook(metal.flow(temper));
                for (double d : new double[] {0.2, 0.5, 1, 2, 4}) {
                    for (double rod : new double[] {1, 3, 10, 30, 60, 100, 150, 199}) {
                        Refusal refusal = WireOnMandrel.of(d, metal, flow, rod, new RingCut.None(), 1)
                                .refusal();
                        if (refusal == null) {
                            continue;
                        }
                        springy++;
                        assertThat(refusal.code())
                                .as("%s %s %s on %s", metal.id(), temper, d, rod)
                                .isIn("too-springy", "hardly-takes-a-set");
                        assertThat(refusal.values()).containsKey("rodBelowMm");
                        double most = refusal.maximum().orElseThrow();
                        assertThat(most).isLessThan(rod);
                        assertThat(WireOnMandrel.of(d, metal, flow, most, new RingCut.None(), 1)
                                        .refusal())
                                .isNull();
                    }
                }
            }
        }
        assertThat(springy).isGreaterThan(10);
    }

    /** Whatever size the maker holds fixed is the one that is refused, with limits in its own measure that are then allowed. */
    @Property
    void whatIsAskedIsWhatIsRefused(
            @ForAll Convention convention,
            @ForAll @DoubleRange(min = 0.06, max = 8) double wire,
            @ForAll @DoubleRange(min = 0.01, max = 600) double value,
            @ForAll @IntRange(min = 1, max = 3) int turns) {
        Refusal refusal = refusal(convention, wire, value, turns);
        if (refusal != null) {
            assertThat(refusal.field()).isEqualTo(FIELDS.get(convention));
            for (double limit :
                    List.of(refusal.minimum().orElse(value), refusal.maximum().orElse(value))) {
                boolean told =
                        limit != value && limit > value == refusal.minimum().orElse(-1) > value;
                if (told && convention != Convention.MANDREL) {
                    double inside = limit > value ? limit * 1.001 : limit * 0.999;
                    Refusal again = refusal(convention, wire, inside, turns);
                    assertThat(again == null ? null : again.field()).isIn(null, "kerfMm", FIELDS.get(convention));
                }
            }
        }
    }

    private static final Map<Convention, String> FIELDS = Map.of(
            Convention.MANDREL, "mandrelDiameterMm",
            Convention.INNER, "innerDiameterMm",
            Convention.OUTER, "outerDiameterMm",
            Convention.ASPECT_RATIO, "aspectRatio");

    private static Refusal refusal(Convention convention, double wire, double value, int turns) {
        try {
            RingWork.of(wire, BRASS, HANDBOOK, new RingAim(convention, value), new RingCut.None(), turns);
            return null;
        } catch (Refusal refused) {
            return refused;
        }
    }

    @Test
    void theTableRefusesInItsCellAndNotAtLarge() {
        Metal steel = Metals.byId("stainless-304");
        var spring = FlowEstimate.ofHandbook(steel.flow(Temper.SPRING));
        WireOnMandrel cell = WireOnMandrel.of(0.2, steel, spring, 60, SAW, 1);
        assertThat(cell.work()).isNull();
        assertThat(cell.refusal().code()).isEqualTo("too-springy");
        assertThat(WireOnMandrel.of(1, BRASS, HANDBOOK, 6, SAW, 1)
                        .work()
                        .closed()
                        .innerDiameterMm())
                .isGreaterThan(6);
    }
}
