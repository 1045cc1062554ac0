package toroid.performance;

import java.io.IOException;
import org.openjdk.jmh.results.format.ResultFormatType;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import toroid.core.form.Forms;

/** Runs the benchmarks, the forms' over every form there is, the weaves' over every weave. Argument: the JSON file for the results. */
public final class Measure {
    private Measure() {}

    public static void main(String[] args) throws RunnerException, IOException {
        String[] forms =
                Forms.all().stream().map(form -> form.info().id()).sorted().toArray(String[]::new);
        new Runner(new OptionsBuilder()
                        .include("toroid.performance.*")
                        .param("form", forms)
                        .param("weave", WeaveBenchmark.all())
                        .resultFormat(ResultFormatType.JSON)
                        .result(args[0])
                        .build())
                .run();
    }
}
