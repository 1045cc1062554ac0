package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.ScrewRun;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Formers;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.Solid;
import toroid.core.form.WireMaker;
import toroid.core.quantity.NoteCode;

/**
 * A coil on a rod no larger than the cord; the last turn lifted opposite the cut end as an eye, the first turn nipped into the
 * cord, glued.
 */
@AutoService(Form.class)
public final class CordEnd implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "cord-end", Family.COILS, "cord end", "a coil that grips a cord, its last turn an eye", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("cord", "cord", 3, 0.8, 20, "Measure the cord, not stretched."),
                Parameter.fixed("rod", "wound on", 3, 0.8, 20, "A rod no larger than the cord."),
                Parameter.length("long", "coil, long", d -> 10, d -> 3 * d, d -> 40, "About 1 cm is usual."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("cord cap", "crimp end", "leather end", "cord ends", "end cap");
    }

    @Override
    public String on() {
        return "rod";
    }

    /** A coil so much wider than the cord still nips it once its first turn is pressed in. Common practice, our own figure. */
    private static final double LOOSE = 1.05;

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double turns = Math.floor(m.mm("long") / d) + 0.5;
        double inside = Formers.sprungMm(m, "rod");
        double radius = (inside + d) / 2;
        if (inside > m.mm("cord") * LOOSE) {
            m.care(NoteCode.CORD_END_LOOSE, Map.of("rodMm", m.mm("rod"), "insideMm", inside, "cordMm", m.mm("cord")));
        }
        m.solid(new Solid(
                Solid.Kind.CORD,
                new Vector3D(-m.mm("long") / 2, 0, 0),
                Vector3D.PLUS_I,
                Math.min(m.mm("cord"), inside),
                2 * m.mm("long"),
                0));
        WireMaker coil = m.wire(
                "cord end",
                new Frame(
                        new Vector3D(0, radius, 0),
                        new Vector3D(d, 0, 2 * Math.PI * radius).normalize(),
                        Vector3D.MINUS_J));
        coil.step(Kind.COIL, "on a rod no larger than the cord")
                .onRod(m.mm("rod"))
                .coil(new CoilSize(radius, d, turns, true));
        coil.step(Kind.BEND, "last turn, lifted opposite the cut end");
        coil.towards(Vector3D.PLUS_I).port("last turn", 2 * radius - d, 1, Opening.NEVER);
        coil.run(ScrewRun.arc(radius, Math.toRadians(290)));
        coil.does(Kind.GLUE, "cord in the coil").does(Kind.BEND, "first turn, nipped into the cord");
        m.done(coil.tail(3), 8, EndState.FILED);
    }
}
