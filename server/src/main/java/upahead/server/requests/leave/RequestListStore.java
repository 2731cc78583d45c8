package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.decidedBy;
import static upahead.server.employment.PeopleJoined.inPayGroup;
import static upahead.server.employment.PeopleJoined.inTeam;
import static upahead.server.employment.PeopleJoined.named;
import static upahead.server.employment.PeopleJoined.peopleAtWork;
import static upahead.server.organisation.OrganisationJoined.TEAM_NAME;
import static upahead.server.platform.sql.Among.among;
import static upahead.server.policies.PoliciesJoined.policies;
import static upahead.server.requests.leave.SummaryJoined.APPROVED_TOTAL;
import static upahead.server.requests.leave.SummaryJoined.FIRST;
import static upahead.server.requests.leave.SummaryJoined.LAST;
import static upahead.server.requests.leave.SummaryJoined.TOTAL;
import static upahead.server.requests.signing.SignOffJoined.signedBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Result;
import org.jooq.Select;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.LeaveRequest;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.PoliciesJoined;

/** Requests in lists: whose they are, what they are about and what became of them. */
@Repository
public class RequestListStore {

    private final DSLContext sql;
    private final RequestOutcomeStore outcomes;
    private final MovableClock clock;

    RequestListStore(DSLContext sql, RequestOutcomeStore outcomes, MovableClock clock) {
        this.sql = sql;
        this.outcomes = outcomes;
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
        Condition condition = query.onlyWaiting()
                ? LEAVE_REQUEST.ID.in(waiting())
                : LEAVE_REQUEST.STATE.in(
                        query.states().stream().map(RequestState::name).toList());
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

    /** Which wait for an answer: one kind after the other, each found by an index; asked to be cancelled waits, too. */
    private Select<Record1<Long>> waiting() {
        LeaveRequest each = LEAVE_REQUEST.as("each_request");
        return sql.select(each.ID)
                .from(each)
                .where(each.STATE.eq(RequestState.WAITING.name()))
                .union(sql.select(LEAVE_DAY.REQUEST_ID).from(LEAVE_DAY).where(LEAVE_DAY.CANCEL_ASKED.isTrue()));
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
                .groupBy(SummaryJoined.GROUPED)
                .orderBy(order, LEAVE_REQUEST.ID.asc())
                .limit(most)
                .offset(skip)
                .fetch();
        List<Long> decided = rows.stream()
                .filter(row -> !row.get(LEAVE_REQUEST.STATE).equals(RequestState.WAITING.name()))
                .map(row -> row.get(LEAVE_REQUEST.ID))
                .toList();
        Map<Long, List<LocalDate>> declined = outcomes.declined(decided);
        Map<Long, List<LocalDate>> cancelAsked = outcomes.cancelAsked(decided);
        Map<Long, String> answers = outcomes.lastMessages(decided);
        return rows.map(row -> {
            long id = row.get(LEAVE_REQUEST.ID);
            return SummaryJoined.summary(
                    row,
                    declined.getOrDefault(id, List.of()),
                    cancelAsked.getOrDefault(id, List.of()),
                    answers.getOrDefault(id, ""));
        });
    }
}
