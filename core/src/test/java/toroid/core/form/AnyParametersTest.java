package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;

/**
 * Whatever a maker chooses within the limits shown, a form is worked out or refused in words: no crash, no number that is none,
 * steps that sum to the length, a tool smaller than what it leaves.
 */
class AnyParametersTest {
    private static final int TRIES = 25;
    private static final double[] WIRES = {0.3, 0.5, 0.8, 1.0, 1.29, 2.0};

    private static Stream<String> ids() {
        return EveryForm.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void isWorkedOutOrRefusedInWords(String id) {
        var chance = new Random(id.hashCode());
        Form form = Forms.byId(id);
        int made = 0;
        for (int i = 0; i < TRIES; i++) {
            double wire = WIRES[chance.nextInt(WIRES.length)];
            Map<String, Object> values = any(form, wire, chance);
            try {
                sound(FormSolver.solve(form, request(wire, values, chance)));
                made++;
            } catch (Refusal refusal) {
                assertThat(refusal.getMessage())
                        .as(id + " " + values)
                        .endsWith(".")
                        .hasSizeGreaterThan(20);
            }
        }
        assertThat(made).as("%s made of %d", id, TRIES).isGreaterThan(TRIES / 4);
    }

    private static FormRequest request(double wire, Map<String, Object> values, Random chance) {
        List<Metal> metals = Metals.all();
        Metal metal = metals.get(chance.nextInt(metals.size()));
        List<Temper> tempers = new ArrayList<>(metal.yields().keySet());
        Temper temper = tempers.get(chance.nextInt(tempers.size()));
        return new FormRequest(
                wire,
                metal,
                temper,
                FlowEstimate.ofHandbook(metal.flow(temper)),
                values,
                chance.nextBoolean(),
                Schools.USUAL);
    }

    /** Values near the usual ones, some at the limits. */
    private static Map<String, Object> any(Form form, double wire, Random chance) {
        var values = new HashMap<String, Object>();
        for (Parameter parameter : form.parameters()) {
            double least = parameter.least().applyAsDouble(wire);
            double most = parameter.most().applyAsDouble(wire);
            double usual = Math.min(most, Math.max(least, parameter.usual().applyAsDouble(wire)));
            switch (parameter.kind()) {
                case CHOICE ->
                    values.put(
                            parameter.id(),
                            parameter
                                    .choices()
                                    .get(chance.nextInt(parameter.choices().size())));
                case COUNT -> values.put(parameter.id(), count(usual, least, most, chance));
                case ROWS -> values.put(parameter.id(), rows(chance));
                default -> values.put(parameter.id(), near(usual, least, most, chance));
            }
        }
        return values;
    }

    private static double count(double usual, double least, double most, Random chance) {
        double asked = chance.nextInt(10) == 0 ? least : Math.rint(usual * (0.3 + 1.6 * chance.nextDouble()));
        return Math.max(least, Math.min(most, asked));
    }

    private static double near(double usual, double least, double most, Random chance) {
        return switch (chance.nextInt(12)) {
            case 0 -> least;
            case 1 -> Math.min(most, 4 * usual + least);
            default -> Math.max(least, Math.min(most, usual * (0.6 + 0.9 * chance.nextDouble())));
        };
    }

    private static List<OutlineRow> rows(Random chance) {
        var rows = new ArrayList<OutlineRow>();
        for (int i = 0; i <= chance.nextInt(6); i++) {
            rows.add(new OutlineRow(
                    20 * chance.nextDouble(),
                    chance.nextInt(4) * 90 - 180,
                    300 * chance.nextDouble() - 150,
                    5 * chance.nextDouble()));
        }
        rows.add(new OutlineRow(5, 0, 0, 0));
        return rows;
    }

    private static void sound(FormWork work) {
        assertThat(work.inPiece().inMillimetres()).isFinite().isPositive();
        assertThat(work.toCut().inMillimetres())
                .isGreaterThanOrEqualTo(work.inPiece().inMillimetres() - 1e-9);
        double steps = work.steps().stream().mapToDouble(FormStep::lengthMm).sum();
        assertThat(Math.abs(steps - work.inPiece().inMillimetres()))
                .isLessThan(1e-6 * work.inPiece().inMillimetres());
        assertThat(Extent.of(work).size().getNorm()).isFinite().isLessThan(1e5);
        for (FormStep step : work.steps()) {
            if (step.heldDegrees() != null) {
                assertThat(step.toolMm()).as(step.part()).isLessThan(step.insideMm());
                assertThat(step.heldDegrees()).isGreaterThanOrEqualTo(step.degrees() - 1e-9);
            }
        }
        for (FormedWire wire : work.wires()) {
            handsFindTheirPlace(work, wire);
            assertThat(Marks.of(wire))
                    .allSatisfy(mark ->
                            assertThat(mark.atMm()).isBetween(0.0, wire.toCut().inMillimetres() + 1e-6));
        }
        assertThat(work.contacts().isEmpty())
                .isEqualTo(work.notes().stream().noneMatch(note -> note.code().equals("passes-through")));
    }

    /** Every bend begins at a mark, at the end or the middle the wire is worked from, or where the bend before it ended; no mark is idle. */
    private static void handsFindTheirPlace(FormWork work, FormedWire wire) {
        List<Marks.Mark> marks = Marks.of(wire);
        double middle = wire.tails().firstMm() + wire.program().onWireMm(wire.middleMm());
        for (FormStep step : work.steps()) {
            if (step.wire().equals(wire.name()) && step.gripMm() != null && !step.goesOn()) {
                double at = step.gripMm();
                double nearest = marks.stream()
                        .mapToDouble(mark -> Math.abs(mark.atMm() - at))
                        .min()
                        .orElse(1e9);
                assertThat(Math.min(Math.abs(at - middle), nearest))
                        .as("%s at %.2f", step.part(), at)
                        .isLessThan(0.31);
            }
        }
        for (int i = 0; i < marks.size(); i++) {
            Marks.Mark mark = marks.get(i);
            assertThat(mark.kind() == Marks.Kind.BEND)
                    .isEqualTo(work.steps().stream().anyMatch(step -> step.id() >= 0 && step.id() == mark.step()));
            assertThat(i == 0 ? 1 : mark.atMm() - marks.get(i - 1).atMm()).isGreaterThan(0.29);
        }
    }
}
