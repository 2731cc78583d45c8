package upahead.bench;

import java.util.ArrayList;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.TableRecord;

/** Rows that are inserted by the thousand. */
final class Rows implements AutoCloseable {

    private static final int BATCH = 5_000;

    private final DSLContext sql;
    private final List<TableRecord<?>> rows = new ArrayList<>();

    Rows(DSLContext sql) {
        this.sql = sql;
    }

    void add(TableRecord<?> row) {
        rows.add(row);
        if (rows.size() >= BATCH) {
            flush();
        }
    }

    void flush() {
        sql.batchInsert(rows).execute();
        rows.clear();
    }

    @Override
    public void close() {
        flush();
    }
}
