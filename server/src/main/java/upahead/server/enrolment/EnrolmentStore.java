package upahead.server.enrolment;

import static upahead.server.database.Tables.ENROLMENT;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.Rows;
import upahead.server.policies.EnrolledPeople;

/** Who is enrolled in what. */
@Repository
class EnrolmentStore implements EnrolledPeople {

    private final DSLContext sql;

    EnrolmentStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Enrols people; an end is not set with it. */
    void enrol(Collection<Enrolled> people) {
        Inserts.all(
                sql,
                people.stream()
                        .map(each -> {
                            var row = sql.newRecord(ENROLMENT);
                            row.setPolicyId(each.policyId());
                            row.setPersonId(each.personId());
                            row.setStarts(each.enrolment().from());
                            return row;
                        })
                        .toList());
    }

    /** Lets an enrolment begin on another day. */
    void move(long personId, long policyId, LocalDate starts) {
        sql.update(ENROLMENT)
                .set(ENROLMENT.STARTS, starts)
                .where(ENROLMENT.PERSON_ID.eq(personId))
                .and(ENROLMENT.POLICY_ID.eq(policyId))
                .execute();
    }

    /** Ends an enrolment, and says what becomes of the balance. */
    void end(long personId, long policyId, Enrolment.End end, Long movedTo) {
        sql.update(ENROLMENT)
                .set(ENROLMENT.ENDS, end.on())
                .set(ENROLMENT.LEFTOVER, end.balance().name())
                .set(ENROLMENT.MOVED_TO, movedTo)
                .where(ENROLMENT.PERSON_ID.eq(personId))
                .and(ENROLMENT.POLICY_ID.eq(policyId))
                .execute();
    }

    /** Takes back the end of an enrolment. */
    void reopen(long personId, long policyId) {
        sql.update(ENROLMENT)
                .setNull(ENROLMENT.ENDS)
                .setNull(ENROLMENT.LEFTOVER)
                .setNull(ENROLMENT.MOVED_TO)
                .where(ENROLMENT.PERSON_ID.eq(personId))
                .and(ENROLMENT.POLICY_ID.eq(policyId))
                .execute();
    }

    void drop(long personId, long policyId) {
        sql.deleteFrom(ENROLMENT)
                .where(ENROLMENT.PERSON_ID.eq(personId))
                .and(ENROLMENT.POLICY_ID.eq(policyId))
                .execute();
    }

    void drop(long personId) {
        sql.deleteFrom(ENROLMENT).where(ENROLMENT.PERSON_ID.eq(personId)).execute();
    }

    @Override
    public Map<Long, Integer> countByPolicy() {
        return sql.select(ENROLMENT.POLICY_ID, DSL.count())
                .from(ENROLMENT)
                .groupBy(ENROLMENT.POLICY_ID)
                .fetchMap(ENROLMENT.POLICY_ID, DSL.count());
    }

    List<Long> peopleIn(long policyId) {
        return sql.select(ENROLMENT.PERSON_ID)
                .from(ENROLMENT)
                .where(ENROLMENT.POLICY_ID.eq(policyId))
                .fetch(ENROLMENT.PERSON_ID);
    }

    List<Enrolled> of(Collection<Long> people) {
        return enrolled(among(ENROLMENT.PERSON_ID, people));
    }

    List<Enrolled> inPolicy(long policyId) {
        return enrolled(ENROLMENT.POLICY_ID.eq(policyId));
    }

    /** Whoever is enrolled in something on a day. */
    List<Enrolled> on(LocalDate day) {
        return enrolled(ENROLMENT.STARTS.le(day).and(ENROLMENT.ENDS.isNull().or(ENROLMENT.ENDS.ge(day))));
    }

    private List<Enrolled> enrolled(Condition condition) {
        List<Enrolled> all = new ArrayList<>();
        Rows.each(
                sql.select(
                                ENROLMENT.PERSON_ID,
                                ENROLMENT.POLICY_ID,
                                ENROLMENT.STARTS,
                                ENROLMENT.ENDS,
                                ENROLMENT.LEFTOVER,
                                ENROLMENT.MOVED_TO)
                        .from(ENROLMENT)
                        .where(condition),
                row -> all.add(new Enrolled(
                        row.getLong(1),
                        row.getLong(2),
                        new Enrolment(
                                row.getObject(3, LocalDate.class),
                                end(row.getObject(4, LocalDate.class), row.getString(5))),
                        row.getObject(6, Long.class))));
        return all;
    }

    private static Optional<Enrolment.End> end(LocalDate ends, String leftover) {
        return Optional.ofNullable(ends).map(on -> new Enrolment.End(on, EndBalance.valueOf(leftover)));
    }
}
