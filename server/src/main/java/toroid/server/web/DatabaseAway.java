package toroid.server.web;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
import org.hibernate.exception.JDBCConnectionException;

/** Whether what went wrong is that the database is not there, or has no room: nobody's question was at fault, and it is asked again. */
final class DatabaseAway {
    /** Classes of SQLSTATE (PostgreSQL 15, appendix A): connection exceptions, insufficient resources, operator intervention. */
    private static final Set<String> CLASSES = Set.of("08", "53", "57");

    /** Called off by its asker, of that last class: the database is there. */
    private static final String CALLED_OFF = "57014";

    private static final String DISK_FULL = "53100";

    private DatabaseAway() {}

    static boolean is(Throwable fault) {
        int depth = 0;
        for (Throwable one = fault; one != null && depth < MOST_CAUSES; one = one.getCause(), depth++) {
            if (one instanceof JDBCConnectionException || one instanceof SQLTransientConnectionException) {
                return true;
            }
            if (one instanceof SQLException told && isAway(told)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it has no room left to write: PostgreSQL's {@code disk_full}. */
    static boolean isFull(Throwable fault) {
        int depth = 0;
        for (Throwable one = fault; one != null && depth < MOST_CAUSES; one = one.getCause(), depth++) {
            if (one instanceof SQLException told && DISK_FULL.equals(told.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    /** The pool tells of a connection that broke before without a state. */
    private static boolean isAway(SQLException told) {
        String state = told.getSQLState();
        if (state == null) {
            return told.getMessage() != null && told.getMessage().contains("Connection is closed");
        }
        return state.length() == 5 && !state.equals(CALLED_OFF) && CLASSES.contains(state.substring(0, 2));
    }

    private static final int MOST_CAUSES = 20;
}
