package toroid.server.backup;

/** The database was used by a newer Toroid. */
final class NewerDatabase extends RuntimeException {
    NewerDatabase(String there, String known) {
        super(
                "This workshop was opened by a newer Toroid: its tables are of version " + there
                        + ", and this one knows them up to " + known
                        + ". Nothing was changed. Start the newer one, or restore a backup made before into an empty database.");
    }
}
