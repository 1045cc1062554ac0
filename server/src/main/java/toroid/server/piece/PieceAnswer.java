package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.form.Opening;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.BodyFit;
import toroid.core.piece.Joint;
import toroid.core.piece.PartSpec;
import toroid.core.piece.PieceFault;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;

/**
 * A piece worked out. Lengths mm, masses g, angles degrees.
 *
 * @param line as it is written shortest
 * @param finishedLengthMm from the first bearing point to the last, taut
 * @param targetLengthMm what the body asks for; null without a body
 * @param remainderMm what is over; negative where it is too short
 * @param thickMm how far it stands off what it lies on, about
 * @param cures what would bring it nearer, the nearest first
 * @param canBeMade whether every joint can be made and all goes in
 * @param facing of each part against the first, 0 up to 180
 */
record PieceAnswer(
        @NotNull String line,
        @NotNull double finishedLengthMm,
        @Schema(nullable = true) Double targetLengthMm,
        @Schema(nullable = true) Double remainderMm,
        @NotNull double thickMm,
        @NotNull double weightG,
        @NotNull boolean canBeMade,
        @NotNull List<BodyFit.Cure> cures,
        @NotNull List<PartView> parts,
        @NotNull List<JointView> joints,
        @NotNull List<AssemblyStep> assemblyOrder,
        @NotNull List<Double> facing,
        @NotNull List<PieceFault> faults,
        @NotNull List<RingsView> rings,
        @NotNull List<CutView> cutList) {
    /** @param form its id in the catalogue; null for a ring */
    record PartView(
            @NotNull String name,
            @Schema(nullable = true) String form,
            @NotNull boolean turned,
            @NotNull double spanMm,
            @NotNull double weightG) {}

    /**
     * @param opens how the side that makes it opens
     * @param freeDegrees how far it turns from square, either way
     */
    record JointView(
            @NotNull int a,
            @NotNull int b,
            @NotNull String portA,
            @NotNull String portB,
            @NotNull Joint.Way way,
            @NotNull int maker,
            @NotNull Opening opens,
            @NotNull double freeDegrees) {
        static JointView of(Joint joint) {
            return new JointView(
                    joint.a(),
                    joint.b(),
                    joint.portA().part(),
                    joint.portB().part(),
                    joint.way(),
                    joint.maker(),
                    joint.makersPort().opens(),
                    joint.freeDegrees());
        }
    }

    /** @param spare to make besides */
    record RingsView(
            @NotNull double wireDiameterMm,
            @NotNull double innerDiameterMm,
            @NotNull boolean soldered,
            @NotNull int count,
            @NotNull int preClosed,
            @NotNull int spare) {}

    /** @param form what it becomes */
    record CutView(
            @NotNull String form,
            @NotNull String wire,
            @NotNull double diameterMm,
            @NotNull String metal,
            @NotNull double lengthMm,
            @NotNull int count) {}

    static List<PartView> parts(PieceWork work) {
        return IntStream.range(0, work.parts().size())
                .mapToObj(i -> {
                    var part = work.parts().get(i);
                    String form = part.spec() instanceof PartSpec.OfForm of ? of.formId() : null;
                    return new PartView(part.name(), form, work.turned().get(i), part.spanMm(), part.massG());
                })
                .toList();
    }

    static List<RingsView> rings(PieceLists lists) {
        return lists.rings().stream()
                .map(one -> new RingsView(
                        one.ring().wireDiameterMm(),
                        one.ring().innerDiameterMm(),
                        one.soldered(),
                        one.count(),
                        one.preClosed(),
                        one.spare()))
                .toList();
    }

    static List<CutView> cuts(PieceLists lists) {
        return lists.cuts().stream()
                .map(one -> new CutView(
                        one.form(),
                        one.cut().wire(),
                        one.cut().diameterMm(),
                        one.cut().metal(),
                        one.cut().lengthMm(),
                        one.count()))
                .toList();
    }
}
