package toroid.core.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Tightness;
import toroid.core.weave.WeaveBend.Way;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.BendSolve;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.PoseRow;
import toroid.core.weave.solve.WeaveSolver;
import toroid.core.weave.solve.WeaveSolver.Closest;
import toroid.core.weave.solve.WeaveSolver.Direction;
import toroid.core.weave.solve.WeaveSolver.Pulled;

/** Solves a weave for rings in millimetres: {@link WeaveSolver} scaled, judged, weighed. Not for sharing between threads. */
public final class WeaveWork {
    private static final int FEWEST_POSES = 2;
    private static final int MOST_POSES = 15;

    private final WeavePattern pattern;
    private final WeaveRings rings;
    private final Closest closest;
    private final Map<String, Pulled> pulled = new HashMap<>();
    private Closest rest;

    private WeaveWork(WeavePattern pattern, WeaveRings rings, Closest closest) {
        this.pattern = pattern;
        this.rings = rings;
        this.closest = closest;
    }

    /**
     * @throws Refusal when the weave mixes more or fewer sizes than are given, or could not be solved in these proportions
     */
    public static WeaveWork of(WeavePattern pattern, WeaveRings rings) {
        checkSizes(pattern, rings);
        Closest closest = WeaveSolver.closest(pattern, rings.ratios());
        if (!closest.solved()) {
            throw Refusal.of(
                            closest.linksVerified()
                                    ? RefusalCode.WEAVE_NOT_SOLVED
                                    : RefusalCode.WEAVE_LINKS_DID_NOT_HOLD,
                            "innerDiameterMm",
                            null)
                    .with("weave", pattern.name());
        }
        return new WeaveWork(pattern, rings, closest);
    }

    /** @throws Refusal when the weave mixes more or fewer sizes than are given */
    public static void checkSizes(WeavePattern pattern, WeaveRings rings) {
        int sizes = pattern.classes().size();
        if (rings.innerMm().size() != sizes) {
            throw Refusal.of(
                            RefusalCode.RING_SIZES,
                            "innerDiameterMm",
                            rings.innerMm().size())
                    .with("weave", pattern.name())
                    .with("sizes", sizes);
        }
    }

    private double thickness() {
        return rings.wireMm() / rings.unitMm();
    }

    private boolean fits() {
        return closest.gap() >= thickness();
    }

    /** @param density of the metal, g/cm³, for the weight */
    public WeaveAnswer answer(double density) {
        double unit = rings.unitMm();
        double ratio = rings.ring(0).aspectRatio();
        double smallest = closest.aspectRatioMin();
        boolean repeats = pattern.lattice().kind() != Lattice.Kind.FINITE;
        boolean across = WeaveSolver.hasAcross(pattern);
        Pulled taut = repeats ? pulled(Direction.ALONG, true) : null;
        Pulled shortest = repeats ? pulled(Direction.ALONG, false) : null;
        Pulled wide = across ? pulled(Direction.ACROSS, true) : null;
        Pulled narrow = across ? pulled(Direction.ACROSS, false) : null;
        boolean sheet = pattern.lattice().kind() == Lattice.Kind.SHEET;
        Double perHundred = taut == null || sheet ? null : 100 / (taut.pitch() * unit) * ringsPerUnit();
        double residual = Math.max(
                Math.max(penetration(taut), penetration(shortest)), Math.max(penetration(wide), penetration(narrow)));
        return new WeaveAnswer(
                fits(),
                Tightness.of(ratio, smallest),
                ratio,
                smallest,
                Tightness.play(ratio, smallest),
                pitch(taut, unit),
                pitch(shortest, unit),
                repeats && fits() ? rest().pose().pitch() * unit : null,
                pitch(wide, unit),
                pitch(narrow, unit),
                ringsPerUnit(),
                perHundred,
                sheet && fits() ? pattern.rings().size() * 100 / cellArea(rest().pose()) / (unit * unit) : null,
                perHundred == null ? null : perHundred / ringsPerUnit() * unitGrams(density),
                residual * unit,
                closest.linksVerified());
    }

    private static double penetration(Pulled pulled) {
        return pulled == null ? 0 : pulled.penetration();
    }

    private static Double pitch(Pulled pulled, double unit) {
        return pulled == null ? null : pulled.pitch() * unit;
    }

    /** Solved once for each direction and end, however often it is asked for. */
    private Pulled pulled(Direction direction, boolean longest) {
        if (!fits()) {
            return null;
        }
        String question = direction + " " + longest;
        if (!pulled.containsKey(question)) {
            pulled.put(question, WeaveSolver.pulled(pattern, closest, thickness(), direction, longest));
        }
        return pulled.get(question);
    }

    private int ringsPerUnit() {
        return pattern.rings().size() * Math.max(1, pattern.lattice().around());
    }

    private double unitGrams(double density) {
        double grams = 0;
        for (WeavePattern.CellRing ring : pattern.rings()) {
            grams += rings.ring(ring.sizeClass()).massGrams(density);
        }
        return grams * Math.max(1, pattern.lattice().around());
    }

    private double cellArea(Pose pose) {
        Lattice lattice = pattern.lattice();
        return pose.pitch()
                * (lattice.across() > 0
                        ? pose.across()
                        : pose.pitch() * lattice.shared().getY());
    }

    /** How tightly it bends, mm, each way it can be; none for what is finite, does not fit, or closes to no loop ({@link BendSolve}). */
    public List<WeaveBend> bends() {
        boolean sheet = pattern.lattice().kind() == Lattice.Kind.SHEET;
        var bends = new ArrayList<WeaveBend>();
        told(sheet ? Way.ROWS_ROUND : Way.LENGTH, BendSolve.along(pattern, closest, thickness()), bends);
        told(Way.ROWS_ALONG, BendSolve.across(pattern, closest, thickness()), bends);
        return bends;
    }

    private void told(Way way, BendSolve.Bend bend, List<WeaveBend> bends) {
        if (bend != null) {
            double unit = rings.unitMm();
            bends.add(new WeaveBend(
                    way,
                    bend.cells(),
                    bend.loop().rings().size(),
                    2 * bend.insideRadius() * unit,
                    bend.middleRadius() * unit,
                    bend.penetration() * unit,
                    bend.linksVerified()));
        }
    }

    /**
     * Its rings as far from touching as they come; of a chain that can lie evenly about its axis, evenly, as long as wire of that
     * thickness fits so: straight, as a chain hangs.
     */
    private Closest rest() {
        if (rest == null) {
            Closest straight = WeaveSolver.straight(pattern, rings.ratios());
            boolean holds = straight != null && straight.solved() && straight.gap() >= thickness();
            rest = holds ? straight : closest;
        }
        return rest;
    }

    /** As it lies at rest, in mm; null where rings do not fit. */
    public Pose restPose() {
        return fits() ? rest().pose().scaled(rings.unitMm()) : null;
    }

    /** Pulled taut, in mm; at rest where there is nothing to pull or that pitch was not reached; null where rings do not fit. */
    public Pose tautPose() {
        boolean repeats = pattern.lattice().kind() != Lattice.Kind.FINITE;
        Pulled taut = repeats ? pulled(Direction.ALONG, true) : null;
        return taut == null ? restPose() : taut.pose().scaled(rings.unitMm());
    }

    /**
     * Poses from shortest to taut, in mm; each with its rings as far from touching as that pitch allows. Of a finite patch, or
     * rings that do not fit, only the widest pose.
     *
     * @param count how many evenly apart, 2 to 15; the pose at rest comes besides
     */
    public List<Pose> poses(int count) {
        Checks.within("poses", count, FEWEST_POSES, MOST_POSES, Unit.POSES, Remedy.ASK_FOR_FEWER);
        double unit = rings.unitMm();
        if (!fits() || pattern.lattice().kind() == Lattice.Kind.FINITE) {
            return List.of(rest().pose().scaled(unit));
        }
        Pulled taut = pulled(Direction.ALONG, true);
        Pulled shortest = pulled(Direction.ALONG, false);
        if (taut == null || shortest == null) {
            return List.of(rest().pose().scaled(unit));
        }
        return PoseRow.of(rest(), shortest, taut, thickness(), count).stream()
                .map(pose -> pose.scaled(unit))
                .toList();
    }
}
