package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Coils;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Parameter;

/**
 * A coil pulled open to a pitch.
 */
@AutoService(Form.class)
public final class CoilStretched implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("coil-stretched", Family.COILS, "stretched coil", "a coil pulled open to a pitch", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<>(Coils.parameters(3, 10, 300, 20));
        all.add(Parameter.length(
                "pitch",
                "from turn to turn",
                d -> 2.5 * d,
                d -> d,
                d -> 20 * d,
                "Closer than the wire it is a tight coil."));
        return all;
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("stretched spring", "open coil", "spring");
    }

    @Override
    public String on() {
        return Coils.ROD;
    }

    @Override
    public void make(FormMaker m) {
        Coils.single(m, "coil", m.mm("pitch"));
    }
}
