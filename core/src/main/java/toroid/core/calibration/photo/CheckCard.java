package toroid.core.calibration.photo;

/** What of known size lies in the photo beside what is measured. */
public enum CheckCard {
    /** A bank card, 85.60 × 53.98 mm and 0.76 mm thick: ISO/IEC 7810, ID-1; its corners are where its straight edges would meet. */
    BANK_CARD(85.60, 53.98, 0.76),
    /** The printed check square, 50 × 50 mm, on paper. */
    CHECK_SQUARE(50, 50, 0.1);

    private final double longMm;
    private final double wideMm;
    private final double thickMm;

    CheckCard(double longMm, double wideMm, double thickMm) {
        this.longMm = longMm;
        this.wideMm = wideMm;
        this.thickMm = thickMm;
    }

    /** Between its first and second corner, mm. */
    public double longMm() {
        return longMm;
    }

    /** Between its second and third corner, mm. */
    public double wideMm() {
        return wideMm;
    }

    /** How high its face lies above the table, mm. */
    public double thickMm() {
        return thickMm;
    }

    /** Its corners, mm, in turn. */
    double[][] corners() {
        return new double[][] {{0, 0}, {longMm, 0}, {longMm, wideMm}, {0, wideMm}};
    }
}
