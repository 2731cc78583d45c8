package upahead.server.policies;

import static upahead.server.database.Tables.POLICY;
import static upahead.server.database.Tables.POLICY_VERSION;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.database.tables.records.PolicyRecord;
import upahead.server.database.tables.records.PolicyVersionRecord;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.json.StoredJson;
import upahead.server.platform.sql.AnyCase;
import upahead.server.platform.sql.NamesById;
import upahead.written.WrittenTerms;

/** Policies and their versions. */
@Repository
class PolicyStore implements ThingNames {

    private final DSLContext sql;
    private final StoredJson json;
    private final EnrolledPeople enrolled;

    PolicyStore(DSLContext sql, StoredJson json, EnrolledPeople enrolled) {
        this.sql = sql;
        this.json = json;
        this.enrolled = enrolled;
    }

    boolean nameIsTaken(String name, Long exceptPolicyId) {
        return sql.fetchExists(
                POLICY,
                AnyCase.same(POLICY.NAME, name.strip())
                        .and(exceptPolicyId == null ? DSL.noCondition() : POLICY.ID.ne(exceptPolicyId)));
    }

    long add(NewPolicy policy) {
        PolicyRecord row = sql.newRecord(POLICY);
        row.setUnit(policy.unit().name());
        row.setBenefitYear(policy.benefitYear());
        row.setRecordedOnly(policy.recordedOnly());
        fill(row, policy.settings());
        row.store();
        return row.getId();
    }

    /** Changes what of a policy does not depend on a date, if it is still as it was seen; tells whether it was. */
    boolean change(long policyId, int seenEdits, PolicySettings settings) {
        PolicyRecord row = sql.newRecord(POLICY);
        fill(row, settings);
        row.setEdits(seenEdits + 1);
        return sql.update(POLICY)
                        .set(row)
                        .where(POLICY.ID.eq(policyId))
                        .and(POLICY.EDITS.eq(seenEdits))
                        .execute()
                == 1;
    }

    private void fill(PolicyRecord row, PolicySettings settings) {
        RequestRules rules = settings.rules();
        row.setName(settings.name().strip());
        row.setKind(settings.kind().name());
        row.setPaid(settings.paid());
        row.setPayrollCode(settings.payrollCode().strip());
        row.setHolidaysCost(rules.holidaysCost());
        row.setDaysOffCost(rules.daysOffCost());
        row.setNoticeDays(rules.noticeDays());
        row.setNoteRequired(rules.noteRequired());
        row.setLeaveIn(rules.leaveIn().name());
        row.setSmallestStep(
                rules.smallestStep() == null ? null : rules.smallestStep().value());
        row.setDocumentFromDays(rules.documentFromDays());
        row.setQuestions(json.written(rules.questions()));
        row.setSignOffs(json.written(rules.signOffs()));
        row.setSeenBy(rules.seenBy().name());
        row.setKindShows(rules.kindShows());
        row.setEmployeesAsk(rules.employeesAsk());
        row.setLieuRate(rules.lieuRate() == null ? null : rules.lieuRate().value());
    }

    void setCoverage(long policyId, Coverage coverage) {
        sql.update(POLICY)
                .set(POLICY.COVERAGE, json.written(coverage))
                .where(POLICY.ID.eq(policyId))
                .execute();
    }

    /** Retires a policy after a day, or brings it back where that is null. */
    void retire(long policyId, LocalDate lastDay) {
        sql.update(POLICY)
                .set(POLICY.RETIRED, lastDay)
                .where(POLICY.ID.eq(policyId))
                .execute();
    }

    /** Throws a draft away, if it is still the one that was seen; tells whether it was. */
    boolean discard(long versionId, int seenEdits) {
        return sql.deleteFrom(POLICY_VERSION)
                        .where(POLICY_VERSION.ID.eq(versionId))
                        .and(POLICY_VERSION.EDITS.eq(seenEdits))
                        .and(POLICY_VERSION.STATE.eq(VersionState.DRAFT.name()))
                        .execute()
                == 1;
    }

    long addDraft(long policyId, WrittenTerms terms, List<String> unseenFigures) {
        return sql.insertInto(POLICY_VERSION)
                .set(POLICY_VERSION.POLICY_ID, policyId)
                .set(POLICY_VERSION.STATE, VersionState.DRAFT.name())
                .set(POLICY_VERSION.TERMS, json.written(terms))
                .set(POLICY_VERSION.UNSEEN_FIGURES, json.written(unseenFigures))
                .set(POLICY_VERSION.EDITS, 0)
                .returningResult(POLICY_VERSION.ID)
                .fetchOne(POLICY_VERSION.ID);
    }

    /** Changes a draft, if it is still the one that was seen; tells whether it was. */
    boolean change(long versionId, int seenEdits, WrittenTerms terms, List<String> unseenFigures) {
        return sql.update(POLICY_VERSION)
                        .set(POLICY_VERSION.TERMS, json.written(terms))
                        .set(POLICY_VERSION.UNSEEN_FIGURES, json.written(unseenFigures))
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
        return matching(DSL.noCondition());
    }

    Optional<PolicyDetail> find(long id) {
        return matching(POLICY.ID.eq(id)).stream().findFirst();
    }

    private List<PolicyDetail> matching(Condition condition) {
        var ids = DSL.select(POLICY.ID).from(POLICY).where(condition);
        Map<Long, List<PolicyVersion>> versions = sql.selectFrom(POLICY_VERSION)
                .where(POLICY_VERSION.POLICY_ID.in(ids))
                .orderBy(POLICY_VERSION.STARTS.asc().nullsLast(), POLICY_VERSION.ID)
                .fetchGroups(POLICY_VERSION.POLICY_ID, this::version);
        Map<Long, Integer> people = enrolled.countByPolicy();
        return sql.selectFrom(POLICY)
                .where(condition)
                .orderBy(POLICY.NAME)
                .fetch(row -> detail(
                        row, people.getOrDefault(row.getId(), 0), versions.getOrDefault(row.getId(), List.of())));
    }

    private PolicyDetail detail(PolicyRecord row, int people, List<PolicyVersion> versions) {
        return new PolicyDetail(
                row.getId(),
                row.getName(),
                PolicyKind.valueOf(row.getKind()),
                Unit.valueOf(row.getUnit()),
                row.getPaid(),
                row.getRecordedOnly(),
                row.getPayrollCode(),
                row.getBenefitYear(),
                new RequestRules(
                        row.getHolidaysCost(),
                        row.getDaysOffCost(),
                        row.getNoticeDays(),
                        row.getNoteRequired(),
                        LeaveIn.valueOf(row.getLeaveIn()),
                        row.getSmallestStep() == null ? null : new Amount(row.getSmallestStep()),
                        row.getDocumentFromDays(),
                        List.of(json.read(row.getQuestions(), String[].class)),
                        row.getSignOffs() == null ? null : List.of(json.read(row.getSignOffs(), SignOffStep[].class)),
                        SeenBy.valueOf(row.getSeenBy()),
                        row.getKindShows(),
                        row.getEmployeesAsk(),
                        row.getLieuRate() == null ? null : new Amount(row.getLieuRate())),
                json.read(row.getCoverage(), Coverage.class),
                row.getRetired(),
                row.getEdits(),
                people,
                versions);
    }

    private PolicyVersion version(PolicyVersionRecord row) {
        return new PolicyVersion(
                row.getId(),
                VersionState.valueOf(row.getState()),
                row.getStarts(),
                json.read(row.getTerms(), WrittenTerms.class),
                List.of(json.read(row.getUnseenFigures(), String[].class)),
                row.getEdits());
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.POLICY);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return NamesById.of(sql, POLICY.ID, POLICY.NAME, ids);
    }
}
