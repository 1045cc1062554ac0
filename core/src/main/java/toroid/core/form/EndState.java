package toroid.core.form;

/** How a wire's end is left. */
public enum EndState {
    FLUSH,
    FILED,
    BALLED,
    FOLDED,
    HAMMERED,
    DRILLED,
    TUCKED
}
