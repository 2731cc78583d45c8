package upahead.server.policies;

import static upahead.server.database.Tables.POLICY;

import java.util.List;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectJoinStep;
import org.jooq.SelectOnConditionStep;
import upahead.core.quantity.Unit;

/** The pieces of SQL by which other stores name policies in their lists. */
public final class PoliciesJoined {

    public static final Field<String> POLICY_NAME = POLICY.NAME;
    private static final Field<String> UNIT = POLICY.UNIT;
    /** Who sees absences under it. */
    public static final Field<String> SEEN_BY = POLICY.SEEN_BY;
    /** Whether they see its kind, too. */
    public static final Field<Boolean> KIND_SHOWS = POLICY.KIND_SHOWS;

    /** What the readers of this class need of a policy. */
    public static final List<Field<?>> FIELDS = List.of(POLICY_NAME, UNIT);

    private PoliciesJoined() {}

    /** A list with its policies; each of its rows has one. */
    public static <R extends Record> SelectOnConditionStep<R> policies(SelectJoinStep<R> list, Field<Long> policyId) {
        return list.join(POLICY).on(POLICY.ID.eq(policyId));
    }

    public static Unit unit(Record row) {
        return Unit.valueOf(row.get(UNIT));
    }
}
