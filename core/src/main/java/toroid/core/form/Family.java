package toroid.core.form;

/** What a form is for, in the order a bench shelves them. */
public enum Family {
    LOOPS("loops"),
    PINS("pins"),
    BEAD_LINKS("bead links"),
    BEAD_CAPS("bead caps"),
    COILS("coils"),
    SPIRALS("spirals"),
    CLASPS("hooks and clasps"),
    EAR_FINDINGS("ear findings"),
    FRAMES("frames and links"),
    OUTLINES("wings and outlines"),
    CRIMPED("crimped wire"),
    BOUND("bound work"),
    INTERLEAVED("interleaved coils");

    private final String inWords;

    Family(String inWords) {
        this.inWords = inWords;
    }

    public String inWords() {
        return inWords;
    }
}
