package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Beads;
import toroid.core.form.HandWork;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Beads on beading wire, a crimped loop at either end: {@code strand wire [strands=1] [loop=3] ( 12 * bead 6/1 - bead 10/1.2 [width=8] )}. All
 * strands go through every bead; with {@code each} before it a run of beads is on every strand by itself, between beads they share: {@code strand
 * 0.25 strands=2 (bead 8/1.2 - each 3 * bead 4/1 - bead 8/1.2)}.
 *
 * @param wireMm diameter of the beading wire
 * @param strands wires side by side through every bead
 * @param loopMm inside of the loops at its ends
 * @param beads in the order they are strung
 */
public record BeadStrand(double wireMm, int strands, double loopMm, List<Beaded> beads) implements PartSpec {
    static final int MOST = 2000;
    private static final int MOST_STRANDS = 6;

    /** Carried back through the beads behind the crimp, each end, mm. Common practice: 25 to 40. */
    private static final double TAIL_MM = 30;

    /** Left free so that the strand bends without its beads levering: of its length. Common practice: 1 to 2 in a hundred. */
    private static final double SLACK = 0.015;

    public BeadStrand {
        beads = List.copyOf(beads);
        Checks.within("wire", wireMm, 0.1, 2, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("strands", strands, 1, MOST_STRANDS, Unit.WIRES, Remedy.COUNT_THEM_AGAIN);
        Checks.within("loop", loopMm, 1, 30, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within(
                "beads",
                beads.stream().mapToLong(bead -> bead.all(strands)).sum(),
                1,
                MOST,
                Unit.BEADS,
                Remedy.MAKE_IT_IN_PARTS);
    }

    static BeadStrand read(LineWords words) {
        if (!words.peek().matches("\\d(\\.\\d{1,6})?")) {
            throw words.stops();
        }
        double wire = Double.parseDouble(words.next());
        var values = words.values();
        int strands = (int) Math.round(words.taken(values, "strands", 1));
        double loop = words.taken(values, "loop", 3);
        words.allTaken(values);
        words.needs("(");
        List<Beaded> beads = row(words);
        words.needs(")");
        return new BeadStrand(wire, strands, loop, beads);
    }

    private static List<Beaded> beads(LineWords words) {
        List<Beaded> beads = row(words);
        if (!words.atEnd()) {
            throw words.stops();
        }
        return beads;
    }

    private static List<Beaded> row(LineWords words) {
        var beads = new ArrayList<Beaded>();
        do {
            beads.add(Beaded.read(words));
        } while (words.takes("-"));
        return beads;
    }

    @Override
    public String written() {
        return "strand " + LineWords.plain(wireMm) + LineWords.unless("loop", loopMm, 3)
                + LineWords.unless("strands", strands, 1)
                + " (" + beadsWritten() + ")";
    }

    /** Beads come in sizes, beading wire in a few: only the beads are scaled, and their holes stay. */
    @Override
    public BeadStrand scaled(double factor) {
        return new BeadStrand(
                wireMm,
                strands,
                loopMm,
                beads.stream()
                        .map(bead -> new Beaded(
                                bead.count(),
                                bead.lengthMm() * factor,
                                bead.holeMm(),
                                bead.widthMm() * factor,
                                bead.each()))
                        .toList());
    }

    /** Passes through the crimp and the beads next to it: every strand out and back. */
    private int passes() {
        return 2 * strands;
    }

    private CrimpTube tube() {
        return CrimpTube.taking(passes(), wireMm);
    }

    /**
     * How long a run is along the strand, mm. Where each strand has its own beads, side by side and touching, the first and the last of them lean out from
     * the shared bead to their place, {@code √(l² − o²)} long instead of l, o how far out: approximate, within a quarter of such a bead.
     */
    private double longMm(Beaded run) {
        double straight = run.count() * run.lengthMm();
        double out = outMm(run);
        if (out == 0) {
            return straight;
        }
        double lean = run.lengthMm() - Math.sqrt(Math.max(0, run.lengthMm() * run.lengthMm() - out * out));
        return Math.max(straight / 2, straight - 2 * lean);
    }

    /** How far out the outermost strand's beads of a run lie, mm: two side by side, more round a circle. */
    private double outMm(Beaded run) {
        return !run.each() || strands == 1 ? 0 : run.widthMm() / (2 * Math.sin(Math.PI / strands));
    }

    private double beadedMm() {
        return beads.stream().mapToDouble(this::longMm).sum();
    }

    /**
     * Between the insides of its end loops: its beads, a crimp at either end, the slack, and the two loops, {@code Σ l + 2 c + s + 2 i}. Taut beads
     * exactly so; within the slack it gives.
     */
    /** Bead by bead on each strand, and a crimp with its cover at either end. Our own figures, from memory. */
    @Override
    public HandWork handWork(PartMaker with) {
        int all = beads.stream().mapToInt(bead -> bead.all(strands)).sum();
        return HandWork.seconds(HandWork.THREAD, 4 * all + 2 * 60);
    }

    @Override
    public PartWork work(PartMaker with) {
        double beaded = beadedMm();
        CrimpTube tube = tube();
        CrimpTube used = tube == null ? CrimpTube.THREE : tube;
        double span = (1 + SLACK) * beaded + 2 * used.lengthMm() + 2 * loopMm;
        double wires = passes() == 2 ? wireMm : 2 * wireMm;
        Port first = Ends.at("first loop", 0, -1, loopMm, wires, Opening.WHILE_MADE);
        Port last = Ends.at("last loop", span, 1, loopMm, wires, Opening.WHILE_MADE);
        double mass = beads.stream().mapToDouble(bead -> bead.massG(strands)).sum();
        double wide = beads.stream()
                .mapToDouble(bead -> bead.widthMm() + 2 * outMm(bead))
                .max()
                .orElseThrow();
        return new PartWork(
                this,
                "strand",
                first,
                last,
                List.of(Ends.along("between its middle beads", middleGapMm(used), wires)),
                Vector3D.PLUS_I,
                new Vector3D(span / 2, 0, 0),
                span,
                mass,
                wide,
                takes(span, used),
                notes(tube));
    }

    /** Between the two beads nearest its middle, mm from its first end. */
    private double middleGapMm(CrimpTube used) {
        double beaded = beadedMm();
        double at = 0;
        double nearest = 0;
        for (Beaded bead : beads) {
            for (int i = 0; i < bead.count(); i++) {
                at += longMm(bead) / bead.count();
                nearest = Math.abs(at - beaded / 2) < Math.abs(nearest - beaded / 2) ? at : nearest;
            }
        }
        return loopMm + used.lengthMm() + SLACK * beaded / 2 + nearest;
    }

    /** Of the kind there are most of. */
    @Override
    public BeadStrand longer(int by) {
        int most = 0;
        for (int i = 1; i < beads.size(); i++) {
            most = beads.get(i).count() > beads.get(most).count() ? i : most;
        }
        var changed = new ArrayList<>(beads);
        Beaded one = beads.get(most);
        changed.set(most, new Beaded(one.count() + by, one.lengthMm(), one.holeMm(), one.widthMm(), one.each()));
        return new BeadStrand(wireMm, strands, loopMm, changed);
    }

    @Override
    public List<Strung> strung() {
        return beads.stream()
                .map(run -> run.each()
                        ? new Strung(run.count(), run.lengthMm(), run.widthMm(), 1, strands)
                        : new Strung(run.count(), run.lengthMm(), run.widthMm(), strands, 1))
                .toList();
    }

    @Override
    public boolean isSupple() {
        return true;
    }

    /** Its beads as a line writes them. */
    @Override
    public List<Field> fields() {
        return List.of(
                new Field("wire", wireMm),
                new Field("strands", (double) strands),
                new Field("loop", loopMm),
                new Field("beads", beadsWritten()));
    }

    private String beadsWritten() {
        return beads.stream().map(Beaded::written).collect(Collectors.joining(" - "));
    }

    @Override
    public BeadStrand with(String field, Object value) {
        return switch (field) {
            case "wire" -> new BeadStrand(LineWords.number(field, value), strands, loopMm, beads);
            case "strands" -> new BeadStrand(wireMm, LineWords.whole(field, value), loopMm, beads);
            case "loop" -> new BeadStrand(wireMm, strands, LineWords.number(field, value), beads);
            case "beads" -> new BeadStrand(wireMm, strands, loopMm, beads(LineWords.of(String.valueOf(value))));
            default -> throw LineWords.refused(field, value);
        };
    }

    @Override
    public Body body(PartMaker with) {
        CrimpTube tube = tube();
        double crimp = (tube == null ? CrimpTube.THREE : tube).lengthMm();
        double beaded = beadedMm();
        double span = (1 + SLACK) * beaded + 2 * crimp + 2 * loopMm;
        var tubes = new ArrayList<Body.Tube>();
        for (double middle : new double[] {loopMm / 2, span - loopMm / 2}) {
            tubes.add(Body.ring(new Vector3D(middle, 0, 0), Vector3D.PLUS_K, (loopMm + wireMm) / 2, wireMm));
        }
        var solids = new ArrayList<Solid>();
        boolean apart = beads.stream().anyMatch(Beaded::each);
        for (int strand = 0; strand < (apart ? strands : 1); strand++) {
            var wire = new ArrayList<Vector3D>();
            wire.add(new Vector3D(loopMm, 0, 0));
            double at = loopMm + crimp + SLACK * beaded / 2;
            for (Beaded bead : beads) {
                Vector3D out = out(bead, strand);
                double step = longMm(bead) / bead.count();
                wire.add(new Vector3D(at + (bead.each() ? step / 2 : 0), 0, 0).add(out));
                wire.add(new Vector3D(at + longMm(bead) - (bead.each() ? step / 2 : 0), 0, 0).add(out));
                for (int i = 0; i < bead.count() && (bead.each() || strand == 0); i++) {
                    Vector3D middle = new Vector3D(at + (i + 0.5) * step, 0, 0).add(out);
                    solids.add(new Solid(
                            Solid.Kind.BEAD, middle, Vector3D.PLUS_I, bead.widthMm(), bead.lengthMm(), bead.holeMm()));
                }
                at += longMm(bead);
            }
            wire.add(new Vector3D(span - loopMm, 0, 0));
            tubes.add(new Body.Tube(null, wireMm, distinct(wire), false));
        }
        return new Body(tubes, solids);
    }

    /** Where a strand's own beads of a run lie, off the middle: two side by side across, more evenly round. */
    private Vector3D out(Beaded run, int strand) {
        double angle = Math.PI / 2 + 2 * Math.PI * strand / strands;
        return new Vector3D(0, Math.sin(angle), Math.cos(angle)).scalarMultiply(outMm(run));
    }

    private static List<Vector3D> distinct(List<Vector3D> points) {
        var apart = new ArrayList<Vector3D>();
        for (Vector3D point : points) {
            if (apart.isEmpty() || apart.get(apart.size() - 1).distance(point) > SAME_MM) {
                apart.add(point);
            }
        }
        return apart;
    }

    private static final double SAME_MM = 1e-6;

    private PartWork.Takes takes(double span, CrimpTube used) {
        var bought = new ArrayList<PartWork.Bought>();
        Map<List<Double>, Integer> counts = new LinkedHashMap<>();
        beads.forEach(bead ->
                counts.merge(List.of(bead.lengthMm(), bead.widthMm(), bead.holeMm()), bead.all(strands), Integer::sum));
        counts.forEach(
                (sizes, count) -> bought.add(new PartWork.Bought(PartWork.Bought.Kind.BEAD, "bead", sizes, count)));
        double each = span + 2 * (Math.PI * loopMm + TAIL_MM);
        bought.add(new PartWork.Bought(
                PartWork.Bought.Kind.BEADING_WIRE, "beading wire", List.of(wireMm), strands * each));
        bought.add(new PartWork.Bought(
                PartWork.Bought.Kind.CRIMP, "crimp tube", List.of(used.outsideMm(), used.lengthMm()), 2));
        return PartWork.Takes.bought(bought);
    }

    private List<PartNote> notes(CrimpTube tube) {
        var notes = new ArrayList<PartNote>();
        if (tube == null) {
            double packed = CrimpTube.packedMm(passes(), wireMm);
            notes.add(new PartNote(PartNote.Kind.NO_CRIMP_TAKES_IT, packed, CrimpTube.THREE.boreMm()));
        }
        for (int i = 0; i < beads.size(); i++) {
            boolean end = i == 0 || i == beads.size() - 1;
            int own = beads.get(i).each() ? 1 : strands;
            double need = Beads.holeNeededMm(end ? 2 * own : own, wireMm);
            if (beads.get(i).holeMm() < need) {
                notes.add(new PartNote(
                        PartNote.Kind.HOLE_TOO_SMALL, need, beads.get(i).holeMm()));
            }
        }
        return notes;
    }
}
