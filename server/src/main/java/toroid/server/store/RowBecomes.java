package toroid.server.store;

/** What becomes of a row of a table that is taken in. */
public enum RowBecomes {
    ADDED,
    CHANGED,
    ALIKE,
    REFUSED
}
