package toroid.core.work;

/** The usual cautions at the bench. Local rules, data sheets and trained instruction come first. */
public enum Caution {
    /** Ends fly: glasses, and hold both sides of the cut. */
    GLASSES_ENDS_FLY,
    /** The coil jumps when let go: keep hold of the end. */
    COIL_WHIPS,
    /** Winder or drill: slow, no gloves, no loose hair or sleeves. */
    POWER_WINDING,
    /** Saw: fingers off the line, blade breaks; glasses. */
    SAW_BLADE,
    /** Hard wire cracks on a small rod: anneal first. */
    HARD_WIRE_CRACKS,
    /** Wire carried round a fixed rod twists and kinks: about 1.5 m at most. */
    CARRIED_WIRE_KINKS,
    /** Sharp points left on the rings. */
    SHARP_POINTS,

    /** Ventilation, bare bench, hair and sleeves back, fireproof block, water at hand; quench before touching. */
    TORCH,

    /** Small work in a clamp or hand vice, never in fingers; glasses. */
    DRILLING,

    /** Glasses and hearing; outer curves, never crossings. */
    HAMMERING,

    /** Ventilation; 24 h. */
    GLUE,

    /** Sulphur compounds: ventilation, gloves, no acid near: together they give a poisonous gas. */
    SULPHUR,

    /** Hearing; a lid that holds; never with what does not withstand it. */
    TUMBLER,

    /** Toothed wheels draw fingers in. */
    FINGERS_IN_WHEELS,

    /** Smooth ends; nickel release limits of EN 1811 for posts in a pierced ear. */
    WORN_IN_AN_EAR
}
