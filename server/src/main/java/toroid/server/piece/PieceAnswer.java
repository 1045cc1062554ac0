package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.form.Opening;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.CuffFit;
import toroid.core.piece.Cure;
import toroid.core.piece.Hiding;
import toroid.core.piece.Joint;
import toroid.core.piece.Mending;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceFault;
import toroid.core.piece.PushedApart;
import toroid.core.piece.Touching;
import toroid.core.piece.Weakest;
import toroid.core.piece.Worn;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.part.PartWork;

/**
 * A piece worked out. Lengths mm, masses g, angles degrees.
 *
 * @param line as it is written shortest
 * @param pair whether it is made twice
 * @param finishedLengthMm of its row, from the first bearing point to the last, taut
 * @param restLengthMm the same as it lies straight and unpulled; within as much as it gives, either way
 * @param hangsMm from the first bearing point down to the lowest of it, hung by its weight
 * @param targetLengthMm what the body asks for; null without a body
 * @param remainderMm what is over; negative where it is too short
 * @param thickMm how far its row stands off what it lies on, about
 * @param weightG of one of a pair
 * @param wireMm cut for its forms, for both of a pair
 * @param minutes hands are at it, for both of a pair, at the pace the maker's timed copies teach
 * @param minutesWithin so many times either way
 * @param timings copies that were timed; 0 while the minutes are as stated
 * @param canBeMade whether every joint can be made and all goes in
 * @param worn closed round the body; null where it goes round none
 * @param draped hung from the neck it is for; null where it goes round none, or hangs as close as it
 * @param cuff how its cuff holds on an ear's edge; null on other bodies
 * @param weakest what of its row gives first when it is pulled; null where nothing opens, or without a body
 * @param cures what would bring it nearer, the nearest first
 * @param mends what would make joints possible that are not
 * @param written its parts as they are written, with what can be set
 * @param facing of each part against the front, 0 up to 180: the first part, or the lobe an ear wire goes through
 * @param edgeOn parts of the row that hang edge-on to its first one, or under an ear wire to the lobe
 * @param finishes what is done to it once it is made, or before what does not withstand it goes on, in order
 * @param wires every wire it takes against the shelf, the thickest first
 * @param wireCost of all its wire at the dearest of the shelf's prices, in the workshop's money; null where a price is not known
 * @param hangs how it hangs; null where it goes round something
 * @param drawing where its parts are; null where it was not asked for
 */
public record PieceAnswer(
        @NotNull String line,
        @NotNull boolean pair,
        @NotNull Piece.Shape shape,
        @NotNull double finishedLengthMm,
        @NotNull double restLengthMm,
        @NotNull double hangsMm,
        @Schema(nullable = true) Double targetLengthMm,
        @Schema(nullable = true) Double remainderMm,
        @NotNull double thickMm,
        @NotNull double weightG,
        @NotNull double wireMm,
        @NotNull double minutes,
        @NotNull double minutesWithin,
        @NotNull int timings,
        @NotNull boolean canBeMade,
        @Schema(nullable = true) Worn worn,
        @Schema(nullable = true) DrapedView draped,
        @Schema(nullable = true) Weakest weakest,
        @Schema(nullable = true) CuffFit cuff,
        @NotNull List<Cure> cures,
        @NotNull List<Mending.Mend> mends,
        @NotNull List<WrittenView> written,
        @NotNull List<PartView> parts,
        @NotNull List<JointView> joints,
        @NotNull List<AssemblyStep> assemblyOrder,
        @NotNull List<Double> facing,
        @NotNull List<Integer> edgeOn,
        @NotNull List<PieceFault> faults,
        @NotNull List<FinishWork> finishes,
        @NotNull List<RingsView> rings,
        @NotNull List<CutView> cutList,
        @NotNull List<PartWork.Bought> bought,
        @NotNull List<NeedView> wires,
        @Schema(nullable = true) Double wireCost,
        @Schema(nullable = true) HangsView hangs,
        @Schema(nullable = true) PieceDrawing drawing) {
    /**
     * A wire it takes, and what the shelf has of it.
     *
     * @param lengthMm in its forms and its rings, spare rings too
     * @param spools of that wire on the shelf
     * @param lacksMm more than is on them; null where one of them is of unknown length
     * @param cost of that length at the dearest of their prices, in the workshop's money; null where none is known
     */
    record NeedView(
            @NotNull String metal,
            @NotNull double diameterMm,
            @NotNull double lengthMm,
            @NotNull int spools,
            @Schema(nullable = true) Double lacksMm,
            @Schema(nullable = true) Double cost) {}

    /**
     * How it hangs by its first part, without friction.
     *
     * @param askew parts that hang off the way a pull goes through them by more than a few degrees
     * @param pushing parts that lie against each other and push each other aside, with what force
     * @param touching parts that are not joined and are in each other all the same: there is no room to push them apart
     * @param hiding parts that hide most of another, seen from the front
     * @param heavyFromG what is a lot in an ear, g; null for what is lighter, or hangs elsewhere
     */
    record HangsView(
            @NotNull List<Askew> askew,
            @NotNull List<PushedApart.Push> pushing,
            @NotNull List<Touching> touching,
            @NotNull List<Hiding> hiding,
            @Schema(nullable = true) Double heavyFromG) {}

    /** @param degrees off the way a pull goes through it */
    record Askew(@NotNull int part, @NotNull double degrees) {}

    /**
     * How a necklace hangs; within about a centimetre.
     *
     * @param depthMm from the sides of the neck down to the lowest of it
     * @param pullN along the row at the sides of the neck
     */
    record DrapedView(
            @NotNull double neckRadiusMm,
            @NotNull double depthMm,
            @NotNull double pullN) {}

    /**
     * A part as it is written.
     *
     * @param line as a line writes it by itself
     * @param form its id in the catalogue; null for what is none
     * @param times how often it comes in the piece
     * @param repeat how often the innermost repeat about it goes; 1 for none
     * @param group the first part of that repeat; −1 for none
     * @param hangsFrom the part its row hangs from; −1 in the row itself
     * @param depth 0 in the row itself
     */
    record WrittenView(
            @NotNull String name,
            @NotNull String line,
            @Schema(nullable = true) String form,
            @NotNull List<FieldView> fields,
            @NotNull int times,
            @NotNull int repeat,
            @NotNull int group,
            @NotNull int hangsFrom,
            @NotNull int depth) {}

    /** @param value a number, a range such as {@code 4..8}, a word, or true or false */
    record FieldView(@NotNull String id, @NotNull Object value) {}

    /**
     * @param written its place among those as written
     * @param form its id in the catalogue; null for what is none
     * @param parent the place it hangs from; −1 for the first
     * @param handed whether its mirror image is wound the other way round
     */
    record PartView(
            @NotNull String name,
            @NotNull int written,
            @Schema(nullable = true) String form,
            @NotNull boolean turned,
            @NotNull int parent,
            @NotNull int depth,
            @NotNull double spanMm,
            @NotNull double weightG,
            @NotNull boolean handed) {}

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

    /**
     * @param hammeredMm thickness each is hammered flat to; null for round wire
     * @param beadMm diameter of the bead on each; null for none
     * @param spare to make besides
     * @param ready whether all of them lie on the shelf, made before or bought
     */
    record RingsView(
            @NotNull double wireDiameterMm,
            @NotNull double innerDiameterMm,
            @NotNull int turns,
            @NotNull boolean soldered,
            @Schema(nullable = true) Double hammeredMm,
            @Schema(nullable = true) Double beadMm,
            @NotNull int count,
            @NotNull int preClosed,
            @NotNull int spare,
            @NotNull boolean ready) {}

    /** @param form what it becomes */
    record CutView(
            @NotNull String form,
            @NotNull String wire,
            @NotNull double diameterMm,
            @NotNull String metal,
            @NotNull double lengthMm,
            @NotNull int count) {}
}
