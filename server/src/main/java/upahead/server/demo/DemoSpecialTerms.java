package upahead.server.demo;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.PerPeriod;
import upahead.core.facts.OpeningBalance;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Leftover;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;
import upahead.server.balances.Balances;
import upahead.server.people.EmploymentChanges;
import upahead.server.people.EmploymentType;
import upahead.server.people.Person;
import upahead.server.policies.Coverage;
import upahead.server.policies.Ending;
import upahead.server.policies.Enrolments;
import upahead.server.policies.Exceptions;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.OwnFigures;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.Seen;
import upahead.server.policies.TermsDocument;
import upahead.server.policies.TermsDocument.Earning;
import upahead.server.policies.TermsWriter;

/** The rarer rules at work on somebody: shares by pay period and by day, own benefit years, exceptions, pauses, moves. */
@Component
class DemoSpecialTerms {

    static final String RESPITE = "Glasshouse respite";
    static final String VOLUNTEERING = "Volunteering";
    private static final String UNPAID = "Unpaid leave";
    private static final String UNEXPLAINED = "Unexplained absence";
    static final String ANNIVERSARY = "Anniversary hours";

    private static final String HIRE_ANNIVERSARY = "hire-anniversary";

    private final Policies policies;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final EmploymentChanges employments;
    private final Balances balances;
    private final DemoHolidays holidays;

    DemoSpecialTerms(
            Policies policies,
            Enrolments enrolments,
            Exceptions exceptions,
            EmploymentChanges employments,
            Balances balances,
            DemoHolidays holidays) {
        this.policies = policies;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.employments = employments;
        this.balances = balances;
        this.holidays = holidays;
    }

    void setUp(Collection<Person> all) {
        Map<String, Person> byCode = all.stream().collect(Collectors.toMap(Person::code, Function.identity()));
        long glasshouses = byCode.get("B136").teamId();
        PolicyDetail respite = write(
                RESPITE,
                PolicyKind.PERSONAL,
                Unit.HOURS,
                "RESP",
                "01-01",
                new RequestRules(false, false, 0, false, LeaveIn.HOURS, Amount.of("0.5")),
                respite(),
                Coverage.teams(List.of(glasshouses)));
        PolicyDetail volunteering = write(
                VOLUNTEERING,
                PolicyKind.VOLUNTEERING,
                Unit.DAYS,
                "VOL",
                "01-01",
                new RequestRules(false, false, 5, false, LeaveIn.HALF_DAYS, null),
                volunteering("4"),
                Coverage.types(EmploymentType.SALARIED));
        write(
                ANNIVERSARY,
                PolicyKind.OTHER,
                Unit.HOURS,
                "ANNIV",
                HIRE_ANNIVERSARY,
                new RequestRules(false, false, 0, false),
                anniversary(),
                Coverage.types(EmploymentType.HOURLY));
        writeRecordedOnly(
                UNPAID, PolicyKind.UNPAID, "UNPD", new RequestRules(false, false, 7, true), Coverage.everybody());
        writeRecordedOnly(
                UNEXPLAINED,
                PolicyKind.UNEXPLAINED_ABSENCE,
                "ABSENT",
                new RequestRules(
                        false, false, 0, false, LeaveIn.HOURS, null, null, List.of(), null, Seen.NOBODY, false, false),
                Coverage.types(EmploymentType.HOURLY, EmploymentType.SEASONAL));
        moreVolunteeringFrom(LocalDate.of(2027, 4, 1), volunteering.id());
        makeExceptions(byCode, respite);
        changeEmployments(byCode);
        endEnrolments(byCode, volunteering);
        holidays.thank(List.of(byCode.get("B127").id(), byCode.get("B131").id()));
    }

    private void makeExceptions(Map<String, Person> byCode, PolicyDetail respite) {
        exceptions.make(
                byCode.get("B136").id(),
                respite.id(),
                LocalDate.of(2027, 2, 1),
                LocalDate.of(2027, 12, 31),
                OwnFigures.earning(Amount.of(60)),
                "Nights with the orchids this year");
        exceptions.make(
                byCode.get("B133").id(),
                named(DemoPolicies.HOURLY_LEAVE).id(),
                DemoPolicies.START,
                null,
                new OwnFigures(null, Amount.of(90), null, null, null, null, null, null),
                "Agreed when hired");
    }

    private void changeEmployments(Map<String, Person> byCode) {
        employments.pause(
                byCode.get("B143").id(),
                new DateSpan(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 21)),
                "unpaid leave");
        long partTimer = byCode.get("B138").id();
        employments.changeFte(partTimer, LocalDate.of(2027, 3, 15), Amount.of("0.6"));
        employments.changeSchedule(
                partTimer,
                LocalDate.of(2027, 3, 15),
                List.of("8", "8", "8", "0", "0", "0", "0").stream()
                        .map(Amount::of)
                        .toList());
        balances.open(
                byCode.get("B157").id(),
                named(DemoPolicies.SEASONAL_LEAVE).id(),
                new OpeningBalance(
                        LocalDate.of(2027, 3, 1), Amount.ZERO, Amount.ZERO, Amount.ZERO, List.of(), Amount.of("13.5")));
    }

    private void endEnrolments(Map<String, Person> byCode, PolicyDetail volunteering) {
        enrolments.end(
                byCode.get("B121").id(),
                volunteering.id(),
                LocalDate.of(2027, 3, 31),
                new Ending(EndBalance.LAPSE, null));
        enrolments.end(
                byCode.get("B133").id(),
                named(DemoPolicies.TIME_IN_LIEU).id(),
                LocalDate.of(2027, 4, 11),
                new Ending(EndBalance.MOVE, named(DemoPolicies.HOURLY_LEAVE).id()));
    }

    private void moreVolunteeringFrom(LocalDate from, long policyId) {
        PolicyDetail withDraft = policies.draft(policyId, volunteering("5"));
        PolicyVersion draft = withDraft.versions().stream()
                .filter(version -> version.starts() == null)
                .findFirst()
                .orElseThrow();
        policies.putInForce(policyId, draft.id(), draft.edits(), from, Coverage.types(EmploymentType.SALARIED), "");
    }

    private PolicyDetail named(String name) {
        return Optional.of(name)
                .flatMap(wanted -> policies.all().stream()
                        .filter(policy -> policy.name().equals(wanted))
                        .findFirst())
                .orElseThrow();
    }

    private void writeRecordedOnly(String name, PolicyKind kind, String code, RequestRules rules, Coverage coverage) {
        PolicyDetail draft = policies.write(NewPolicy.recordedOnly(name, kind, Unit.HOURS, false, code, rules));
        PolicyVersion version = draft.versions().get(0);
        policies.putInForce(draft.id(), version.id(), version.edits(), DemoPolicies.START, coverage, "");
    }

    private PolicyDetail write(
            String name,
            PolicyKind kind,
            Unit unit,
            String code,
            String benefitYear,
            RequestRules rules,
            TermsDocument terms,
            Coverage coverage) {
        PolicyDetail draft = policies.write(new NewPolicy(name, kind, unit, true, code, benefitYear, rules, terms));
        PolicyVersion version = draft.versions().get(0);
        return policies.putInForce(draft.id(), version.id(), version.edits(), DemoPolicies.START, coverage, "");
    }

    private static TermsDocument respite() {
        return TermsWriter.earning(Earning.perYear(
                        "31", PerPeriod.Every.PAY_PERIOD, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR))
                .scaledByFte()
                .rounded("0.25", Rounding.Mode.UP)
                .earnedPerYear("36")
                .carry("6", Leftover.PAY_OUT)
                .onLeaving(Leftover.LAPSE)
                .write();
    }

    private static TermsDocument volunteering(String days) {
        return TermsWriter.earning(
                        Earning.perYear(days, PerPeriod.Every.DAY, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR))
                .rounded("0.5", Rounding.Mode.DOWN)
                .usedPerYear("5")
                .carry("1", Leftover.LAPSE)
                .carriedFor(3, Wait.In.MONTHS)
                .onLeaving(Leftover.LAPSE)
                .write();
    }

    private static TermsDocument anniversary() {
        return TermsWriter.earning(
                        Earning.perYear("18", PerPeriod.Every.MONTH, PerPeriod.Posts.START, PerPeriod.Months.FROM_HIRE))
                .tenure(3, "24")
                .waitToEarn(6, Wait.In.MONTHS)
                .creditsUsable(9, Wait.In.MONTHS)
                .onLeaving(Leftover.LAPSE)
                .write();
    }
}
