package toroid.server.weave;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.CompositionStage;
import toroid.core.weave.composition.CompositionWork;
import toroid.core.weave.composition.HubRing;
import toroid.server.effort.Efforts;

/** Crosses, stars, medallions of a chain's sections. Stateless. */
@RestController
@RequestMapping("/api/weaves")
class CompositionController {
    private static final int MOST_BESIDE = 6;

    private final WeaveFiles files;

    private final Efforts efforts;

    CompositionController(WeaveFiles files, Efforts efforts) {
        this.efforts = efforts;
        this.files = files;
    }

    /**
     * A composition in these rings; lengths mm.
     *
     * @param hubWireMm wire of the larger rings; that of the small ones when left out
     * @param arms how many sections
     * @param units of each
     * @param hubs larger rings in the middle
     * @param tied a ring between each two neighbouring arms' ends
     * @param longerBy units the first arm has more
     * @param bail a ring at its end
     * @param hold loose closed rings picked up at a time
     */
    record CompositionQuestion(
            @NotNull double wireDiameterMm,
            @NotNull double innerDiameterMm,
            Double hubWireMm,
            String metal,
            @NotNull int arms,
            @NotNull int units,
            @NotNull int hubs,
            @NotNull boolean tied,
            @NotNull int longerBy,
            @NotNull boolean bail,
            Integer hold) {}

    /**
     * What it takes.
     *
     * @param ringCount small rings, larger rings
     * @param perUnit small rings a unit more takes
     * @param stages what is made after what
     * @param beside what to look at first when the last ring will not close
     */
    record CompositionAnswer(
            @NotNull List<Integer> ringCount,
            @NotNull int perUnit,
            @NotNull HubRing hub,
            @NotNull double hubInnerDiameterMm,
            @NotNull PreClosed preClosed,
            @NotNull int opened,
            @NotNull List<@NotNull CompositionStage> stages,
            @NotNull List<Beside> beside,
            @NotNull List<Figure> figures) {}

    /** A ring to look at: what it is for, in which part. */
    record Beside(@NotNull Composition.Role role, @NotNull int part) {}

    @Operation(summary = "A cross, star or medallion of a chain's sections: counts, order, the size of the larger ring")
    @PostMapping("/{id}/composition")
    CompositionAnswer composition(@PathVariable String id, @RequestBody @Valid CompositionQuestion question) {
        return efforts.answer(() -> {
            Metal metal = MetalNames.metalOrRefuse(question.metal() == null ? "copper" : question.metal());
            var plan = new Composition.Plan(
                    question.arms(),
                    question.units(),
                    question.hubs(),
                    question.tied(),
                    question.longerBy(),
                    question.bail());
            var way = new Way(
                    Way.USUAL.sheet(),
                    Way.USUAL.doubling(),
                    question.hold() == null ? Way.USUAL.hold() : question.hold());
            CompositionWork work = CompositionWork.of(
                    new Composition(files.byId(id).pattern(), plan),
                    new Ring(question.wireDiameterMm(), question.innerDiameterMm()),
                    question.hubWireMm() == null ? question.wireDiameterMm() : question.hubWireMm(),
                    way);
            Composition composition = work.composition();
            int hubs = composition.count(Composition.Role.HUB);
            return new CompositionAnswer(
                    List.of(composition.size() - hubs, hubs),
                    composition.perUnit(),
                    work.hubSize(),
                    work.hub().innerDiameterMm(),
                    work.preClosed(),
                    work.assembly().opened(),
                    work.stages(),
                    beside(work),
                    work.figures(metal.densityGramsPerCubicCentimetre()));
        });
    }

    private static List<Beside> beside(CompositionWork work) {
        Composition composition = work.composition();
        List<AssemblyStep> steps = work.assembly().steps();
        return composition.beside(steps.get(steps.size() - 1).ring(), MOST_BESIDE).stream()
                .map(ring -> new Beside(composition.roleOf(ring), composition.partOf(ring)))
                .distinct()
                .toList();
    }
}
