package toroid.core.piece;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Forms;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Schools;
import toroid.core.form.Solid;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.Note;
import toroid.core.ring.Ring;

/** Works the parts of a piece out, each kind once. */
public final class Parts {
    /**
     * What all wire of a piece is of.
     *
     * @param schools the maker's habits
     */
    public record Stuff(Metal metal, Temper temper, Schools schools) {}

    /** Who works forms out: with what this hand's copies taught, where it is known. */
    public interface Maker {
        /** @throws Refusal when it cannot be made so */
        FormWork work(Form form, FormRequest request);
    }

    private final Stuff stuff;
    private final Maker maker;
    private final Map<PartSpec, PartWork> worked = new HashMap<>();

    public Parts(Stuff stuff, Maker maker) {
        this.stuff = stuff;
        this.maker = maker;
    }

    /** @throws Refusal for a form that cannot be made so, or that hangs from nothing */
    public PartWork of(PartSpec spec) {
        PartWork known = worked.get(spec);
        if (known == null) {
            known = spec instanceof PartSpec.OfRing ring ? ring(ring) : form((PartSpec.OfForm) spec);
            worked.put(spec, known);
        }
        return known;
    }

    /** A ring's two bearing points are its diameter apart: {@code L = ID}. */
    private PartWork ring(PartSpec.OfRing spec) {
        Ring ring = spec.ring();
        var port = new Port(
                "ring",
                "ring",
                Vector3D.ZERO,
                Vector3D.PLUS_K,
                ring.innerDiameterMm(),
                ring.wireDiameterMm(),
                0,
                spec.soldered() ? Opening.NEVER : Opening.SIDEWAYS);
        return new PartWork(
                spec,
                "ring",
                port,
                port,
                ring.innerDiameterMm(),
                ring.massGrams(stuff.metal().densityGramsPerCubicCentimetre()),
                List.of(),
                2 * ring.wireDiameterMm());
    }

    private PartWork form(PartSpec.OfForm spec) {
        Form form = Forms.byId(spec.formId());
        if (form.comesApart()) {
            throw Refusal.of(RefusalCode.PART_IS_SEVERAL, "piece", spec.formId())
                    .with("form", form.info().name());
        }
        double wire = spec.wireMm() == null ? form.info().usualWireMm() : spec.wireMm();
        FormWork work = maker.work(
                form,
                new FormRequest(
                        wire,
                        stuff.metal(),
                        stuff.temper(),
                        FlowEstimate.ofHandbook(stuff.metal().flow(stuff.temper())),
                        spec.values(),
                        false,
                        stuff.schools()));
        work.notes().stream()
                .filter(note -> note.severity() == Note.Severity.STOP)
                .findFirst()
                .ifPresent(note -> {
                    throw Refusal.of(RefusalCode.PART_CANNOT_BE_MADE, "piece", spec.formId())
                            .with("form", form.info().name())
                            .with("note", note.code());
                });
        return worked(spec, form, work);
    }

    private static PartWork worked(PartSpec.OfForm spec, Form form, FormWork work) {
        List<Port> ports = work.ports().stream()
                .filter(port -> port.opens() != Opening.WORN && port.carriesMm() == 0)
                .toList();
        if (ports.isEmpty()) {
            throw Refusal.of(RefusalCode.PART_HANGS_FROM_NOTHING, "piece", spec.formId())
                    .with("form", form.info().name());
        }
        Port[] ends = ends(ports);
        return new PartWork(
                spec,
                form.info().name(),
                ends[0],
                ends[1],
                ends[1] == null ? hangs(work, ends[0]) : span(ends[0], ends[1]),
                work.wireMassG(),
                work.wires().stream().map(one -> cut(work, one)).toList(),
                thick(work));
    }

    private static PartWork.Cut cut(FormWork work, FormedWire wire) {
        return new PartWork.Cut(
                wire.name(),
                wire.diameterMm(),
                work.request().metalOf(wire.name()).id(),
                wire.toCut().inMillimetres());
    }

    /** The two ports furthest apart, in the order the form tells them; the second null where there is but one. */
    private static Port[] ends(List<Port> ports) {
        Port[] ends = {ports.get(0), null};
        double most = 0;
        for (int a = 0; a < ports.size(); a++) {
            for (int b = a + 1; b < ports.size(); b++) {
                double span = span(ports.get(a), ports.get(b));
                if (span > most) {
                    most = span;
                    ends = new Port[] {ports.get(a), ports.get(b)};
                }
            }
        }
        return ends;
    }

    /** From bearing point to bearing point along the line through both middles. Exact. */
    static double span(Port first, Port last) {
        Vector3D along = last.centre().subtract(first.centre());
        return first.bearing(along.negate()).distance(last.bearing(along));
    }

    /** From the bearing point down to the lowest of it, hung so that the middle of its wire is below its port; beads included. */
    private static double hangs(FormWork work, Port port) {
        Vector3D middle = middle(work).subtract(port.centre());
        Vector3D down = middle.getNorm() < 1e-9 ? port.axis().orthogonal() : middle.normalize();
        Vector3D bearing = port.bearing(down.negate());
        double lowest = 0;
        for (FormedWire wire : work.wires()) {
            for (var point : wire.program().sampled(0.01 * wire.diameterMm(), wire.diameterMm())) {
                double low = point.frame().position().subtract(bearing).dotProduct(down);
                lowest = Math.max(lowest, low + wire.diameterMm() / 2);
            }
        }
        for (Solid solid : work.solids()) {
            double low = solid.centre().subtract(bearing).dotProduct(down);
            lowest = Math.max(lowest, low + solid.reachMm(down));
        }
        return lowest;
    }

    /** The middle of its wires by length, each weighed by its section. */
    private static Vector3D middle(FormWork work) {
        Vector3D sum = Vector3D.ZERO;
        double all = 0;
        for (FormedWire wire : work.wires()) {
            double length = wire.program().lengthMm();
            int parts = (int) Math.ceil(length / wire.diameterMm());
            double weight = wire.diameterMm() * wire.diameterMm() * length / parts;
            for (int i = 0; i < parts; i++) {
                Vector3D place = wire.program().at((i + 0.5) * length / parts).position();
                sum = new Vector3D(1, sum, weight, place);
                all += weight;
            }
        }
        return sum.scalarMultiply(1 / all);
    }

    private static double thick(FormWork work) {
        double bead = work.solids().stream()
                .filter(solid -> solid.kind() == Solid.Kind.BEAD)
                .mapToDouble(Solid::diameterMm)
                .max()
                .orElse(0);
        return Math.max(bead, 2 * work.request().wireDiameterMm());
    }
}
