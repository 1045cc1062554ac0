package toroid.performance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.piece.Hanging;
import toroid.core.piece.Laid;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Touching;
import toroid.core.piece.part.PartMaker;
import toroid.core.weave.PatchWork;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.WovenLength;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;

/** A necklace of sixty parts from its line: read, its forms bent, joined, ordered, faced, its lists. What one change of a piece costs; and a collar. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PieceBenchmark {
    private static final String NECKLACE =
            "hook-curled - ring 1/4 - 14 * (bead-link bead=6 - ring 1/3.5 - bead-link bead=4 - ring 1/3.5)"
                    + " - figure-eight - ring 1.2/6";

    private static final Path SHEET = Path.of("core/target/classes/weaves/european-4-in-1.json");
    private static final PatchShape COLLAR =
            new PatchShape.Rows(IntStream.range(0, 24).mapToObj(row -> 500).toList());
    private static final WeaveRings RINGS = new WeaveRings(1, List.of(4.5));
    private WeavePattern pattern;
    private Pose taut;

    /** A weave's cell is solved once for its proportions and kept. */
    @Setup
    public void solved() throws IOException {
        pattern = WeaveJson.read(Files.readString(SHEET));
        taut = WeaveWork.of(pattern, RINGS).tautPose();
    }

    /** The lists of a collar of 12 000 rings: laid, put in order, closed beforehand, counted. */
    @Benchmark
    public WovenLength collarOf12000Rings() {
        Patch patch = Patch.of(pattern, COLLAR);
        Assembly assembly = Assembly.of(patch, Way.USUAL);
        PatchWork counted =
                PatchWork.of(patch, Colouring.PLAIN, RINGS, PreClosed.of(patch, Way.USUAL), taut, taut, 5, 8.94);
        return WovenLength.of(patch, assembly, counted, taut, RINGS.wireMm());
    }

    @Benchmark
    public PieceLists necklaceOfSixtyParts() {
        var stuff = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var parts = new PartMaker(stuff, FormSolver::solve, PartMaker.NO_WEAVES);
        return PieceLists.of(PieceSolver.solve(PieceLine.read(NECKLACE), parts), false, 5);
    }

    /** The same necklace hung by its first part, and looked through for parts that come into each other. */
    @Benchmark
    public List<Touching> hung() {
        var stuff = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var parts = new PartMaker(stuff, FormSolver::solve, PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read(NECKLACE), parts);
        return Touching.of(work, Laid.hung(work, Hanging.of(work)), parts);
    }
}
