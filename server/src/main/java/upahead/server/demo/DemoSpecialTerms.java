package upahead.server.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.OpeningBalance;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.DayTimes;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;
import upahead.server.enrolment.Ending;
import upahead.server.enrolment.EnrolmentEnds;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.OwnFigures;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.facts.adjustments.Openings;
import upahead.server.policies.Coverage;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.SeenBy;
import upahead.written.WrittenTerms;

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
    private final PuttingInForce inForce;
    private final PolicyTexts texts;
    private final Exceptions exceptions;
    private final EmploymentChanges employments;
    private final Openings openings;
    private final DemoHolidays holidays;
    private final EnrolmentEnds enrolmentEnds;

    DemoSpecialTerms(
            Policies policies,
            PuttingInForce inForce,
            PolicyTexts texts,
            Exceptions exceptions,
            EmploymentChanges employments,
            Openings openings,
            DemoHolidays holidays,
            EnrolmentEnds enrolmentEnds) {
        this.policies = policies;
        this.inForce = inForce;
        this.texts = texts;
        this.exceptions = exceptions;
        this.employments = employments;
        this.openings = openings;
        this.holidays = holidays;
        this.enrolmentEnds = enrolmentEnds;
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
                DemoTerms.respite(),
                Coverage.teams(List.of(glasshouses)));
        PolicyDetail volunteering = write(
                VOLUNTEERING,
                PolicyKind.VOLUNTEERING,
                Unit.DAYS,
                "VOL",
                "01-01",
                new RequestRules(false, false, 5, false, LeaveIn.HALF_DAYS, null),
                DemoTerms.volunteering("4"),
                Coverage.types(EmploymentType.SALARIED));
        write(
                ANNIVERSARY,
                PolicyKind.OTHER,
                Unit.HOURS,
                "ANNIV",
                HIRE_ANNIVERSARY,
                new RequestRules(false, false, 0, false),
                DemoTerms.anniversary(),
                Coverage.types(EmploymentType.HOURLY));
        writeRecordedOnly(
                UNPAID, PolicyKind.UNPAID, "UNPD", new RequestRules(false, false, 7, true), Coverage.everybody());
        writeRecordedOnly(
                UNEXPLAINED,
                PolicyKind.UNEXPLAINED_ABSENCE,
                "ABSENT",
                new RequestRules(
                        false,
                        false,
                        0,
                        false,
                        LeaveIn.HOURS,
                        null,
                        null,
                        List.of(),
                        null,
                        SeenBy.NOBODY,
                        false,
                        false,
                        null),
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
                OwnFigures.limits(Limits.NONE.with(Limit.BALANCE, Amount.of(90))),
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
                new ScheduleFrom(LocalDate.of(2027, 3, 15), week("8", "8", "8", "0", "0", "0", "0"), List.of()));
        employments.changeSchedule(
                byCode.get("B127").id(),
                new ScheduleFrom(
                        LocalDate.of(2027, 2, 1),
                        week("8", "8", "8", "8", "8", "0", "0"),
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY).stream()
                                .map(day -> new DayTimes(
                                        day,
                                        LocalTime.of(7, 30),
                                        LocalTime.of(16, 0),
                                        LocalTime.NOON,
                                        LocalTime.of(12, 30)))
                                .toList()));
        openings.open(
                byCode.get("B157").id(),
                named(DemoPolicies.SEASONAL_LEAVE).id(),
                new OpeningBalance(
                        LocalDate.of(2027, 3, 1), Amount.ZERO, Amount.ZERO, Amount.ZERO, List.of(), Amount.of("13.5")));
    }

    private static List<Amount> week(String... hours) {
        return Stream.of(hours).map(Amount::of).toList();
    }

    private void endEnrolments(Map<String, Person> byCode, PolicyDetail volunteering) {
        enrolmentEnds.end(
                byCode.get("B121").id(),
                volunteering.id(),
                LocalDate.of(2027, 3, 31),
                new Ending(EndBalance.LAPSE, null));
        enrolmentEnds.end(
                byCode.get("B133").id(),
                named(DemoPolicies.TIME_IN_LIEU).id(),
                LocalDate.of(2027, 4, 11),
                new Ending(EndBalance.MOVE, named(DemoPolicies.HOURLY_LEAVE).id()));
    }

    private void moreVolunteeringFrom(LocalDate from, long policyId) {
        PolicyDetail withDraft = texts.draft(policyId, DemoTerms.volunteering("5"));
        PolicyVersion draft = withDraft.versions().stream()
                .filter(version -> version.starts() == null)
                .findFirst()
                .orElseThrow();
        inForce.putInForce(policyId, draft.id(), draft.edits(), from, Coverage.types(EmploymentType.SALARIED), "");
    }

    private PolicyDetail named(String name) {
        return Optional.of(name)
                .flatMap(wanted -> policies.all().stream()
                        .filter(policy -> policy.name().equals(wanted))
                        .findFirst())
                .orElseThrow();
    }

    private void writeRecordedOnly(String name, PolicyKind kind, String code, RequestRules rules, Coverage coverage) {
        PolicyDetail draft = texts.write(NewPolicy.recordedOnly(name, kind, Unit.HOURS, false, code, rules));
        PolicyVersion version = draft.versions().get(0);
        inForce.putInForce(draft.id(), version.id(), version.edits(), DemoPolicies.START, coverage, "");
    }

    private PolicyDetail write(
            String name,
            PolicyKind kind,
            Unit unit,
            String code,
            String benefitYear,
            RequestRules rules,
            WrittenTerms terms,
            Coverage coverage) {
        PolicyDetail draft = texts.write(new NewPolicy(name, kind, unit, true, code, benefitYear, rules, terms));
        PolicyVersion version = draft.versions().get(0);
        return inForce.putInForce(draft.id(), version.id(), version.edits(), DemoPolicies.START, coverage, "");
    }
}
