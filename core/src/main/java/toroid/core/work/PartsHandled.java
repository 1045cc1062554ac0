package toroid.core.work;

import java.util.List;
import toroid.core.piece.part.Strung;

/**
 * Parts taken in hand while a piece is made.
 *
 * @param what the part, in the trade's words; empty for the whole piece
 * @param part the place in the piece of the first of them; −1 for rings of one size and for the whole piece
 * @param wireMm its wire; 0 where it has none of its own
 * @param insideMm of a ring; 0 for what is none
 * @param parts how many
 * @param toMm thickness rings are hammered to, the bead that goes on each, or the inside diameter of the curve a part is domed to; null for none
 * @param rounds what is formed round a neighbour as the piece is put together
 * @param strung beads in the order they are threaded, of one such part
 * @param from how many joins of the piece are made before, where these are joined; 0 else
 */
public record PartsHandled(
        Kind kind,
        String what,
        int part,
        double wireMm,
        double insideMm,
        int parts,
        Double toMm,
        List<Round> rounds,
        List<Strung> strung,
        int from)
        implements Detail {
    public PartsHandled {
        rounds = rounds == null ? List.of() : List.copyOf(rounds);
        strung = strung == null ? List.of() : List.copyOf(strung);
    }

    /** With nothing joined before. */
    PartsHandled(
            Kind kind,
            String what,
            int part,
            double wireMm,
            double insideMm,
            int parts,
            Double toMm,
            List<Round> rounds,
            List<Strung> strung) {
        this(kind, what, part, wireMm, insideMm, parts, toMm, rounds, strung, 0);
    }

    /** Joins of the piece, from that one on. */
    static PartsHandled joined(int from, int joins, List<Round> rounds) {
        return new PartsHandled(Kind.PUT_TOGETHER, "", -1, 0, 0, joins, null, rounds, List.of(), from);
    }

    /** Done to so many of that part. */
    static PartsHandled ofPart(Kind kind, String what, int part, double wireMm, int parts, Double toMm) {
        return new PartsHandled(kind, what, part, wireMm, 0, parts, toMm, List.of(), List.of());
    }

    /** Beads threaded on so many of that part, whose wire is so thick. */
    static PartsHandled threaded(String what, int part, double wireMm, int parts, List<Strung> strung) {
        return new PartsHandled(Kind.STRING, what, part, wireMm, 0, parts, null, List.of(), strung);
    }

    /** How often a hand picks something up for one such part: bead by bead, else once. */
    int each() {
        return strung.isEmpty() ? 1 : strung.stream().mapToInt(Strung::beads).sum();
    }

    /**
     * Steps that are done at some of the joins, each time to another part.
     *
     * @param joins which of the piece's, from 0
     * @param steps in order; each says which part it is of
     */
    public record Round(List<Integer> joins, List<FormingStep> steps) {
        public Round {
            joins = List.copyOf(joins);
            steps = List.copyOf(steps);
        }
    }

    /** In the order hands do them; those that say first before the making, in any. */
    public enum Kind {
        /** Rings hammered flat on the block, closed. */
        HAMMER_FIRST,
        /** A bead threaded on each ring. */
        BEAD_FIRST,
        CLOSE_FIRST,
        /** Rings of several turns, pressed until these lie on each other. */
        PRESS_FIRST,
        /** Rings soldered by themselves, closed, before anything hangs in them. */
        SOLDER_FIRST,
        OPEN_FIRST,
        /** Beads threaded, one after another. */
        STRING,
        /** Loops crimped at the ends of what was strung. */
        CRIMP,
        MAKE,
        /** Bent over a rod, so that it lies on the body. */
        DOME,
        PUT_TOGETHER
    }
}
