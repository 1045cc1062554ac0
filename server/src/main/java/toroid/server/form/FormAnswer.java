package toroid.server.form;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import toroid.core.form.EndState;
import toroid.core.form.FormStep;
import toroid.core.form.FormedWire;
import toroid.core.form.Marks;
import toroid.core.form.Solid;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;

/**
 * A form worked out. Lengths mm, angles degrees.
 *
 * @param parameters every parameter with the value used
 * @param forCopiesMm wire to cut for all the copies asked for
 * @param marks of the first wire; each wire has its own as well
 * @param steps in the order hands do them
 * @param extentMm over all, wire and beads included
 * @param handed whether its mirror image is wound the other way round
 */
public record FormAnswer(
        @NotNull String formId,
        @NotNull String name,
        @NotNull double wireDiameterMm,
        @NotNull String metal,
        @NotNull Map<String, Object> parameters,
        @NotNull double lengthInPieceMm,
        @NotNull double lengthToCutMm,
        @NotNull double forCopiesMm,
        @NotNull double offcutMm,
        @NotNull double massG,
        @NotNull Extent extentMm,
        @NotNull List<Marks.Mark> marks,
        @NotNull List<Step> steps,
        @NotNull List<Note> notes,
        @NotNull List<WireView> wires,
        @NotNull List<SolidView> solids,
        @NotNull List<Figure> figures,
        @NotNull List<Touch> contacts,
        @NotNull boolean handed) {

    /** Over all, mm, and where it lies. */
    public record Extent(
            @NotNull double x,
            @NotNull double y,
            @NotNull double z,
            @NotNull double fromX,
            @NotNull double fromY,
            @NotNull double fromZ) {}

    /**
     * One step at the bench.
     *
     * @param gripMm from the first cut end, tail included
     * @param toolMm the rod or jaw that leaves {@code insideMm}
     * @param ownTool the nearest in stock; null when there is none near
     * @param ownInsideMm what that one would leave
     */
    public record Step(
            @NotNull FormStep.Kind kind,
            @NotNull String part,
            @NotNull String wire,
            @NotNull double lengthMm,
            Double gripMm,
            Double fromMiddleMm,
            Double insideMm,
            Double toolMm,
            String ownTool,
            Double ownToolMm,
            Double ownInsideMm,
            Double degrees,
            Double heldDegrees,
            Double turns,
            FormStep.Hammered flat,
            boolean goesOn,
            FormStep.Half half) {}

    /**
     * One wire.
     *
     * @param metal it is of; null in what was kept before wires had one
     * @param ownMetal whether it is offered a metal of its own
     * @param spoolFromMm the thinnest spool that stands for it, and {@code spoolToMm} the thickest
     * @param points x, y, z after one another, mm
     * @param alongMm how far along the piece each point is, from its first end, tail not included
     * @param sections at each point the wire's section: the width's direction x, y, z, half the width, half the thickness,
     *     mm; nothing where the wire is round all along
     * @param stretches which step makes which stretch of the wire
     */
    public record WireView(
            @NotNull String name,
            String metal,
            Boolean ownMetal,
            @NotNull double diameterMm,
            @NotNull double spoolFromMm,
            @NotNull double spoolToMm,
            @NotNull double lengthInPieceMm,
            @NotNull double lengthToCutMm,
            @NotNull double forCopiesMm,
            @NotNull double offcutMm,
            @NotNull double firstTailMm,
            @NotNull double secondTailMm,
            @NotNull double middleMm,
            @NotNull double meltedMm,
            @NotNull List<EndState> ends,
            @NotNull List<Marks.Mark> marks,
            @NotNull List<Stretch> stretches,
            @NotNull double[] points,
            @NotNull double[] alongMm,
            @NotNull double[] sections,
            @NotNull List<HoleView> holes) {}

    /** A drilled hole, mm. */
    public record HoleView(
            @NotNull double[] centre,
            @NotNull double[] axis,
            @NotNull double diameterMm,
            @NotNull double thickMm) {
        public static HoleView of(FormedWire.Hole hole) {
            return new HoleView(Points.of(hole.centre()), Points.of(hole.axis()), hole.diameterMm(), hole.thickMm());
        }
    }

    /** A stretch of wire and the place in {@code steps} of the step that makes it; −1 for none. */
    public record Stretch(
            @NotNull double fromMm,
            @NotNull double toMm,
            @NotNull double wireFromMm,
            @NotNull double wireToMm,
            @NotNull int step) {}

    /** A bead, ball or cord. */
    public record SolidView(
            @NotNull Solid.Kind kind,
            @NotNull double[] centre,
            @NotNull double[] axis,
            @NotNull double diameterMm,
            @NotNull double lengthMm,
            @NotNull double holeMm) {
        public static SolidView of(Solid solid) {
            return new SolidView(
                    solid.kind(),
                    Points.of(solid.centre()),
                    Points.of(solid.axis()),
                    solid.diameterMm(),
                    solid.lengthMm(),
                    solid.holeMm());
        }
    }

    /** Where wires run into each other. */
    public record Touch(
            @NotNull double firstMm,
            @NotNull double secondMm,
            @NotNull double depthMm,
            @NotNull double[] place) {}
}
