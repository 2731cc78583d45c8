package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.REQUEST_EVENT;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.decidedBy;
import static upahead.server.employment.PeopleJoined.inPayGroup;
import static upahead.server.employment.PeopleJoined.inTeam;
import static upahead.server.employment.PeopleJoined.named;
import static upahead.server.employment.PeopleJoined.peopleAtWork;
import static upahead.server.organisation.OrganisationJoined.TEAM_NAME;
import static upahead.server.platform.sql.Among.among;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;
import static upahead.server.policies.PoliciesJoined.policies;
import static upahead.server.requests.signing.SignOffJoined.signedBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Result;
import org.jooq.Select;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.quantity.Amount;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.PoliciesJoined;

/** Requests in lists: whose they are, what they are about and what became of them. */
@Repository
public class RequestListStore {

    private static final Field<LocalDate> FIRST = DSL.min(LEAVE_DAY.ON_DATE);
    private static final Field<LocalDate> LAST = DSL.max(LEAVE_DAY.ON_DATE);
    private static final Field<BigDecimal> TOTAL = DSL.sum(LEAVE_DAY.AMOUNT);
    private static final Field<BigDecimal> APPROVED_TOTAL =
            DSL.sum(DSL.when(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()), LEAVE_DAY.AMOUNT)
                    .otherwise(BigDecimal.ZERO));

    /** What each row of a list of requests has once. */
    private static final List<Field<?>> GROUPED = Stream.concat(
                    Stream.of(
                            LEAVE_REQUEST.ID,
                            LEAVE_REQUEST.PERSON_ID,
                            LEAVE_REQUEST.POLICY_ID,
                            LEAVE_REQUEST.STATE,
                            LEAVE_REQUEST.NOTE,
                            LEAVE_REQUEST.SENT_AT,
                            LEAVE_REQUEST.EDITS,
                            PERSON_NAME,
                            TEAM_NAME),
                    PoliciesJoined.FIELDS.stream())
            .toList();

    private final DSLContext sql;
    private final MovableClock clock;

    public RequestListStore(DSLContext sql, MovableClock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    public Optional<RequestSummary> find(long id) {
        return summaries(LEAVE_REQUEST.ID.eq(id), FIRST.asc(), 1, 0).stream().findFirst();
    }

    public List<RequestSummary> ofPerson(long personId, int most) {
        return summaries(LEAVE_REQUEST.PERSON_ID.eq(personId), FIRST.asc(), most, 0);
    }

    /** The requests that are asked for: waiting ones by how soon, else latest first. */
    public List<RequestSummary> asked(RequestQuery query) {
        return summaries(
                matching(query),
                query.onlyWaiting() ? FIRST.asc() : FIRST.desc(),
                query.size(),
                (long) query.page() * query.size());
    }

    public int count(RequestQuery query) {
        return sql.fetchCount(
                peopleAtWork(sql.select(LEAVE_REQUEST.ID).from(LEAVE_REQUEST), LEAVE_REQUEST.PERSON_ID, clock.today())
                        .where(matching(query)));
    }

    /** Waiting requests of a pay group with a day within some days. */
    public List<RequestSummary> waitingWithin(long payGroupId, LocalDate first, LocalDate last) {
        return summaries(
                LEAVE_REQUEST
                        .STATE
                        .eq(RequestState.WAITING.name())
                        .and(inPayGroup(payGroupId))
                        .and(LEAVE_REQUEST.ID.in(sql.select(LEAVE_DAY.REQUEST_ID)
                                .from(LEAVE_DAY)
                                .where(LEAVE_DAY.ON_DATE.between(first, last)))),
                FIRST.asc(),
                Integer.MAX_VALUE,
                0);
    }

    /** Requests with an approved day within some days, of a team or of everybody where that is null. */
    public List<RequestSummary> approvedWithin(LocalDate first, LocalDate last, Long teamId) {
        Condition approved = LEAVE_REQUEST.ID.in(sql.select(LEAVE_DAY.REQUEST_ID)
                .from(LEAVE_DAY)
                .where(LEAVE_DAY.ON_DATE.between(first, last))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO)));
        return summaries(teamId == null ? approved : approved.and(inTeam(teamId)), FIRST.asc(), Integer.MAX_VALUE, 0);
    }

    private Condition matching(RequestQuery query) {
        Condition condition = LEAVE_REQUEST.STATE.in(
                query.states().stream().map(RequestState::name).toList());
        if (query.onlyWaiting()) {
            // what is asked to be cancelled waits for an answer, too
            condition = condition.or(LEAVE_REQUEST.ID.in(
                    sql.select(LEAVE_DAY.REQUEST_ID).from(LEAVE_DAY).where(LEAVE_DAY.CANCEL_ASKED.isTrue())));
        }
        for (String word : query.words()) {
            condition = condition.and(named(word));
        }
        if (query.teamId() != null) {
            condition = condition.and(inTeam(query.teamId()));
        }
        if (query.policyId() != null) {
            condition = condition.and(LEAVE_REQUEST.POLICY_ID.eq(query.policyId()));
        }
        if (query.from() != null || query.through() != null) {
            condition = condition.and(LEAVE_REQUEST.ID.in(within(query.from(), query.through())));
        }
        return query.signer() == null
                ? condition
                : condition.and(decidedBy(query.signer())
                        .or(signedBy(query.signer(), LEAVE_REQUEST.ID))
                        .or(among(LEAVE_REQUEST.ID, query.inPlaceOfOthers())));
    }

    private Select<Record1<Long>> within(LocalDate from, LocalDate through) {
        return sql.select(LEAVE_DAY.REQUEST_ID)
                .from(LEAVE_DAY)
                .where(from == null ? DSL.noCondition() : LEAVE_DAY.ON_DATE.ge(from))
                .and(through == null ? DSL.noCondition() : LEAVE_DAY.ON_DATE.le(through));
    }

    private List<RequestSummary> summaries(Condition condition, SortField<?> order, int most, long skip) {
        var list = sql.select(LEAVE_REQUEST.asterisk(), PERSON_NAME, TEAM_NAME, FIRST, LAST, TOTAL, APPROVED_TOTAL)
                .select(PoliciesJoined.FIELDS)
                .from(LEAVE_REQUEST);
        Result<? extends Record> rows = policies(
                        peopleAtWork(list, LEAVE_REQUEST.PERSON_ID, clock.today()), LEAVE_REQUEST.POLICY_ID)
                .join(LEAVE_DAY)
                .on(LEAVE_DAY.REQUEST_ID.eq(LEAVE_REQUEST.ID))
                .where(condition)
                .groupBy(GROUPED)
                .orderBy(order, LEAVE_REQUEST.ID.asc())
                .limit(most)
                .offset(skip)
                .fetch();
        List<Long> decided = rows.stream()
                .filter(row -> !row.get(LEAVE_REQUEST.STATE).equals(RequestState.WAITING.name()))
                .map(row -> row.get(LEAVE_REQUEST.ID))
                .toList();
        Map<Long, List<LocalDate>> declined = declined(decided);
        Map<Long, List<LocalDate>> cancelAsked = cancelAsked(decided);
        Map<Long, String> answers = lastMessages(decided);
        return rows.map(row -> {
            long id = row.get(LEAVE_REQUEST.ID);
            return summary(
                    row,
                    declined.getOrDefault(id, List.of()),
                    cancelAsked.getOrDefault(id, List.of()),
                    answers.getOrDefault(id, ""));
        });
    }

    private Map<Long, List<LocalDate>> cancelAsked(Collection<Long> requests) {
        return sql.select(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE)
                .from(LEAVE_DAY)
                .where(among(LEAVE_DAY.REQUEST_ID, requests))
                .and(LEAVE_DAY.CANCEL_ASKED.isTrue())
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetchGroups(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE);
    }

    private Map<Long, List<LocalDate>> declined(Collection<Long> requests) {
        return sql.select(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE)
                .from(LEAVE_DAY)
                .where(among(LEAVE_DAY.REQUEST_ID, requests))
                .and(LEAVE_DAY.DECISION.eq(Decision.DECLINED.name()))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO))
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetchGroups(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE);
    }

    /** What was said with the last decision about each request. */
    private Map<Long, String> lastMessages(Collection<Long> requests) {
        Map<Long, String> messages = new HashMap<>();
        sql.select(REQUEST_EVENT.REQUEST_ID, REQUEST_EVENT.MESSAGE)
                .from(REQUEST_EVENT)
                .where(among(REQUEST_EVENT.REQUEST_ID, requests))
                .and(REQUEST_EVENT.WHAT.notIn("SENT", "CHANGED", "ASKED_INSTEAD", "CANCELLATION_ASKED"))
                .orderBy(REQUEST_EVENT.ID)
                .forEach(row -> messages.put(row.value1(), row.value2()));
        return messages;
    }

    private static RequestSummary summary(
            Record row, List<LocalDate> declined, List<LocalDate> cancelAsked, String answer) {
        return new RequestSummary(
                row.get(LEAVE_REQUEST.ID),
                row.get(LEAVE_REQUEST.PERSON_ID),
                row.get(PERSON_NAME),
                row.get(TEAM_NAME),
                row.get(LEAVE_REQUEST.POLICY_ID),
                row.get(POLICY_NAME),
                PoliciesJoined.unit(row),
                RequestState.valueOf(row.get(LEAVE_REQUEST.STATE)),
                row.get(FIRST),
                row.get(LAST),
                new Amount(row.get(TOTAL)),
                new Amount(row.get(APPROVED_TOTAL)),
                declined,
                cancelAsked,
                answer,
                row.get(LEAVE_REQUEST.NOTE),
                row.get(LEAVE_REQUEST.SENT_AT),
                row.get(LEAVE_REQUEST.EDITS));
    }
}
