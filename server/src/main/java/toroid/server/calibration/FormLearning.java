package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.Expected;
import toroid.core.calibration.HandlingTail;
import toroid.core.calibration.Lengthening;
import toroid.core.calibration.Looseness;

/** What the measured pieces of one form have taught. */
@Service
@Transactional(readOnly = true)
public class FormLearning {
    private final ReadingRepository repository;

    FormLearning(ReadingRepository repository) {
        this.repository = repository;
    }

    /**
     * @param loops how near to the plan a loop is expected
     * @param looseness how much longer than the least coils on coils come out
     * @param lengthening how much of a flat's thinning goes into its length
     * @param cuts how near to the plan a cut length is expected
     */
    public record Learnt(
            @NotNull HandlingTail tail,
            @NotNull Expected loops,
            @NotNull Expected cuts,
            @NotNull Looseness looseness,
            @NotNull Lengthening lengthening) {}

    Learnt of(String formId) {
        return new Learnt(tailOf(formId), loopsOf(formId), cutsOf(formId), loosenessOf(formId), lengtheningOf(formId));
    }

    /** Forms that something was measured of. */
    List<String> forms() {
        return repository.forms();
    }

    private List<ReadingData> taken(String formId) {
        return repository.findByFormIdAndDeletedAtIsNullOrderByTakenAt(formId).stream()
                .map(Reading::data)
                .toList();
    }

    private List<ReadingData> taken(String formId, Quantity quantity) {
        return taken(formId).stream().filter(m -> m.quantity() == quantity).toList();
    }

    /** The handling tail this maker's cut lengths, offcuts and shortfalls of that form teach. */
    HandlingTail tailOf(String formId) {
        List<HandlingTail.Reading> readings = new ArrayList<>();
        for (ReadingData m : taken(formId)) {
            Double tail = m.context().tailMm();
            if (tail == null || tail <= 0.01) {
                continue;
            }
            Double inPiece = m.context().inPieceMm();
            if (m.quantity() == Quantity.CUT_LENGTH && inPiece != null) {
                readings.add(HandlingTail.Reading.finished(m.value(), inPiece, tail));
            } else if (m.quantity() == Quantity.OFFCUT && m.planned() != null) {
                readings.add(new HandlingTail.Reading(tail, m.value(), m.planned()));
            } else if (m.quantity() == Quantity.SHORT && m.planned() != null) {
                readings.add(new HandlingTail.Reading(tail, -m.value(), m.planned()));
            }
        }
        return HandlingTail.of(readings);
    }

    /** How near to the plan this maker's loops of that form are expected. */
    Expected loopsOf(String formId) {
        return Expected.of(
                Expected.LOOP_MM,
                taken(formId, Quantity.LOOP_INSIDE).stream()
                        .filter(m -> m.planned() != null)
                        .map(m -> m.value() - m.planned())
                        .toList());
    }

    /** How near to the plan the lengths this maker cuts for that form are expected, with that handling tail. */
    Expected cutsOf(String formId) {
        return Expected.of(
                Expected.CUT_MM,
                taken(formId, Quantity.CUT_LENGTH).stream()
                        .filter(m -> m.context().inPieceMm() != null)
                        .map(m -> m.value()
                                - m.context().inPieceMm()
                                - (m.context().tailMm() == null
                                        ? 0
                                        : m.context().tailMm()))
                        .toList());
    }

    /** How loosely this maker bends coils on coils. */
    Looseness loosenessOf(String formId) {
        return Looseness.of(taken(formId, Quantity.FINISHED).stream()
                .filter(m -> m.context().leastMm() != null && m.context().leastMm() >= 0.1)
                .map(m -> new Looseness.Reading(
                        m.value(),
                        m.context().leastMm(),
                        m.context().plainMm() == null ? 0 : m.context().plainMm()))
                .toList());
    }

    /** How this maker's hammer lengthens what it flattens. */
    Lengthening lengtheningOf(String formId) {
        return Lengthening.of(taken(formId, Quantity.FLAT_WIDE).stream()
                .map(ReadingData::flat)
                .toList());
    }
}
