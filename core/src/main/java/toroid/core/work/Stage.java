package toroid.core.work;

/** The stages a part runs along: Idea → Wire → Cut → Form → Join → Finish → Check. Labels, never gates. */
public enum Stage {
    IDEA,
    WIRE,
    CUT,
    FORM,
    JOIN,
    FINISH,
    CHECK
}
