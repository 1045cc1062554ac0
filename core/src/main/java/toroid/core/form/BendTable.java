package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.SpiralRun;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * A program as a bending machine takes it: feed, rotate, bend angle, inside radius. A last feed is a row with no bend. Helices and
 * spirals are more than a row can say.
 */
public final class BendTable {
    private static final double NOTHING = 1e-9;

    private BendTable() {}

    /** @throws Refusal when the wire holds a helix or a spiral */
    public static List<OutlineRow> of(FormedWire wire) {
        var rows = new ArrayList<OutlineRow>();
        double feed = 0;
        double roll = 0;
        for (Bend bend : wire.program().bends()) {
            roll += Math.toDegrees(bend.roll());
            if (bend.run() instanceof SpiralRun
                    || (bend.run() instanceof ScrewRun run && Math.abs(run.torsion()) > NOTHING)) {
                throw Refusal.of(RefusalCode.NO_BENDS_IN_A_COIL, "form", wire.name());
            }
            if (!(bend.run().flat() instanceof ScrewRun run) || run.curvature() < NOTHING) {
                feed += bend.run().wireMm();
            } else {
                double inside = 1 / run.curvature() - wire.diameterMm() / 2;
                double angle = Math.toDegrees(run.curvature() * run.lengthMm());
                split(rows, feed, wrapped(roll), angle, Math.max(0, inside));
                feed = 0;
                roll = 0;
            }
        }
        if (feed > NOTHING) {
            rows.add(new OutlineRow(feed, 0, 0, 0));
        }
        return rows;
    }

    /** More than 350° in one go are told in halves. */
    private static void split(List<OutlineRow> rows, double feed, double roll, double angle, double inside) {
        int parts = (int) Math.ceil(angle / 350 - NOTHING);
        for (int i = 0; i < parts; i++) {
            rows.add(new OutlineRow(i == 0 ? feed : 0, i == 0 ? roll : 0, angle / parts, inside));
        }
    }

    private static double wrapped(double degrees) {
        double turned = degrees % 360;
        return turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned;
    }

    /** The program of a bend table, along x from the origin. */
    public static BendProgram program(List<OutlineRow> rows, double wireMm) {
        var builder = new toroid.core.bend.program.ProgramBuilder(toroid.core.bend.program.Frame.ORIGIN);
        for (OutlineRow row : rows) {
            builder.straight(row.feedMm());
            builder.roll(Math.toRadians(row.rotateDegrees()));
            builder.arc(row.insideRadiusMm() + wireMm / 2, Math.toRadians(row.bendDegrees()));
        }
        return builder.build();
    }
}
