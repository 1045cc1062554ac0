package toroid.core.quantity;

/** The two tables a bare gauge number may be read in. */
public enum GaugeTable {
    AWG,
    SWG;

    public Length diameterOf(int gauge) {
        return this == AWG ? AmericanWireGauge.diameterOf(gauge) : ImperialWireGauge.diameterOf(gauge);
    }

    public int nearestTo(Length diameter) {
        return this == AWG ? AmericanWireGauge.nearestTo(diameter) : ImperialWireGauge.nearestTo(diameter);
    }

    /** {@code 18 AWG}, {@code 4/0 SWG}. */
    public String nameOf(int gauge) {
        return (this == AWG ? AmericanWireGauge.nameOf(gauge) : ImperialWireGauge.nameOf(gauge)) + " " + this;
    }

    public boolean covers(int gauge) {
        return this == AWG
                ? gauge >= AmericanWireGauge.THICKEST && gauge <= AmericanWireGauge.THINNEST
                : gauge >= ImperialWireGauge.THICKEST && gauge <= ImperialWireGauge.THINNEST;
    }

    public GaugeTable other() {
        return this == AWG ? SWG : AWG;
    }
}
