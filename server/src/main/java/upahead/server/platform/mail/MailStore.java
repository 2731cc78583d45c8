package upahead.server.platform.mail;

import static upahead.server.database.Tables.MAIL_MESSAGE;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The simulated mailbox. */
@Repository
class MailStore {

    private final DSLContext sql;

    MailStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(LocalDateTime at, long recipientId, String recipient, String subject, String body) {
        sql.insertInto(MAIL_MESSAGE)
                .set(MAIL_MESSAGE.AT, at)
                .set(MAIL_MESSAGE.RECIPIENT_ID, recipientId)
                .set(MAIL_MESSAGE.RECIPIENT, recipient)
                .set(MAIL_MESSAGE.SUBJECT, subject)
                .set(MAIL_MESSAGE.BODY, body)
                .execute();
    }

    /** The newest messages, of one person or of everybody where that is null. */
    List<Message> newest(Long recipientId, int most) {
        return sql.selectFrom(MAIL_MESSAGE)
                .where(recipientId == null ? DSL.noCondition() : MAIL_MESSAGE.RECIPIENT_ID.eq(recipientId))
                .orderBy(MAIL_MESSAGE.AT.desc(), MAIL_MESSAGE.ID.desc())
                .limit(most)
                .fetch(row ->
                        new Message(row.getId(), row.getAt(), row.getRecipient(), row.getSubject(), row.getBody()));
    }
}
