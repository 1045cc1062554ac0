package toroid.server.weave;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import toroid.core.ring.Ring;
import toroid.core.ring.Tightness;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Lie;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.CompositionWork;
import toroid.core.weave.composition.Medallion;
import toroid.core.weave.composition.SolvedStar;
import toroid.core.weave.composition.StarColours;
import toroid.server.store.Recent;

/** Crosses, stars, medallions: solved once for each question, laid about the larger ring the maker has. */
@Service
public class CompositionWorkshop {
    private static final int KEPT = 20;
    private static final int MOST_BESIDE = 6;

    private final WeaveFiles files;
    private final KeptMedallions medallions;
    private final Recent<Solving, SolvedStar> solved = new Recent<>(KEPT);

    CompositionWorkshop(WeaveFiles files, KeptMedallions medallions) {
        this.files = files;
        this.medallions = medallions;
    }

    /** One as part of something larger. @throws toroid.core.numeric.Refusal when it does not go together so */
    public Medallion medallion(Medallion.Asked asked) {
        return medallions.of(files.byId(asked.weave()), asked);
    }

    /** What a solved star depends on. */
    private record Solving(String weave, Composition.Plan plan, Ring small, double hubWireMm) {}

    private CompositionWork work(String id, CompositionQuestion question) {
        WeaveFiles.Filed weave = files.byId(id);
        return star(weave, question.plan(), question.small(), question.hubWire())
                .about(question.hubInnerMm(), question.way());
    }

    private SolvedStar star(WeaveFiles.Filed weave, Composition.Plan plan, Ring small, double hubWireMm) {
        return solved.get(
                new Solving(weave.sum(), plan, small, hubWireMm),
                () -> SolvedStar.of(new Composition(weave.pattern(), plan), small, hubWireMm));
    }

    /** One that is part of something larger, as it is put together. */
    public WovenInMaking inMaking(Medallion.Asked asked) {
        CompositionWork work = star(files.byId(asked.weave()), asked.plan(), asked.small(), asked.hubWireMm())
                .about(asked.hubInnerMm(), Way.USUAL);
        return new WovenInMaking(
                FlatRings.of(work.rings()), wires(work), steps(work), PatchWorkshop.preClosed(work.assembly()));
    }

    private static List<PatchAnswers.PatchStep> steps(CompositionWork work) {
        Composition composition = work.composition();
        return work.assembly().steps().stream()
                .map(step -> PatchAnswers.PatchStep.of(
                        step, composition.partOf(step.ring()) + 1, Lie.seen(work.rings()::get, step)))
                .toList();
    }

    /** The weave its arms are of. */
    public String nameOf(String id) {
        return files.byId(id).pattern().name();
    }

    public CompositionAnswer answer(String id, CompositionQuestion question) {
        List<String> palette = question.palette();
        CompositionWork work = work(id, question);
        Composition composition = work.composition();
        int hubs = composition.count(Composition.Role.HUB);
        return new CompositionAnswer(
                List.of(composition.size() - hubs, hubs),
                composition.rowCounts(),
                work.smallestMm(),
                work.usualMm(),
                work.largestMm(),
                work.hub().innerDiameterMm(),
                work.laidAboutMm(),
                work.fit(),
                Tightness.of(work.small().aspectRatio(), work.smallestRatio()),
                work.preClosed(),
                work.assembly().opened(),
                work.stages(),
                beside(work),
                Arrays.stream(work.counts(question.colouring()))
                        .map(counts -> Arrays.stream(counts).boxed().toList())
                        .toList(),
                palette,
                FlatRings.of(work.rings()),
                wires(work),
                colours(composition, question.colouring()),
                steps(work),
                PatchWorkshop.preClosed(work.assembly()),
                work.figures(question.metalOf().densityGramsPerCubicCentimetre()));
    }

    private static double[] wires(CompositionWork work) {
        return IntStream.range(0, work.rings().size()).mapToDouble(work::wireMm).toArray();
    }

    private static int[] colours(Composition composition, StarColours colours) {
        return IntStream.range(0, composition.size())
                .map(n -> colours.of(composition, n))
                .toArray();
    }

    private static List<CompositionAnswer.Beside> beside(CompositionWork work) {
        Composition composition = work.composition();
        List<AssemblyStep> steps = work.assembly().steps();
        return composition.beside(steps.get(steps.size() - 1).ring(), MOST_BESIDE).stream()
                .map(ring -> new CompositionAnswer.Beside(composition.roleOf(ring), composition.partOf(ring)))
                .distinct()
                .toList();
    }

    /** Its rings by size and colour, spare left out. */
    public List<LaidPatch.Row> rows(String id, CompositionQuestion question) {
        CompositionWork work = work(id, question);
        return rows(work, question, work.hub().innerDiameterMm());
    }

    private static List<LaidPatch.Row> rows(CompositionWork work, CompositionQuestion question, double hubInnerMm) {
        int[] colours = colours(work.composition(), question.colouring());
        List<LaidPatch.Size> sizes = List.of(
                new LaidPatch.Size(
                        "small ring",
                        work.small().wireDiameterMm(),
                        work.small().innerDiameterMm()),
                new LaidPatch.Size("larger ring", work.hub().wireDiameterMm(), hubInnerMm));
        return LaidPatch.rows(work.composition(), work.assembly(), sizes, question.palette(), colours, 0);
    }

    /** As it lies, for export; spare left out. */
    public LaidPatch laid(String id, CompositionQuestion question) {
        CompositionWork work = work(id, question);
        return new LaidPatch(
                "medallion, " + id,
                wires(work),
                work.rings(),
                colours(work.composition(), question.colouring()),
                question.palette(),
                rows(work, question, work.laidAboutMm()));
    }
}
