package toroid.core.piece.finish;

import java.util.Set;
import toroid.core.form.FormStep;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartWork;

/**
 * What parts withstand. By what is on them, common practice of the trade, from memory:
 *
 * <table>
 * <caption>what withstands what</caption>
 * <tr><th>on the part</th><th>torch</th><th>sulphur bath</th><th>tumbler</th></tr>
 * <tr><td>wire alone</td><td>yes</td><td>yes</td><td>yes</td></tr>
 * <tr><td>glass, quartz and harder</td><td>no: cracks</td><td>yes</td><td>yes</td></tr>
 * <tr><td>other beads, pearl, shell</td><td>no</td><td>no: takes it up</td><td>no: scratches</td></tr>
 * <tr><td>cord, beading wire</td><td>no</td><td>no</td><td>no: frays, its coat wears</td></tr>
 * <tr><td>bought findings, chain, crimps</td><td>no: springs, plating</td><td>no: plating</td><td>no: plating</td></tr>
 * <tr><td>glue</td><td>no</td><td>no: warm</td><td>no: water</td></tr>
 * </table>
 */
public final class Withstands {
    private static final Set<FormStep.Kind> BY_FIRE =
            Set.of(FormStep.Kind.BALL, FormStep.Kind.SOLDER, FormStep.Kind.ANNEAL);

    private Withstands() {}

    /** Wire, and nothing else. */
    public static boolean torch(PartWork part) {
        return part.takes().bought().isEmpty();
    }

    /**
     * Bath and barrel.
     *
     * @param bent the form it is bent as; null for none
     */
    public static boolean bath(PartWork part, Bent bent, boolean hardBeads) {
        boolean glued = bent != null && bent.steps().stream().anyMatch(step -> step.kind() == FormStep.Kind.GLUE);
        return !glued && part.takes().bought().stream().allMatch(one -> hardBeads && isBead(one.kind()));
    }

    private static boolean isBead(PartWork.Bought.Kind kind) {
        return kind == PartWork.Bought.Kind.BEAD || kind == PartWork.Bought.Kind.STONE;
    }

    /** Whether it is done with a torch. */
    static boolean isByFire(FormStep step) {
        return BY_FIRE.contains(step.kind());
    }
}
