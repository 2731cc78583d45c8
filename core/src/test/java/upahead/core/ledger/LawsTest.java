package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static upahead.core.ledger.AnyAccount.DAYS;
import static upahead.core.ledger.AnyAccount.END;
import static upahead.core.ledger.AnyAccount.START;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.PerPeriod;
import upahead.core.facts.Facts;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.OwnTerms;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;

/** What must hold for whatever person, policy and facts there are. */
class LawsTest {

    @Provide
    Arbitrary<Account> accounts() {
        return AnyAccount.accounts();
    }

    /** One person's account as it looks at eight closes in a row: everything about it changes in between. */
    @Provide
    Arbitrary<List<Account>> changing() {
        return AnyAccount.payCalendars()
                .flatMap(calendar ->
                        AnyAccount.paidBy(calendar).list().ofMinSize(2).ofMaxSize(8));
    }

    @Provide
    Arbitrary<List<Taken>> asked() {
        return AnyFacts.taken().list().uniqueElements(Taken::on).ofMinSize(1).ofMaxSize(4);
    }

    @Provide
    Arbitrary<OwnTerms> exceptions() {
        return AnyPolicy.exceptions();
    }

    @Provide
    Arbitrary<Terms> terms() {
        return AnyPolicy.terms();
    }

    @Property(tries = 200)
    void creditsOfEarningNeverGoAboveALimit(@ForAll("accounts") Account account) {
        Ledger ledger = Derivation.derive(account, END);
        for (LedgerLine line : ledger.lines()) {
            if (line.kind() == LineKind.EARNED && line.amount().isPositive()) {
                Limits limits =
                        account.policy().versions().on(line.on()).orElseThrow().limits();
                limits.on(Limit.BALANCE)
                        .ifPresent(most -> assertThat(line.balance()).isLessThanOrEqualTo(most));
                limits.on(Limit.EARNED_PER_YEAR).ifPresent(most -> assertThat(earnedThisYear(ledger, line))
                        .isLessThanOrEqualTo(most));
            }
        }
    }

    private static Amount earnedThisYear(Ledger ledger, LedgerLine last) {
        DateSpan year = ledger.benefitYear(last.on());
        List<LedgerLine> before = ledger.lines().subList(0, ledger.lines().indexOf(last) + 1);
        Standing standing = Standing.NOTHING;
        for (LedgerLine line : before) {
            standing = standing.plus(line, year.contains(line.on()));
        }
        return standing.earnedThisYear();
    }

    @Property(tries = 60)
    void theSharesOfAYearAddUpToItsAmountExactly(
            @ForAll @IntRange(min = 0, max = 40_000) int hundredths,
            @ForAll PerPeriod.Every every,
            @ForAll PerPeriod.Posts posts,
            @ForAll Rounding.Mode mode,
            @ForAll @IntRange(min = 0, max = 2) int step) {
        Amount aYear = Amount.of(hundredths).times(Amount.of("0.01"));
        Rounding rounding = new Rounding(
                List.of(Amount.of("0.0001"), Amount.of("0.25"), Amount.of("0.3"))
                        .get(step),
                mode);
        Account account = Sample.of(new PerPeriod(
                        every, aYear, PerPeriod.Per.YEAR, posts, PerPeriod.Months.CALENDAR, PerPeriod.Partial.BY_DAYS))
                .hired("2026-03-02")
                .rounded(rounding.step().toString(), mode)
                .account();
        assertThat(Derivation.derive(account, LocalDate.of(2028, 12, 31))
                        .standing(LocalDate.of(2028, 12, 31))
                        .earnedThisYear())
                .isEqualTo(rounding.round(Fraction.of(aYear)));
    }

    @Property(tries = 100)
    void theLargestAffordablePartIsAffordableAndNoStepMoreIs(
            @ForAll("accounts") Account account, @ForAll("asked") List<Taken> asked) {
        Amount step = Amount.of("0.5");
        List<Taken> part = RequestCheck.largestAffordable(account, asked, Optional.of(step));
        if (!part.isEmpty()) {
            assertThat(RequestCheck.of(account, part).isAffordable()).isTrue();
        }
        for (Taken day : asked) {
            Amount kept = Amount.sum(part.stream()
                    .filter(other -> other.on().equals(day.on()))
                    .map(Taken::amount)
                    .toList());
            if (!kept.plus(step).isMoreThan(day.amount())) {
                List<Taken> more = new ArrayList<>(part);
                more.removeIf(other -> other.on().equals(day.on()));
                more.add(new Taken(day.on(), kept.plus(step)));
                assertThat(RequestCheck.of(account, more).isAffordable()).isFalse();
            }
        }
    }

    /** The derivation keeps a sum and the lots it is made of, and asserts after every event that both agree. */
    @Property(tries = 300)
    void theRunningSumOfTheLinesIsTheBalanceAndThatOfTheLots(@ForAll("accounts") Account account) {
        Amount sum = Amount.ZERO;
        for (LedgerLine line : Derivation.derive(account, END).lines()) {
            sum = sum.plus(line.amount());
            assertThat(line.balance()).isEqualTo(sum);
        }
    }

    @Property(tries = 150)
    void theOrderInWhichFactsAreGivenDoesNotMatter(@ForAll("accounts") Account account) {
        assertThat(Derivation.derive(account.withFacts(backwards(account.facts())), END)
                        .lines())
                .isEqualTo(Derivation.derive(account, END).lines());
    }

    @Property(tries = 150)
    void derivingToADayEqualsDerivingFurtherAndCuttingThere(
            @ForAll("accounts") Account account, @ForAll @IntRange(max = DAYS) int days) {
        LocalDate cut = START.plusDays(days);
        assertThat(Derivation.derive(account, cut).lines())
                .isEqualTo(Derivation.derive(account, END).lines().stream()
                        .filter(line -> !line.on().isAfter(cut))
                        .toList());
    }

    @Property(tries = 150)
    void anAccountUnderTwoSetsOfRulesIsDerivedAsEachByItself(
            @ForAll("accounts") Account account, @ForAll("exceptions") OwnTerms exception) {
        assertPairIsDerived(account, account.policy().with(exception));
    }

    @Property(tries = 150)
    void anAccountUnderAnotherVersionIsDerivedAsByItself(
            @ForAll("accounts") Account account, @ForAll("terms") Terms terms, @ForAll @IntRange(max = DAYS) int days) {
        Policy policy = account.policy();
        LocalDate from = account.payCalendar().periodOf(START.plusDays(days)).first();
        assertPairIsDerived(
                account,
                new Policy(
                        policy.unit(), policy.benefitYear(), policy.versions().with(from, terms)));
    }

    private static void assertPairIsDerived(Account account, Policy other) {
        Derivation.Pair both = Derivation.derive(account, other, END);
        assertThat(both.own().lines()).isEqualTo(Derivation.derive(account, END).lines());
        assertThat(both.other().lines())
                .isEqualTo(Derivation.derive(account.withPolicy(other), END).lines());
    }

    @Property(tries = 100)
    void afterAnyClosesAndLateChangesPostedIsDerived(
            @ForAll("changing") List<Account> changing, @ForAll @Size(8) List<Boolean> undone) {
        List<Frozen> posted = new ArrayList<>();
        Optional<LocalDate> closedThrough = Optional.empty();
        DateSpan period = changing.get(0).payCalendar().periodOf(START);
        for (int run = 0; run < changing.size(); run++) {
            Ledger ledger = Derivation.derive(changing.get(run), period.last());
            List<NewPosting> postings = Closing.postings(ledger, posted, closedThrough, period);
            postings.forEach(line -> posted.add(line.frozen()));
            if (undone.get(run)) {
                postings.forEach(line -> posted.add(line.reversed("tried").frozen()));
                List<NewPosting> again = Closing.postings(ledger, posted, closedThrough, period);
                assertThat(again).isEqualTo(postings);
                again.forEach(line -> posted.add(line.frozen()));
            }
            assertThat(Amount.sum(posted.stream().map(Frozen::amount).toList()))
                    .isEqualTo(ledger.balance(period.last()));
            assertThat(Closing.differences(ledger, posted, period.last())).isEmpty();
            closedThrough = Optional.of(period.last());
            period = changing.get(0).payCalendar().after(period);
        }
    }

    private static Facts backwards(Facts facts) {
        return new Facts(
                new WorkLog(backwards(facts.work().entries())),
                new WorkLog(backwards(facts.paidLeave().entries())),
                new WorkLog(backwards(facts.awardedHolidays().entries())),
                backwards(facts.taken()),
                backwards(facts.adjustments()),
                backwards(facts.openings()));
    }

    private static <T> List<T> backwards(List<T> list) {
        List<T> backwards = new ArrayList<>(list);
        Collections.reverse(backwards);
        return backwards;
    }
}
