package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.payruns.PayRunStore.OF_THE_GROUP;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.periods.ClosedPeriods;

/** Through when the runs of the groups are closed; the run of a leaver closes no period. */
@Repository
class ClosedPeriodsStore implements ClosedPeriods {

    private final DSLContext sql;

    ClosedPeriodsStore(DSLContext sql) {
        this.sql = sql;
    }

    @Override
    public Optional<LocalDate> closedThrough() {
        return closedThrough(DSL.noCondition());
    }

    @Override
    public Optional<LocalDate> closedThrough(Collection<Long> payGroups) {
        return closedThrough(among(PAY_RUN.PAY_GROUP_ID, payGroups));
    }

    private Optional<LocalDate> closedThrough(Condition groups) {
        return sql.select(DSL.max(PAY_RUN.LAST_DAY))
                .from(PAY_RUN)
                .where(PAY_RUN.STATE.eq(RunState.CLOSED.name()))
                .and(PAY_RUN.OFF_CYCLE_OF.eq(OF_THE_GROUP))
                .and(groups)
                .fetchOptional(DSL.max(PAY_RUN.LAST_DAY));
    }

    @Override
    public Map<Long, LocalDate> openSince() {
        var closed = DSL.max(DSL.when(PAY_RUN.STATE.eq(RunState.CLOSED.name()), PAY_RUN.LAST_DAY));
        return sql.select(PAY_RUN.PAY_GROUP_ID, closed, DSL.min(PAY_RUN.FIRST_DAY))
                .from(PAY_RUN)
                .where(PAY_RUN.OFF_CYCLE_OF.eq(OF_THE_GROUP))
                .groupBy(PAY_RUN.PAY_GROUP_ID)
                .fetchMap(
                        PAY_RUN.PAY_GROUP_ID,
                        row -> row.value2() == null
                                ? row.value3()
                                : row.value2().plusDays(1));
    }
}
