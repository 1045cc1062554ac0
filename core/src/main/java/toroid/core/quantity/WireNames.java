package toroid.core.quantity;

/**
 * What a measured diameter is called: the nearest gauge in both tables with the error, and the trade name.
 *
 * @param awg nearest American wire gauge
 * @param swg nearest imperial standard wire gauge
 * @param tradeName the gauge number millimetre wire of this size is sold under, or null
 */
public record WireNames(Named awg, Named swg, String tradeName) {
    /** Drawn wire measures within about this of its nominal millimetres (common practice). */
    private static final double TRADE_TOLERANCE_MM = 0.03;

    /**
     * @param errorPercent how much thicker the measured wire is than the gauge, in percent
     */
    public record Named(String name, double diameterMm, double errorPercent) {}

    public static WireNames of(Length diameter) {
        TradeName trade = TradeName.of(diameter, TRADE_TOLERANCE_MM);
        return new WireNames(
                nearest(GaugeTable.AWG, diameter),
                nearest(GaugeTable.SWG, diameter),
                trade == null ? null : trade.calledGauge());
    }

    private static Named nearest(GaugeTable table, Length diameter) {
        int gauge = table.nearestTo(diameter);
        double nominal = table.diameterOf(gauge).inMillimetres();
        return new Named(table.nameOf(gauge), nominal, 100 * (diameter.inMillimetres() / nominal - 1));
    }
}
