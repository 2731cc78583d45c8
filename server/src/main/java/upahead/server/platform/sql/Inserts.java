package upahead.server.platform.sql;

import java.util.Arrays;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableRecord;

/** Inserts many rows by one statement that is written once and bound row by row. */
public final class Inserts {

    private Inserts() {}

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
