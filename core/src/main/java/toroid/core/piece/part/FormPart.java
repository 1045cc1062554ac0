package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Also;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Forms;
import toroid.core.form.HandTime;
import toroid.core.form.HandWork;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.Port;
import toroid.core.form.WireMetals;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.Note;

/**
 * A form of the catalogue: {@code id[:half] {name=value}}, its wire as {@code wire=0.8}, its parameters by their ids. Of a form of two parts
 * that come apart one half, by the name of its wire: {@code toggle:bar}. {@code domed=58} bends it over a rod when it is done ({@link Domed}).
 *
 * @param half the wire of the half that is meant; null for a form in one
 * @param wireMm its wire; null for the form's usual one
 * @param values its parameters by their ids, numbers, ranges or words; what is missing is as usual
 */
public record FormPart(String formId, String half, Double wireMm, Map<String, Object> values) implements PartSpec {
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,60}(:[a-z]{1,20})?");

    public FormPart {
        values = Collections.unmodifiableMap(ListedWords.told(formId, new TreeMap<>(values)));
    }

    static FormPart read(LineWords words) {
        if (!NAME.matcher(words.peek()).matches()) {
            throw words.stops();
        }
        String[] id = words.next().split(":");
        Map<String, Object> values = words.values();
        Double wire = words.taken(values, "wire");
        return new FormPart(id[0], id.length > 1 ? id[1] : null, wire, values);
    }

    @Override
    public String written() {
        var words = new StringBuilder(formId);
        if (half != null) {
            words.append(':').append(half);
        }
        if (wireMm != null) {
            words.append(" wire=").append(LineWords.plain(wireMm));
        }
        values.forEach((id, value) -> words.append(' ').append(id).append('=').append(LineWords.written(id, value)));
        return words.toString();
    }

    @Override
    public FormPart graded(double share) {
        if (values.values().stream().noneMatch(Value.class::isInstance)) {
            return this;
        }
        Map<String, Object> one = new TreeMap<>(values);
        one.replaceAll((id, value) -> value instanceof Value range ? (Object) range.at(share) : value);
        return new FormPart(formId, half, wireMm, one);
    }

    /** Lengths only: turns and counts stay; what is as usual follows the wire by itself. */
    @Override
    public FormPart scaled(double factor) {
        Form form = Forms.byId(formId);
        Map<String, Object> scaled = new TreeMap<>(values);
        scaled.replaceAll((id, value) -> {
            boolean length = id.equals(Domed.ID)
                    || form.parameters().stream()
                            .anyMatch(one -> one.id().equals(id) && one.kind() == Parameter.Kind.LENGTH);
            if (value instanceof List<?> list) {
                return ListedWords.scaled(list, factor);
            }
            if (length && value instanceof Value range) {
                return range.scaled(factor);
            }
            return length && value instanceof Number number ? (Object) (number.doubleValue() * factor) : value;
        });
        double wire = wireMm == null ? form.info().usualWireMm() : wireMm;
        return new FormPart(formId, half, wire * factor, scaled);
    }

    /** Beads come in whole and half millimetres. */
    @Override
    public FormPart snapped(Sizes there) {
        Map<String, Object> near = new TreeMap<>(values);
        near.replaceAll((id, value) -> {
            if (!(value instanceof Double number)) {
                return value;
            }
            return id.equals("bead") ? Math.rint(2 * number) / 2 : Math.rint(100 * number) / 100;
        });
        return new FormPart(formId, half, wireMm == null ? null : Double.valueOf(there.wire(wireMm)), near);
    }

    @Override
    public PartWork work(PartMaker with) {
        Form form = Forms.byId(formId);
        if (form.comesApart() && half == null) {
            throw Refusal.of(RefusalCode.PART_IS_SEVERAL, "piece", formId)
                    .with("form", form.info().name());
        }
        FormWork work = formed(form, with);
        work.notes().stream()
                .filter(note -> note.severity() == Note.Severity.STOP)
                .findFirst()
                .ifPresent(note -> {
                    throw Refusal.of(RefusalCode.PART_CANNOT_BE_MADE, "piece", formId)
                            .with("form", form.info().name())
                            .with("note", note.code());
                });
        return worked(form, work);
    }

    private FormWork formed(Form form, PartMaker with) {
        double wire = wireMm == null ? form.info().usualWireMm() : wireMm;
        var stuff = with.stuff();
        Map<String, Object> own = new TreeMap<>(values);
        own.remove(Domed.ID);
        return with.formed(
                new FormPart(formId, null, wireMm, own),
                form,
                new FormRequest(
                        wire,
                        stuff.metal(),
                        stuff.temper(),
                        FlowEstimate.ofHandbook(stuff.metal().flow(stuff.temper())),
                        own,
                        false,
                        stuff.schools()));
    }

    /** Its wire, what of it is not as usual, and its rows. */
    @Override
    public List<Field> fields() {
        Form form = Forms.byId(formId);
        var fields = new ArrayList<Field>();
        fields.add(new Field("wire", wireMm == null ? form.info().usualWireMm() : wireMm));
        for (Parameter one : form.parameters()) {
            List<?> usual = ListedWords.usual(form, one);
            if (usual != null && !values.containsKey(one.id())) {
                fields.add(new Field(one.id(), usual));
            }
        }
        values.forEach((id, value) -> fields.add(new Field(id, value)));
        if (!values.containsKey(Domed.ID)) {
            fields.add(new Field(Domed.ID, 0.0));
        }
        return fields;
    }

    @Override
    public FormPart with(String field, Object value) {
        if (field.equals("wire")) {
            return new FormPart(formId, half, value == null ? null : LineWords.number(field, value), values);
        }
        if (!BESIDES.contains(field)
                && Forms.byId(formId).parameters().stream()
                        .noneMatch(one -> one.id().equals(field))) {
            throw LineWords.refused(field, value);
        }
        Map<String, Object> changed = new TreeMap<>(values);
        Object told = value == null || value instanceof List<?> ? value : LineWords.told(field, value);
        told = ListedWords.told(formId, field, told);
        boolean flat = field.equals(Domed.ID) && Double.valueOf(0).equals(told);
        if (told == null || flat || ListedWords.isUsual(formId, field, told)) {
            changed.remove(field);
        } else {
            changed.put(field, told);
        }
        return new FormPart(formId, half, wireMm, changed);
    }

    /** What any form takes besides its own parameters. */
    private static final Set<String> BESIDES = Set.of(Also.ID, WireMetals.ID, Domed.ID);

    /** A hook is there once: at the other end is what it hooks into. Of a clasp of two halves the other one is. */
    @Override
    public PartSpec opposite() {
        Form form = Forms.byId(formId);
        if (half != null) {
            return form.halves().stream()
                    .filter(other -> !other.equals(half))
                    .findFirst()
                    .<PartSpec>map(other -> new FormPart(formId, other, wireMm, values))
                    .orElse(this);
        }
        return form.hooks() ? null : this;
    }

    /** Wrapped, coiled or bound: a screw, right- or left-handed. */
    @Override
    public boolean isHanded(PartMaker with) {
        return formed(Forms.byId(formId), with).steps().stream().anyMatch(step -> step.winds() && isOurs(step.wire()));
    }

    @Override
    public boolean isEarWire(PartMaker with) {
        return formed(Forms.byId(formId), with).ports().stream()
                .anyMatch(port -> isOurs(port.wire()) && port.opens() == Opening.WORN);
    }

    @Override
    public CuffSize cuff(PartMaker with) {
        Form form = Forms.byId(formId);
        if (!form.isCuff()) {
            return null;
        }
        FormWork work = formed(form, with);
        return new CuffSize(
                (double) work.values().get("inside"),
                (double) work.values().get("gap"),
                work.request().wireDiameterMm());
    }

    @Override
    public HandWork handWork(PartMaker with) {
        return HandWork.seconds(
                HandWork.form(formId), HandTime.seconds(bent(with).steps()));
    }

    @Override
    public Bent bent(PartMaker with) {
        return Bent.of(formId, formed(Forms.byId(formId), with), half);
    }

    /** Its wires as they lie, and what is on them. */
    @Override
    public Body body(PartMaker with) {
        FormWork work = formed(Forms.byId(formId), with);
        var tubes = new ArrayList<Body.Tube>();
        for (FormedWire wire : work.wires()) {
            if (isOurs(wire.name())) {
                tubes.add(Body.Tube.of(work.request().metalOf(wire.name()).id(), wire));
            }
        }
        var flat = new Body(tubes, half == null ? work.solids() : List.of());
        Domed domed = domed(Forms.byId(formId), work);
        return domed == null ? flat : domed.body(flat);
    }

    private boolean isOurs(String wire) {
        return half == null || half.equals(wire);
    }

    /** Where it takes neighbours: what only a body takes is a piece by itself. */
    private List<Port> ports(Form form, FormWork work) {
        List<Port> free = work.ports().stream()
                .filter(port -> isOurs(port.wire()) && port.carriesMm() == 0)
                .toList();
        List<Port> taking =
                free.stream().filter(port -> port.opens() != Opening.WORN).toList();
        List<Port> ports = taking.isEmpty() ? free : taking;
        if (ports.isEmpty()) {
            throw Refusal.of(RefusalCode.PART_HANGS_FROM_NOTHING, "piece", formId)
                    .with("form", form.info().name());
        }
        return ports;
    }

    /** The curve it is bent to; null where it stays flat. */
    private Domed domed(Form form, FormWork work) {
        if (!values.containsKey(Domed.ID)) {
            return null;
        }
        Port[] ends = FormShape.ends(ports(form, work));
        if (ends[1] == null) {
            throw Refusal.of(RefusalCode.DOMED_HAS_ONE_END, "piece", formId)
                    .with("form", form.info().name());
        }
        return Domed.of(LineWords.number(Domed.ID, values.get(Domed.ID)), ends);
    }

    private PartWork worked(Form form, FormWork work) {
        List<FormedWire> wires =
                work.wires().stream().filter(wire -> isOurs(wire.name())).toList();
        List<Port> flat = ports(form, work);
        if (wires.isEmpty()) {
            throw Refusal.of(RefusalCode.PART_HANGS_FROM_NOTHING, "piece", formId)
                    .with("form", form.info().name());
        }
        var shape = new FormShape(work, wires, half == null ? work.solids() : List.of());
        Domed domed = domed(form, work);
        List<Port> ports = domed == null ? flat : domed.ports(flat);
        Port[] ends = FormShape.ends(ports);
        if (ends[1] == null && shape.isRingAbout(ends[0])) {
            ends[1] = ends[0];
        }
        Vector3D pull = ends[1] == null ? shape.down(ends[0]) : FormShape.along(ends[0], ends[1]);
        PartWork done = new PartWork(
                this,
                half == null ? form.info().name() : form.info().name() + ", " + half,
                ends[0],
                ends[1],
                ports.stream()
                        .filter(port -> port != ends[0] && port != ends[1])
                        .toList(),
                pull,
                shape.centreOfMass(domed == null ? UnaryOperator.identity() : domed::place),
                ends[1] == null ? shape.hangsMm(ends[0], pull) : spanMm(ends),
                shape.massG(),
                shape.thickMm(),
                new PartWork.Takes(
                        wires.stream().map(one -> cut(work, one)).toList(),
                        List.of(),
                        PartWork.Bought.beads(half == null ? work.solids() : List.of()),
                        half == null ? work.soldered() : List.of()),
                List.of());
        return domed == null ? done : done.bowed(domed.bow(FormShape.ends(flat)));
    }

    private static double spanMm(Port[] ends) {
        return ends[0] == ends[1] ? ends[0].insideMm() : FormShape.spanMm(ends[0], ends[1]);
    }

    private static PartWork.Cut cut(FormWork work, FormedWire wire) {
        return new PartWork.Cut(
                wire.name(),
                wire.diameterMm(),
                work.request().metalOf(wire.name()).id(),
                wire.toCut().inMillimetres());
    }
}
