package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.PerPeriod;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.policy.Leftover;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;

/** What must hold for whatever facts there are. */
class LawsTest {

    private static final LocalDate START = LocalDate.of(2027, 1, 4);
    private static final LocalDate END = LocalDate.of(2028, 12, 31);
    private static final int DAYS = 720;

    @Property(tries = 60)
    void creditsNeverGoAboveTheLimit(@ForAll long seed, @ForAll @IntRange(min = 5, max = 60) int limit) {
        Account account = withRandomFacts(
                Sample.perHours("1", "9").limits(String.valueOf(limit), "50", null, "0"), new Random(seed));
        Ledger ledger = Derivation.derive(account, END);
        assertThat(ledger.lines())
                .filteredOn(
                        line -> line.kind() == LineKind.EARNED && line.amount().isPositive())
                .allMatch(line -> line.balance().compareTo(Amount.of(limit)) <= 0);
        assertThat(ledger.standing(LocalDate.of(2027, 12, 31)).earnedThisYear()).isLessThanOrEqualTo(Amount.of(50));
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
                        every,
                        new PerPeriod.Rate(aYear, true),
                        posts,
                        PerPeriod.Months.CALENDAR,
                        PerPeriod.Partial.BY_DAYS))
                .hired("2026-03-02")
                .rounded(rounding.step().toString(), mode)
                .account();
        assertThat(Derivation.derive(account, END)
                        .standing(LocalDate.of(2028, 12, 31))
                        .earnedThisYear())
                .isEqualTo(rounding.round(Fraction.of(aYear)));
    }

    @Property(tries = 30)
    void theLargestAffordablePartIsAffordableAndNoStepMoreIs(@ForAll long seed) {
        Random random = new Random(seed);
        Account account = anyAccount(random);
        Amount step = Amount.of("0.5");
        List<Taken> asked = List.of(
                new Taken(START.plusDays(200), Amount.of(8)),
                new Taken(START.plusDays(201), Amount.of(8)),
                new Taken(START.plusDays(260), Amount.of(8)));
        List<Taken> part = RequestCheck.largestAffordable(account, asked, Optional.of(step));
        if (!part.isEmpty()) {
            assertThat(RequestCheck.of(account, part).isAffordable()).isTrue();
        }
        for (Taken day : asked) {
            Amount kept = Amount.sum(part.stream()
                    .filter(other -> other.on().equals(day.on()))
                    .map(Taken::amount)
                    .toList());
            if (day.amount().isMoreThan(kept)) {
                List<Taken> more = new ArrayList<>(part);
                more.removeIf(other -> other.on().equals(day.on()));
                more.add(new Taken(day.on(), kept.plus(step)));
                assertThat(RequestCheck.of(account, more).isAffordable()).isFalse();
            }
        }
    }

    @Property(tries = 60)
    void theRunningSumOfTheLinesIsTheBalance(@ForAll long seed) {
        Ledger ledger = Derivation.derive(anyAccount(new Random(seed)), END);
        Amount sum = Amount.ZERO;
        for (LedgerLine line : ledger.lines()) {
            sum = sum.plus(line.amount());
            assertThat(line.balance()).isEqualTo(sum);
        }
    }

    @Property(tries = 60)
    void theOrderInWhichFactsAreGivenDoesNotMatter(@ForAll long seed) {
        Account account = anyAccount(new Random(seed));
        assertThat(Derivation.derive(account.withFacts(shuffled(account.facts(), new Random(seed + 1))), END)
                        .lines())
                .isEqualTo(Derivation.derive(account, END).lines());
    }

    @Property(tries = 60)
    void derivingToADayEqualsDerivingFurtherAndCuttingThere(@ForAll long seed, @ForAll @IntRange(max = DAYS) int days) {
        Account account = anyAccount(new Random(seed));
        LocalDate cut = START.plusDays(days);
        assertThat(Derivation.derive(account, cut).lines())
                .isEqualTo(Derivation.derive(account, END).lines().stream()
                        .filter(line -> !line.on().isAfter(cut))
                        .toList());
    }

    @Property(tries = 40)
    void afterAnyClosesAndLateChangesPostedIsDerived(@ForAll long seed) {
        Random random = new Random(seed);
        Account account = anyAccount(random);
        List<Frozen> posted = new ArrayList<>();
        Optional<LocalDate> closedThrough = Optional.empty();
        DateSpan period = account.payCalendar().periodOf(START);
        for (int run = 0; run < 8; run++) {
            Ledger ledger = Derivation.derive(account, period.last());
            List<NewPosting> postings = Closing.postings(ledger, posted, closedThrough, period);
            postings.forEach(line -> posted.add(line.frozen()));
            if (random.nextInt(3) == 0) {
                postings.forEach(line -> posted.add(line.reversed("tried").frozen()));
                List<NewPosting> again = Closing.postings(ledger, posted, closedThrough, period);
                assertThat(again).isEqualTo(postings);
                again.forEach(line -> posted.add(line.frozen()));
            }
            assertThat(Amount.sum(posted.stream().map(Frozen::amount).toList()))
                    .isEqualTo(ledger.balance(period.last()));
            assertThat(Closing.differences(ledger, posted, period.last())).isEmpty();
            closedThrough = Optional.of(period.last());
            period = account.payCalendar().after(period);
            account = withRandomFacts(account, random);
        }
    }

    private static Account anyAccount(Random random) {
        Sample sample =
                switch (random.nextInt(4)) {
                    case 0 -> Sample.grant("120").carry("20", Leftover.LAPSE);
                    case 1 -> Sample.monthly("7.5").limits("40", null, null, "0");
                    case 2 -> Sample.awardsOnly().creditsUsableFor(90);
                    default -> Sample.perHours("1", "17").leaving("2028-06-15");
                };
        return withRandomFacts(sample, random);
    }

    private static Account withRandomFacts(Sample sample, Random random) {
        return withRandomFacts(sample.account(), random);
    }

    private static Account withRandomFacts(Account account, Random random) {
        List<Work> work = new ArrayList<>();
        List<Taken> taken = new ArrayList<>();
        List<Adjustment> adjustments = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            work.add(new Work(day(random), Work.REGULAR, quarter(random, 40)));
        }
        for (int i = 0; i < 15; i++) {
            taken.add(new Taken(day(random), quarter(random, 32)));
            adjustments.add(new Adjustment(day(random), quarter(random, 40).minus(Amount.of(5)), "reason " + i));
        }
        return account.withFacts(
                new Facts(new WorkLog(work), WorkLog.EMPTY, WorkLog.EMPTY, taken, adjustments, List.of()));
    }

    private static Facts shuffled(Facts facts, Random random) {
        List<Work> work = new ArrayList<>(facts.work().entries());
        List<Taken> taken = new ArrayList<>(facts.taken());
        List<Adjustment> adjustments = new ArrayList<>(facts.adjustments());
        Collections.shuffle(work, random);
        Collections.shuffle(taken, random);
        Collections.shuffle(adjustments, random);
        return new Facts(
                new WorkLog(work), facts.paidLeave(), facts.awardedHolidays(), taken, adjustments, facts.openings());
    }

    private static LocalDate day(Random random) {
        return START.plusDays(random.nextInt(DAYS));
    }

    private static Amount quarter(Random random, int most) {
        return Amount.of(1 + random.nextInt(most)).times(Amount.of("0.25"));
    }
}
