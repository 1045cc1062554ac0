package toroid.core.form;

import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * The maker's habits that a form follows.
 *
 * @param cutting pre-cut lengths, or straight from the spool
 * @param plainFromMm the maker's rule: plain loops are trusted from this wire on, mm; 0.8 or 1.0; {@link #ALWAYS_WRAPPED_MM} for
 *     makers who always wrap; null while no rule was chosen
 * @param tailFactor the handling tail against the form's own default, learnt or 1
 * @param learnt what measured copies say of shares that are the hand's own, by the parameter's id; empty while nothing is
 */
public record Schools(Cutting cutting, Double plainFromMm, double tailFactor, Map<String, Learnt> learnt) {
    public Schools {
        learnt = Map.copyOf(learnt);
    }

    public Schools(Cutting cutting, Double plainFromMm, double tailFactor) {
        this(cutting, plainFromMm, tailFactor, Map.of());
    }

    /** The same hand, and what its copies taught. */
    public Schools knowing(Map<String, Learnt> taught) {
        return new Schools(cutting, plainFromMm, tailFactor, taught);
    }

    /** From the spool saves the tail on one side; pre-cut lengths come out equal. */
    public enum Cutting {
        PRE_CUT,
        FROM_SPOOL
    }

    /** Thicker than any wire here: no plain loop is trusted. */
    public static final double ALWAYS_WRAPPED_MM = 100;

    /** The usual advice where no rule was chosen; common practice, some say 0.8. */
    public static final double USUAL_PLAIN_FROM_MM = 1.0;

    /** From which some leave them plain, mm: common practice. */
    static final double SOME_PLAIN_FROM_MM = 0.8;

    public static final Schools USUAL = new Schools(Cutting.PRE_CUT, null, 1);

    /**
     * A rule as the maker chose it.
     *
     * @param plainFromMm 0 to {@link #ALWAYS_WRAPPED_MM}, mm; null where none was chosen
     * @throws Refusal outside that
     */
    public static void checkPlainFrom(Double plainFromMm) {
        Checks.within(
                "plainFromMm",
                plainFromMm == null ? USUAL_PLAIN_FROM_MM : plainFromMm,
                0,
                ALWAYS_WRAPPED_MM,
                Unit.MM,
                Usual.between(SOME_PLAIN_FROM_MM, USUAL_PLAIN_FROM_MM, Unit.MM));
    }

    /**
     * @param tailFactor 0.1 to 10
     * @throws Refusal outside that
     */
    public static void checkTail(double tailFactor) {
        Checks.within("tailFactor", tailFactor, 0.1, 10, Unit.NONE, Remedy.ONE_IS_THE_FORMS_OWN_TAIL);
    }

    /** Whether the maker chose a rule of their own. */
    public boolean hasRule() {
        return plainFromMm != null;
    }

    /** From which wire on plain loops are trusted, mm: the maker's rule, else the usual advice. */
    public double plainFrom() {
        return plainFromMm == null ? USUAL_PLAIN_FROM_MM : plainFromMm;
    }

    /** Whether the maker's rule is to wrap every loop. */
    public boolean alwaysWraps() {
        return plainFrom() >= ALWAYS_WRAPPED_MM;
    }
}
