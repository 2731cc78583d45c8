package upahead.server.reports;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.facts.ApprovedLeave;
import upahead.server.facts.ApprovedLeave.LeaveFact;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.reports.AbsencePicture.PersonYear;

/** Draws who is away how often, from the same leave that the table of absences counts. */
@Service
public class AbsencePictures {

    private static final int MOST_PEOPLE = 500;

    private final PeopleOfReport people;
    private final ApprovedLeave leave;

    AbsencePictures(PeopleOfReport people, ApprovedLeave leave) {
        this.people = people;
        this.leave = leave;
    }

    @May(Permission.READ_REPORTS)
    public AbsencePicture draw(ReportQuestion question) {
        YearMonth first = YearMonth.from(question.days().first());
        YearMonth last = YearMonth.from(question.days().last());
        List<YearMonth> months = Stream.iterate(first, month -> !month.isAfter(last), month -> month.plusMonths(1))
                .toList();
        List<PersonYear> found = new ArrayList<>();
        people.each(question, some -> years(some, question, months), found::add);
        found.sort(Comparator.comparing(PersonYear::person));
        int shown = Math.min(found.size(), MOST_PEOPLE);
        return new AbsencePicture(months, found.subList(0, shown), found.size() - shown);
    }

    private List<PersonYear> years(List<Person> some, ReportQuestion question, List<YearMonth> months) {
        Map<Long, List<LeaveFact>> taken =
                leave.approvedLeave(some.stream().map(Person::id).toList());
        return some.stream()
                .map(person -> year(
                        person,
                        taken.getOrDefault(person.id(), List.of()).stream()
                                .map(LeaveFact::on)
                                .filter(question.days()::contains)
                                .collect(Collectors.toSet()),
                        months))
                .filter(year -> year.together().isPositive())
                .toList();
    }

    private static PersonYear year(Person person, Collection<LocalDate> away, List<YearMonth> months) {
        Map<YearMonth, Long> byMonth =
                away.stream().collect(Collectors.groupingBy(YearMonth::from, Collectors.counting()));
        return new PersonYear(
                person.id(),
                person.name(),
                person.team(),
                months.stream()
                        .map(month -> Amount.of(byMonth.getOrDefault(month, 0L)))
                        .toList(),
                Amount.of(away.size()));
    }
}
