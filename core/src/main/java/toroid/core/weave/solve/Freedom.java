package toroid.core.weave.solve;

import toroid.core.weave.pattern.Lattice;

/**
 * What may move: five numbers a ring (three of place, two of tilt), then the pitches and the turn that are not held.
 *
 * @param rings of one cell
 * @param pitch column of p₁; −1 when it is held
 * @param across column of p₂; −1 when it is held or there is none
 * @param turn column of θ₁; −1 when it is held
 * @param columns in all
 */
record Freedom(int rings, int pitch, int across, int turn, int columns) {
    static final int PER_RING = RingMotion.PER_RING;

    static Freedom of(Lattice lattice, int rings, boolean pitchHeld, boolean acrossHeld) {
        int next = PER_RING * rings;
        int pitch = lattice.kind() == Lattice.Kind.FINITE || pitchHeld ? -1 : next++;
        int across = lattice.kind() != Lattice.Kind.SHEET || lattice.across() == 0 || acrossHeld ? -1 : next++;
        int turn = lattice.turnFree() ? next++ : -1;
        return new Freedom(rings, pitch, across, turn, next);
    }
}
