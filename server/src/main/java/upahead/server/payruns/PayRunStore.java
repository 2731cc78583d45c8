package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.POSTED_LINE;
import static upahead.server.sql.Among.among;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.PayRunRecord;
import upahead.server.database.tables.records.PostedLineRecord;

/** Runs, and the lines they froze. Posted lines are only ever added. */
@Repository
class PayRunStore {

    private static final int BATCH = 2000;

    /** The account a line belongs to. */
    record AccountKey(long personId, long policyId) {}

    /** A frozen line. */
    record Posted(long runId, AccountKey account, NewPosting line) {}

    private final DSLContext sql;

    PayRunStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(long payGroupId, DateSpan period) {
        return sql.insertInto(PAY_RUN)
                .set(PAY_RUN.PAY_GROUP_ID, payGroupId)
                .set(PAY_RUN.FIRST_DAY, period.first())
                .set(PAY_RUN.LAST_DAY, period.last())
                .set(PAY_RUN.STATE, RunState.GATHERING.name())
                .returningResult(PAY_RUN.ID)
                .fetchOne(PAY_RUN.ID);
    }

    Optional<PayRun> find(long id) {
        return sql.selectFrom(PAY_RUN).where(PAY_RUN.ID.eq(id)).fetchOptional(PayRunStore::run);
    }

    List<PayRun> ofGroup(long payGroupId) {
        return sql.selectFrom(PAY_RUN)
                .where(PAY_RUN.PAY_GROUP_ID.eq(payGroupId))
                .orderBy(PAY_RUN.FIRST_DAY.desc())
                .fetch(PayRunStore::run);
    }

    /** Closes a run if nobody has yet; tells whether it was still open. */
    boolean close(long id, LocalDateTime at, String by) {
        return sql.update(PAY_RUN)
                        .set(PAY_RUN.STATE, RunState.CLOSED.name())
                        .set(PAY_RUN.CLOSED_AT, at)
                        .set(PAY_RUN.CLOSED_BY, by)
                        .where(PAY_RUN.ID.eq(id))
                        .and(PAY_RUN.STATE.eq(RunState.GATHERING.name()))
                        .execute()
                == 1;
    }

    void post(List<Posted> lines) {
        for (int from = 0; from < lines.size(); from += BATCH) {
            sql.batchInsert(lines.subList(from, Math.min(lines.size(), from + BATCH)).stream()
                            .map(this::row)
                            .toList())
                    .execute();
        }
    }

    Map<AccountKey, List<Posted>> posted(Collection<Long> people) {
        return sql.selectFrom(POSTED_LINE)
                .where(among(POSTED_LINE.PERSON_ID, people))
                .orderBy(POSTED_LINE.ID)
                .fetchGroups(row -> new AccountKey(row.getPersonId(), row.getPolicyId()), PayRunStore::posted);
    }

    private PostedLineRecord row(Posted posted) {
        PostedLineRecord row = sql.newRecord(POSTED_LINE);
        row.setPayRunId(posted.runId());
        row.setPersonId(posted.account().personId());
        row.setPolicyId(posted.account().policyId());
        row.setPostedOn(posted.line().on());
        row.setAbout(posted.line().about());
        row.setCorrection(posted.line().correction());
        row.setKind(posted.line().kind().name());
        row.setAmount(posted.line().amount().value());
        row.setWithheld(posted.line().withheld().value());
        row.setWhy(posted.line().why());
        return row;
    }

    private static Posted posted(PostedLineRecord row) {
        return new Posted(
                row.getPayRunId(),
                new AccountKey(row.getPersonId(), row.getPolicyId()),
                new NewPosting(
                        row.getPostedOn(),
                        row.getAbout(),
                        row.getCorrection(),
                        LineKind.valueOf(row.getKind()),
                        new Amount(row.getAmount()),
                        new Amount(row.getWithheld()),
                        row.getWhy()));
    }

    private static PayRun run(PayRunRecord row) {
        return new PayRun(
                row.getId(),
                row.getPayGroupId(),
                row.getFirstDay(),
                row.getLastDay(),
                RunState.valueOf(row.getState()),
                row.getClosedAt(),
                row.getClosedBy());
    }
}
