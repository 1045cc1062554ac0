package toroid.core.piece.part;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;

/** Ports of parts that are not formed here: told by their sizes, along x. */
final class Ends {
    private Ends() {}

    /**
     * @param bearingMm where it bears on its neighbour, along x, mm
     * @param way 1 where the part ends to the right, −1 to the left
     */
    static Port at(String name, double bearingMm, int way, double insideMm, double wireMm, Opening opens) {
        var centre = new Vector3D(bearingMm - way * insideMm / 2, 0, 0);
        return new Port(name, name, centre, Vector3D.PLUS_K, insideMm, wireMm, 0, opens);
    }

    /**
     * Something that lies along x takes what goes round it: threaded on before its ends are made, or opened round it.
     *
     * @param atMm place along x
     * @param thickMm how thick it is there
     */
    static Port along(String name, double atMm, double thickMm) {
        var centre = new Vector3D(atMm, thickMm / 2 + WIDE_MM / 2, 0);
        return new Port(name, name, centre, Vector3D.PLUS_K, WIDE_MM, thickMm, 0, Opening.WHILE_MADE);
    }

    /** What hangs on something straight has all the room there is; so wide, mm, it is taken to be. */
    private static final double WIDE_MM = 40;
}
