package toroid.server;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** The database the server under test has, past the server. */
public final class TestDatabase {
    private TestDatabase() {}

    public static DataSource source() {
        return new DriverManagerDataSource(
                System.getProperty("TOROID_DATABASE_URL"),
                System.getenv().getOrDefault("TOROID_DATABASE_USER", "toroid"),
                System.getenv().getOrDefault("TOROID_DATABASE_PASSWORD", ""));
    }

    public static void sql(String text) throws SQLException {
        try (Connection connection = source().getConnection();
                var statement = connection.createStatement()) {
            statement.execute(text);
        }
    }
}
