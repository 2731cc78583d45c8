package upahead.core.ledger;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.core.quantity.Amount;

/** Accounts of all kinds, around two years; what a law fails on shrinks to the plainest account on which it does. */
final class AnyAccount {

    static final LocalDate START = LocalDate.of(2027, 1, 1);
    static final int DAYS = 730;
    static final LocalDate END = START.plusDays(DAYS);

    private AnyAccount() {}

    static Arbitrary<Account> accounts() {
        return payCalendars().flatMap(AnyAccount::paidBy);
    }

    /** Accounts of people who are all paid by one calendar. */
    static Arbitrary<Account> paidBy(PayCalendar payCalendar) {
        return Combinators.combine(employments(), AnyPolicy.policies(payCalendar), holidays(), AnyFacts.facts())
                .flatAs((employment, policy, holidays, facts) -> enrolments(employment)
                        .map(enrolment -> new Account(employment, enrolment, policy, payCalendar, holidays, facts)));
    }

    static Arbitrary<PayCalendar> payCalendars() {
        return Combinators.combine(Arbitraries.of(PayCalendar.Every.class), whole(0, 13))
                .as((every, later) -> new PayCalendar(every, START.plusDays(later)));
    }

    static Arbitrary<Integer> whole(int from, int to) {
        return Arbitraries.integers().between(from, to);
    }

    /** Days of the two years, and some before them. */
    static Arbitrary<LocalDate> days(int before) {
        return whole(-before, DAYS).map(START::plusDays);
    }

    /** Multiples of a quarter. */
    static Arbitrary<Amount> amounts(int from, int to) {
        return whole(from * 4, to * 4).map(quarters -> Amount.of(quarters).times(Amount.of("0.25")));
    }

    static <T> Timeline<T> timeline(Map<LocalDate, T> entries) {
        Timeline<T> timeline = Timeline.empty();
        for (Map.Entry<LocalDate, T> entry : entries.entrySet()) {
            timeline = timeline.with(entry.getKey(), entry.getValue());
        }
        return timeline;
    }

    private static Arbitrary<Employment> employments() {
        return Combinators.combine(
                        days(900),
                        whole(0, 1600).optional(0.3),
                        whole(0, 4000),
                        Arbitraries.maps(
                                        days(400),
                                        Arbitraries.of("1", "0.5", "0.6", "0", "1.2")
                                                .map(Amount::of))
                                .ofMaxSize(2),
                        Arbitraries.maps(days(400), schedules()).ofMaxSize(2),
                        pauses().list().ofMaxSize(2))
                .as((hired, employedFor, servedBefore, fte, schedules, pauses) -> new Employment(
                        hired,
                        employedFor.map(hired::plusDays),
                        hired.minusDays(servedBefore),
                        timeline(fte),
                        timeline(schedules).with(hired, WeeklySchedule.mondayToFriday(Amount.of(8))),
                        pauses));
    }

    private static Arbitrary<WeeklySchedule> schedules() {
        return Arbitraries.maps(Arbitraries.of(DayOfWeek.class), amounts(0, 12))
                .ofMaxSize(7)
                .map(WeeklySchedule::new);
    }

    private static Arbitrary<DateSpan> pauses() {
        return Combinators.combine(days(100), whole(0, 150))
                .as((first, more) -> new DateSpan(first, first.plusDays(more)));
    }

    private static Arbitrary<HolidayCalendar> holidays() {
        return days(0).set().ofMaxSize(10).map(HolidayCalendar::on);
    }

    private static Arbitrary<Enrolment> enrolments(Employment employment) {
        Arbitrary<Optional<Enrolment.End>> ends = Combinators.combine(whole(200, 900), Arbitraries.of(EndBalance.class))
                .as((after, balance) -> new Enrolment.End(employment.hired().plusDays(after), balance))
                .optional(0.2);
        return Combinators.combine(whole(0, 200), ends)
                .as((later, end) -> new Enrolment(employment.hired().plusDays(later), end));
    }
}
