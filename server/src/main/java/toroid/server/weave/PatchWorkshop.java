package toroid.server.weave;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;
import toroid.core.weave.PatchWork;
import toroid.core.weave.WeaveNotes;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.WovenLength;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Attempt;
import toroid.core.weave.assembly.Doubles;
import toroid.core.weave.assembly.Lie;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.fault.Diagnosis;
import toroid.core.weave.fault.Question;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchRing;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.solve.Pose;
import toroid.server.store.Recent;

/** Patches of weaves: counted, put together in order, practised, looked through for a mistake. */
@Service
public class PatchWorkshop {
    private static final int MOST_STEPS_SHOWN = 6000;
    private static final int KEPT = 20;

    private final WeaveFiles files;
    private final KeptPoses poses;
    private final SolvedWeaves solved;
    private final Recent<String, Laid> laid = new Recent<>(KEPT);

    PatchWorkshop(WeaveFiles files, KeptPoses poses, SolvedWeaves solved) {
        this.files = files;
        this.poses = poses;
        this.solved = solved;
    }

    /** A patch and the order it is put together in. */
    record Laid(Patch patch, Assembly assembly, PreClosed preClosed) {}

    /** A weave's name. */
    public String nameOf(String weaveId) {
        return files.byId(weaveId).pattern().name();
    }

    /** Its order alone, for a run. */
    public Assembly assembly(String weaveId, WeaveJobData job) {
        return laid(files.byId(weaveId), job.question()).assembly();
    }

    Laid laid(WeaveFiles.Filed weave, PatchQuestion question) {
        PatchSpec spec = question.spec();
        spec.check();
        return laid.get(
                weave.sum() + question.wireDiameterMm() + question.innerDiameterMm() + spec,
                () -> lay(weave, question));
    }

    private Laid lay(WeaveFiles.Filed weave, PatchQuestion question) {
        PatchSpec spec = question.spec();
        WeaveRings rings = rings(question);
        WeaveWork.checkSizes(weave.pattern(), rings);
        PatchShape shape = spec.shape(weave.pattern(), rings.wireMm(), new Cell(weave, rings));
        Patch patch = Patch.of(weave.pattern(), shape);
        return new Laid(patch, Assembly.of(patch, spec.way()), PreClosed.of(patch, spec.way()));
    }

    /** The cell in these rings, mm; solved when first asked for. */
    final class Cell implements PatchSpec.Poses {
        private final WeaveFiles.Filed weave;
        private final WeaveRings rings;
        private final double wireMm;
        private final List<Double> inner;

        Cell(WeaveFiles.Filed weave, WeaveRings rings) {
            this.weave = weave;
            this.rings = rings;
            this.wireMm = rings.wireMm();
            this.inner = rings.innerMm().stream().map(one -> one / wireMm).toList();
        }

        private List<Pose> lie() {
            return poses.cell(weave, inner);
        }

        @Override
        public Pose taut() {
            return lie().size() == 1 ? null : lie().get(0).scaled(wireMm);
        }

        @Override
        public Pose rest() {
            return lie().size() == 1 ? null : lie().get(1).scaled(wireMm);
        }

        /** At rest, or as near as rings come that do not fit. */
        Pose shown() {
            return lie().get(lie().size() - 1).scaled(wireMm);
        }

        Note verdict() {
            return WeaveNotes.verdict(
                    weave.pattern(), rings, solved.unit(weave, inner).aspectRatioMin());
        }
    }

    private static WeaveRings rings(PatchQuestion question) {
        return new WeaveRings(question.wireDiameterMm(), question.innerDiameterMm());
    }

    private static Metal metal(PatchQuestion question) {
        return MetalNames.metalOrRefuse(question.metal() == null ? "copper" : question.metal());
    }

    private static ColourSpec colours(PatchQuestion question) {
        return question.colours() == null ? ColourSpec.plain(metal(question).id()) : question.colours();
    }

    public PatchCount count(String id, PatchQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        WeaveRings rings = rings(question);
        double density = metal(question).densityGramsPerCubicCentimetre();
        double spare = question.spec().spare();
        var cell = new Cell(weave, rings);
        PatchWork work = counted(laid, question, cell);
        return new PatchCount(
                id,
                work.ringCount(),
                work.total(),
                work.preClosed(),
                work.opened(),
                work.spare(),
                laid.patch().shape() instanceof PatchShape.Cells cells ? cells.cells() : null,
                laid.patch().shape() instanceof PatchShape.Rows rows ? rows.counts() : null,
                work.taut(),
                work.rest(),
                work.wireMm(),
                work.massG(),
                Doubles.any(laid.patch()),
                colourCounts(laid.patch(), colours(question)),
                work.figures(laid.patch(), rings, spare, density),
                List.of(cell.verdict()));
    }

    private PatchWork counted(Laid laid, PatchQuestion question, Cell cell) {
        return PatchWork.of(
                laid.patch(),
                colours(question).toCore(),
                rings(question),
                laid.preClosed(),
                cell.taut(),
                cell.rest(),
                question.spec().spare(),
                metal(question).densityGramsPerCubicCentimetre());
    }

    /**
     * A length or a sheet as part of something larger.
     *
     * @throws Refusal for a weave nobody knows, rows of what is no sheet, or rings that it cannot be woven of
     */
    public WovenLength woven(String id, double wireMm, List<Double> insidesMm, PatchShape shape, Metal metal) {
        WeaveFiles.Filed weave = files.byId(id);
        boolean sheet = weave.pattern().lattice().kind() == Lattice.Kind.SHEET;
        if (sheet != (shape instanceof PatchShape.Rows)) {
            throw Refusal.of(sheet ? RefusalCode.A_SHEET : RefusalCode.NOT_A_SHEET, "piece", id)
                    .with("weave", weave.pattern().name());
        }
        PatchQuestion question = plain(wireMm, insidesMm, shape, metal.id());
        Laid laid = laid(weave, question);
        var cell = new Cell(weave, rings(question));
        if (cell.taut() == null) {
            throw Refusal.of(RefusalCode.PART_CANNOT_BE_MADE, "piece", id)
                    .with("form", weave.pattern().name());
        }
        return WovenLength.of(laid.patch(), laid.assembly(), counted(laid, question, cell), cell.taut(), wireMm);
    }

    private static PatchQuestion plain(double wireMm, List<Double> insidesMm, PatchShape shape, String metal) {
        Integer units = shape instanceof PatchShape.Cells cells ? cells.cells() : null;
        List<Integer> rows = shape instanceof PatchShape.Rows counted ? counted.counts() : null;
        return new PatchQuestion(
                wireMm, insidesMm, metal, null, units, null, null, rows, null, null, null, null, null, null);
    }

    /** The same as it is put together. */
    public WovenInMaking inMaking(String id, double wireMm, List<Double> insidesMm, PatchShape shape) {
        WeaveFiles.Filed weave = files.byId(id);
        PatchQuestion question = plain(wireMm, insidesMm, shape, null);
        Laid laid = laid(weave, question);
        Patch patch = laid.patch();
        Pose shown = new Cell(weave, rings(question)).shown();
        double[] wires = new double[patch.size()];
        Arrays.fill(wires, wireMm);
        return new WovenInMaking(
                FlatRings.of(patch.rings().stream()
                        .map(ring -> shown.image(ring.ring(), ring.i(), ring.j()))
                        .toList()),
                wires,
                steps(laid, shown),
                preClosed(laid.assembly()));
    }

    private static List<PatchAnswers.PatchStep> steps(Laid laid, Pose shown) {
        List<AssemblyStep> steps = laid.assembly().steps();
        return steps.size() > MOST_STEPS_SHOWN
                ? List.of()
                : steps.stream().map(step -> step(laid.patch(), shown, step)).toList();
    }

    private static List<ColourCount> colourCounts(Patch patch, ColourSpec spec) {
        int[][] counts = spec.toCore().counts(patch);
        return IntStream.range(0, counts.length)
                .mapToObj(colour -> ColourCount.of(
                        spec.palette().get(colour),
                        Arrays.stream(counts[colour]).boxed().toList()))
                .toList();
    }

    /** A job's patch as it is laid out and put together now. */
    public PatchAnswers.PatchView view(WeaveJobData job) {
        return view(job.weaveId(), job.question());
    }

    PatchAnswers.PatchView view(String id, PatchQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        Patch patch = laid.patch();
        Pose shown = new Cell(weave, rings(question)).shown();
        Colouring colours = colours(question).toCore();
        int[] keys = new int[3 * patch.size()];
        int[] colour = new int[patch.size()];
        for (int n = 0; n < patch.size(); n++) {
            PatchRing ring = patch.rings().get(n);
            keys[3 * n] = ring.ring();
            keys[3 * n + 1] = ring.i();
            keys[3 * n + 2] = ring.j();
            colour[n] = colours.of(patch, n);
        }
        return new PatchAnswers.PatchView(keys, colour, links(patch), steps(laid, shown), preClosed(laid.assembly()));
    }

    private static int[] links(Patch patch) {
        int[] links = new int[2 * patch.linkCount()];
        int at = 0;
        for (int n = 0; n < patch.size(); n++) {
            for (int other : patch.neighbours(n)) {
                if (other > n) {
                    links[at++] = n;
                    links[at++] = other;
                }
            }
        }
        return links;
    }

    static int[] preClosed(Assembly assembly) {
        return assembly.closedBefore().stream().mapToInt(Integer::intValue).toArray();
    }

    /** A patch's rings by size and colour. */
    public List<LaidPatch.Row> rows(String id, PatchQuestion question) {
        Laid laid = laid(files.byId(id), question);
        return LaidPatch.rows(
                laid.patch(),
                laid.assembly(),
                rings(question),
                colours(question),
                question.spec().spare());
    }

    /** A patch laid out at rest, for export. */
    public LaidPatch laidPatch(String id, PatchQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        return LaidPatch.of(
                laid.patch(),
                laid.assembly(),
                new Cell(weave, rings(question)).shown(),
                rings(question),
                colours(question),
                question.spec().spare());
    }

    private static PatchAnswers.PatchStep step(Patch patch, Pose shown, AssemblyStep step) {
        return PatchAnswers.PatchStep.of(step, patch.rowOf(step.ring()) + 1, Lie.seen(patch, shown, step));
    }

    PatchAnswers.AttemptAnswer attempt(String id, PatchAnswers.AttemptQuestion question) {
        List<AssemblyStep> steps =
                laid(files.byId(id), question.patch()).assembly().steps();
        Checks.within("step", question.step(), 0, steps.size() - 1.0, Unit.STEPS, Remedy.BEGIN_AGAIN);
        return PatchAnswers.AttemptAnswer.of(Attempt.at(steps.get(question.step()), new HashSet<>(question.named())));
    }

    PatchAnswers.DiagnosisAnswer diagnose(String id, PatchAnswers.DiagnosisQuestion question) {
        Assembly assembly = laid(files.byId(id), question.patch()).assembly();
        List<Question.Answer> answers =
                question.answers().stream().map(PatchAnswers.SeenAnswer::toCore).toList();
        return PatchAnswers.DiagnosisAnswer.of(Diagnosis.of(assembly, question.stepsDone(), answers));
    }
}
