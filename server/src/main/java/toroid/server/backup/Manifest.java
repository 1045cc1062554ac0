package toroid.server.backup;

import java.util.List;

/**
 * What a backup says of itself.
 *
 * @param format always {@link #FORMAT}
 * @param formatVersion of the file; {@link #VERSION} is written, any up to it is read
 * @param schemaVersion of the tables, as the migrations count
 * @param madeAt as ISO 8601
 * @param tables in an order in which each comes after what it points to
 */
record Manifest(String format, int formatVersion, String schemaVersion, String madeAt, List<TableMade> tables) {
    static final String FORMAT = "toroid-backup";
    static final int VERSION = 1;
    static final String NAME = "manifest.json";

    /** @param sha256 of its CSV, hexadecimal */
    record TableMade(String name, long rows, String sha256) {
        String file() {
            return "tables/" + name + ".csv";
        }
    }

    /** How many rows in all. */
    long rows() {
        return tables.stream().mapToLong(TableMade::rows).sum();
    }
}
