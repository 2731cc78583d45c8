package upahead.server.platform.notices;

import static upahead.server.database.Tables.NOTICE_CHOICE;

import java.util.EnumMap;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** How people want to be told. */
@Repository
class NoticeChoiceStore {

    private final DSLContext sql;

    NoticeChoiceStore(DSLContext sql) {
        this.sql = sql;
    }

    /** By topic; what nothing was said of is not there. */
    Map<Topic, ByMail> of(long personId) {
        Map<Topic, ByMail> choices = new EnumMap<>(Topic.class);
        sql.selectFrom(NOTICE_CHOICE)
                .where(NOTICE_CHOICE.PERSON_ID.eq(personId))
                .forEach(row -> choices.put(Topic.valueOf(row.getTopic()), ByMail.valueOf(row.getByMail())));
        return choices;
    }

    void set(long personId, NoticeChoice choice) {
        sql.mergeInto(NOTICE_CHOICE)
                .columns(NOTICE_CHOICE.PERSON_ID, NOTICE_CHOICE.TOPIC, NOTICE_CHOICE.BY_MAIL)
                .key(NOTICE_CHOICE.PERSON_ID, NOTICE_CHOICE.TOPIC)
                .values(personId, choice.topic().name(), choice.byMail().name())
                .execute();
    }
}
