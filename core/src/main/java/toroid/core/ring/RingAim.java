package toroid.core.ring;

import java.util.function.DoubleUnaryOperator;
import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * Which size the maker holds fixed, and its value: mm, or a pure number for {@link Convention#ASPECT_RATIO}. Inner, outer and
 * aspect ratio are those of the finished (closed) ring; the mandrel is what it is wound on.
 */
public record RingAim(Convention convention, double value) {
    /** Makers name a ring in one of these ways and often do not say which. */
    public enum Convention {
        MANDREL,
        INNER,
        OUTER,
        ASPECT_RATIO
    }

    public RingAim {
        switch (convention) {
            case MANDREL -> Springback.checkMandrel(value);
            case INNER ->
                Checks.within(
                        "innerDiameterMm",
                        value,
                        Ring.SMALLEST_INNER_MM,
                        Ring.LARGEST_INNER_MM,
                        Unit.MM,
                        Remedy.CHECK_THE_RINGS_SIZE);
            case OUTER -> Checks.within("outerDiameterMm", value, 0.2, 274, Unit.MM, Remedy.CHECK_THE_RINGS_SIZE);
            case ASPECT_RATIO ->
                Checks.within("aspectRatio", value, 0.1, 500, Unit.NONE, Usual.between(2.5, 8, Unit.NONE));
        }
    }

    /**
     * A refusal of the inner diameter, told of the size the maker holds fixed.
     *
     * @param closed the inner diameter of the closed ring from that of the sprung turn, mm
     */
    Refusal told(Refusal refusal, double wireDiameterMm, DoubleUnaryOperator closed) {
        if (!"innerDiameterMm".equals(refusal.field())) {
            return refusal;
        }
        return switch (convention) {
            case OUTER ->
                refusal.askedBy(
                        "outerDiameterMm", value, inner -> closed.applyAsDouble(inner) + 2 * wireDiameterMm, Unit.MM);
            case ASPECT_RATIO ->
                refusal.askedBy("aspectRatio", value, inner -> closed.applyAsDouble(inner) / wireDiameterMm, Unit.NONE);
            default -> refusal;
        };
    }

    /** The closed ring aimed at in that wire, or null when the aim is a mandrel. */
    Ring closedRing(double wireDiameterMm) {
        return switch (convention) {
            case MANDREL -> null;
            case INNER -> new Ring(wireDiameterMm, value);
            case OUTER -> RingSolver.solve(new RingGiven(wireDiameterMm, null, value, null, null, null, null));
            case ASPECT_RATIO -> new Ring(wireDiameterMm, value * wireDiameterMm);
        };
    }
}
