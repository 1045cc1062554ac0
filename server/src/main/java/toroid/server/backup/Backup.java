package toroid.server.backup;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.postgresql.PGConnection;

/** Makes backups: every table as it stood at one moment, while others go on writing. */
final class Backup {
    private Backup() {}

    /**
     * @param connection of its own: nothing else is done with it meanwhile
     * @return what the file says of itself
     * @throws NoBackup when the database holds no workshop
     */
    static Manifest write(Connection connection, String schema, OutputStream to, Instant now)
            throws SQLException, IOException {
        return asOfOneMoment(connection, () -> {
            String version = Tables.version(connection, schema);
            if (version == null) {
                throw new NoBackup("There is no workshop in this database yet. Start Toroid once first.");
            }
            var made = new ArrayList<Manifest.TableMade>();
            var zip = new ZipOutputStream(to);
            for (String table : Tables.of(connection, schema)) {
                made.add(table(connection, schema, table, zip));
            }
            var manifest = new Manifest(Manifest.FORMAT, Manifest.VERSION, version, now.toString(), made);
            zip.putNextEntry(new ZipEntry(Manifest.NAME));
            zip.write(new ObjectMapper().writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
            zip.closeEntry();
            zip.finish();
            return manifest;
        });
    }

    /** Reads. */
    interface Reading<T> {
        T read() throws SQLException, IOException;
    }

    /** All that is read sees the workshop as it stood at one moment. */
    static <T> T asOfOneMoment(Connection connection, Reading<T> reading) throws SQLException, IOException {
        connection.setAutoCommit(false);
        connection.setReadOnly(true);
        connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
        try {
            return reading.read();
        } finally {
            connection.rollback();
            connection.setReadOnly(false);
        }
    }

    private static Manifest.TableMade table(Connection connection, String schema, String table, ZipOutputStream zip)
            throws SQLException, IOException {
        zip.putNextEntry(new ZipEntry("tables/" + table + ".csv"));
        var told = new DigestOutputStream(zip, sha256());
        long rows =
                connection.unwrap(PGConnection.class).getCopyAPI().copyOut(Tables.out(connection, schema, table), told);
        zip.closeEntry();
        return new Manifest.TableMade(
                table, rows, HexFormat.of().formatHex(told.getMessageDigest().digest()));
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
