package upahead.server.platform.hooks;

import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.max;
import static upahead.server.database.Tables.WEBHOOK;
import static upahead.server.database.Tables.WEBHOOK_MESSAGE;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.WebhookRecord;

/** Webhooks and what they are to be told. */
@Repository
class HookStore {

    private static final String BETWEEN = " ";
    private static final int LONGEST_PROBLEM = 400;

    private final DSLContext sql;

    HookStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The newest first. */
    List<Webhook> all() {
        Map<Long, Integer> waiting =
                counts(WEBHOOK_MESSAGE.DELIVERED_AT.isNull().and(WEBHOOK_MESSAGE.NEXT_TRY.isNotNull()));
        Map<Long, Integer> givenUp =
                counts(WEBHOOK_MESSAGE.DELIVERED_AT.isNull().and(WEBHOOK_MESSAGE.NEXT_TRY.isNull()));
        Map<Long, LocalDateTime> taken = sql.select(WEBHOOK_MESSAGE.WEBHOOK_ID, max(WEBHOOK_MESSAGE.DELIVERED_AT))
                .from(WEBHOOK_MESSAGE)
                .where(WEBHOOK_MESSAGE.DELIVERED_AT.isNotNull())
                .groupBy(WEBHOOK_MESSAGE.WEBHOOK_ID)
                .fetchMap(WEBHOOK_MESSAGE.WEBHOOK_ID, max(WEBHOOK_MESSAGE.DELIVERED_AT));
        Map<Long, String> problems = sql
                .select(WEBHOOK_MESSAGE.WEBHOOK_ID, WEBHOOK_MESSAGE.PROBLEM)
                .from(WEBHOOK_MESSAGE)
                .where(WEBHOOK_MESSAGE.DELIVERED_AT.isNull())
                .and(WEBHOOK_MESSAGE.PROBLEM.isNotNull())
                .orderBy(WEBHOOK_MESSAGE.ID)
                .fetchGroups(WEBHOOK_MESSAGE.WEBHOOK_ID, WEBHOOK_MESSAGE.PROBLEM)
                .entrySet()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> each.getValue()
                        .get(each.getValue().size() - 1)));
        return sql.selectFrom(WEBHOOK)
                .orderBy(WEBHOOK.ID.desc())
                .fetch(row -> new Webhook(
                        row.getId(),
                        row.getName(),
                        row.getAddress(),
                        events(row.getEvents()),
                        row.getMadeAt(),
                        row.getMadeBy(),
                        row.getEndedAt(),
                        waiting.getOrDefault(row.getId(), 0),
                        givenUp.getOrDefault(row.getId(), 0),
                        taken.get(row.getId()),
                        problems.getOrDefault(row.getId(), "")));
    }

    private Map<Long, Integer> counts(Condition condition) {
        return sql.select(WEBHOOK_MESSAGE.WEBHOOK_ID, count())
                .from(WEBHOOK_MESSAGE)
                .where(condition)
                .groupBy(WEBHOOK_MESSAGE.WEBHOOK_ID)
                .fetchMap(WEBHOOK_MESSAGE.WEBHOOK_ID, count());
    }

    long add(String name, String address, String secret, Set<HookEvent> events, LocalDateTime at, String by) {
        WebhookRecord row = sql.newRecord(WEBHOOK);
        row.setName(name);
        row.setAddress(address);
        row.setSecret(secret);
        row.setEvents(events.stream().map(Enum::name).collect(Collectors.joining(BETWEEN)));
        row.setMadeAt(at);
        row.setMadeBy(by);
        row.store();
        return row.getId();
    }

    /** Ends a webhook and gives up what it has not taken; tells whether it had not been ended before. */
    boolean end(long id, LocalDateTime at) {
        sql.update(WEBHOOK_MESSAGE)
                .setNull(WEBHOOK_MESSAGE.NEXT_TRY)
                .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(id))
                .execute();
        return sql.update(WEBHOOK)
                        .set(WEBHOOK.ENDED_AT, at)
                        .where(WEBHOOK.ID.eq(id))
                        .and(WEBHOOK.ENDED_AT.isNull())
                        .execute()
                == 1;
    }

    /** The ids of those that are told of an event. */
    List<Long> toldOf(HookEvent event) {
        return sql.selectFrom(WEBHOOK).where(WEBHOOK.ENDED_AT.isNull()).orderBy(WEBHOOK.ID).stream()
                .filter(row -> events(row.getEvents()).contains(event))
                .map(WebhookRecord::getId)
                .toList();
    }

    void tell(long webhookId, String mark, String event, String body, LocalDateTime at) {
        sql.insertInto(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.MARK, mark)
                .set(WEBHOOK_MESSAGE.WEBHOOK_ID, webhookId)
                .set(WEBHOOK_MESSAGE.EVENT, event)
                .set(WEBHOOK_MESSAGE.BODY, body)
                .set(WEBHOOK_MESSAGE.MADE_AT, at)
                .set(WEBHOOK_MESSAGE.NEXT_TRY, at)
                .set(WEBHOOK_MESSAGE.TRIES, 0)
                .execute();
    }

    /** The oldest message that is due, not to an address that is being told something else. */
    Optional<HookMessage> due(LocalDateTime now, Collection<Long> busy) {
        return sql.select(WEBHOOK_MESSAGE.asterisk(), WEBHOOK.ADDRESS, WEBHOOK.SECRET)
                .from(WEBHOOK_MESSAGE)
                .join(WEBHOOK)
                .on(WEBHOOK.ID.eq(WEBHOOK_MESSAGE.WEBHOOK_ID))
                .where(WEBHOOK_MESSAGE.NEXT_TRY.le(now))
                .and(WEBHOOK.ID.notIn(busy))
                .orderBy(WEBHOOK_MESSAGE.NEXT_TRY, WEBHOOK_MESSAGE.ID)
                .limit(1)
                .fetchOptional(HookStore::message);
    }

    private static HookMessage message(Record row) {
        return new HookMessage(
                row.get(WEBHOOK_MESSAGE.ID),
                row.get(WEBHOOK_MESSAGE.MARK),
                row.get(WEBHOOK_MESSAGE.WEBHOOK_ID),
                row.get(WEBHOOK.ADDRESS),
                row.get(WEBHOOK.SECRET),
                row.get(WEBHOOK_MESSAGE.EVENT),
                row.get(WEBHOOK_MESSAGE.BODY),
                row.get(WEBHOOK_MESSAGE.TRIES) + 1);
    }

    /** Notes that a message is being sent, and that others leave it alone until then. */
    void trying(long id, int tries, LocalDateTime until) {
        sql.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.TRIES, tries)
                .set(WEBHOOK_MESSAGE.NEXT_TRY, until)
                .where(WEBHOOK_MESSAGE.ID.eq(id))
                .execute();
    }

    void taken(long id, LocalDateTime at) {
        sql.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.DELIVERED_AT, at)
                .setNull(WEBHOOK_MESSAGE.NEXT_TRY)
                .setNull(WEBHOOK_MESSAGE.PROBLEM)
                .where(WEBHOOK_MESSAGE.ID.eq(id))
                .execute();
    }

    /** Notes why a message was not taken, and when it is tried again; never where that is null. */
    void failed(long id, LocalDateTime again, String problem) {
        sql.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.NEXT_TRY, again)
                .set(
                        WEBHOOK_MESSAGE.PROBLEM,
                        problem.length() > LONGEST_PROBLEM ? problem.substring(0, LONGEST_PROBLEM) : problem)
                .where(WEBHOOK_MESSAGE.ID.eq(id))
                .and(WEBHOOK_MESSAGE.NEXT_TRY.isNotNull())
                .execute();
    }

    /** Has all that a webhook has not taken sent again now. */
    int again(long id, LocalDateTime now) {
        return sql.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.NEXT_TRY, now)
                .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(id))
                .and(WEBHOOK_MESSAGE.DELIVERED_AT.isNull())
                .execute();
    }

    void forgetTakenBefore(LocalDateTime day) {
        sql.deleteFrom(WEBHOOK_MESSAGE)
                .where(WEBHOOK_MESSAGE.DELIVERED_AT.lt(day))
                .execute();
    }

    private static Set<HookEvent> events(String stored) {
        EnumSet<HookEvent> events = EnumSet.noneOf(HookEvent.class);
        Arrays.stream(stored.split(BETWEEN))
                .filter(name -> !name.isEmpty())
                .forEach(name -> events.add(HookEvent.valueOf(name)));
        return events;
    }
}
