package toroid.core.form;

/** How something gets into a port, or out of it again. */
public enum Opening {
    /** Twisted open sideways and closed again, as a jump ring or a plain loop: once or a few times. */
    SIDEWAYS,
    /** Turned on through its several turns, as a key on its ring, and off again: once or a few times. */
    TURNED_ON,
    /** Only while it is made: what it carries goes on before it is closed, as into a wrapped loop. */
    WHILE_MADE,
    /** Closed for good, as a soldered ring or a drilled hole: only a wire's end or something that opens goes through. */
    NEVER,
    /** Hung in and lifted out at any time, as at a hook. */
    MOUTH,
    /** A bar put through on end, and no less: the ring of a toggle. */
    ON_END,
    /** What a body takes: the bend over an ear. Nothing else hangs there. */
    WORN;

    /** Whether it comes open for a neighbour when everything is made. */
    public boolean comesOpen() {
        return this == SIDEWAYS || this == TURNED_ON;
    }
}
