package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.fault.Diagnosis;
import toroid.core.weave.fault.Fault;
import toroid.core.weave.fault.Question;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.patch.RingGraph;
import toroid.core.weave.pattern.Lattice;

/** Mistakes put into the model and looked for by what a maker would see of them; the seeing is the test's own. */
class DiagnosisTest {
    private static final int MOST_QUESTIONS = 14;

    static Stream<String> ids() {
        return Weaves.ids().filter(id -> !id.equals("mobius-3"));
    }

    static Assembly assembly(String id) {
        boolean sheet = Weaves.byId(id).lattice().kind() == Lattice.Kind.SHEET;
        return Assembly.of(
                Patch.of(Weaves.byId(id), sheet ? PatchShape.Rows.even(8, 8) : new PatchShape.Cells(14)), Way.USUAL);
    }

    @ParameterizedTest
    @MethodSource("ids")
    void aMistakeIsFoundFromWhatTheMakerSees(String id) {
        Assembly assembly = assembly(id);
        int done = assembly.steps().size() * 3 / 4;
        List<Fault> possible = Diagnosis.possible(assembly, done);
        assertThat(possible).isNotEmpty();
        var random = new Random(7);
        int asked = 0;
        for (int trial = 0; trial < 25; trial++) {
            Fault fault = possible.get(random.nextInt(possible.size()));
            var answers = new ArrayList<Question.Answer>();
            Diagnosis.Finding finding = Diagnosis.of(assembly, done, answers);
            while (finding.ask() != null) {
                assertThat(answers.size()).as(id + " " + fault).isLessThan(MOST_QUESTIONS);
                answers.add(seen(assembly, done, fault, finding.ask()));
                finding = Diagnosis.of(assembly, done, answers);
            }
            assertThat(finding.faults().stream().map(Diagnosis.Likely::fault))
                    .as(id + " " + fault + " " + answers)
                    .contains(fault);
            asked += answers.size();
        }
        assertThat(asked / 25.0).as("questions asked, on average").isLessThan(10);
    }

    /** What is seen, from the links as they were really made. */
    private static Question.Answer seen(Assembly assembly, int done, Fault fault, Question question) {
        RingGraph patch = assembly.patch();
        var order = new ArrayList<Integer>();
        int at = -1;
        for (int s = 0; s < done; s++) {
            AssemblyStep step = assembly.steps().get(s);
            order.add(step.ring());
            order.addAll(step.pickUp());
            at = step.ring() == fault.ring() ? s : at;
        }
        if (question.kind() == Question.Kind.SOUND_UP_TO) {
            return new Question.Answer(question, at > question.ring() ? 1 : 0, null);
        }
        var through = new ArrayList<Integer>();
        for (int other : order) {
            boolean linked = patch.areLinked(question.ring(), other);
            boolean touched = (question.ring() == fault.ring() && other == fault.other())
                    || (question.ring() == fault.other() && other == fault.ring());
            if (touched ? fault.kind() == Fault.Kind.CAUGHT : linked) {
                through.add(0, other);
            }
        }
        return question.kind() == Question.Kind.WHICH
                ? new Question.Answer(question, null, through)
                : new Question.Answer(question, through.size(), null);
    }

    @Test
    void whatFitsNoSingleMistakeSaysSo() {
        Assembly assembly = assembly("byzantine");
        var finding = Diagnosis.of(
                assembly, 12, List.of(new Question.Answer(new Question(Question.Kind.COUNT, 0), 40, null)));
        assertThat(finding.faults()).isEmpty();
        assertThat(finding.ask()).isNull();
        assertThat(finding.sure()).isFalse();
    }

    @Test
    void whatCannotBeToldIsNotAskedAgain() {
        Assembly assembly = assembly("european-4-in-1");
        var first = Diagnosis.of(assembly, 20, List.of());
        var second = Diagnosis.of(assembly, 20, List.of(new Question.Answer(first.ask(), null, null)));
        assertThat(second.ask()).isNotEqualTo(first.ask());
        assertThat(second.faults()).isEqualTo(first.faults());
    }
}
