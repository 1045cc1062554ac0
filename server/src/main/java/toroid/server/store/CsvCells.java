package toroid.server.store;

/**
 * Words of the maker's own in a cell of a table: one that a spreadsheet would take for a formula begins with an apostrophe, which is taken
 * off again as it is read (OWASP, CSV injection).
 */
public final class CsvCells {
    private static final String FORMULA = "=+-@\t\r";

    private CsvCells() {}

    public static String harmless(String text) {
        return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    public static String asTyped(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && FORMULA.indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }
}
