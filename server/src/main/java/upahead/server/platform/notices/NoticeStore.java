package upahead.server.platform.notices;

import static upahead.server.database.Tables.NOTICE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

/** What people were told, and whether they read it. */
@Repository
class NoticeStore {

    private final DSLContext sql;

    NoticeStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * @param forSummary whether it waits for the day's summary by mail
     */
    void add(long personId, LocalDateTime at, String text, String place, boolean forSummary) {
        sql.insertInto(NOTICE)
                .set(NOTICE.PERSON_ID, personId)
                .set(NOTICE.AT, at)
                .set(NOTICE.TEXT, text)
                .set(NOTICE.PLACE, place)
                .set(NOTICE.FOR_SUMMARY, forSummary)
                .execute();
    }

    /** Newest first. */
    List<Notice> of(long personId, int page, int size) {
        return sql.select(NOTICE.ID, NOTICE.AT, NOTICE.TEXT, NOTICE.PLACE, NOTICE.SEEN)
                .from(NOTICE)
                .where(NOTICE.PERSON_ID.eq(personId))
                .orderBy(NOTICE.AT.desc(), NOTICE.ID.desc())
                .limit(size)
                .offset((long) page * size)
                .fetch(Records.mapping(Notice::new));
    }

    int count(long personId) {
        return sql.fetchCount(NOTICE, NOTICE.PERSON_ID.eq(personId));
    }

    int unseen(long personId) {
        return sql.fetchCount(NOTICE, NOTICE.PERSON_ID.eq(personId).and(NOTICE.SEEN.isFalse()));
    }

    /** Marks one as read or unread; one of somebody else stays as it is. */
    void mark(long personId, long id, boolean seen) {
        sql.update(NOTICE)
                .set(NOTICE.SEEN, seen)
                .where(NOTICE.ID.eq(id))
                .and(NOTICE.PERSON_ID.eq(personId))
                .execute();
    }

    void markAll(long personId) {
        sql.update(NOTICE)
                .set(NOTICE.SEEN, true)
                .where(NOTICE.PERSON_ID.eq(personId))
                .and(NOTICE.SEEN.isFalse())
                .execute();
    }

    /** What waits for a summary, by the person it is for, in order of time. */
    Map<Long, List<String>> forSummary() {
        return sql.select(NOTICE.PERSON_ID, NOTICE.TEXT)
                .from(NOTICE)
                .where(NOTICE.FOR_SUMMARY)
                .orderBy(NOTICE.ID)
                .fetchGroups(NOTICE.PERSON_ID, NOTICE.TEXT);
    }

    /** Nothing waits for a summary any more. */
    void summarised() {
        sql.update(NOTICE)
                .set(NOTICE.FOR_SUMMARY, false)
                .where(NOTICE.FOR_SUMMARY)
                .execute();
    }
}
