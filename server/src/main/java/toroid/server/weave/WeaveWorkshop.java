package toroid.server.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.ring.DrapeWindow;
import toroid.core.ring.Tightness;
import toroid.core.ring.WeaveFit;
import toroid.core.weave.WeaveAnswer;
import toroid.core.weave.WeaveFigures;
import toroid.core.weave.WeaveNotes;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.WeaveSolver;
import toroid.server.effort.Efforts;
import toroid.server.ring.WeaveKnowledge;

/** Solves weaves for whoever asks. The catalogue's smallest aspect ratios are solved in the background once the server stands. */
@Service
public class WeaveWorkshop implements WeaveKnowledge {
    private static final Logger LOG = LoggerFactory.getLogger(WeaveWorkshop.class);

    private static final int RATIOS_KEPT = 500;

    /** Wires; poses are kept as they were solved. */
    private static final double SAME_PITCH = 1e-9;

    private final WeaveFiles files;
    private final SolvedWeaves solved;
    private final Map<String, Double> smallest = new ConcurrentHashMap<>();
    private final KeptPoses poses;

    private final Efforts efforts;

    private final boolean ahead;

    WeaveWorkshop(
            WeaveFiles files,
            SolvedWeaves solved,
            KeptPoses poses,
            Efforts efforts,
            @Value("${toroid.solve-ahead}") boolean ahead) {
        this.ahead = ahead;
        this.efforts = efforts;
        this.files = files;
        this.solved = solved;
        this.poses = poses;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (!ahead) {
            return;
        }
        files.all().forEach(weave -> efforts.atTheBack(() -> solveSmallest(weave)));
    }

    private void solveSmallest(WeaveFiles.Filed weave) {
        try {
            smallestOf(weave);
        } catch (RuntimeException unsolved) {
            LOG.warn("{} was not solved: {}", weave.pattern().id(), unsolved.getMessage());
        }
    }

    /** AR_min of the first size, the others in their usual proportion. */
    private double smallestOf(WeaveFiles.Filed weave) {
        return smallestOf(
                weave,
                weave.pattern().classes().stream()
                        .mapToDouble(WeavePattern.RingClass::usualRatio)
                        .toArray());
    }

    private double smallestOf(WeaveFiles.Filed weave, double[] ratios) {
        if (smallest.size() > RATIOS_KEPT) {
            smallest.keySet().removeIf(question -> question.contains("/"));
        }
        return smallest.computeIfAbsent(
                question(weave, ratios), id -> solved.smallest(weave, ratios, () -> worked(weave.pattern(), ratios)));
    }

    private static double worked(WeavePattern pattern, double[] ratios) {
        var closest = WeaveSolver.closest(pattern, ratios);
        if (!closest.solved()) {
            throw Refusal.of(RefusalCode.WEAVE_NOT_SOLVED, "innerDiameterMm", null)
                    .with("weave", pattern.name());
        }
        return closest.aspectRatioMin();
    }

    /** One ring size knows no proportion. */
    private static String question(WeaveFiles.Filed weave, double[] ratios) {
        String id = weave.own() == null ? weave.pattern().id() : weave.sum();
        boolean usual = true;
        var told = new StringBuilder(id);
        for (int i = 1; i < ratios.length; i++) {
            usual &= Math.abs(ratios[i] - weave.pattern().classes().get(i).usualRatio()) < 1e-9;
            told.append('/').append(Math.rint(ratios[i] * 1e6));
        }
        return usual ? id : told.toString();
    }

    WeaveAnswers.WeaveJudged judge(String id, WeaveAnswers.WeaveQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        WeaveRings rings = rings(question);
        WeaveWork.checkSizes(weave.pattern(), rings);
        double least = smallestOf(weave, rings.ratios());
        double ratio = rings.ring(0).aspectRatio();
        return new WeaveAnswers.WeaveJudged(
                id,
                Tightness.of(ratio, least),
                ratio,
                least,
                100 * Tightness.play(ratio, least),
                List.of(WeaveNotes.verdict(weave.pattern(), rings, least)));
    }

    /** The inner diameter in wire diameters in the middle of where a weave drapes, first size. */
    public double usualAspectRatio(String id) {
        return DrapeWindow.of(smallestOf(files.byId(id))).middle();
    }

    /** One of the maker's own, taken in and solved. */
    WeaveAnswers.WeaveEntry take(String text) {
        WeaveFiles.Filed weave = files.take(text);
        return entry(weave, smallestOf(weave));
    }

    /** Where each weave solved so far drapes, on one ring's nominal scale. */
    List<WeaveAnswers.WeaveWindow> windows(double aspectRatio, double nominalAspectRatio) {
        return catalogue().stream()
                .filter(weave -> weave.aspectRatioMin() != null)
                .map(weave -> {
                    DrapeWindow window = DrapeWindow.of(weave.aspectRatioMin());
                    DrapeWindow shown = window.nominal(nominalAspectRatio, aspectRatio);
                    return new WeaveAnswers.WeaveWindow(
                            weave.id(), shown.from(), shown.to(), window.holds(aspectRatio));
                })
                .toList();
    }

    List<WeaveAnswers.WeaveEntry> catalogue() {
        return files.all().stream()
                .map(weave -> entry(
                        weave,
                        smallest.get(weave.own() == null ? weave.pattern().id() : weave.sum())))
                .toList();
    }

    private static WeaveAnswers.WeaveEntry entry(WeaveFiles.Filed weave, Double least) {
        WeavePattern pattern = weave.pattern();
        boolean known = least != null;
        return new WeaveAnswers.WeaveEntry(
                pattern.id(),
                pattern.name(),
                pattern.unit(),
                pattern.lattice().kind(),
                pattern.classes().stream()
                        .map(size -> new WeaveAnswers.WeaveSize(size.id(), size.name(), size.usualRatio()))
                        .toList(),
                pattern.rings().size(),
                pattern.links().stream()
                        .flatMapToInt(link -> IntStream.of(link.a(), link.b(), link.i(), link.j()))
                        .toArray(),
                weave.own(),
                pattern.sources(),
                pattern.usual() == null ? null : pattern.usual().low(),
                pattern.usual() == null ? null : pattern.usual().high(),
                least,
                known ? least * (1 + Tightness.EDGE) : null,
                known ? DrapeWindow.of(least).from() : null,
                known ? DrapeWindow.of(least).to() : null,
                known ? Tightness.aspectRatioAt(Tightness.LOOSE_BELOW, least) : null);
    }

    /** Tubes close at their own number of rings round, which a ring alone does not tell; they are judged in Weaves. */
    @Override
    public List<WeaveFit.Known> weaves() {
        return files.all().stream()
                .filter(weave -> weave.pattern().usual() != null)
                .filter(weave -> weave.pattern().lattice().kind() != Lattice.Kind.TUBE)
                .map(weave -> new WeaveFit.Known(
                        weave.pattern().id(),
                        weave.pattern().name(),
                        smallest.get(weave.own() == null ? weave.pattern().id() : weave.sum()),
                        weave.pattern().usual().low(),
                        weave.pattern().usual().high()))
                .toList();
    }

    WeaveAnswers.WeaveSolved solve(String id, WeaveAnswers.WeaveQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        WeaveRings rings = rings(question);
        Metal metal = MetalNames.metalOrRefuse(question.metal() == null ? "copper" : question.metal());
        List<Double> ratios =
                rings.innerMm().stream().map(inner -> inner / rings.wireMm()).toList();
        WeaveAnswer answer = solved.unit(weave, ratios).scaled(rings.wireMm(), metal.densityGramsPerCubicCentimetre());
        return WeaveAnswers.WeaveSolved.of(
                id,
                answer,
                WeaveFigures.of(weave.pattern(), answer, rings, metal.densityGramsPerCubicCentimetre()),
                WeaveNotes.of(weave.pattern(), answer, rings));
    }

    /** How it bends, each way with its why. */
    WeaveAnswers.WeaveBends bends(String id, WeaveAnswers.WeaveQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        WeaveRings rings = rings(question);
        WeaveWork.checkSizes(weave.pattern(), rings);
        List<Double> ratios =
                rings.innerMm().stream().map(inner -> inner / rings.wireMm()).toList();
        return new WeaveAnswers.WeaveBends(
                id,
                solved.bends(weave, ratios).stream()
                        .map(bend -> WeaveAnswers.WeaveBendAnswer.of(bend.scaled(rings.wireMm())))
                        .toList());
    }

    List<WeaveAnswers.WeavePose> poses(String id, WeaveAnswers.WeaveQuestion question, int count) {
        WeaveRings rings = rings(question);
        List<Double> inner =
                rings.innerMm().stream().map(one -> one / rings.wireMm()).toList();
        WeaveFiles.Filed weave = files.byId(id);
        List<Pose> cell = poses.cell(weave, inner);
        double rest = cell.get(cell.size() - 1).pitch();
        return poses.row(weave, inner, count).stream()
                .map(pose -> view(pose.scaled(rings.wireMm()), Math.abs(pose.pitch() - rest) < SAME_PITCH))
                .toList();
    }

    private static WeaveRings rings(WeaveAnswers.WeaveQuestion question) {
        return new WeaveRings(question.wireDiameterMm(), question.innerDiameterMm());
    }

    private static WeaveAnswers.WeavePose view(Pose pose, boolean atRest) {
        double[] rings = new double[7 * pose.rings().size()];
        for (int k = 0; k < pose.rings().size(); k++) {
            var ring = pose.rings().get(k);
            double[] centre = ring.centre().toArray();
            double[] normal = ring.normal().toArray();
            for (int axis = 0; axis < 3; axis++) {
                rings[7 * k + axis] = centre[axis];
                rings[7 * k + 3 + axis] = normal[axis];
            }
            rings[7 * k + 6] = ring.radius();
        }
        var shared = pose.lattice().shared();
        return new WeaveAnswers.WeavePose(
                pose.pitch(),
                atRest,
                new double[] {
                    pose.pitch() * shared.getX(), pose.pitch() * shared.getY() + pose.across(), 0,
                },
                pose.turn(),
                pose.lattice().acrossTurn(),
                pose.lattice().around(),
                rings);
    }

    /** Every weave in each of these rings; where it mixes sizes, the others in their usual proportion to this. */
    List<WeaveAnswers.WeaveShelf> shelf(List<WeaveAnswers.WeaveQuestion> rings) {
        var rows = new ArrayList<WeaveAnswers.WeaveShelf>();
        for (WeaveAnswers.WeaveQuestion ring : rings) {
            Effort.at(rows.size(), rings.size());
            rows.add(row(ring));
        }
        return rows;
    }

    private WeaveAnswers.WeaveShelf row(WeaveAnswers.WeaveQuestion question) {
        WeaveRings rings = rings(question);
        double ratio = rings.ring(0).aspectRatio();
        List<WeaveAnswers.WeaveOnShelf> cells = files.all().stream()
                .map(weave -> {
                    double least = smallestOf(weave);
                    return new WeaveAnswers.WeaveOnShelf(
                            weave.pattern().id(), Tightness.of(ratio, least), 100 * Tightness.play(ratio, least));
                })
                .toList();
        return new WeaveAnswers.WeaveShelf(rings.wireMm(), rings.innerMm().get(0), ratio, cells);
    }
}
