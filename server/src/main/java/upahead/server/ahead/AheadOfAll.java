package upahead.server.ahead;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.AheadView;
import upahead.server.accounts.AheadWords;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.absences.AbsenceCalendar;
import upahead.server.requests.absences.AbsenceCalendar.Question;
import upahead.server.requests.absences.CalendarView.BandDay;
import upahead.server.requests.absences.CalendarView.TeamBand;

/**
 * What is about to happen to everybody's balances, or for an approver to those of the people assigned. Worked out for
 * all of them at once and known until something is changed anywhere.
 */
@Service
public class AheadOfAll {

    private static final int MOST_KEPT = 200_000;
    private static final int DAYS_AT_ONCE = 100;

    private final Accounts accounts;
    private final PeopleInParts parts;
    private final People people;
    private final Policies policies;
    private final AbsenceCalendar calendar;
    private final Reach reach;
    private final MovableClock clock;
    private final WhileUnchanged<AheadQuestion, ForeseenRow> known;

    private record AheadQuestion(PeopleQuery people, DateSpan days) {}

    AheadOfAll(
            Accounts accounts,
            PeopleInParts parts,
            People people,
            Policies policies,
            AbsenceCalendar calendar,
            Reach reach,
            MovableClock clock,
            TurnStore turns) {
        this.accounts = accounts;
        this.parts = parts;
        this.people = people;
        this.policies = policies;
        this.calendar = calendar;
        this.reach = reach;
        this.clock = clock;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /** The days from tomorrow on, so many weeks of them. */
    DateSpan days(int weeks) {
        LocalDate today = clock.today();
        return new DateSpan(today.plusDays(1), today.plusWeeks(weeks));
    }

    /**
     * What happens on some days, in order of time.
     *
     * @param days from tomorrow on
     */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<ForeseenRow> rows(DateSpan days) {
        AheadQuestion question = new AheadQuestion(reach.led(PeopleQuery.everybodyOn(clock.today())), days);
        return known.of(question, () -> found(question));
    }

    private List<ForeseenRow> found(AheadQuestion question) {
        Outlook outlook = Outlook.ahead(clock.today(), question.days().last());
        List<PolicyDetail> all = policies.all();
        List<Person> concerned = people.search(question.people()).stream()
                .filter(person -> person.isEmployedWithin(
                        question.days().first(), question.days().last()))
                .toList();
        List<ForeseenRow> rows = new ArrayList<>();
        parts.rows(
                concerned,
                "Looking ahead for people",
                some -> accounts.of(some, outlook, all).stream()
                        .flatMap(account -> rows(account, question.days()))
                        .toList(),
                rows::add);
        rows.sort(Comparator.comparing(ForeseenRow::on).thenComparing(ForeseenRow::person));
        return rows;
    }

    private static Stream<ForeseenRow> rows(PersonAccount account, DateSpan days) {
        if (account.policy().recordedOnly()) {
            return Stream.empty();
        }
        Ledger ledger = Derivation.derive(account.account(), days.last());
        return Ahead.of(account.account(), ledger, days).stream().map(upcoming -> {
            AheadView told = AheadWords.of(upcoming, account);
            return new ForeseenRow(
                    told.on(),
                    told.what(),
                    account.person().id(),
                    account.person().code(),
                    account.person().name(),
                    account.person().teamId(),
                    account.person().team(),
                    told.policyId(),
                    told.policy(),
                    told.unit(),
                    told.amount(),
                    told.message());
        });
    }

    /** The days on which a team would have fewer people than it needs, in order of time. */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<ShortDay> shortDays(DateSpan days) {
        List<ShortDay> found = new ArrayList<>();
        for (LocalDate from = days.first(); !from.isAfter(days.last()); from = from.plusDays(DAYS_AT_ONCE)) {
            LocalDate last = DateSpan.earlier(from.plusDays(DAYS_AT_ONCE - 1L), days.last());
            for (TeamBand team :
                    calendar.look(Question.of(from, last, null, null)).teams()) {
                for (int at = 0; at < team.days().size(); at++) {
                    BandDay day = team.days().get(at);
                    if (day.isShort()) {
                        found.add(new ShortDay(
                                team.teamId(),
                                team.team(),
                                from.plusDays(at),
                                day.scheduled(),
                                day.away(),
                                day.needed()));
                    }
                }
            }
        }
        found.sort(Comparator.comparing(ShortDay::on).thenComparing(ShortDay::team));
        return found;
    }
}
