package upahead.server.platform.notices;

import static upahead.server.database.Tables.NOTICE;

import java.time.LocalDateTime;
import java.util.List;
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

    void add(long personId, LocalDateTime at, String text, String place) {
        sql.insertInto(NOTICE)
                .set(NOTICE.PERSON_ID, personId)
                .set(NOTICE.AT, at)
                .set(NOTICE.TEXT, text)
                .set(NOTICE.PLACE, place)
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
}
