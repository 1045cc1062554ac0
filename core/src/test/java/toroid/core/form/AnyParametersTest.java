package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.numeric.Refusal;

/**
 * Whatever a maker chooses within the limits shown, a form is worked out or refused in words: no crash, no number that is none,
 * steps that sum to the length, a tool smaller than what it leaves.
 */
class AnyParametersTest {
    private static final int TRIES = 25;

    private static Stream<String> ids() {
        return EveryForm.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void isWorkedOutOrRefusedByName(String id) {
        var chance = new Random(id.hashCode());
        Form form = Forms.byId(id);
        int made = 0;
        for (int i = 0; i < TRIES; i++) {
            FormRequest request = AnyForm.request(form, chance);
            try {
                sound(FormSolver.solve(form, request));
                made++;
            } catch (Refusal refusal) {
                assertThat(refusal.field()).as(id + " " + request.values()).isNotBlank();
                assertThat(refusal.code().equals("out-of-range"))
                        .as("%s: %s", request.values(), refusal.getMessage())
                        .isEqualTo(refusal.remedy() != null);
            }
        }
        assertThat(made).as("%s made of %d", id, TRIES).isGreaterThan(TRIES / 4);
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
