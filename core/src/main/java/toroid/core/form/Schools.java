package toroid.core.form;

/**
 * The maker's habits that a form follows.
 *
 * @param cutting pre-cut lengths, or straight from the spool
 * @param plainFromMm plain loops are trusted from this wire on, mm; 0.8, 1.0 or infinite for always wrapped
 * @param tailFactor the handling tail against the form's own default, learnt or 1
 */
public record Schools(Cutting cutting, double plainFromMm, double tailFactor) {
    /** From the spool saves the tail on one side; pre-cut lengths come out equal. */
    public enum Cutting {
        PRE_CUT,
        FROM_SPOOL
    }

    public static final Schools USUAL = new Schools(Cutting.PRE_CUT, 1.0, 1);
}
