package toroid.performance;

import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormSolver;
import toroid.core.form.FormWork;
import toroid.core.form.Forms;
import toroid.core.form.Schools;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

/**
 * A form worked out whole: bent, checked for contact, its steps ordered. What one change on the Shapes place costs the core.
 * {@link Measure} runs it over every form.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 800, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 3, time = 400, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class FormBenchmark {
    @Param("bead-link")
    public String form;

    private Form chosen;
    private FormRequest request;

    @Setup
    public void lay() {
        Metal copper = Metals.byId("copper");
        chosen = Forms.byId(form);
        request = new FormRequest(
                chosen.info().usualWireMm(),
                copper,
                Temper.DEAD_SOFT,
                FlowEstimate.ofHandbook(copper.flow(Temper.DEAD_SOFT)),
                Map.of(),
                false,
                Schools.USUAL);
    }

    @Benchmark
    public FormWork formWorkedOut() {
        return FormSolver.solve(chosen, request);
    }
}
