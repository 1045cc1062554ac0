package toroid.core.bench;

import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Family;
import toroid.core.form.FormStep;

/** The usual cautions with a forming step, and the stage it belongs to. */
public final class FormCautions {
    private FormCautions() {}

    public static List<Caution> of(FormStep step, Family family) {
        var cautions = new ArrayList<Caution>();
        switch (step.kind()) {
            case CUT, TRIM, HARDEN -> cautions.add(Caution.GLASSES_ENDS_FLY);
            case BALL, SOLDER, ANNEAL -> cautions.add(Caution.TORCH);
            case DRILL -> cautions.add(Caution.DRILLING);
            case HAMMER -> cautions.add(Caution.HAMMERING);
            case GLUE -> cautions.add(Caution.GLUE);
            case CRIMP -> cautions.add(Caution.FINGERS_IN_WHEELS);
            case FILE -> {
                if (family == Family.EAR_FINDINGS) {
                    cautions.add(Caution.WORN_IN_AN_EAR);
                }
            }
            default -> {}
        }
        return cautions;
    }

    /** The label on the thread. */
    public static JobThread.Stage stageOf(FormStep step) {
        if (step.readies()) {
            return JobThread.Stage.WIRE;
        }
        return switch (step.kind()) {
            case CUT, MARK -> JobThread.Stage.CUT;
            case SOLDER, THREAD, GLUE -> JobThread.Stage.JOIN;
            case TRIM, FILE, HAMMER, DRILL -> JobThread.Stage.FINISH;
            default -> JobThread.Stage.FORM;
        };
    }
}
