package toroid.core.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.calibration.Expected;
import toroid.core.form.FormStep;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.piece.Joint;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceWork;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.Finishing;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartWork;

/**
 * What is looked at when a piece is done, by what it is made of: length, pairs, loops, wraps, joints, ends, weight; common practice of the trade.
 *
 * <p>The length passes within what its parts are made to: the inside of rings of one coil is off all one way, by {@value #RING_SHARE} of it
 * ({@code n·ID} added up); each bent part by what a loop repeats to at either end ({@link Expected#LOOP_MM}, squares added up); the two
 * squared and added, and no less than {@value #LEAST_LENGTH_MM} mm, as a ruler reads. The weight passes within {@value #WIRE_SHARE} of
 * metal, as wire is drawn and cut, and {@value #BEAD_SHARE} where beads or bought parts are on it, whose weight is an estimate; from memory.
 */
final class PieceInspection {
    /** How far rings of one coil are off together, once a coil of the spool was measured. */
    static final double RING_SHARE = 0.01;

    static final double LEAST_LENGTH_MM = 0.5;
    static final double WIRE_SHARE = 0.05;
    static final double BEAD_SHARE = 0.1;

    private final PieceWork work;
    private final boolean pair;
    private final List<Check> checks = new ArrayList<>();

    private PieceInspection(PieceWork work, boolean pair) {
        this.work = work;
        this.pair = pair;
    }

    /** @param pair whether it is made twice, each the other's mirror image */
    static List<Check> of(PieceWork work, MadeInPlace made, boolean pair, Finishing finishing) {
        var inspection = new PieceInspection(work, pair);
        if (finishing.has(Finish.COLOUR)) {
            inspection.checks.add(Check.byEye(Check.Kind.COLOUR_EVEN, "", 1));
        }
        inspection.measured();
        inspection.joints();
        made.parts().stream()
                .filter(same -> same.bent() != null)
                .forEach(same -> inspection.bent(
                        same.bent(),
                        work.parts().get(same.first()),
                        same.places().size()));
        inspection.whole();
        return inspection.inOrder();
    }

    private void measured() {
        if (work.parts().size() > 1) {
            checks.add(new Check(
                    Check.Kind.LENGTH,
                    "",
                    1,
                    "LENGTH",
                    "mm",
                    work.lengthMm(),
                    lengthWithinMm(),
                    pair ? Check.PAIR_MM : null));
        }
        boolean bare =
                work.parts().stream().allMatch(part -> part.takes().bought().isEmpty());
        double within = work.massG() * (bare ? WIRE_SHARE : BEAD_SHARE);
        checks.add(new Check(Check.Kind.WEIGHT, "", 1, "WEIGHT", "g", work.massG(), within, pair ? 2 * within : null));
    }

    /** How far its length may be off, mm. */
    static double lengthWithinMm(PieceWork work) {
        return new PieceInspection(work, false).lengthWithinMm();
    }

    private double lengthWithinMm() {
        Map<Object, Double> coils = new LinkedHashMap<>();
        double squares = 0;
        for (int place : work.row()) {
            PartWork part = work.parts().get(place);
            if (part.isRing()) {
                coils.merge(part.spec(), RING_SHARE * part.spanMm(), Double::sum);
            } else {
                squares += 2 * Expected.LOOP_MM * Expected.LOOP_MM;
            }
        }
        for (double off : coils.values()) {
            squares += off * off;
        }
        return Math.max(LEAST_LENGTH_MM, Math.sqrt(squares));
    }

    private void joints() {
        int rings = (int) work.parts().stream()
                .filter(PartWork::isRing)
                .filter(part -> opens(part.first(), Opening.SIDEWAYS))
                .count();
        if (rings > 0) {
            checks.add(Check.byEye(Check.Kind.RINGS_FLUSH, "", rings));
        }
        if (!work.joints().isEmpty()) {
            checks.add(Check.byEye(Check.Kind.MOVES_FREELY, "", work.joints().size()));
        }
        if (work.joints().stream().anyMatch(PieceInspection::clasps)
                || work.parts().stream().anyMatch(this::hooks)) {
            checks.add(Check.byEye(Check.Kind.CLASP_HOLDS, "", 1));
        }
    }

    private static boolean clasps(Joint joint) {
        return joint.way() == Joint.Way.HOOKED;
    }

    private boolean hooks(PartWork part) {
        return opens(part.first(), Opening.MOUTH) || opens(part.last(), Opening.MOUTH);
    }

    private static boolean opens(Port port, Opening how) {
        return port != null && port.opens() == how;
    }

    private void bent(Bent bent, PartWork part, int count) {
        int loops = (int) bent.work().ports().stream()
                .filter(port -> port.opens() == Opening.SIDEWAYS || port.opens() == Opening.WHILE_MADE)
                .count();
        if (loops > 0) {
            checks.add(Check.byEye(Check.Kind.LOOPS_CLOSED, part.name(), count * loops));
        }
        List<FormStep> wraps = bent.steps().stream()
                .filter(step -> step.kind() == FormStep.Kind.WRAP && step.turns() != null)
                .toList();
        if (!wraps.isEmpty()) {
            double turns = wraps.get(0).turns();
            boolean same = wraps.stream().allMatch(step -> step.turns() == turns);
            checks.add(new Check(
                    Check.Kind.WRAPS_EQUAL,
                    part.name(),
                    count * wraps.size(),
                    null,
                    same ? "wraps" : null,
                    same ? turns : null,
                    null,
                    null));
        }
        if (bent.steps().stream().anyMatch(step -> step.kind() == FormStep.Kind.TRIM)) {
            checks.add(Check.byEye(Check.Kind.ENDS_SMOOTH, part.name(), count));
        }
    }

    private void whole() {
        int crimps = (int) work.parts().stream()
                .flatMap(part -> part.takes().bought().stream())
                .filter(one -> one.kind() == PartWork.Bought.Kind.CRIMP)
                .mapToDouble(PartWork.Bought::amount)
                .sum();
        if (crimps > 0) {
            checks.add(Check.byEye(Check.Kind.CRIMPS_HOLD, "", crimps));
        }
        if (pair) {
            checks.add(Check.byEye(Check.Kind.PAIR_MIRRORED, "", 1));
        }
    }

    /** By kind, parts in their own order within; a part's name once for each kind, whatever its sizes. */
    private List<Check> inOrder() {
        Map<List<Object>, Check> alike = new LinkedHashMap<>();
        checks.stream()
                .sorted(Comparator.comparing(Check::kind))
                .forEach(one ->
                        alike.merge(Arrays.asList(one.kind(), one.part(), one.target()), one, PieceInspection::both));
        return List.copyOf(alike.values());
    }

    private static Check both(Check one, Check other) {
        return new Check(
                one.kind(),
                one.part(),
                one.count() + other.count(),
                one.quantity(),
                one.unit(),
                one.target(),
                one.within(),
                one.pairWithin());
    }
}
