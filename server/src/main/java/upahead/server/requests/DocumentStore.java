package upahead.server.requests;

import static upahead.server.database.Tables.DOCUMENT;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Documents that belong to requests, or are about to. */
@Repository
class DocumentStore {

    /**
     * A document with its content.
     *
     * @param requestId null while its request is not sent
     */
    record Document(long id, long personId, Long requestId, String name, String type, byte[] content) {}

    private final DSLContext sql;

    DocumentStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(long personId, String name, String type, byte[] content, String author, LocalDateTime at) {
        return sql.insertInto(DOCUMENT)
                .set(DOCUMENT.PERSON_ID, personId)
                .set(DOCUMENT.NAME, name)
                .set(DOCUMENT.TYPE, type)
                .set(DOCUMENT.CONTENT, content)
                .set(DOCUMENT.AUTHOR, author)
                .set(DOCUMENT.AT, at)
                .returningResult(DOCUMENT.ID)
                .fetchOne(DOCUMENT.ID);
    }

    Optional<Document> find(long id) {
        return sql.selectFrom(DOCUMENT)
                .where(DOCUMENT.ID.eq(id))
                .fetchOptional(row -> new Document(
                        row.getId(),
                        row.getPersonId(),
                        row.getRequestId(),
                        row.getName(),
                        row.getType(),
                        row.getContent()));
    }

    /** How many of some documents are somebody's own and belong to no request yet. */
    int unsent(long personId, Collection<Long> ids) {
        return sql.fetchCount(
                DOCUMENT,
                DOCUMENT.ID.in(ids).and(DOCUMENT.PERSON_ID.eq(personId)).and(DOCUMENT.REQUEST_ID.isNull()));
    }

    /** How many bytes of documents somebody has kept that belong to no request yet. */
    long unsentSize(long personId) {
        return Optional.ofNullable(sql.select(DSL.sum(DSL.field("octet_length({0})", Long.class, DOCUMENT.CONTENT)))
                        .from(DOCUMENT)
                        .where(DOCUMENT.PERSON_ID.eq(personId).and(DOCUMENT.REQUEST_ID.isNull()))
                        .fetchOne(0, Long.class))
                .orElse(0L);
    }

    void removeUnsentBefore(LocalDateTime before) {
        sql.deleteFrom(DOCUMENT)
                .where(DOCUMENT.REQUEST_ID.isNull().and(DOCUMENT.AT.lt(before)))
                .execute();
    }

    void attach(long requestId, Collection<Long> ids) {
        sql.update(DOCUMENT)
                .set(DOCUMENT.REQUEST_ID, requestId)
                .where(DOCUMENT.ID.in(ids))
                .execute();
    }

    List<DocumentView> of(long requestId) {
        return sql.select(DOCUMENT.ID, DOCUMENT.NAME)
                .from(DOCUMENT)
                .where(DOCUMENT.REQUEST_ID.eq(requestId))
                .orderBy(DOCUMENT.ID)
                .fetch(row -> new DocumentView(row.value1(), row.value2()));
    }
}
