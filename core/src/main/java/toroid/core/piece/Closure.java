package toroid.core.piece;

import toroid.core.form.Opening;
import toroid.core.form.Port;

/** What closes a piece on a body. */
public enum Closure {
    /** A hook or a clasp at one end takes the other. */
    HOOK,
    /** A bar at one end goes through the ring at the other. */
    TOGGLE,
    /** It slips over hand, head or heel, or is laid round and through itself. */
    OVER,
    /** A hook is there, and what it is to take is too thick for it. */
    TOO_THICK,
    /** Nothing does, and it is too short to slip over. */
    NOTHING;

    /** @param insideGirthMm it closes on */
    static Closure of(PieceWork work, BodyPart part, double girthMm, double insideGirthMm) {
        Port begins = outward(work, 0);
        int last = work.row().get(work.row().size() - 1);
        Port ends = last == 0 ? null : outward(work, last);
        boolean round = work.joints().stream().anyMatch(joint -> joint.b() < joint.a());
        if (!round) {
            Closure found = between(begins, ends, work.lengthMm() >= girthMm, work.thickMm());
            if (found != null) {
                return found;
            }
        }
        double longest = round ? insideGirthMm : Math.max(insideGirthMm, work.lengthMm());
        return longest >= part.overRatio() * girthMm ? OVER : NOTHING;
    }

    private static Closure between(Port begins, Port ends, boolean reaches, double thickMm) {
        if (begins != null && ends != null) {
            boolean one = begins.opens() == Opening.MOUTH;
            boolean other = ends.opens() == Opening.MOUTH;
            boolean goes = one && ends.wireMm() <= begins.insideMm() || other && begins.wireMm() <= ends.insideMm();
            return goes ? HOOK : one || other ? TOO_THICK : null;
        }
        Port ring = begins == null ? ends : begins;
        if (ring == null) {
            return null;
        }
        // a drop at the other end and all behind it goes through that ring, as of a lariat
        return ring.opens() == Opening.ON_END ? TOGGLE : reaches && ring.insideMm() > thickMm ? OVER : null;
    }

    private static Port outward(PieceWork work, int at) {
        return ClaspEnd.outward(work.parts().get(at), work.hung().get(at), at == 0);
    }
}
