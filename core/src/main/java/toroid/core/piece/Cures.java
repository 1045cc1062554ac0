package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.BoughtChain;
import toroid.core.piece.part.Cord;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.LineWords;
import toroid.core.piece.part.PartKinds;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;

/** Finds what brings a piece nearer to its body: each change is made and the whole piece worked out with it. */
public final class Cures {
    /** So many repeats more or fewer are still the piece that was meant. Our own. */
    private static final int MOST_REPEATS = 3;

    /** Repeats, parts and sizes of rings that are tried; nobody looks through more. Our own. */
    private static final int MOST_PLACES = 12;

    /** A ring made larger or smaller by more than this is another design. Our own. */
    private static final double OTHER_RING = 1.6;

    /** A chain or a weave changed by more than this share is another piece. Our own. */
    private static final double MOST_OF_A_LENGTH = 0.3;

    /** Beads come a millimetre apart. */
    private static final double[] BEADS = {-2, -1, 1, 2};

    private static final List<String> CLASPS = List.of("finding clasp", "finding hook", "hook-curled", "s-hook");

    private static final int MOST_LINKS = 20;

    private final Piece piece;
    private final Wanted fit;
    private final PartMaker parts;
    private final Closure closes;
    private final List<Cure> cures = new ArrayList<>();

    private Cures(Piece piece, PieceWork work, Wanted fit, PartMaker parts) {
        this.piece = piece;
        this.fit = fit;
        this.parts = parts;
        this.closes = closes(work);
    }

    /** What its ends have for each other; what only slips over is not looked at here. */
    private Closure closes(PieceWork work) {
        return fit instanceof BodyFit body ? Closure.of(work, BodyPart.WRIST, body.girthMm(), 0) : Closure.NOTHING;
    }

    /** A hook or a toggle is not given away for a length. */
    private boolean staysClosed(PieceWork changed) {
        return closes != Closure.HOOK && closes != Closure.TOGGLE || closes(changed) == closes;
    }

    /**
     * Changes that bring it nearer, the nearest first. None where it is as near as these bring it.
     *
     * @param work the piece worked out
     * @param insides of rings the maker's rods give, mm; may be empty
     */
    public static List<Cure> of(Piece piece, PieceWork work, Wanted fit, PartMaker parts, List<Double> insides) {
        var all = new Cures(piece, work, fit, parts);
        double off = fit.remainderMm(work, parts);
        all.repeats();
        all.withoutTheLast();
        all.otherRings(insides);
        all.counts(work, off);
        all.lengths(work, off);
        all.otherSizes();
        all.otherLengths(work, off);
        if (fit instanceof BodyFit) {
            all.otherClasps(work);
            all.extender(work, off);
        }
        all.cures.removeIf(cure -> Math.abs(cure.offMm()) >= Math.abs(off));
        all.cures.sort(Comparator.comparingDouble(cure -> Math.abs(cure.offMm())));
        return List.copyOf(all.cures);
    }

    private void tried(Cure.Change change, String what, double from, double by, Piece changed) {
        Effort.check();
        if (changed == null) {
            return;
        }
        try {
            PieceWork work = PieceSolver.solve(changed, parts);
            if (work.canBeMade() && staysClosed(work)) {
                double length = fit.lengthMm(work, parts);
                cures.add(new Cure(
                        change, what, from, by, PieceLine.write(changed), length, length - fit.targetMm(work)));
            }
        } catch (Refusal refused) {
            return; // a change that makes no piece is no cure
        }
    }

    private void repeats() {
        for (int path = 0; path < Math.min(MOST_PLACES, repeats(piece.elements())); path++) {
            for (int by = -MOST_REPEATS; by <= MOST_REPEATS; by++) {
                if (by != 0) {
                    tried(Cure.Change.REPEATS, "", 0, by, withRepeats(path, by));
                }
            }
        }
    }

    private void withoutTheLast() {
        if (fit instanceof BodyFit && piece.elements().size() > 1 && piece.shape() == Piece.Shape.ROW) {
            List<Piece.Element> fewer =
                    piece.elements().subList(0, piece.elements().size() - 1);
            tried(Cure.Change.WITHOUT_THE_LAST, "", 0, -1, new Piece(fewer, piece.shape(), piece.pair()));
        }
    }

    private void otherRings(List<Double> insides) {
        for (Ring ring : rings().stream().limit(MOST_PLACES).toList()) {
            for (double inside : insides) {
                double times = inside / ring.innerDiameterMm();
                boolean near = times < OTHER_RING && times > 1 / OTHER_RING && Math.abs(times - 1) > 1e-9;
                if (near) {
                    String wire = LineWords.plain(ring.wireDiameterMm());
                    tried(Cure.Change.OTHER_RING, wire, ring.innerDiameterMm(), inside, withRings(ring, inside));
                }
            }
        }
    }

    /** Parts of the row itself as they are written, each once. */
    private List<PartSpec> ownParts() {
        Set<PartSpec> own = new LinkedHashSet<>();
        piece.parts().stream().filter(placed -> placed.depth() == 0).forEach(placed -> own.add(placed.part()));
        return own.stream().limit(MOST_PLACES).toList();
    }

    /** What is sold or woven by the length, as much longer as is wanting: the whole count below and above. */
    private void counts(PieceWork work, double off) {
        for (PartSpec part : ownParts()) {
            PartSpec more = part.longer(1);
            if (more == null) {
                continue;
            }
            try {
                double each = parts.of(more).spanMm() - parts.of(part).spanMm();
                long alike = alike(work, part);
                double wanted = -off / (each * alike);
                if (Math.abs(wanted * each) < MOST_OF_A_LENGTH * parts.of(part).spanMm()) {
                    for (double by : new double[] {Math.floor(wanted), Math.ceil(wanted)}) {
                        if (by != 0) {
                            PartSpec other = part.longer((int) by);
                            tried(Cure.Change.COUNT, parts.of(part).name(), 0, by, with(part, other));
                        }
                    }
                }
            } catch (Refusal refused) {
                continue; // it is not made so much longer
            }
        }
    }

    private static long alike(PieceWork work, PartSpec part) {
        return work.row().stream()
                .filter(place -> work.parts().get(place).spec().equals(part))
                .count();
    }

    /** Cord is cut to whatever is wanting. */
    private void lengths(PieceWork work, double off) {
        for (PartSpec part : ownParts()) {
            if (part instanceof Cord cord) {
                double length = Math.rint(cord.lengthMm() - off / alike(work, part));
                try {
                    PartSpec other = cord.with("length", length);
                    tried(Cure.Change.LENGTH, parts.of(part).name(), cord.lengthMm(), length, with(part, other));
                } catch (Refusal refused) {
                    continue; // no cord is so long or so short
                }
            }
        }
    }

    private void otherSizes() {
        for (PartSpec part : ownParts()) {
            if (part instanceof FormPart form && form.values().get("bead") instanceof Double bead) {
                for (double by : BEADS) {
                    if (bead + by > 0) {
                        String name = parts.of(part).name();
                        tried(Cure.Change.OTHER_SIZE, name, bead, bead + by, with(part, form.with("bead", bead + by)));
                    }
                }
            }
        }
    }

    /** A link, bar or frame longer or wider by a millimetre or two, or by what is wanting. */
    private void otherLengths(PieceWork work, double off) {
        for (PartSpec part : ownParts()) {
            if (!(part instanceof FormPart form)) {
                continue;
            }
            Form of = Forms.byId(form.formId());
            for (Parameter one : of.parameters()) {
                if (one.kind() == Parameter.Kind.LENGTH && LENGTHS.contains(one.id())) {
                    double wire = form.wireMm() == null ? of.info().usualWireMm() : form.wireMm();
                    Object own =
                            form.values().getOrDefault(one.id(), one.usual().applyAsDouble(wire));
                    if (own instanceof Double now) {
                        otherLength(form, one, now, Math.rint(-2 * off / alike(work, part)) / 2);
                    }
                }
            }
        }
    }

    private void otherLength(FormPart form, Parameter one, double now, double wanting) {
        for (double by : new double[] {-2, -1, 1, 2, wanting}) {
            double to = Math.rint(100 * (now + by)) / 100;
            boolean near = Math.abs(by) < MOST_OF_A_LENGTH * now;
            if (by != 0 && near && to > 0) {
                String what = parts.of(form).name() + "'s " + one.name();
                tried(Cure.Change.OTHER_LENGTH, what, now, to, with(form, form.with(one.id(), to)));
            }
        }
    }

    /** Lengths a form is as long by. */
    private static final Set<String> LENGTHS = Set.of("long", "wide", "side", "arm", "between");

    private void otherClasps(PieceWork work) {
        PartSpec first = piece.parts().get(0).part();
        if (work.hung().get(0).in().opens() != Opening.MOUTH || work.parts().size() < 2) {
            return;
        }
        for (String line : CLASPS) {
            PartSpec clasp = PartKinds.read(LineWords.of(line));
            if (!clasp.equals(first)) {
                tried(Cure.Change.OTHER_CLASP, parts.of(clasp).name(), 0, 0, with(first, clasp));
            }
        }
    }

    /** Of chain whose links the hook goes into, as thick as half the hook's wire. */
    private void extender(PieceWork work, double off) {
        boolean hooks = work.hung().get(0).in().opens() == Opening.MOUTH;
        if (off >= 0 || !hooks || piece.shape() != Piece.Shape.ROW) {
            return;
        }
        double hook = work.hung().get(0).in().wireMm();
        double inside = Math.ceil(2 * (hook + HANGS_IN_MM)) / 2;
        double pitch = Math.ceil(2 * inside * LINK) / 2;
        int links = (int) Math.round(-off / pitch);
        if (links < 1 || links > MOST_LINKS) {
            return;
        }
        var chain = new BoughtChain(pitch, Math.rint(10 * hook / 2) / 10, links, inside, false);
        var longer = new ArrayList<>(piece.elements());
        longer.add(new Piece.One(chain));
        tried(Cure.Change.EXTENDER, parts.of(chain).name(), 0, links, new Piece(longer, piece.shape(), piece.pair()));
    }

    /** Room a hook needs to be hung in by feel, mm. Our own. */
    private static final double HANGS_IN_MM = 1;

    /** A link's length against its width. */
    private static final double LINK = 1.4;

    private static int repeats(List<Piece.Element> elements) {
        int all = 0;
        for (Piece.Element element : elements) {
            all += element instanceof Piece.Repeat repeat ? 1 + repeats(repeat.elements()) : 0;
        }
        return all;
    }

    /** The piece with another count at the repeat of that number, from the front and outside in; null below one. */
    private Piece withRepeats(int path, int by) {
        int[] left = {path};
        List<Piece.Element> changed = changed(piece.elements(), left, by);
        return changed == null ? null : new Piece(changed, piece.shape(), piece.pair());
    }

    private static List<Piece.Element> changed(List<Piece.Element> elements, int[] left, int by) {
        var all = new ArrayList<Piece.Element>();
        for (Piece.Element element : elements) {
            if (element instanceof Piece.Repeat repeat) {
                int count = left[0]-- == 0 ? repeat.count() + by : repeat.count();
                List<Piece.Element> inner = changed(repeat.elements(), left, by);
                if (count < 1 || inner == null) {
                    return null;
                }
                all.add(new Piece.Repeat(count, inner));
            } else {
                all.add(element);
            }
        }
        return all;
    }

    private Set<Ring> rings() {
        Set<Ring> rings = new TreeSet<>(
                Comparator.comparingDouble(Ring::wireDiameterMm).thenComparingDouble(Ring::innerDiameterMm));
        for (PartSpec part : ownParts()) {
            if (part instanceof RingPart ring) {
                rings.add(ring.ring());
            }
        }
        return rings;
    }

    /** Graded rings stay as they are graded: none of them is that one ring. */
    private Piece withRings(Ring from, double inside) {
        return piece.rewritten((one, written) -> {
            if (!(one.part() instanceof RingPart ring)
                    || ring.isGraded()
                    || !ring.ring().equals(from)) {
                return null;
            }
            return List.of(new Piece.One(ring.withInside(inside), one.hanging()));
        });
    }

    /** Every part like that another one; null for none. */
    private Piece with(PartSpec part, PartSpec other) {
        return other == null
                ? null
                : piece.rewritten((one, written) ->
                        one.part().equals(part) ? List.of(new Piece.One(other, one.hanging())) : null);
    }
}
