package upahead.server.yearend;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.YearTurn;
import upahead.core.people.Employment;
import upahead.core.policy.Enrolment;
import upahead.core.value.HourlyRate;
import upahead.core.value.PayRate;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolments;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.PersonException;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.PolicyDetail;
import upahead.server.rates.PayRates;

/**
 * Works out the year's ends of a policy that lie within some days. In periods that are not closed a day without recorded
 * hours counts as scheduled, also where it is gone by: the figures settle with the close.
 */
@Component
class Turns {

    private final Accounts accounts;
    private final PeopleInParts parts;
    private final People people;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final PayRates rates;
    private final CurrentUser user;
    private final MovableClock clock;

    Turns(
            Accounts accounts,
            PeopleInParts parts,
            People people,
            Enrolments enrolments,
            Exceptions exceptions,
            PayRates rates,
            CurrentUser user,
            MovableClock clock) {
        this.accounts = accounts;
        this.parts = parts;
        this.people = people;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.rates = rates;
        this.user = user;
        this.clock = clock;
    }

    /** By name: of whoever was employed within the days, one each. */
    List<Turn> of(PolicyDetail policy, DateSpan days) {
        List<Person> enrolled =
                people.search(PeopleQuery.everybodyOn(days.last()).among(enrolments.peopleIn(policy.id()))).stream()
                        .filter(person -> person.isEmployedWithin(days.first().minusYears(1), days.last()))
                        .toList();
        boolean inMoney = user.get().may(Permission.SEE_PAY_RATES);
        List<Turn> turns = new ArrayList<>();
        parts.rows(
                enrolled,
                "Working out the year's end of people",
                some -> turns(policy, days, some, inMoney),
                turns::add);
        turns.sort(Comparator.comparing((Turn turn) -> turn.account().person().name())
                .thenComparing(Turn::personId));
        return turns;
    }

    private List<Turn> turns(PolicyDetail policy, DateSpan days, List<Person> some, boolean inMoney) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<Long, Timeline<PayRate>> byPerson = inMoney ? rates.of(ids) : Map.of();
        Map<Long, List<PersonException>> own =
                exceptions.of(ids).stream().collect(Collectors.groupingBy(PersonException::personId));
        List<Turn> turns = new ArrayList<>();
        Outlook outlook = Outlook.ahead(clock.today(), days.last());
        for (PersonAccount account :
                accounts.inPolicy(some, outlook, policy, person -> Enrolment.from(person.hired()))) {
            long id = account.person().id();
            turn(account, days, own.getOrDefault(id, List.of()), Optional.ofNullable(byPerson.get(id)))
                    .ifPresent(turns::add);
        }
        return turns;
    }

    private static Optional<Turn> turn(
            PersonAccount account, DateSpan days, List<PersonException> own, Optional<Timeline<PayRate>> rates) {
        Employment employment = account.account().employment();
        Ledger ahead = Derivation.derive(account.account(), days.last());
        LocalDate on = firstTurn(ahead, days);
        if (on == null || !employment.isEmployedOn(on)) {
            return Optional.empty();
        }
        return YearTurn.of(ahead, on)
                .map(figures -> new Turn(
                        account,
                        figures,
                        rates.flatMap(timeline -> HourlyRate.on(on, timeline, employment))
                                .orElse(null),
                        own.stream()
                                .filter(each ->
                                        Turn.isAbout(each, account.policy().id(), on))
                                .reduce((first, second) -> second)
                                .orElse(null)));
    }

    /** The first day of a benefit year within the days; null where none begins. */
    private static LocalDate firstTurn(Ledger ledger, DateSpan days) {
        LocalDate begins = ledger.benefitYear(days.first()).first();
        if (begins.equals(days.first())) {
            return begins;
        }
        LocalDate next = ledger.benefitYear(days.first()).last().plusDays(1);
        return next.isAfter(days.last()) ? null : next;
    }
}
