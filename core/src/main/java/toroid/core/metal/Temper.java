package toroid.core.metal;

/** How hard the wire is as bought or as annealed, in the trade's four words. */
public enum Temper {
    DEAD_SOFT("dead soft"),
    HALF_HARD("half hard"),
    HARD("hard"),
    SPRING("spring");

    private final String inWords;

    Temper(String inWords) {
        this.inWords = inWords;
    }

    public String inWords() {
        return inWords;
    }
}
