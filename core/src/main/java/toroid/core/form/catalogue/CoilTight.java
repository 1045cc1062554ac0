package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.Coils;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Parameter;

/**
 * A close-wound coil on a core.
 */
@AutoService(Form.class)
public final class CoilTight implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "coil-tight", Family.COILS, "tight coil", "a close-wound coil, for a bead or a sleeve", 0.6);
    }

    @Override
    public List<Parameter> parameters() {
        return Coils.parameters(2, 20, 600, 12);
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("coil", "coils", "gimp", "bullion", "tight spring", "coil bead");
    }

    @Override
    public String on() {
        return Coils.ROD;
    }

    @Override
    public void make(FormMaker m) {
        Coils.single(m, "coil", m.d());
    }
}
