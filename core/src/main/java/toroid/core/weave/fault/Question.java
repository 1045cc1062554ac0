package toroid.core.weave.fault;

/**
 * Something the maker can see without opening a ring.
 *
 * @param kind what is asked
 * @param ring about which ring, or up to which step
 */
public record Question(Kind kind, int ring) {
    /** What is asked. */
    public enum Kind {
        /** How many rings pass through this one? */
        COUNT,
        /** Which rings pass through this one? */
        WHICH,
        /** Does everything up to this step, that step with it, look as in the picture? 1 yes, 0 no. */
        SOUND_UP_TO
    }

    /**
     * What the maker saw.
     *
     * @param question what was asked
     * @param seen the count, or 1 for yes and 0 for no; null when the maker cannot tell, or was asked which
     * @param rings those the maker named, in any order; null but where asked which
     */
    public record Answer(Question question, Integer seen, java.util.List<Integer> rings) {
        /** What can be compared: a number, a set of rings, or null where the maker cannot tell. */
        Object said() {
            if (question.kind() == Kind.WHICH) {
                return rings == null ? null : java.util.Set.copyOf(rings);
            }
            return seen;
        }
    }
}
