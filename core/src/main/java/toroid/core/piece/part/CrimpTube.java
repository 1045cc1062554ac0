package toroid.core.piece.part;

import toroid.core.form.Beads;

/** A crimp tube: outside and length as it is sold, bore as it is measured, mm. From memory; the bores hold the passes common practice puts in them. */
enum CrimpTube {
    ONE(1, 1, 0.7),
    TWO(2, 2, 1.3),
    THREE(3, 3, 2.0);

    private final double outsideMm;
    private final double lengthMm;
    private final double boreMm;

    CrimpTube(double outsideMm, double lengthMm, double boreMm) {
        this.outsideMm = outsideMm;
        this.lengthMm = lengthMm;
        this.boreMm = boreMm;
    }

    double outsideMm() {
        return outsideMm;
    }

    double lengthMm() {
        return lengthMm;
    }

    double boreMm() {
        return boreMm;
    }

    /** {@link Beads#holeNeededMm} adds a twentieth to go through; a crimp is squeezed and needs none. */
    private static final double PLAY = 1.05;

    /** So many passes of that wire side by side, mm. */
    static double packedMm(int passes, double wireMm) {
        return Beads.holeNeededMm(passes, wireMm) / PLAY;
    }

    /** The smallest that takes so many passes; null for none. */
    static CrimpTube taking(int passes, double wireMm) {
        for (CrimpTube tube : values()) {
            if (packedMm(passes, wireMm) <= tube.boreMm) {
                return tube;
            }
        }
        return null;
    }
}
