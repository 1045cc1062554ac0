package toroid.core.piece.part;

import java.util.List;
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

    /** The steps that make the part, in order. */
    public List<FormStep> steps() {
        return numbers.stream().map(work.steps()::get).toList();
    }
}
