package upahead.server.platform.sql;

import java.util.Collection;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;

/** Conditions that stores share. */
public final class Among {

    private Among() {}

    /**
     * Whether a key is one of many. The keys stand in the statement as numbers: the database then looks them up in a
     * set instead of comparing each row with one bound value after the other.
     */
    public static Condition among(Field<Long> key, Collection<Long> keys) {
        return key.in(keys.stream().map(DSL::inline).toList());
    }
}
