package toroid.core.calibration.exercise;

/** What a closed ring's joint looks like against the light, the best first. */
public enum Joint {
    FLUSH,
    /** Light shows between the ends. */
    GAP,
    /** The ends meet side by side: a fingertip catches. */
    STEP,
    /** The ends meet, and the jaws left their mark. */
    MARKED
}
