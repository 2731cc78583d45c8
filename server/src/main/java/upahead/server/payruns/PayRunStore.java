package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.PAY_RUN_EVENT;
import static upahead.server.organisation.OrganisationJoined.PAY_GROUP_NAME;
import static upahead.server.organisation.OrganisationJoined.payGroups;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.server.database.tables.records.PayRunRecord;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.words.Words;

/** Runs, and what was done to them. */
@Repository
class PayRunStore implements ThingNames {

    /** Stands where a run of a leaver names the person. */
    static final long OF_THE_GROUP = 0;

    private final DSLContext sql;

    PayRunStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(long payGroupId, DateSpan period, LocalDate paysOn) {
        return add(payGroupId, period, paysOn, OF_THE_GROUP);
    }

    private long add(long payGroupId, DateSpan period, LocalDate paysOn, long offCycleOf) {
        return sql.insertInto(PAY_RUN)
                .set(PAY_RUN.PAY_GROUP_ID, payGroupId)
                .set(PAY_RUN.FIRST_DAY, period.first())
                .set(PAY_RUN.LAST_DAY, period.last())
                .set(PAY_RUN.PAYS_ON, paysOn)
                .set(PAY_RUN.STATE, RunState.GATHERING.name())
                .set(PAY_RUN.OFF_CYCLE_OF, offCycleOf)
                .returningResult(PAY_RUN.ID)
                .fetchOne(PAY_RUN.ID);
    }

    Optional<PayRun> find(long id) {
        return sql.selectFrom(PAY_RUN).where(PAY_RUN.ID.eq(id)).fetchOptional(PayRunStore::run);
    }

    /** The runs of a group, newest first. */
    List<PayRun> ofGroup(long payGroupId) {
        return sql.selectFrom(PAY_RUN)
                .where(PAY_RUN.PAY_GROUP_ID.eq(payGroupId))
                .and(PAY_RUN.OFF_CYCLE_OF.eq(OF_THE_GROUP))
                .orderBy(PAY_RUN.FIRST_DAY.desc())
                .fetch(PayRunStore::run);
    }

    /** The runs of leavers in a group, the newest first. */
    List<PayRun> ofLeavers(long payGroupId) {
        return sql.selectFrom(PAY_RUN)
                .where(PAY_RUN.PAY_GROUP_ID.eq(payGroupId))
                .and(PAY_RUN.OFF_CYCLE_OF.ne(OF_THE_GROUP))
                .orderBy(PAY_RUN.FIRST_DAY.desc(), PAY_RUN.ID.desc())
                .fetch(PayRunStore::run);
    }

    long addOfLeaver(PayRun group, long personId) {
        return add(group.payGroupId(), group.period(), group.paysOn(), personId);
    }

    /** The runs of a group and of its leavers that are not closed. */
    List<PayRun> openOf(long payGroupId) {
        return sql.selectFrom(PAY_RUN)
                .where(PAY_RUN.PAY_GROUP_ID.eq(payGroupId))
                .and(PAY_RUN.STATE.ne(RunState.CLOSED.name()))
                .fetch(PayRunStore::run);
    }

    /** Has a run paid on a day. */
    void pay(long id, LocalDate on) {
        sql.update(PAY_RUN).set(PAY_RUN.PAYS_ON, on).where(PAY_RUN.ID.eq(id)).execute();
    }

    /** All closed runs, the oldest first. */
    List<PayRun> closed() {
        return sql.selectFrom(PAY_RUN)
                .where(PAY_RUN.STATE.eq(RunState.CLOSED.name()))
                .orderBy(PAY_RUN.FIRST_DAY, PAY_RUN.ID)
                .fetch(PayRunStore::run);
    }

    /** The newest closed run of a group that ends before a day. */
    Optional<PayRun> closedBefore(long payGroupId, LocalDate day) {
        return closedBefore(payGroupId, day, 1).stream().findFirst();
    }

    /** The newest late change that the close of a run has seen. */
    long changesSeen(long id) {
        return sql.select(PAY_RUN.CHANGES_SEEN)
                .from(PAY_RUN)
                .where(PAY_RUN.ID.eq(id))
                .fetchOne(PAY_RUN.CHANGES_SEEN);
    }

    /** Marks a run that gathers as checked, or a checked one as checked anew. */
    void check(long id, LocalDateTime at, String by) {
        sql.update(PAY_RUN)
                .set(PAY_RUN.STATE, RunState.CHECKED.name())
                .set(PAY_RUN.CHECKED_AT, at)
                .set(PAY_RUN.CHECKED_BY, by)
                .where(PAY_RUN.ID.eq(id))
                .execute();
    }

    /** Lets a run gather again that was checked at a moment; tells whether it is still checked as of that moment. */
    boolean gatherAgain(PayRun run) {
        return sql.update(PAY_RUN)
                        .set(PAY_RUN.STATE, run.closings() > 0 ? RunState.UNDONE.name() : RunState.GATHERING.name())
                        .setNull(PAY_RUN.CHECKED_AT)
                        .setNull(PAY_RUN.CHECKED_BY)
                        .where(PAY_RUN.ID.eq(run.id()))
                        .and(PAY_RUN.STATE.eq(RunState.CHECKED.name()))
                        .and(PAY_RUN.CHECKED_AT.eq(run.checkedAt()))
                        .execute()
                == 1;
    }

    /** The last runs of a group that are closed and end before a day, the newest first. */
    List<PayRun> closedBefore(long payGroupId, LocalDate day, int most) {
        return ofGroup(payGroupId).stream()
                .filter(run -> run.isClosed() && run.lastDay().isBefore(day))
                .limit(most)
                .toList();
    }

    /** Closes a checked run; tells whether it was checked. */
    boolean close(long id, LocalDateTime at, String by, long changesSeen) {
        return sql.update(PAY_RUN)
                        .set(PAY_RUN.STATE, RunState.CLOSED.name())
                        .set(PAY_RUN.CLOSED_AT, at)
                        .set(PAY_RUN.CLOSED_BY, by)
                        .set(PAY_RUN.CLOSINGS, PAY_RUN.CLOSINGS.plus(1))
                        .set(PAY_RUN.CHANGES_SEEN, changesSeen)
                        .where(PAY_RUN.ID.eq(id))
                        .and(PAY_RUN.STATE.eq(RunState.CHECKED.name()))
                        .execute()
                == 1;
    }

    /** Opens a closed run again; tells whether it was closed. */
    boolean undo(long id) {
        return sql.update(PAY_RUN)
                        .set(PAY_RUN.STATE, RunState.UNDONE.name())
                        .setNull(PAY_RUN.CLOSED_AT)
                        .setNull(PAY_RUN.CLOSED_BY)
                        .setNull(PAY_RUN.CHECKED_AT)
                        .setNull(PAY_RUN.CHECKED_BY)
                        .where(PAY_RUN.ID.eq(id))
                        .and(PAY_RUN.STATE.eq(RunState.CLOSED.name()))
                        .execute()
                == 1;
    }

    void addEvent(long id, RunEvent event) {
        sql.insertInto(PAY_RUN_EVENT)
                .set(PAY_RUN_EVENT.PAY_RUN_ID, id)
                .set(PAY_RUN_EVENT.AT, event.at())
                .set(PAY_RUN_EVENT.ACTOR, event.actor())
                .set(PAY_RUN_EVENT.WHAT, event.what().name())
                .set(PAY_RUN_EVENT.REASON, event.reason())
                .execute();
    }

    List<RunEvent> events(long id) {
        return sql.selectFrom(PAY_RUN_EVENT)
                .where(PAY_RUN_EVENT.PAY_RUN_ID.eq(id))
                .orderBy(PAY_RUN_EVENT.ID)
                .fetch(row -> new RunEvent(
                        row.getAt(), row.getActor(), RunEvent.What.valueOf(row.getWhat()), row.getReason()));
    }

    static PayRun run(PayRunRecord row) {
        return new PayRun(
                row.getId(),
                row.getPayGroupId(),
                row.getFirstDay(),
                row.getLastDay(),
                row.getPaysOn(),
                RunState.valueOf(row.getState()),
                row.getOffCycleOf() == OF_THE_GROUP ? null : row.getOffCycleOf(),
                row.getClosings(),
                row.getCheckedAt(),
                row.getCheckedBy(),
                row.getClosedAt(),
                row.getClosedBy());
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.PAY_RUN);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return payGroups(
                        sql.select(PAY_RUN.ID, PAY_GROUP_NAME, PAY_RUN.FIRST_DAY, PAY_RUN.LAST_DAY)
                                .from(PAY_RUN),
                        PAY_RUN.PAY_GROUP_ID)
                .where(among(PAY_RUN.ID, ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> row.value2() + ", " + Words.span(new DateSpan(row.value3(), row.value4())));
    }
}
