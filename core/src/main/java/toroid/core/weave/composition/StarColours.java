package toroid.core.weave.composition;

/** Which ring of a star has the first of two colours and which the second. */
public enum StarColours {
    /** One colour. */
    PLAIN,
    /** Rows in turn, from the middle out; what is in no arm has the first. */
    ROWS,
    /** Arms in turn. */
    ARMS,
    /** Larger rings, ties and bail have the second. */
    BINDING;

    /** 0 or 1. */
    public int of(Composition composition, int n) {
        boolean arm = composition.roleOf(n) == Composition.Role.ARM;
        return switch (this) {
            case PLAIN -> 0;
            case ROWS -> arm ? composition.rowOf(n) % 2 : 0;
            case ARMS -> arm ? composition.partOf(n) % 2 : 0;
            case BINDING -> arm ? 0 : 1;
        };
    }
}
