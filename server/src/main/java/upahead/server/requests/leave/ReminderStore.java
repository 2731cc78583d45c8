package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_REQUEST;

import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Since when requests wait, and when those asked were last reminded of them. */
@Repository
public class ReminderStore {

    private final DSLContext sql;

    public ReminderStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A waiting request.
     *
     * @param remindedOn null where nobody was reminded yet
     */
    public record WaitingSince(long requestId, LocalDate sentOn, LocalDate remindedOn) {}

    /** All that wait, oldest first. */
    public List<WaitingSince> waiting() {
        return sql.select(LEAVE_REQUEST.ID, LEAVE_REQUEST.SENT_AT, LEAVE_REQUEST.REMINDED_ON)
                .from(LEAVE_REQUEST)
                .where(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))
                .orderBy(LEAVE_REQUEST.ID)
                .fetch(row -> new WaitingSince(row.value1(), row.value2().toLocalDate(), row.value3()));
    }

    public void reminded(long requestId, LocalDate on) {
        sql.update(LEAVE_REQUEST)
                .set(LEAVE_REQUEST.REMINDED_ON, on)
                .where(LEAVE_REQUEST.ID.eq(requestId))
                .execute();
    }
}
