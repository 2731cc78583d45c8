package upahead.server.payruns.delivery;

import static upahead.server.database.Tables.DELIVERY;
import static upahead.server.database.Tables.DELIVERY_ROW;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.DeliveryRecord;
import upahead.server.database.tables.records.DeliveryRowRecord;
import upahead.server.platform.sql.Inserts;

/** What is delivered to payroll, and what became of it. */
@Repository
class DeliveryStore {

    /** A delivery with what its messages are known by. */
    record Sending(Delivery delivery, String token, boolean partial) {}

    private final DSLContext sql;

    DeliveryStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * @param lines only these, null for all of the close
     */
    void add(
            long runId,
            int closing,
            boolean reversal,
            int attempt,
            Collection<Long> lines,
            String by,
            LocalDateTime at) {
        long id = sql.insertInto(DELIVERY)
                .set(DELIVERY.PAY_RUN_ID, runId)
                .set(DELIVERY.CLOSING, closing)
                .set(DELIVERY.REVERSAL, reversal)
                .set(DELIVERY.ATTEMPT, attempt)
                .set(DELIVERY.PARTIAL, lines != null)
                .set(DELIVERY.TOKEN, UUID.randomUUID().toString())
                .set(DELIVERY.ASKED_AT, at)
                .set(DELIVERY.ASKED_BY, by)
                .set(DELIVERY.TRIES, 0)
                .returningResult(DELIVERY.ID)
                .fetchOne(DELIVERY.ID);
        if (lines != null) {
            Inserts.all(sql, lines.stream().map(line -> row(id, line)).toList());
        }
    }

    private static DeliveryRowRecord row(long deliveryId, long lineId) {
        DeliveryRowRecord row = new DeliveryRowRecord();
        row.setDeliveryId(deliveryId);
        row.setLineId(lineId);
        return row;
    }

    /** Those of a run, the oldest first. */
    List<Delivery> ofRun(long runId) {
        return sql.selectFrom(DELIVERY)
                .where(DELIVERY.PAY_RUN_ID.eq(runId))
                .orderBy(DELIVERY.ID)
                .fetch(row -> sending(row).delivery());
    }

    /** Those without an answer, in the order in which they are to be sent. */
    List<Sending> waiting() {
        return sql.selectFrom(DELIVERY)
                .where(DELIVERY.ANSWERED_AT.isNull())
                .orderBy(DELIVERY.ID)
                .fetch(DeliveryStore::sending);
    }

    /** The lines of a delivery that does not deliver all of its close. */
    Set<Long> lines(long deliveryId) {
        return sql.select(DELIVERY_ROW.LINE_ID)
                .from(DELIVERY_ROW)
                .where(DELIVERY_ROW.DELIVERY_ID.eq(deliveryId))
                .fetchSet(DELIVERY_ROW.LINE_ID);
    }

    /** Leaves a line out of a delivery that is not sent yet. */
    void leaveOut(long deliveryId, long lineId) {
        sql.deleteFrom(DELIVERY_ROW)
                .where(DELIVERY_ROW.DELIVERY_ID.eq(deliveryId))
                .and(DELIVERY_ROW.LINE_ID.eq(lineId))
                .execute();
    }

    void failed(long id, String failure) {
        sql.update(DELIVERY)
                .set(DELIVERY.TRIES, DELIVERY.TRIES.plus(1))
                .set(DELIVERY.FAILURE, failure)
                .where(DELIVERY.ID.eq(id))
                .execute();
    }

    /** Tells whether it was not answered before. */
    boolean answered(long id, LocalDateTime at) {
        return sql.update(DELIVERY)
                        .set(DELIVERY.ANSWERED_AT, at)
                        .setNull(DELIVERY.FAILURE)
                        .where(DELIVERY.ID.eq(id))
                        .and(DELIVERY.ANSWERED_AT.isNull())
                        .execute()
                == 1;
    }

    Optional<Delivery> of(long runId, int closing, boolean reversal) {
        return ofRun(runId).stream()
                .filter(each -> each.closing() == closing && each.reversal() == reversal)
                .findFirst();
    }

    private static Sending sending(DeliveryRecord row) {
        return new Sending(
                new Delivery(
                        row.getId(),
                        row.getPayRunId(),
                        row.getClosing(),
                        row.getReversal(),
                        row.getAttempt(),
                        row.getAskedAt(),
                        row.getAskedBy(),
                        row.getTries(),
                        row.getFailure(),
                        row.getAnsweredAt()),
                row.getToken(),
                row.getPartial());
    }
}
