package upahead.server.platform.mail;

import static upahead.server.database.Tables.MAIL_ATTACHMENT;
import static upahead.server.database.Tables.MAIL_MESSAGE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record7;
import org.jooq.Records;
import org.jooq.SelectOnConditionStep;
import org.springframework.stereotype.Repository;

/** Mail, delivered and not. */
@Repository
class MailStore {

    private static final int LONGEST_PROBLEM = 300;

    private final DSLContext sql;

    MailStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Tells its id. */
    long add(LocalDateTime at, long recipientId, String recipient, String subject, String body, String place) {
        return sql.insertInto(MAIL_MESSAGE)
                .set(MAIL_MESSAGE.AT, at)
                .set(MAIL_MESSAGE.RECIPIENT_ID, recipientId)
                .set(MAIL_MESSAGE.RECIPIENT, recipient)
                .set(MAIL_MESSAGE.SUBJECT, subject)
                .set(MAIL_MESSAGE.BODY, body)
                .set(MAIL_MESSAGE.PLACE, place)
                .returningResult(MAIL_MESSAGE.ID)
                .fetchOne(MAIL_MESSAGE.ID);
    }

    void attach(long id, Attachment file) {
        sql.insertInto(MAIL_ATTACHMENT)
                .set(MAIL_ATTACHMENT.MESSAGE_ID, id)
                .set(MAIL_ATTACHMENT.NAME, file.name())
                .set(MAIL_ATTACHMENT.MEDIA_TYPE, file.mediaType())
                .set(MAIL_ATTACHMENT.CONTENT, file.content())
                .execute();
    }

    Optional<Attachment> attachment(long id) {
        return sql.selectFrom(MAIL_ATTACHMENT)
                .where(MAIL_ATTACHMENT.MESSAGE_ID.eq(id))
                .fetchOptional(row -> new Attachment(row.getName(), row.getMediaType(), row.getContent()));
    }

    /** Whether a mail is one of a person's own. */
    boolean isOf(long id, long recipientId) {
        return sql.fetchExists(MAIL_MESSAGE, MAIL_MESSAGE.ID.eq(id).and(MAIL_MESSAGE.RECIPIENT_ID.eq(recipientId)));
    }

    /** The newest of one person. */
    List<Message> newest(long recipientId, int most) {
        return messages()
                .where(MAIL_MESSAGE.RECIPIENT_ID.eq(recipientId))
                .orderBy(MAIL_MESSAGE.AT.desc(), MAIL_MESSAGE.ID.desc())
                .limit(most)
                .fetch(Records.mapping(Message::new));
    }

    List<Undelivered> undelivered(int most) {
        return sql.select(
                        MAIL_MESSAGE.ID,
                        MAIL_MESSAGE.AT,
                        MAIL_MESSAGE.RECIPIENT,
                        MAIL_MESSAGE.SUBJECT,
                        MAIL_MESSAGE.TRIES,
                        MAIL_MESSAGE.PROBLEM)
                .from(MAIL_MESSAGE)
                .where(MAIL_MESSAGE.SENT_AT.isNull())
                .orderBy(MAIL_MESSAGE.ID)
                .limit(most)
                .fetch(Records.mapping(Undelivered::new));
    }

    /** The oldest that is due. */
    Optional<Message> due(LocalDateTime now) {
        return messages()
                .where(MAIL_MESSAGE.SENT_AT.isNull())
                .and(MAIL_MESSAGE.NEXT_TRY.isNull().or(MAIL_MESSAGE.NEXT_TRY.le(now)))
                .orderBy(MAIL_MESSAGE.ID)
                .limit(1)
                .fetchOptional(Records.mapping(Message::new));
    }

    private SelectOnConditionStep<Record7<Long, LocalDateTime, String, String, String, String, String>> messages() {
        return sql.select(
                        MAIL_MESSAGE.ID,
                        MAIL_MESSAGE.AT,
                        MAIL_MESSAGE.RECIPIENT,
                        MAIL_MESSAGE.SUBJECT,
                        MAIL_MESSAGE.BODY,
                        MAIL_MESSAGE.PLACE,
                        MAIL_ATTACHMENT.NAME)
                .from(MAIL_MESSAGE)
                .leftJoin(MAIL_ATTACHMENT)
                .on(MAIL_ATTACHMENT.MESSAGE_ID.eq(MAIL_MESSAGE.ID));
    }

    int tries(long id) {
        return sql.select(MAIL_MESSAGE.TRIES)
                .from(MAIL_MESSAGE)
                .where(MAIL_MESSAGE.ID.eq(id))
                .fetchOne(MAIL_MESSAGE.TRIES);
    }

    /** Counts a try; nobody else tries before the given time. */
    void trying(long id, LocalDateTime until) {
        sql.update(MAIL_MESSAGE)
                .set(MAIL_MESSAGE.TRIES, MAIL_MESSAGE.TRIES.plus(1))
                .set(MAIL_MESSAGE.NEXT_TRY, until)
                .where(MAIL_MESSAGE.ID.eq(id))
                .execute();
    }

    void delivered(long id, LocalDateTime at) {
        sql.update(MAIL_MESSAGE)
                .set(MAIL_MESSAGE.SENT_AT, at)
                .set(MAIL_MESSAGE.PROBLEM, "")
                .where(MAIL_MESSAGE.ID.eq(id))
                .execute();
    }

    void failed(long id, LocalDateTime nextTry, String problem) {
        sql.update(MAIL_MESSAGE)
                .set(MAIL_MESSAGE.NEXT_TRY, nextTry)
                .set(
                        MAIL_MESSAGE.PROBLEM,
                        problem.length() > LONGEST_PROBLEM ? problem.substring(0, LONGEST_PROBLEM) : problem)
                .where(MAIL_MESSAGE.ID.eq(id))
                .execute();
    }
}
