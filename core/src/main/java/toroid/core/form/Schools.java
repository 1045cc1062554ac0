package toroid.core.form;

/**
 * The maker's habits that a form follows.
 *
 * @param cutting pre-cut lengths, or straight from the spool
 * @param plainFromMm plain loops are trusted from this wire on, mm; 0.8 or 1.0; {@link #ALWAYS_WRAPPED_MM} for makers who always wrap
 * @param tailFactor the handling tail against the form's own default, learnt or 1
 */
public record Schools(Cutting cutting, double plainFromMm, double tailFactor) {
    /** From the spool saves the tail on one side; pre-cut lengths come out equal. */
    public enum Cutting {
        PRE_CUT,
        FROM_SPOOL
    }

    /** Thicker than any wire here: no plain loop is trusted. */
    public static final double ALWAYS_WRAPPED_MM = 100;

    public static final Schools USUAL = new Schools(Cutting.PRE_CUT, 1.0, 1);

    /** Whether the maker's rule is to wrap every loop. */
    public boolean alwaysWraps() {
        return plainFromMm >= ALWAYS_WRAPPED_MM;
    }
}
