package upahead.server.platform.sql;

import java.sql.ResultSet;
import java.sql.SQLException;
import org.jooq.ResultQuery;
import org.jooq.exception.DataAccessException;

/** Reads the rows of a query one by one, without keeping them: for the facts of many people, of which there are millions. */
public final class Rows {

    private Rows() {}

    /** Takes one row. */
    @FunctionalInterface
    public interface Reader {
        void read(ResultSet row) throws SQLException;
    }

    public static void each(ResultQuery<?> query, Reader reader) {
        try (ResultSet rows = query.fetchResultSet()) {
            while (rows.next()) {
                reader.read(rows);
            }
        } catch (SQLException failed) {
            throw new DataAccessException("rows cannot be read", failed);
        }
    }
}
