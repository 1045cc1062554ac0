package toroid.server.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Checks;
import toroid.core.quantity.Note;
import toroid.core.weave.PieceWork;
import toroid.core.weave.WeaveNotes;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Attempt;
import toroid.core.weave.assembly.Doubles;
import toroid.core.weave.assembly.Lie;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.fault.Diagnosis;
import toroid.core.weave.fault.Question;
import toroid.core.weave.piece.Colouring;
import toroid.core.weave.piece.Piece;
import toroid.core.weave.piece.PieceRing;
import toroid.core.weave.piece.PieceShape;
import toroid.core.weave.solve.Pose;
import toroid.server.store.Recent;

/** Pieces of weaves: counted, put together in order, practised, looked through for a mistake. */
@Service
public class PieceWorkshop {
    private static final int MOST_STEPS_SHOWN = 6000;
    private static final int KEPT = 20;

    private final WeaveFiles files;
    private final KeptPoses poses;
    private final SolvedWeaves solved;
    private final Recent<String, Laid> laid = new Recent<>(KEPT);

    PieceWorkshop(WeaveFiles files, KeptPoses poses, SolvedWeaves solved) {
        this.files = files;
        this.poses = poses;
        this.solved = solved;
    }

    /** A piece and the order it is put together in. */
    record Laid(Piece piece, Assembly assembly, PreClosed preClosed) {}

    /** A weave's name. */
    public String nameOf(String weaveId) {
        return files.byId(weaveId).pattern().name();
    }

    /** Its order alone, for a run. */
    public Assembly assembly(String weaveId, WeaveJobData job) {
        return laid(files.byId(weaveId), job.question()).assembly();
    }

    Laid laid(WeaveFiles.Filed weave, PieceQuestion question) {
        PieceSpec spec = question.spec();
        spec.check();
        return laid.get(
                weave.sum() + question.wireDiameterMm() + question.innerDiameterMm() + spec,
                () -> lay(weave, question));
    }

    private Laid lay(WeaveFiles.Filed weave, PieceQuestion question) {
        PieceSpec spec = question.spec();
        WeaveRings rings = rings(question);
        WeaveWork.checkSizes(weave.pattern(), rings);
        PieceShape shape = spec.shape(weave.pattern(), rings.wireMm(), new Cell(weave, rings));
        Piece piece = Piece.of(weave.pattern(), shape);
        return new Laid(piece, Assembly.of(piece, spec.way()), PreClosed.of(piece, spec.way()));
    }

    /** The cell in these rings, mm; solved when first asked for. */
    final class Cell implements PieceSpec.Poses {
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

    private static WeaveRings rings(PieceQuestion question) {
        return new WeaveRings(question.wireDiameterMm(), question.innerDiameterMm());
    }

    private static Metal metal(PieceQuestion question) {
        return MetalNames.metalOrRefuse(question.metal() == null ? "copper" : question.metal());
    }

    private static ColourSpec colours(PieceQuestion question) {
        return question.colours() == null ? ColourSpec.plain(metal(question).id()) : question.colours();
    }

    public PieceCount count(String id, PieceQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        WeaveRings rings = rings(question);
        double density = metal(question).densityGramsPerCubicCentimetre();
        double spare = question.spec().spare();
        var cell = new Cell(weave, rings);
        PieceWork work = PieceWork.of(
                laid.piece(),
                colours(question).toCore(),
                rings,
                laid.preClosed(),
                cell.taut(),
                cell.rest(),
                spare,
                density);
        return new PieceCount(
                id,
                work.ringCount(),
                work.total(),
                work.preClosed(),
                work.opened(),
                work.spare(),
                laid.piece().shape() instanceof PieceShape.Cells cells ? cells.cells() : null,
                laid.piece().shape() instanceof PieceShape.Rows rows ? rows.counts() : null,
                work.taut(),
                work.rest(),
                work.wireMm(),
                work.massG(),
                Doubles.any(laid.piece()),
                colourCounts(laid.piece(), colours(question)),
                work.figures(laid.piece(), rings, spare, density),
                List.of(cell.verdict()));
    }

    private static List<ColourCount> colourCounts(Piece piece, ColourSpec spec) {
        int[][] counts = spec.toCore().counts(piece);
        return IntStream.range(0, counts.length)
                .mapToObj(colour -> new ColourCount(
                        spec.palette().get(colour),
                        Arrays.stream(counts[colour]).boxed().toList(),
                        Arrays.stream(counts[colour]).sum()))
                .toList();
    }

    /** A job's piece as it is laid out and put together now. */
    public PieceAnswers.PieceView view(WeaveJobData job) {
        return view(job.weaveId(), job.question());
    }

    PieceAnswers.PieceView view(String id, PieceQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        Piece piece = laid.piece();
        Pose shown = new Cell(weave, rings(question)).shown();
        Colouring colours = colours(question).toCore();
        int[] keys = new int[3 * piece.size()];
        int[] colour = new int[piece.size()];
        for (int n = 0; n < piece.size(); n++) {
            PieceRing ring = piece.rings().get(n);
            keys[3 * n] = ring.ring();
            keys[3 * n + 1] = ring.i();
            keys[3 * n + 2] = ring.j();
            colour[n] = colours.of(piece, n);
        }
        List<AssemblyStep> steps = laid.assembly().steps();
        return new PieceAnswers.PieceView(
                keys,
                colour,
                links(piece),
                steps.size() > MOST_STEPS_SHOWN
                        ? List.of()
                        : steps.stream().map(step -> step(piece, shown, step)).toList(),
                preClosed(laid.assembly()));
    }

    private static int[] links(Piece piece) {
        int[] links = new int[2 * piece.linkCount()];
        int at = 0;
        for (int n = 0; n < piece.size(); n++) {
            for (int other : piece.neighbours(n)) {
                if (other > n) {
                    links[at++] = n;
                    links[at++] = other;
                }
            }
        }
        return links;
    }

    static int[] preClosed(Assembly assembly) {
        var closed = new ArrayList<Integer>();
        for (AssemblyStep step : assembly.steps()) {
            if (step.closed()) {
                closed.add(step.ring());
            }
            closed.addAll(step.pickUp());
            closed.addAll(step.over());
        }
        return closed.stream().mapToInt(Integer::intValue).toArray();
    }

    /** A piece laid out at rest, for export. */
    public LaidPiece laidPiece(String id, PieceQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        Laid laid = laid(weave, question);
        return LaidPiece.of(
                laid.piece(),
                laid.assembly(),
                new Cell(weave, rings(question)).shown(),
                rings(question),
                colours(question),
                question.spec().spare());
    }

    private static PieceAnswers.PieceStep step(Piece piece, Pose shown, AssemblyStep step) {
        return PieceAnswers.PieceStep.of(step, piece.rowOf(step.ring()) + 1, Lie.seen(piece, shown, step));
    }

    PieceAnswers.AttemptAnswer attempt(String id, PieceAnswers.AttemptQuestion question) {
        List<AssemblyStep> steps =
                laid(files.byId(id), question.piece()).assembly().steps();
        Checks.within("step", question.step(), 0, steps.size() - 1.0, "steps", "Begin again.");
        return PieceAnswers.AttemptAnswer.of(Attempt.at(steps.get(question.step()), new HashSet<>(question.named())));
    }

    PieceAnswers.DiagnosisAnswer diagnose(String id, PieceAnswers.DiagnosisQuestion question) {
        Assembly assembly = laid(files.byId(id), question.piece()).assembly();
        List<Question.Answer> answers =
                question.answers().stream().map(PieceAnswers.SeenAnswer::toCore).toList();
        return PieceAnswers.DiagnosisAnswer.of(Diagnosis.of(assembly, question.stepsDone(), answers));
    }
}
