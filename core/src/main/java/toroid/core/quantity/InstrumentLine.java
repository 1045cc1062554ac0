package toroid.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Unit;

/**
 * One line of a caliper or a scale: a number and its unit, {@code 3.26 mm}, {@code 0,128 in}, {@code 12.34 g}; a question mark before or
 * after says that it has not come to rest. Without a unit it is in the instrument's own.
 *
 * @param value mm or g
 * @param unit {@link Unit#MM} or {@link Unit#GRAMS}
 * @param steady whether it has come to rest
 */
public record InstrumentLine(double value, Unit unit, boolean steady) {
    /** No instrument says more in a line. */
    public static final int LONGEST = 64;

    private static final Pattern LINE =
            Pattern.compile("(\\?)?\\s*([+-]?\\d{1,7}(?:[.,]\\d{1,6})?)\\s*(mm|cm|in|\"|mg|g|kg)?\\s*(\\?)?");

    private static final double INCH_MM = Length.ofInches(1).inMillimetres();

    private static final Map<String, Double> MM = Map.of("mm", 1.0, "cm", 10.0, "in", INCH_MM, "\"", INCH_MM);
    private static final Map<String, Double> GRAMS = Map.of("g", 1.0, "mg", 0.001, "kg", 1000.0);

    /**
     * @param own what the instrument measures in where its line says nothing
     * @return nothing where the line is none, or of another kind of instrument
     */
    public static Optional<InstrumentLine> read(String line, Unit own) {
        Matcher told = LINE.matcher(line.trim().toLowerCase(Locale.ROOT));
        if (line.length() > LONGEST || !told.matches()) {
            return Optional.empty();
        }
        Map<String, Double> units = own == Unit.MM ? MM : GRAMS;
        String unit = told.group(3) == null ? own.symbol() : told.group(3);
        Double factor = units.get(unit);
        double number = Double.parseDouble(told.group(2).replace(',', '.'));
        boolean steady = told.group(1) == null && told.group(4) == null;
        return factor == null ? Optional.empty() : Optional.of(new InstrumentLine(number * factor, own, steady));
    }
}
