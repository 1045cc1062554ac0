package toroid.server;

import java.sql.Connection;
import java.sql.SQLException;
import org.postgresql.ds.PGSimpleDataSource;

/** The database the server under test has, past the server. */
public final class TestDatabase {
    private TestDatabase() {}

    public static PGSimpleDataSource source() {
        var source = new PGSimpleDataSource();
        source.setUrl(System.getProperty("TOROID_DATABASE_URL"));
        source.setUser(System.getenv().getOrDefault("TOROID_DATABASE_USER", "toroid"));
        source.setPassword(System.getenv().getOrDefault("TOROID_DATABASE_PASSWORD", ""));
        return source;
    }

    public static void sql(String text) throws SQLException {
        try (Connection connection = source().getConnection();
                var statement = connection.createStatement()) {
            statement.execute(text);
        }
    }
}
