package toroid.core.weave.patch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A finite patch, ring by ring, and which of its rings link. Its ends are exact: a link is there where both its rings are, and a
 * ring that only joins others (a Japanese weave's upright) is there where all those it joins are.
 */
public final class Patch implements RingGraph {
    /** The largest that is worked with. */
    public static final int MOST_RINGS = 40_000;

    private final WeavePattern pattern;
    private final PatchShape shape;
    private final List<PatchRing> rings;
    private final int[] rows;
    private final int[][] neighbours;
    private final int[][] round;

    private Patch(WeavePattern pattern, PatchShape shape, List<PatchRing> rings, int[] rows) {
        this.pattern = pattern;
        this.shape = shape;
        this.rings = List.copyOf(rings);
        this.rows = rows;
        this.neighbours = links();
        this.round = rounds();
    }

    /**
     * @throws Refusal for rows of what is no sheet, or cells of what is one; for a patch that is too large or does not hang together
     */
    public static Patch of(WeavePattern pattern, PatchShape shape) {
        boolean sheet = pattern.lattice().kind() == Lattice.Kind.SHEET;
        if (shape instanceof PatchShape.Rows rows) {
            if (!sheet) {
                throw Refusal.of(RefusalCode.NOT_A_SHEET, "rows", null).with("weave", pattern.name());
            }
            return hangingTogether(sheet(pattern, rows));
        }
        if (sheet) {
            throw Refusal.of(RefusalCode.A_SHEET, "cells", null).with("weave", pattern.name());
        }
        return run(pattern, (PatchShape.Cells) shape);
    }

    private static Patch run(WeavePattern pattern, PatchShape.Cells shape) {
        int cells = pattern.lattice().kind() == Lattice.Kind.FINITE ? 1 : shape.cells();
        int around = Math.max(1, pattern.lattice().around());
        List<Integer> order = pattern.assembly().order();
        checkSize((long) cells * around * order.size());
        var rings = new ArrayList<PatchRing>();
        for (int i = 0; i < cells; i++) {
            for (int j = 0; j < around; j++) {
                for (int ring : order) {
                    rings.add(new PatchRing(ring, i, j));
                }
            }
        }
        for (int ring : pattern.assembly().end()) {
            for (int j = 0; j < around; j++) {
                rings.add(new PatchRing(ring, cells, j));
            }
        }
        rings.removeAll(unheld(pattern, rings));
        return new Patch(
                pattern, shape, rings, rings.stream().mapToInt(PatchRing::i).toArray());
    }

    /** Captives that lack one of the rings they lie round. */
    private static Set<PatchRing> unheld(WeavePattern pattern, List<PatchRing> there) {
        var present = new HashSet<>(there);
        var unheld = new HashSet<PatchRing>();
        for (PatchRing one : there) {
            if (!present.containsAll(round(pattern, one))) {
                unheld.add(one);
            }
        }
        return unheld;
    }

    private static List<PatchRing> round(WeavePattern pattern, PatchRing one) {
        return pattern.rings().get(one.ring()).round().stream()
                .map(other -> placed(pattern, other.ring(), one.i() + other.i(), one.j() + other.j()))
                .toList();
    }

    private static Patch sheet(WeavePattern pattern, PatchShape.Rows shape) {
        var rowsOfCell = new SheetRows(pattern);
        checkSize(shape.counts().stream().mapToLong(Integer::longValue).sum());
        double middle = rowsOfCell.offset(0) + (shape.counts().get(0) - 1) / 2.0;
        var row = new HashMap<PatchRing, Integer>();
        var rings = new ArrayList<PatchRing>();
        for (int r = 0; r < shape.counts().size(); r++) {
            int count = shape.counts().get(r);
            int first = rowsOfCell.first(r, count, middle);
            for (int k = 0; k < count; k++) {
                for (int ring : rowsOfCell.ringsOf(r)) {
                    var one = new PatchRing(ring, first + k, Math.floorDiv(r, rowsOfCell.perCell()));
                    rings.add(one);
                    row.put(one, r);
                }
            }
        }
        rings.addAll(joining(pattern, rings, row));
        rings.removeAll(unheld(pattern, rings));
        checkSize(rings.size());
        return new Patch(
                pattern, shape, rings, rings.stream().mapToInt(row::get).toArray());
    }

    /** The rings that join others, wherever all they join are there; each in the row of the last of those. */
    private static Set<PatchRing> joining(WeavePattern pattern, List<PatchRing> there, Map<PatchRing, Integer> row) {
        var present = new HashSet<>(there);
        var found = new LinkedHashSet<PatchRing>();
        for (PatchRing one : there) {
            for (PatchRing near : linked(pattern, one)) {
                if (pattern.rings().get(near.ring()).joins() && !found.contains(near)) {
                    List<PatchRing> held = linked(pattern, near).stream()
                            .filter(other -> !pattern.rings().get(other.ring()).joins())
                            .toList();
                    if (present.containsAll(held)) {
                        found.add(near);
                        row.put(near, held.stream().mapToInt(row::get).max().orElse(0));
                    }
                }
            }
        }
        return found;
    }

    /** Every ring that one links in the endless weave. */
    private static List<PatchRing> linked(WeavePattern pattern, PatchRing one) {
        var all = new ArrayList<PatchRing>();
        for (WeavePattern.Link link : pattern.links()) {
            if (link.a() == one.ring()) {
                all.add(placed(pattern, link.b(), one.i() + link.i(), one.j() + link.j()));
            }
            if (link.b() == one.ring()) {
                all.add(placed(pattern, link.a(), one.i() - link.i(), one.j() - link.j()));
            }
        }
        return all;
    }

    private static PatchRing placed(WeavePattern pattern, int ring, int i, int j) {
        int around = pattern.lattice().around();
        return new PatchRing(ring, i, around == 0 ? j : Math.floorMod(j, around));
    }

    private int[][] links() {
        var place = new HashMap<PatchRing, Integer>();
        for (int n = 0; n < rings.size(); n++) {
            place.put(rings.get(n), n);
        }
        int[][] found = new int[rings.size()][];
        for (int n = 0; n < rings.size(); n++) {
            Effort.check();
            found[n] = linked(pattern, rings.get(n)).stream()
                    .map(place::get)
                    .filter(other -> other != null)
                    .mapToInt(Integer::intValue)
                    .distinct()
                    .sorted()
                    .toArray();
        }
        return found;
    }

    private int[][] rounds() {
        var place = new HashMap<PatchRing, Integer>();
        rings.forEach(ring -> place.put(ring, place.size()));
        return rings.stream()
                .map(ring -> round(pattern, ring).stream().mapToInt(place::get).toArray())
                .toArray(int[][]::new);
    }

    @Override
    public int[] round(int n) {
        return round[n];
    }

    private static void checkSize(long rings) {
        Checks.within("rings", rings, 1, MOST_RINGS, Unit.RINGS, Remedy.SPLIT_THE_PATCH);
    }

    private static Patch hangingTogether(Patch patch) {
        List<Set<Integer>> parts = new ConnectivityInspector<>(PatchGraph.held(patch)).connectedSets();
        if (parts.size() > 1) {
            int loose = parts.stream()
                    .filter(part -> !part.contains(0))
                    .flatMap(Set::stream)
                    .mapToInt(n -> patch.rows[n])
                    .min()
                    .orElseThrow();
            throw Refusal.of(RefusalCode.FALLS_APART, "rows", loose + 1).with("row", loose + 1);
        }
        return patch;
    }

    /** One part, whatever its shape. */
    @Override
    public int partOf(int n) {
        return 0;
    }

    public WeavePattern pattern() {
        return pattern;
    }

    public PatchShape shape() {
        return shape;
    }

    /** In the order hands come to them: cell by cell, or row by row. */
    public List<PatchRing> rings() {
        return rings;
    }

    @Override
    public int size() {
        return rings.size();
    }

    /** Which row, or which cell along, ring {@code n} is in; from 0. */
    public int rowOf(int n) {
        return rows[n];
    }

    @Override
    public int[] neighbours(int n) {
        return neighbours[n];
    }

    @Override
    public int sizeClassOf(int n) {
        return pattern.rings().get(rings.get(n).ring()).sizeClass();
    }

    /** How many rings of each size class. */
    public int[] countByClass() {
        int[] counts = new int[pattern.classes().size()];
        for (int n = 0; n < size(); n++) {
            counts[sizeClassOf(n)]++;
        }
        return counts;
    }
}
