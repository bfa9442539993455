package strophos.server.growth;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/** Rows of one table on their way into the database, by COPY. */
final class Copy implements AutoCloseable {

    private static final int FLUSH_AT = 1 << 16;

    private final CopyIn in;
    private final StringBuilder text = new StringBuilder(FLUSH_AT * 2);

    /** @param columns the table's, in the order in which they are given */
    Copy(Connection connection, String table, String columns) throws SQLException {
        in = connection
                .unwrap(PGConnection.class)
                .getCopyAPI()
                .copyIn("copy %s (%s) from stdin".formatted(table, columns));
    }

    /** One row; null is none. Texts hold no tabs, line ends or backslashes. */
    void row(Object... values) {
        for (int i = 0; i < values.length; i++) {
            text.append(i == 0 ? "" : "\t").append(values[i] == null ? "\\N" : values[i]);
        }
        text.append('\n');
        if (text.length() > FLUSH_AT) {
            flush();
        }
    }

    private void flush() {
        byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
        text.setLength(0);
        try {
            in.writeToCopy(bytes, 0, bytes.length);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        flush();
        try {
            in.endCopy();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
