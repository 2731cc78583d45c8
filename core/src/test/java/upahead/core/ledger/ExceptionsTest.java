package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.PayCalendar;
import upahead.core.policy.EndBalance;
import upahead.core.policy.OwnTerms;
import upahead.core.quantity.Amount;

/** Exceptions, the end of an enrolment, and two sets of rules compared. */
class ExceptionsTest {

    @Test
    void anExceptionReplacesTheFigureOnItsDaysOnly() {
        Account account = with(
                OwnTerms.earning(day("2027-02-01"), Optional.of(day("2027-03-31")), Amount.of(9)),
                Sample.monthly("5").hired("2026-06-01").tenure(0, "6"));
        Ledger ledger = Derivation.derive(account, day("2027-04-30"));
        assertThat(ledger.lines().stream()
                        .filter(line -> line.on().getYear() == 2027)
                        .map(LedgerLine::amount))
                .containsExactly(Amount.of(6), Amount.of(9), Amount.of(9), Amount.of(6));
    }

    @Test
    void anExceptionWithoutEndHoldsOnOverLaterVersions() {
        Account account = with(
                OwnTerms.earning(day("2027-02-01"), Optional.empty(), Amount.of(9)),
                Sample.monthly("5").hired("2027-01-01").version("2027-03-01", SampleMethods.perMonth("7")));
        assertThat(Derivation.derive(account, day("2027-03-31")).balance(day("2027-03-31")))
                .isEqualTo(Amount.of(23));
    }

    @Test
    void aBalanceMovesOnWholeWhenTheEnrolmentEndsThatWay() {
        Account account = Sample.grant("40")
                .takes("2027-02-01", "52")
                .enrolledUntil("2027-03-31", EndBalance.MOVE)
                .account();
        Ledger ledger = Derivation.derive(account, day("2027-12-31"));
        LedgerLine last = ledger.lines().get(ledger.lines().size() - 1);
        assertThat(last.amount()).isEqualTo(Amount.of(12));
        assertThat(last.kind()).isEqualTo(LineKind.ADJUSTED);
        assertThat(ledger.balance(day("2027-12-31"))).isEqualTo(Amount.ZERO);
        assertThat(PlainWords.why(last)).isEqualTo("Moved to another policy when the enrolment ended");
    }

    @Test
    void aChangeOfRulesIsComparedDayByDayAndInTotal() {
        Account account = Sample.monthly("5").hired("2027-01-01").account();
        Account other = Sample.monthly("7").hired("2027-01-01").account();
        List<LocalDate> days = List.of(day("2027-01-31"), day("2027-06-30"));
        Comparison one = Comparison.of(account, other.policy(), days);
        assertThat(one.days()).extracting(Comparison.Day::difference).containsExactly(Amount.of(2), Amount.of(12));
        assertThat(Comparison.total(List.of(one, one)).days().get(1))
                .isEqualTo(new Comparison.Day(day("2027-06-30"), Amount.of(60), Amount.of(84)));
    }

    @Test
    void theRhythmOfEarningChangesOnlyOnTheFirstDayOfAPayPeriod() {
        Account mid = Sample.monthly("5")
                .version("2027-02-05", SampleMethods.perHours("1", "30"))
                .account();
        assertThat(mid.policy().changesInsidePeriods(PayCalendar.standard(day("2027-01-04"))))
                .containsExactly(day("2027-02-05"));
        Account first = Sample.monthly("5")
                .version("2027-02-15", SampleMethods.perHours("1", "30"))
                .version("2027-02-17", SampleMethods.perHours("2", "30"))
                .account();
        assertThat(first.policy().changesInsidePeriods(PayCalendar.standard(day("2027-01-04"))))
                .isEmpty();
    }

    private static Account with(OwnTerms exception, Sample sample) {
        Account account = sample.account();
        return account.withPolicy(account.policy().with(exception));
    }

    private static LocalDate day(String date) {
        return LocalDate.parse(date);
    }
}
