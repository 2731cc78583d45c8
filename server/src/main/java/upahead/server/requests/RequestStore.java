package upahead.server.requests;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.database.Tables.POLICY;
import static upahead.server.database.Tables.REQUEST_EVENT;
import static upahead.server.database.Tables.SIGN_OFF;
import static upahead.server.database.Tables.TEAM;
import static upahead.server.sql.Among.among;
import static upahead.server.sql.Placed.placed;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.leave.LeaveCosting.Because;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.access.Role;
import upahead.server.audit.Thing;
import upahead.server.audit.ThingNames;
import upahead.server.clock.MovableClock;
import upahead.server.json.Stored;
import upahead.server.policies.Seen;

/** Requests, their days and their history. */
@Repository
class RequestStore implements ThingNames {

    /** A day of a stored request. */
    record StoredDay(
            LocalDate on, RequestDraft.Part part, Amount hours, Amount amount, Because because, Decision decision) {}

    /** Somebody of a team who is away on a day. */
    record Away(LocalDate on, long personId, String name, String policy, Seen seenBy, boolean kindShows) {}

    private static final Field<LocalDate> FIRST = DSL.min(LEAVE_DAY.ON_DATE);
    private static final Field<LocalDate> LAST = DSL.max(LEAVE_DAY.ON_DATE);
    private static final Field<BigDecimal> TOTAL = DSL.sum(LEAVE_DAY.AMOUNT);
    private static final Field<BigDecimal> APPROVED_TOTAL =
            DSL.sum(DSL.when(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()), LEAVE_DAY.AMOUNT)
                    .otherwise(BigDecimal.ZERO));

    private final DSLContext sql;
    private final Stored json;
    private final MovableClock clock;

    RequestStore(DSLContext sql, Stored json, MovableClock clock) {
        this.sql = sql;
        this.json = json;
        this.clock = clock;
    }

    /** Makes everybody else who changes this person's requests wait until the transaction ends. */
    void lockPerson(long personId) {
        sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.ID.eq(personId))
                .forUpdate()
                .fetch();
    }

    long add(RequestDraft draft, List<DayView> days, List<Answer> answers, LocalDateTime sentAt) {
        long id = sql.insertInto(LEAVE_REQUEST)
                .set(LEAVE_REQUEST.PERSON_ID, draft.personId())
                .set(LEAVE_REQUEST.POLICY_ID, draft.policyId())
                .set(LEAVE_REQUEST.STATE, RequestState.WAITING.name())
                .set(LEAVE_REQUEST.NOTE, draft.note().strip())
                .set(LEAVE_REQUEST.SENT_AT, sentAt)
                .set(LEAVE_REQUEST.ANSWERS, json.written(answers))
                .set(LEAVE_REQUEST.EDITS, 0)
                .returningResult(LEAVE_REQUEST.ID)
                .fetchOne(LEAVE_REQUEST.ID);
        for (DayView day : days) {
            sql.insertInto(LEAVE_DAY)
                    .set(LEAVE_DAY.REQUEST_ID, id)
                    .set(LEAVE_DAY.ON_DATE, day.on())
                    .set(LEAVE_DAY.ASKED, day.part().name())
                    .set(LEAVE_DAY.HOURS, day.hours().value())
                    .set(LEAVE_DAY.AMOUNT, day.amount().value())
                    .set(LEAVE_DAY.BECAUSE, day.because().name())
                    .execute();
        }
        return id;
    }

    /** What was answered to the questions of the policy. */
    List<Answer> answers(long requestId) {
        return List.of(json.read(
                sql.select(LEAVE_REQUEST.ANSWERS)
                        .from(LEAVE_REQUEST)
                        .where(LEAVE_REQUEST.ID.eq(requestId))
                        .fetchOne(LEAVE_REQUEST.ANSWERS),
                Answer[].class));
    }

    void addEvent(long requestId, LocalDateTime at, String actor, String what, String message) {
        sql.insertInto(REQUEST_EVENT)
                .set(REQUEST_EVENT.REQUEST_ID, requestId)
                .set(REQUEST_EVENT.AT, at)
                .set(REQUEST_EVENT.ACTOR, actor)
                .set(REQUEST_EVENT.WHAT, what)
                .set(REQUEST_EVENT.MESSAGE, message)
                .execute();
    }

    /** Changes a waiting request's state if it is still as it was seen; tells whether it was. */
    boolean move(long id, int seenEdits, RequestState to) {
        return sql.update(LEAVE_REQUEST)
                        .set(LEAVE_REQUEST.STATE, to.name())
                        .set(LEAVE_REQUEST.EDITS, seenEdits + 1)
                        .where(LEAVE_REQUEST.ID.eq(id))
                        .and(LEAVE_REQUEST.EDITS.eq(seenEdits))
                        .and(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))
                        .execute()
                == 1;
    }

    /** Changes a decided request's state if it is still as it was seen; tells whether it was. */
    boolean cancel(long id, int seenEdits, RequestState to) {
        return sql.update(LEAVE_REQUEST)
                        .set(LEAVE_REQUEST.STATE, to.name())
                        .set(LEAVE_REQUEST.EDITS, seenEdits + 1)
                        .where(LEAVE_REQUEST.ID.eq(id))
                        .and(LEAVE_REQUEST.EDITS.eq(seenEdits))
                        .and(LEAVE_REQUEST.STATE.in(RequestState.APPROVED.name(), RequestState.PARTLY_APPROVED.name()))
                        .execute()
                == 1;
    }

    void decide(long id, LocalDate on, Decision decision) {
        sql.update(LEAVE_DAY)
                .set(LEAVE_DAY.DECISION, decision.name())
                .where(LEAVE_DAY.REQUEST_ID.eq(id))
                .and(LEAVE_DAY.ON_DATE.eq(on))
                .execute();
    }

    Optional<RequestSummary> find(long id) {
        return summaries(LEAVE_REQUEST.ID.eq(id), FIRST.asc(), 1, 0).stream().findFirst();
    }

    List<RequestSummary> ofPerson(long personId, int most) {
        return summaries(LEAVE_REQUEST.PERSON_ID.eq(personId), FIRST.asc(), most, 0);
    }

    /** Requests in some states, of everybody or of the people of one approver: waiting ones by how soon, else latest first. */
    List<RequestSummary> inStates(Collection<RequestState> states, Long approverId, int page, int size) {
        boolean onlyWaiting = states.equals(Set.of(RequestState.WAITING));
        return summaries(
                inStates(states, approverId), onlyWaiting ? FIRST.asc() : FIRST.desc(), size, (long) page * size);
    }

    int count(Collection<RequestState> states, Long approverId) {
        return sql.fetchCount(sql.select(LEAVE_REQUEST.ID)
                .from(LEAVE_REQUEST)
                .join(PERSON)
                .on(PERSON.ID.eq(LEAVE_REQUEST.PERSON_ID))
                .join(PERSON_PLACEMENT)
                .on(placed(clock.today()))
                .where(inStates(states, approverId)));
    }

    /** Waiting requests of a pay group with a day within some days. */
    List<RequestSummary> waitingWithin(long payGroupId, LocalDate first, LocalDate last) {
        return summaries(
                LEAVE_REQUEST
                        .STATE
                        .eq(RequestState.WAITING.name())
                        .and(PERSON_PLACEMENT.PAY_GROUP_ID.eq(payGroupId))
                        .and(LEAVE_REQUEST.ID.in(sql.select(LEAVE_DAY.REQUEST_ID)
                                .from(LEAVE_DAY)
                                .where(LEAVE_DAY.ON_DATE.between(first, last)))),
                FIRST.asc(),
                Integer.MAX_VALUE,
                0);
    }

    /** Requests with an approved day within some days, of a team or of everybody where that is null. */
    List<RequestSummary> approvedWithin(LocalDate first, LocalDate last, Long teamId) {
        Condition approved = LEAVE_REQUEST.ID.in(sql.select(LEAVE_DAY.REQUEST_ID)
                .from(LEAVE_DAY)
                .where(LEAVE_DAY.ON_DATE.between(first, last))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO)));
        return summaries(
                teamId == null ? approved : approved.and(PERSON_PLACEMENT.TEAM_ID.eq(teamId)),
                FIRST.asc(),
                Integer.MAX_VALUE,
                0);
    }

    List<StoredDay> days(long requestId) {
        return sql.selectFrom(LEAVE_DAY)
                .where(LEAVE_DAY.REQUEST_ID.eq(requestId))
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetch(row -> new StoredDay(
                        row.getOnDate(),
                        RequestDraft.Part.valueOf(row.getAsked()),
                        new Amount(row.getHours()),
                        new Amount(row.getAmount()),
                        Because.valueOf(row.getBecause()),
                        row.getDecision() == null ? null : Decision.valueOf(row.getDecision())));
    }

    List<RequestDetail.Event> events(long requestId) {
        return sql.selectFrom(REQUEST_EVENT)
                .where(REQUEST_EVENT.REQUEST_ID.eq(requestId))
                .orderBy(REQUEST_EVENT.ID)
                .fetch(row -> new RequestDetail.Event(row.getAt(), row.getActor(), row.getWhat(), row.getMessage()));
    }

    /** Who of a team has approved leave on some days. */
    List<Away> away(long teamId, Collection<LocalDate> days) {
        return sql.selectDistinct(
                        LEAVE_DAY.ON_DATE, PERSON.ID, PERSON.NAME, POLICY.NAME, POLICY.SEEN_BY, POLICY.KIND_SHOWS)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(LEAVE_REQUEST.PERSON_ID))
                .join(PERSON_PLACEMENT)
                .on(placed(clock.today()))
                .join(POLICY)
                .on(POLICY.ID.eq(LEAVE_REQUEST.POLICY_ID))
                .where(PERSON_PLACEMENT.TEAM_ID.eq(teamId))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.HOURS.gt(BigDecimal.ZERO))
                .and(LEAVE_DAY.ON_DATE.in(days))
                .orderBy(PERSON.NAME)
                .fetch(row -> new Away(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        Seen.valueOf(row.value5()),
                        row.value6()));
    }

    /** The days on which a person has leave that waits or is approved. */
    Map<LocalDate, Long> takenDays(long personId) {
        return sql.select(LEAVE_DAY.ON_DATE, LEAVE_REQUEST.ID)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                .where(LEAVE_REQUEST.PERSON_ID.eq(personId))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO))
                .and(LEAVE_DAY
                        .DECISION
                        .eq(Decision.APPROVED.name())
                        .or(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name())))
                .fetchMap(LEAVE_DAY.ON_DATE, LEAVE_REQUEST.ID);
    }

    private Condition inStates(Collection<RequestState> states, Long approverId) {
        Condition condition =
                LEAVE_REQUEST.STATE.in(states.stream().map(RequestState::name).toList());
        return approverId == null
                ? condition
                : condition.and(PERSON_PLACEMENT
                        .APPROVER_ID
                        .eq(approverId)
                        .or(LEAVE_REQUEST.ID.in(sql.select(SIGN_OFF.REQUEST_ID)
                                .from(SIGN_OFF)
                                .where(SIGN_OFF.PERSON_ID.eq(approverId).or(SIGN_OFF.ROLE.eq(Role.APPROVER.name()))))));
    }

    private List<RequestSummary> summaries(Condition condition, SortField<?> order, int most, long skip) {
        Result<? extends Record> rows = sql.select(
                        LEAVE_REQUEST.asterisk(),
                        PERSON.NAME,
                        TEAM.NAME,
                        POLICY.NAME,
                        POLICY.UNIT,
                        FIRST,
                        LAST,
                        TOTAL,
                        APPROVED_TOTAL)
                .from(LEAVE_REQUEST)
                .join(PERSON)
                .on(PERSON.ID.eq(LEAVE_REQUEST.PERSON_ID))
                .join(PERSON_PLACEMENT)
                .on(placed(clock.today()))
                .join(TEAM)
                .on(TEAM.ID.eq(PERSON_PLACEMENT.TEAM_ID))
                .join(POLICY)
                .on(POLICY.ID.eq(LEAVE_REQUEST.POLICY_ID))
                .join(LEAVE_DAY)
                .on(LEAVE_DAY.REQUEST_ID.eq(LEAVE_REQUEST.ID))
                .where(condition)
                .groupBy(
                        LEAVE_REQUEST.ID,
                        LEAVE_REQUEST.PERSON_ID,
                        LEAVE_REQUEST.POLICY_ID,
                        LEAVE_REQUEST.STATE,
                        LEAVE_REQUEST.NOTE,
                        LEAVE_REQUEST.SENT_AT,
                        LEAVE_REQUEST.EDITS,
                        PERSON.NAME,
                        TEAM.NAME,
                        POLICY.NAME,
                        POLICY.UNIT)
                .orderBy(order, LEAVE_REQUEST.ID.asc())
                .limit(most)
                .offset(skip)
                .fetch();
        List<Long> decided = rows.stream()
                .filter(row -> !row.get(LEAVE_REQUEST.STATE).equals(RequestState.WAITING.name()))
                .map(row -> row.get(LEAVE_REQUEST.ID))
                .toList();
        Map<Long, List<LocalDate>> declined = declined(decided);
        Map<Long, String> answers = lastMessages(decided);
        return rows.map(row -> {
            long id = row.get(LEAVE_REQUEST.ID);
            return summary(row, declined.getOrDefault(id, List.of()), answers.getOrDefault(id, ""));
        });
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

    /** What was said with the last of the events about each request that is not its sending. */
    private Map<Long, String> lastMessages(Collection<Long> requests) {
        Map<Long, String> messages = new HashMap<>();
        sql.select(REQUEST_EVENT.REQUEST_ID, REQUEST_EVENT.MESSAGE)
                .from(REQUEST_EVENT)
                .where(among(REQUEST_EVENT.REQUEST_ID, requests))
                .and(REQUEST_EVENT.WHAT.ne("SENT"))
                .orderBy(REQUEST_EVENT.ID)
                .forEach(row -> messages.put(row.value1(), row.value2()));
        return messages;
    }

    private static RequestSummary summary(Record row, List<LocalDate> declined, String answer) {
        return new RequestSummary(
                row.get(LEAVE_REQUEST.ID),
                row.get(LEAVE_REQUEST.PERSON_ID),
                row.get(PERSON.NAME),
                row.get(TEAM.NAME),
                row.get(LEAVE_REQUEST.POLICY_ID),
                row.get(POLICY.NAME),
                Unit.valueOf(row.get(POLICY.UNIT)),
                RequestState.valueOf(row.get(LEAVE_REQUEST.STATE)),
                row.get(FIRST),
                row.get(LAST),
                new Amount(row.get(TOTAL)),
                new Amount(row.get(APPROVED_TOTAL)),
                declined,
                answer,
                row.get(LEAVE_REQUEST.NOTE),
                row.get(LEAVE_REQUEST.SENT_AT),
                row.get(LEAVE_REQUEST.EDITS));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.REQUEST);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return sql.select(LEAVE_REQUEST.ID, PERSON.NAME, POLICY.NAME)
                .from(LEAVE_REQUEST)
                .join(PERSON)
                .on(PERSON.ID.eq(LEAVE_REQUEST.PERSON_ID))
                .join(POLICY)
                .on(POLICY.ID.eq(LEAVE_REQUEST.POLICY_ID))
                .where(among(LEAVE_REQUEST.ID, ids))
                .fetchMap(row -> row.value1(), row -> row.value2() + ", " + row.value3());
    }
}
