package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.HandWork;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Vectors;
import toroid.core.ring.Ring;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.composition.ArmShape;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.Medallion;
import toroid.core.weave.composition.Ties;

/**
 * A cross, star or medallion: {@code medallion id wire/inside arms=4 rows=3 longer=2 larger=1.2 about=6 hubs=2 held=1 tie=1 tied=all bail}. Rows of a
 * sheet's arms are told one by one, {@code rows='2 3 2'}. It hangs by its bail, or by the end of its highest arm; things hang from the ends of
 * its arms. All of those are rings that open. Rows are counted from the middle, the first is 1; {@code tie=0} ties none, {@code about=0} takes the
 * usual larger ring.
 *
 * @param of its weave and small rings, of one size
 * @param plan what is put together
 * @param largerMm wire of the larger rings
 * @param aboutMm their inside; null for the usual one
 */
public record MedallionPart(WeaveSizes of, Composition.Plan plan, double largerMm, Double aboutMm) implements PartSpec {
    private static final int USUAL_ARMS = 4;
    private static final int USUAL_ROWS = 3;
    private static final String ALL = "all";

    /** What a line says otherwise than by its value. */
    private static final Set<String> SAID = Set.of("wire", "inside", "tied", "bail");

    /** What a line leaves out. */
    private static final Map<String, Object> USUAL =
            Map.of("longer", 0.0, "held", 1.0, "hubs", 1.0, "about", 0.0, "tie", 0.0);

    static MedallionPart read(LineWords words) {
        WeaveSizes of = WeaveSizes.read(words);
        Map<String, Object> values = words.values();
        int arms = (int) words.taken(values, "arms", USUAL_ARMS);
        var shape = shape(values.remove("rows"), values.remove("longer"));
        int held = (int) words.taken(values, "held", 1);
        int hubs = (int) words.taken(values, "hubs", 1);
        int tie = (int) words.taken(values, "tie", 0);
        Object tied = values.remove("tied");
        double larger = words.taken(values, "larger", of.wireMm());
        double about = words.taken(values, "about", 0);
        words.allTaken(values);
        if (tied != null && (tie == 0 || !ALL.equals(tied))) {
            throw LineWords.refused("tied", tied);
        }
        var plan = new Composition.Plan(arms, shape, held - 1, hubs, ties(tie, tied != null), words.takes("bail"));
        return new MedallionPart(of, plan, larger, insideOf(about));
    }

    private static Ties ties(int row, boolean all) {
        return row == 0 ? null : new Ties(row - 1, all);
    }

    private static Double insideOf(double about) {
        return about == 0 ? null : Double.valueOf(about);
    }

    private static ArmShape shape(Object rows, Object longer) {
        if (rows instanceof String counted) {
            boolean none = longer == null || longer.equals(0.0);
            return new ArmShape.Sheet(counts("rows", counted), none ? List.of() : counts("longer", longer));
        }
        int many = rows == null ? USUAL_ROWS : LineWords.whole("rows", rows);
        return new ArmShape.Chain(many, longer == null ? 0 : LineWords.whole("longer", longer));
    }

    /** Rings in each row, a number for one row of so many. */
    private static List<Integer> counts(String field, Object value) {
        if (value instanceof Double) {
            return List.of(LineWords.whole(field, value));
        }
        if (!(value instanceof String text) || !text.matches("\\d{1,3}( \\d{1,3}){0,39}")) {
            throw LineWords.refused(field, value);
        }
        return Arrays.stream(text.split(" ")).map(Integer::valueOf).toList();
    }

    @Override
    public String written() {
        var line = new StringBuilder("medallion ").append(of.written());
        for (Field field : fields()) {
            if (field.value().equals(true) && field.id().equals("tied")) {
                line.append(" tied=").append(ALL);
            } else if (!SAID.contains(field.id()) && !field.value().equals(USUAL.get(field.id()))) {
                line.append(' ').append(field.id()).append('=').append(LineWords.written(field.id(), field.value()));
            }
        }
        return line.append(plan.bail() ? " bail" : "").toString();
    }

    @Override
    public List<Field> fields() {
        var fields = new ArrayList<>(of.fields());
        fields.add(new Field("arms", (double) plan.arms()));
        fields.add(new Field("rows", rows()));
        fields.add(new Field("longer", longer()));
        fields.add(new Field("held", (double) plan.held() + 1));
        fields.add(new Field("hubs", (double) plan.hubs()));
        fields.add(new Field("larger", largerMm));
        fields.add(new Field("about", aboutMm == null ? 0.0 : aboutMm));
        fields.add(new Field("tie", (double) tieRow()));
        fields.add(new Field("tied", isTiedAll()));
        fields.add(new Field("bail", plan.bail()));
        return fields;
    }

    private int tieRow() {
        return plan.ties() == null ? 0 : plan.ties().row() + 1;
    }

    private boolean isTiedAll() {
        return plan.ties() != null && plan.ties().all();
    }

    private static String said(List<Integer> counts) {
        return counts.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    @Override
    public MedallionPart with(String field, Object value) {
        return switch (field) {
            case "larger" -> new MedallionPart(of, plan, LineWords.number(field, value), aboutMm);
            case "about" -> new MedallionPart(of, plan, largerMm, insideOf(LineWords.number(field, value)));
            case "arms", "rows", "longer", "held", "hubs", "tie", "tied", "bail" ->
                new MedallionPart(of, planned(field, value), largerMm, aboutMm);
            default -> new MedallionPart(of.with(field, value), plan, largerMm, aboutMm);
        };
    }

    private Composition.Plan planned(String field, Object value) {
        return new Composition.Plan(
                field.equals("arms") ? LineWords.whole(field, value) : plan.arms(),
                shaped(field, value),
                field.equals("held") ? LineWords.whole(field, value) - 1 : plan.held(),
                field.equals("hubs") ? LineWords.whole(field, value) : plan.hubs(),
                ties(
                        field.equals("tie") ? LineWords.whole(field, value) : tieRow(),
                        field.equals("tied") ? LineWords.yes(field, value) : isTiedAll()),
                field.equals("bail") ? LineWords.yes(field, value) : plan.bail());
    }

    /** Of other rows what is longer stays where it is told the same way. */
    private ArmShape shaped(String field, Object value) {
        Object rows = rows();
        Object longer = longer();
        if (field.equals("rows")) {
            Object told = LineWords.told(field, value);
            return shape(told, told.getClass() == rows.getClass() ? longer : null);
        }
        return field.equals("longer") ? shape(rows, LineWords.told(field, value)) : plan.shape();
    }

    /** As a line tells them: so many of a chain, each one's rings of a sheet. */
    private Object rows() {
        return plan.shape() instanceof ArmShape.Sheet sheet
                ? said(sheet.counts())
                : (Object) (double) plan.shape().rows();
    }

    private Object longer() {
        return plan.shape() instanceof ArmShape.Sheet sheet && !sheet.longer().isEmpty()
                ? said(sheet.longer())
                : (Object) (double) plan.shape().longerBy();
    }

    @Override
    public MedallionPart scaled(double factor) {
        return new MedallionPart(of.scaled(factor), plan, largerMm * factor, aboutMm == null ? null : aboutMm * factor);
    }

    @Override
    public MedallionPart snapped(Sizes there) {
        Double about = aboutMm == null ? null : Double.valueOf(there.inside(aboutMm));
        return new MedallionPart(of.snapped(there), plan, there.wire(largerMm), about);
    }

    @Override
    public boolean isSupple() {
        return true;
    }

    @Override
    public HandWork handWork(PartMaker with) {
        return WeaveSizes.handWork(takes(solved(with)));
    }

    @Override
    public String weave() {
        return of.weave();
    }

    @Override
    public int ringByRing(PartMaker with) {
        return solved(with).steps();
    }

    private Medallion solved(PartMaker with) {
        return with.medallion(asked());
    }

    /** What is solved for it. @throws toroid.core.numeric.Refusal for a weave of several sizes */
    public Medallion.Asked asked() {
        if (of.insidesMm().size() != 1) {
            throw LineWords.refused("inside", of.written());
        }
        var small = new Ring(of.wireMm(), of.insidesMm().get(0));
        return new Medallion.Asked(of.weave(), small, plan, largerMm, aboutMm);
    }

    @Override
    public Body body(PartMaker with) {
        Medallion solved = solved(with);
        return new Body(
                IntStream.range(0, solved.circles().size())
                        .mapToObj(place -> {
                            Circle ring = solved.circles().get(place);
                            double wire = solved.sizeOf(place).wireDiameterMm();
                            return Body.ring(ring.centre(), ring.normal(), ring.radius(), wire);
                        })
                        .toList(),
                List.of());
    }

    /** From the inside of the ring it hangs by to that of the end opposite, as it lies. */
    @Override
    public PartWork work(PartMaker with) {
        Medallion solved = solved(with);
        List<Integer> ends = solved.ends();
        int foot = ends.get(ends.size() - 1);
        Port first = port(solved, "bail", solved.top());
        Port last = port(solved, "lowest end", foot);
        Vector3D way = last.centre().subtract(first.centre());
        Vector3D pull = way.normalize();
        double span = Vectors.dot(last.bearing(pull).subtract(first.bearing(pull.negate())), pull);
        List<Port> sides = ends.subList(0, ends.size() - 1).stream()
                .map(place -> port(solved, "end of an arm", place))
                .toList();
        return new PartWork(
                this,
                plan.arms() == USUAL_ARMS ? "woven cross" : "woven star",
                first,
                last,
                sides,
                pull,
                middle(solved),
                span,
                solved.massG(with.density()),
                solved.thickMm(),
                takes(solved),
                List.of());
    }

    private static Port port(Medallion solved, String name, int place) {
        Circle ring = solved.circles().get(place);
        Ring size = solved.sizeOf(place);
        return new Port(
                name,
                name,
                ring.centre(),
                ring.normal(),
                size.innerDiameterMm(),
                size.wireDiameterMm(),
                0,
                Opening.SIDEWAYS);
    }

    /** A ring's middle is its mass's; each weighs as its own torus. */
    private static Vector3D middle(Medallion solved) {
        Vector3D sum = Vector3D.ZERO;
        double all = 0;
        for (int place = 0; place < solved.circles().size(); place++) {
            double volume = solved.sizeOf(place).volumeMm3();
            sum = sum.add(volume, solved.circles().get(place).centre());
            all += volume;
        }
        return sum.scalarMultiply(1 / all);
    }

    private static PartWork.Takes takes(Medallion solved) {
        return PartWork.Takes.rings(List.of(
                PartWork.Rings.round(
                        solved.small(),
                        solved.rings().get(0),
                        solved.preClosed().get(0)),
                PartWork.Rings.round(
                        solved.hub(), solved.rings().get(1), solved.preClosed().get(1))));
    }
}
