package toroid.core.form;

import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.quantity.NoteCode;

/** What ear wires share: the bend over the ear, and what a pierced ear can bear. */
public final class EarWires {
    /** The thickest usual ear wire, mm. Common practice. */
    public static final double THICKEST_MM = 0.8;

    /** Better for many ears, mm. Common practice. */
    private static final double BETTER_MM = 0.7;

    private static final double MEASURED = 0.03;

    private EarWires() {}

    /** Where the rise meets the bend; −1 looks down the front, 1 up over the ear. */
    public static Frame start(int way) {
        return new Frame(Vector3D.ZERO, new Vector3D(0, way, 0), Vector3D.PLUS_I);
    }

    /** The bend over the ear and the tail, flicked out. Parameters: over, tail, flick. */
    public static WireMaker over(FormMaker maker, WireMaker wire) {
        wire.port("over the ear", maker.mm("over"), 1, Opening.WORN);
        wire.step(FormStep.Kind.FORM, "over the ear").bend(maker.mm("over"), 180);
        wire.leave("tail", 0.7 * maker.mm("tail"));
        if (maker.degrees("flick") > 0) {
            wire.step(FormStep.Kind.BEND, "tail, flicked out").bend(2 * maker.mm("over"), -maker.degrees("flick"));
        }
        wire.leave("tail's end", 0.3 * maker.mm("tail"));
        return wire.tail(2).end(EndState.FILED);
    }

    /** Notes wire too thick for an ear, and metals worn in a pierced ear with care. */
    public static void check(FormMaker maker) {
        if (maker.d() > THICKEST_MM + MEASURED) {
            maker.care(
                    NoteCode.EAR_WIRE_THICK, Map.of("wireMm", maker.d(), "mostMm", THICKEST_MM, "betterMm", BETTER_MM));
        }
    }
}
