package upahead.server.platform.sql;

import static upahead.server.platform.sql.Among.among;

import java.util.Collection;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableField;

/** Reads what the rows of a table are called. */
public final class NamesById {

    private NamesById() {}

    /** The names of some rows by their ids; a row that is not there has none. */
    public static Map<Long, String> of(
            DSLContext sql, TableField<?, Long> id, Field<String> name, Collection<Long> ids) {
        return sql.select(id, name).from(id.getTable()).where(among(id, ids)).fetchMap(id, name);
    }
}
