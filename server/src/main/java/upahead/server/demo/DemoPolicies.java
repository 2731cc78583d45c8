package upahead.server.demo;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.facts.adjustments.Openings;
import upahead.server.organisation.HoursKinds;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** The policies of Brindlemoor Gardens, in force since it left its spreadsheets, with the balances brought along. */
@Component
class DemoPolicies {

    static final LocalDate START = LocalDate.of(2027, 1, 1);
    static final String HOURLY_LEAVE = "Hourly leave";
    static final String SALARIED_LEAVE = "Salaried leave";
    static final String SICK_TIME = "Sick time";
    static final String LEARNING_DAYS = "Learning days";
    static final String SEASONAL_LEAVE = "Seasonal leave";
    static final String TIME_IN_LIEU = "Time in lieu";

    private static final RequestRules PLAIN = new RequestRules(false, false, 0, false);

    private final Policies policies;
    private final PuttingInForce inForce;
    private final PolicyTexts texts;
    private final Openings openings;
    private final Adjustments adjustments;
    private final DemoExamples examples;

    DemoPolicies(
            Policies policies,
            PuttingInForce inForce,
            PolicyTexts texts,
            Openings openings,
            Adjustments adjustments,
            DemoExamples examples) {
        this.policies = policies;
        this.inForce = inForce;
        this.texts = texts;
        this.openings = openings;
        this.adjustments = adjustments;
        this.examples = examples;
    }

    /** Writes the policies, puts them in force and sets the opening balances. */
    void setUp(Collection<Person> people) {
        PolicyDetail hourly = write(
                HOURLY_LEAVE,
                PolicyKind.VACATION,
                Unit.HOURS,
                "VAC-H",
                PLAIN,
                hourlyLeave(),
                ofType(EmploymentType.HOURLY));
        PolicyDetail salaried = write(
                SALARIED_LEAVE,
                PolicyKind.VACATION,
                Unit.DAYS,
                "VAC-S",
                new RequestRules(false, false, 3, false),
                salariedLeave("23", "26", "5"),
                ofType(EmploymentType.SALARIED));
        PolicyDetail sick =
                write(SICK_TIME, PolicyKind.SICK, Unit.HOURS, "SICK", PLAIN, sickTime(), Coverage.everybody());
        write(
                SEASONAL_LEAVE,
                PolicyKind.VACATION,
                Unit.HOURS,
                "VAC-T",
                PLAIN,
                seasonalLeave(),
                ofType(EmploymentType.SEASONAL));
        write(
                LEARNING_DAYS,
                PolicyKind.TRAINING,
                Unit.DAYS,
                "LEARN",
                new RequestRules(false, false, 7, true),
                learningDays(),
                ofType(EmploymentType.SALARIED));
        PolicyDetail lieu = write(
                TIME_IN_LIEU,
                PolicyKind.TIME_IN_LIEU,
                Unit.HOURS,
                "LIEU",
                PLAIN.withLieuRate(Amount.of("1.5")),
                timeInLieu(),
                Coverage.teams(teams(people, "Grounds", "Café and shop", "Glasshouses")));
        examples.keep(salaried.id(), sick.id());
        texts.draft(salaried.id(), salariedLeave("24", "27", "6"));
        people.stream().filter(person -> person.hired().isBefore(START)).forEach(person -> {
            open(person, person.employmentType() == EmploymentType.SALARIED ? salaried : hourly, sick);
        });
        award(people, lieu);
    }

    private void open(Person person, PolicyDetail leave, PolicyDetail sick) {
        long spread = person.id() * 7;
        if (leave.unit() == Unit.DAYS) {
            Amount carried = Amount.of(spread % 5);
            if (carried.isPositive()) {
                List<OpeningLot> lots = List.of(new OpeningLot(carried, Optional.of(LocalDate.of(2027, 4, 30))));
                openings.open(
                        person.id(),
                        leave.id(),
                        new OpeningBalance(START, carried, Amount.ZERO, Amount.ZERO, lots, Amount.ZERO));
            }
        } else {
            Amount held = person.code().equals("B130") ? Amount.of("61.5") : Amount.of(9 + spread % 29);
            openings.open(person.id(), leave.id(), OpeningBalance.of(START, held, Amount.ZERO, Amount.ZERO));
        }
        Amount sickHeld = Amount.of(6 + spread % 23);
        openings.open(person.id(), sick.id(), OpeningBalance.of(START, sickHeld, Amount.ZERO, Amount.ZERO));
    }

    private void award(Collection<Person> people, PolicyDetail lieu) {
        people.stream()
                .filter(person -> person.employmentType() == EmploymentType.HOURLY)
                .filter(person -> List.of("Grounds", "Café and shop").contains(person.team()))
                .filter(person -> person.hired().isBefore(START) && person.id() % 2 == 1)
                .forEach(person -> adjustments.adjust(
                        person.id(),
                        lieu.id(),
                        new Adjustment(LocalDate.of(2027, 1, 23), Amount.of("4.5"), "Lantern evening")));
    }

    private PolicyDetail write(
            String name,
            PolicyKind kind,
            Unit unit,
            String code,
            RequestRules rules,
            WrittenTerms terms,
            Coverage coverage) {
        PolicyDetail draft = texts.write(new NewPolicy(name, kind, unit, true, code, "01-01", rules, terms));
        PolicyVersion version = draft.versions().get(0);
        return inForce.putInForce(draft.id(), version.id(), version.edits(), START, coverage, "");
    }

    private static Coverage ofType(EmploymentType type) {
        return Coverage.types(type);
    }

    private static List<Long> teams(Collection<Person> people, String... names) {
        return people.stream()
                .filter(person -> List.of(names).contains(person.team()))
                .map(Person::teamId)
                .distinct()
                .toList();
    }

    private static WrittenTerms hourlyLeave() {
        return TermsWriter.perHours("1", "23")
                .tenure(4, "1.3")
                .waitToUse(45, Wait.In.DAYS)
                .limit(Limit.BALANCE, "74")
                .carry("37", Leftover.LAPSE)
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }

    private static WrittenTerms salariedLeave(String days, String laterDays, String carry) {
        return TermsWriter.upfront(days, Upfront.FirstYear.BY_DAYS)
                .tenure(5, laterDays)
                .limit(Limit.OVERDRAW, "2")
                .carry(carry, Leftover.LAPSE)
                .carriedUntil("04-30")
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }

    private static WrittenTerms sickTime() {
        return TermsWriter.perYear("54", PerPeriod.Every.MONTH, PerPeriod.Posts.START, PerPeriod.Months.CALENDAR)
                .limit(Limit.BALANCE, "81")
                .limit(Limit.USED_PER_YEAR, "63")
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }

    private static WrittenTerms seasonalLeave() {
        return TermsWriter.perWholeSteps("1", "31", HoursKinds.names())
                .waitToUse(60, Wait.In.DAYS)
                .limit(Limit.BALANCE, "42")
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }

    private static WrittenTerms learningDays() {
        return TermsWriter.upfront("3", Upfront.FirstYear.BY_DAYS)
                .carry("0", Leftover.LAPSE)
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }

    private static WrittenTerms timeInLieu() {
        return TermsWriter.noEarning()
                .creditsUsable(120, Wait.In.DAYS)
                .onLeaving(Leftover.PAY_OUT)
                .write();
    }
}
