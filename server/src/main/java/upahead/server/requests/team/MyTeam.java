package upahead.server.requests.team;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.BalanceRows;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.leave.TakenStore;
import upahead.server.requests.leave.TakenStore.TakenOfKind;

/** The people that whoever is signed in decides for. */
@Service
public class MyTeam {

    private static final long NOBODY = 0;

    private final BalanceRows balances;
    private final People people;
    private final TakenStore taken;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Sight sight;

    MyTeam(BalanceRows balances, People people, TakenStore taken, CurrentUser user, MovableClock clock, Sight sight) {
        this.balances = balances;
        this.people = people;
        this.taken = taken;
        this.user = user;
        this.clock = clock;
        this.sight = sight;
    }

    /** By name; an administrator who decides for nobody in particular has none. */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<TeamMember> on(LocalDate asOf) {
        sight.require(asOf);
        PeopleQuery mine = new PeopleQuery("", null, null, null, null, 0, Integer.MAX_VALUE)
                .decidedBy(user.get().person().orElse(NOBODY));
        List<Person> team = people.search(mine).stream()
                .filter(person -> person.isEmployedWithin(asOf, asOf))
                .toList();
        Map<Long, List<BalanceRow>> byPerson =
                balances.of(team, asOf).stream().collect(Collectors.groupingBy(BalanceRow::personId));
        List<Long> ids = team.stream().map(Person::id).toList();
        Map<Long, LocalDate> next = taken.nextDays(ids, clock.today());
        Map<Long, List<TakenOfKind>> inTheYear =
                taken.of(ids, new DateSpan(asOf.minusYears(1).plusDays(1), asOf));
        return team.stream()
                .map(person -> member(
                        person,
                        byPerson.getOrDefault(person.id(), List.of()),
                        inTheYear.getOrDefault(person.id(), List.of()),
                        next.get(person.id())))
                .toList();
    }

    private static TeamMember member(
            Person person, List<BalanceRow> balances, List<TakenOfKind> taken, LocalDate nextAway) {
        return new TeamMember(
                person.id(),
                person.name(),
                person.team(),
                balances,
                taken,
                taken.stream().mapToInt(TakenOfKind::days).sum(),
                nextAway);
    }
}
