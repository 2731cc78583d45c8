package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.RequestRules;
import upahead.server.policies.RuleConflicts;
import upahead.server.policies.RuleConflicts.RuleConflict;
import upahead.written.WrittenTerms;

/** What the people a policy is written for have to do with its text: how they are paid, and how they work. */
@Service
public class CoveredPeople {

    private static final int NAMED = 3;
    private static final int FULL_WEEK = 5;

    private final People people;
    private final Organisation organisation;
    private final EnrolmentStore enrolments;
    private final MovableClock clock;

    CoveredPeople(People people, Organisation organisation, EnrolmentStore enrolments, MovableClock clock) {
        this.people = people;
        this.organisation = organisation;
        this.enrolments = enrolments;
        this.clock = clock;
    }

    /**
     * The pay group of most of those whom a policy covers today.
     *
     * @param policyId null for a policy that is not kept yet, which may come to cover everybody
     * @return none where there is nobody yet
     */
    @Transactional(readOnly = true)
    public Optional<PayGroup> payGroup(@Nullable Long policyId) {
        return covered(policyId).stream()
                .collect(Collectors.groupingBy(Person::payGroupId, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.<Long, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(most -> organisation.payGroup(most.getKey()));
    }

    /**
     * Rules that do not go together, among themselves or with those who are covered.
     *
     * @param rules for requests, null where they are not to be looked at
     * @param policyId null for a policy that is not kept yet
     */
    @Transactional(readOnly = true)
    public List<RuleConflict> conflicts(
            Unit unit, String benefitYear, WrittenTerms terms, @Nullable RequestRules rules, @Nullable Long policyId) {
        List<RuleConflict> found = new ArrayList<>(RuleConflicts.of(unit, benefitYear, terms, rules));
        if (found.stream().noneMatch(each -> each.field().equals(RuleConflicts.SCALING))) {
            shortDays(unit, terms, policyId).ifPresent(found::add);
        }
        return found;
    }

    /**
     * In days, who works short days on all days of the week needs as many days for a week off as a full-timer; in hours, as
     * many hours as the FTE says. The other kind of proportion gives too little or too much.
     */
    private Optional<RuleConflict> shortDays(Unit unit, WrittenTerms terms, @Nullable Long policyId) {
        boolean tooLittle = unit == Unit.DAYS && terms.scaleByFte();
        boolean tooMuch = unit == Unit.HOURS && terms.scaleByDaysOfWeek() != null;
        if (!tooLittle && !tooMuch) {
            return Optional.empty();
        }
        List<Person> covered = covered(policyId);
        Map<Long, Employment> employments =
                people.employments(covered.stream().map(Person::id).toList());
        int full = Objects.requireNonNullElse(terms.scaleByDaysOfWeek(), FULL_WEEK);
        List<String> names = covered.stream()
                .filter(person -> worksShortDays(employments.get(person.id()), full))
                .map(Person::name)
                .toList();
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of(new RuleConflict(RuleConflicts.SCALING, said(names, full, tooLittle)));
    }

    /** The people enrolled in a policy today; everybody, where nobody is yet. */
    private List<Person> covered(@Nullable Long policyId) {
        LocalDate today = clock.today();
        List<Person> all = people.search(PeopleQuery.everybodyOn(today)).stream()
                .filter(person -> person.isEmployedWithin(today, LocalDate.MAX))
                .toList();
        if (policyId == null) {
            return all;
        }
        Set<Long> enrolled = enrolments.on(today).stream()
                .filter(each -> each.policyId() == policyId)
                .map(Enrolled::personId)
                .collect(Collectors.toSet());
        return enrolled.isEmpty()
                ? all
                : all.stream().filter(person -> enrolled.contains(person.id())).toList();
    }

    private boolean worksShortDays(Employment employment, int fullWeek) {
        LocalDate today = clock.today();
        return Amount.ONE.isMoreThan(employment.fteOn(today))
                && employment
                        .schedule()
                        .on(today)
                        .filter(week -> week.workingDays() >= fullWeek)
                        .isPresent();
    }

    private static String said(List<String> names, int fullWeek, boolean tooLittle) {
        String some = names.stream().limit(NAMED).collect(Collectors.joining(", "))
                + (names.size() > NAMED ? " and " + (names.size() - NAMED) + " more" : "");
        String who = names.size() == 1 ? some + " works" : some + " work";
        return who + " fewer hours on " + fullWeek + " days a week: "
                + (tooLittle
                        ? "by the full-time equivalent they earn fewer days, though a week off costs them as many."
                        : "by days a week they earn as many hours, though a week off costs them fewer.");
    }
}
