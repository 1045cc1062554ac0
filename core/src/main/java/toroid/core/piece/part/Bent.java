package toroid.core.piece.part;

import java.util.List;
import java.util.stream.IntStream;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;

/**
 * The form a part is bent as.
 *
 * @param formId of the catalogue
 * @param work the form worked out, of a part that is one half of it with both
 * @param numbers which of the form's steps make the part, from 0, in order
 */
public record Bent(String formId, FormWork work, List<Integer> numbers) {
    public Bent {
        numbers = List.copyOf(numbers);
    }

    /**
     * Of a form in halves those done to the half's own wire, and what is done to the whole but soldering: no joint is shared by what comes
     * apart.
     *
     * @param half the wire of the half that is meant; null for a form in one
     */
    static Bent of(String formId, FormWork work, String half) {
        return new Bent(
                formId,
                work,
                IntStream.range(0, work.steps().size())
                        .filter(i -> half == null || isOf(half, work.steps().get(i)))
                        .boxed()
                        .toList());
    }

    private static boolean isOf(String half, FormStep step) {
        boolean shared = step.wire().isEmpty() && step.kind() != FormStep.Kind.SOLDER;
        return shared || half.equals(step.wire());
    }

    /** The steps that make the part, in order. */
    public List<FormStep> steps() {
        return numbers.stream().map(work.steps()::get).toList();
    }
}
