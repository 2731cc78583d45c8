package upahead.server.platform.sql;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableRecord;
import org.jooq.conf.ParamType;

/** Inserts many rows by one statement that is written once and bound row by row. */
public final class Inserts {

    private static final int BATCH = 2000;

    private Inserts() {}

    /** Binds the values of a row. */
    public interface Binder<T> {

        void bind(PreparedStatement row, T value) throws SQLException;
    }

    /**
     * Inserts rows whose values are bound by hand, for what a close of many people is bound by.
     *
     * @param fields in the order in which they are bound, from 1 on
     */
    public static <T> void byHand(
            DSLContext sql, Table<?> table, List<Field<?>> fields, List<T> rows, Binder<T> binder) {
        if (rows.isEmpty()) {
            return;
        }
        String insert =
                sql.insertInto(table, fields).values(new Object[fields.size()]).getSQL(ParamType.INDEXED);
        sql.connection(connection -> {
            try (PreparedStatement batch = connection.prepareStatement(insert)) {
                int waiting = 0;
                for (T row : rows) {
                    binder.bind(batch, row);
                    batch.addBatch();
                    if (++waiting == BATCH) {
                        batch.executeBatch();
                        waiting = 0;
                    }
                }
                batch.executeBatch();
            }
        });
    }

    /**
     * @param rows of one table, in each of which the same fields are set
     */
    public static void all(DSLContext sql, List<? extends TableRecord<?>> rows) {
        if (rows.isEmpty()) {
            return;
        }
        TableRecord<?> first = rows.get(0);
        List<Field<?>> fields =
                Arrays.stream(first.fields()).filter(first::changed).toList();
        var batch = sql.batch(sql.insertInto(first.getTable(), fields).values(new Object[fields.size()]));
        for (TableRecord<?> row : rows) {
            batch.bind(fields.stream().map(row::get).toArray());
        }
        batch.execute();
    }
}
