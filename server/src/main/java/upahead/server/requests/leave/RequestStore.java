package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.REQUEST_EVENT;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.people;
import static upahead.server.platform.sql.Among.among;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;
import static upahead.server.policies.PoliciesJoined.policies;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.json.StoredJson;
import upahead.server.requests.signing.SignOffs.Sent;

/** Requests and their history, each by itself. */
@Repository
public class RequestStore implements ThingNames {

    private final DSLContext sql;
    private final StoredJson json;

    public RequestStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    public long add(RequestDraft draft, List<Answer> answers, LocalDateTime sentAt) {
        return sql.insertInto(LEAVE_REQUEST)
                .set(LEAVE_REQUEST.PERSON_ID, draft.personId())
                .set(LEAVE_REQUEST.POLICY_ID, draft.policyId())
                .set(LEAVE_REQUEST.STATE, RequestState.WAITING.name())
                .set(LEAVE_REQUEST.NOTE, draft.note().strip())
                .set(LEAVE_REQUEST.SENT_AT, sentAt)
                .set(LEAVE_REQUEST.ANSWERS, json.written(answers))
                .set(LEAVE_REQUEST.EDITS, 0)
                .returningResult(LEAVE_REQUEST.ID)
                .fetchOne(LEAVE_REQUEST.ID);
    }

    /** Makes a waiting request another one if it is still as it was seen; tells whether it was. */
    public boolean change(long id, int seenEdits, RequestDraft draft, List<Answer> answers) {
        return sql.update(LEAVE_REQUEST)
                        .set(LEAVE_REQUEST.POLICY_ID, draft.policyId())
                        .set(LEAVE_REQUEST.NOTE, draft.note().strip())
                        .set(LEAVE_REQUEST.ANSWERS, json.written(answers))
                        .set(LEAVE_REQUEST.EDITS, seenEdits + 1)
                        .where(LEAVE_REQUEST.ID.eq(id))
                        .and(LEAVE_REQUEST.EDITS.eq(seenEdits))
                        .and(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))
                        .execute()
                == 1;
    }

    /** Counts a change of a request if it is still as it was seen; tells whether it was. */
    public boolean touch(long id, int seenEdits) {
        return sql.update(LEAVE_REQUEST)
                        .set(LEAVE_REQUEST.EDITS, seenEdits + 1)
                        .where(LEAVE_REQUEST.ID.eq(id))
                        .and(LEAVE_REQUEST.EDITS.eq(seenEdits))
                        .execute()
                == 1;
    }

    /** What was answered to the questions of the policy. */
    public List<Answer> answers(long requestId) {
        return List.of(json.read(
                sql.select(LEAVE_REQUEST.ANSWERS)
                        .from(LEAVE_REQUEST)
                        .where(LEAVE_REQUEST.ID.eq(requestId))
                        .fetchOne(LEAVE_REQUEST.ANSWERS),
                Answer[].class));
    }

    public void addEvent(long requestId, LocalDateTime at, String actor, String what, String message) {
        sql.insertInto(REQUEST_EVENT)
                .set(REQUEST_EVENT.REQUEST_ID, requestId)
                .set(REQUEST_EVENT.AT, at)
                .set(REQUEST_EVENT.ACTOR, actor)
                .set(REQUEST_EVENT.WHAT, what)
                .set(REQUEST_EVENT.MESSAGE, message)
                .execute();
    }

    /** Changes a waiting request's state if it is still as it was seen; tells whether it was. */
    public boolean move(long id, int seenEdits, RequestState to) {
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
    public boolean cancel(long id, int seenEdits, RequestState to) {
        return sql.update(LEAVE_REQUEST)
                        .set(LEAVE_REQUEST.STATE, to.name())
                        .set(LEAVE_REQUEST.EDITS, seenEdits + 1)
                        .where(LEAVE_REQUEST.ID.eq(id))
                        .and(LEAVE_REQUEST.EDITS.eq(seenEdits))
                        .and(LEAVE_REQUEST.STATE.in(RequestState.APPROVED.name(), RequestState.PARTLY_APPROVED.name()))
                        .execute()
                == 1;
    }

    public List<RequestEvent> events(long requestId) {
        return sql.selectFrom(REQUEST_EVENT)
                .where(REQUEST_EVENT.REQUEST_ID.eq(requestId))
                .orderBy(REQUEST_EVENT.ID)
                .fetch(row -> new RequestEvent(row.getAt(), row.getActor(), row.getWhat(), row.getMessage()));
    }

    /** All that wait, with whose they are. */
    public List<Sent> waiting() {
        return sql.select(LEAVE_REQUEST.ID, LEAVE_REQUEST.PERSON_ID)
                .from(LEAVE_REQUEST)
                .where(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))
                .fetch(Records.mapping(Sent::new));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.REQUEST);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        var list = sql.select(LEAVE_REQUEST.ID, PERSON_NAME, POLICY_NAME).from(LEAVE_REQUEST);
        return policies(people(list, LEAVE_REQUEST.PERSON_ID), LEAVE_REQUEST.POLICY_ID)
                .where(among(LEAVE_REQUEST.ID, ids))
                .fetchMap(row -> row.value1(), row -> row.value2() + ", " + row.value3());
    }
}
