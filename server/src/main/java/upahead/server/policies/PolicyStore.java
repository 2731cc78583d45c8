package upahead.server.policies;

import static upahead.server.database.Tables.ENROLMENT;
import static upahead.server.database.Tables.POLICY;
import static upahead.server.database.Tables.POLICY_VERSION;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.database.tables.records.PolicyRecord;
import upahead.server.database.tables.records.PolicyVersionRecord;

/** Policies and their versions. */
@Repository
class PolicyStore {

    private final DSLContext sql;
    private final ObjectMapper json;

    PolicyStore(DSLContext sql, ObjectMapper json) {
        this.sql = sql;
        this.json = json;
    }

    boolean nameIsTaken(String name) {
        return sql.fetchExists(POLICY, POLICY.NAME.equalIgnoreCase(name.strip()));
    }

    long add(NewPolicy policy) {
        return sql.insertInto(POLICY)
                .set(POLICY.NAME, policy.name().strip())
                .set(POLICY.KIND, policy.kind().name())
                .set(POLICY.UNIT, policy.unit().name())
                .set(POLICY.PAID, policy.paid())
                .set(POLICY.PAYROLL_CODE, policy.payrollCode().strip())
                .set(POLICY.BENEFIT_YEAR, policy.benefitYear())
                .set(POLICY.HOLIDAYS_COST, policy.rules().holidaysCost())
                .set(POLICY.DAYS_OFF_COST, policy.rules().daysOffCost())
                .set(POLICY.NOTICE_DAYS, policy.rules().noticeDays())
                .set(POLICY.NOTE_REQUIRED, policy.rules().noteRequired())
                .set(POLICY.LEAVE_IN, policy.rules().leaveIn().name())
                .set(
                        POLICY.SMALLEST_STEP,
                        policy.rules().smallestStep() == null
                                ? null
                                : policy.rules().smallestStep().value())
                .returningResult(POLICY.ID)
                .fetchOne(POLICY.ID);
    }

    long addDraft(long policyId, TermsDocument terms) {
        return sql.insertInto(POLICY_VERSION)
                .set(POLICY_VERSION.POLICY_ID, policyId)
                .set(POLICY_VERSION.STATE, VersionState.DRAFT.name())
                .set(POLICY_VERSION.TERMS, written(terms))
                .set(POLICY_VERSION.EDITS, 0)
                .returningResult(POLICY_VERSION.ID)
                .fetchOne(POLICY_VERSION.ID);
    }

    /** Changes a draft, if it is still the one that was seen; tells whether it was. */
    boolean change(long versionId, int seenEdits, TermsDocument terms) {
        return sql.update(POLICY_VERSION)
                        .set(POLICY_VERSION.TERMS, written(terms))
                        .set(POLICY_VERSION.EDITS, seenEdits + 1)
                        .where(POLICY_VERSION.ID.eq(versionId))
                        .and(POLICY_VERSION.EDITS.eq(seenEdits))
                        .and(POLICY_VERSION.STATE.eq(VersionState.DRAFT.name()))
                        .execute()
                == 1;
    }

    /** Puts a draft in force, if it is still the one that was seen; tells whether it was. */
    boolean putInForce(long versionId, int seenEdits, LocalDate starts) {
        return sql.update(POLICY_VERSION)
                        .set(POLICY_VERSION.STATE, VersionState.IN_FORCE.name())
                        .set(POLICY_VERSION.STARTS, starts)
                        .set(POLICY_VERSION.EDITS, seenEdits + 1)
                        .where(POLICY_VERSION.ID.eq(versionId))
                        .and(POLICY_VERSION.EDITS.eq(seenEdits))
                        .and(POLICY_VERSION.STATE.eq(VersionState.DRAFT.name()))
                        .execute()
                == 1;
    }

    List<PolicyDetail> all() {
        Map<Long, List<PolicyVersion>> versions = sql.selectFrom(POLICY_VERSION)
                .orderBy(POLICY_VERSION.STARTS.asc().nullsLast(), POLICY_VERSION.ID)
                .fetchGroups(POLICY_VERSION.POLICY_ID, this::version);
        Map<Long, Integer> people = sql.select(ENROLMENT.POLICY_ID, DSL.count())
                .from(ENROLMENT)
                .groupBy(ENROLMENT.POLICY_ID)
                .fetchMap(ENROLMENT.POLICY_ID, DSL.count());
        return sql.selectFrom(POLICY)
                .orderBy(POLICY.NAME)
                .fetch(row -> detail(
                        row, people.getOrDefault(row.getId(), 0), versions.getOrDefault(row.getId(), List.of())));
    }

    private static PolicyDetail detail(PolicyRecord row, int people, List<PolicyVersion> versions) {
        return new PolicyDetail(
                row.getId(),
                row.getName(),
                PolicyKind.valueOf(row.getKind()),
                Unit.valueOf(row.getUnit()),
                row.getPaid(),
                row.getPayrollCode(),
                row.getBenefitYear(),
                new RequestRules(
                        row.getHolidaysCost(),
                        row.getDaysOffCost(),
                        row.getNoticeDays(),
                        row.getNoteRequired(),
                        LeaveIn.valueOf(row.getLeaveIn()),
                        row.getSmallestStep() == null ? null : new Amount(row.getSmallestStep())),
                people,
                versions);
    }

    private PolicyVersion version(PolicyVersionRecord row) {
        return new PolicyVersion(
                row.getId(),
                VersionState.valueOf(row.getState()),
                row.getStarts(),
                read(row.getTerms()),
                row.getEdits());
    }

    private String written(TermsDocument terms) {
        try {
            return json.writeValueAsString(terms);
        } catch (JsonProcessingException unwritable) {
            throw new IllegalStateException("terms cannot be written", unwritable);
        }
    }

    private TermsDocument read(String terms) {
        try {
            return json.readValue(terms, TermsDocument.class);
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException("stored terms cannot be read", unreadable);
        }
    }
}
