package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.Limit;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;

/** Finds what is ahead for one account: waits, limits, lapses, tenure, year's ends and other terms. */
public final class Ahead {

    private final Account account;
    private final Ledger ledger;
    private final DateSpan days;
    private final List<Upcoming> found = new ArrayList<>();

    private Ahead(Account account, Ledger ledger, DateSpan days) {
        this.account = account;
        this.ledger = ledger;
        this.days = days;
    }

    /**
     * What is ahead on some days, in order of time.
     *
     * @param account with its facts forecast through the last of the days
     * @param ledger of the account, derived at least through the last of the days
     */
    public static List<Upcoming> of(Account account, Ledger ledger, DateSpan days) {
        Ahead ahead = new Ahead(account, ledger, days);
        ahead.waits();
        ahead.terms();
        ahead.tenure();
        ahead.years();
        ahead.grants();
        ahead.limits();
        ahead.withheld();
        ahead.removed();
        ahead.belowZero();
        ahead.found.sort(Comparator.comparing(Upcoming::on));
        return List.copyOf(ahead.found);
    }

    private void waits() {
        for (var version : account.policy().versions().within(days)) {
            LocalDate earning = AccountEarning.begins(account, version.value());
            if (isReached(earning, version.days())
                    && version.value().waitToEarn().count() > 0) {
                found.add(new Upcoming.EarningBegins(earning));
            }
            ledger.useBegins(version.days().first())
                    .filter(use -> isReached(use, version.days())
                            && version.value().waitToUse().count() > 0)
                    .ifPresent(use -> found.add(new Upcoming.UseBegins(use, ledger.balance(use))));
        }
    }

    private boolean isReached(LocalDate day, DateSpan stretch) {
        return stretch.contains(day) && account.employment().isEmployedOn(day);
    }

    private void terms() {
        account.policy().versions().entries().stream()
                .filter(version -> days.contains(version.from()))
                .forEach(version -> found.add(new Upcoming.TermsChange(version.from())));
    }

    private void tenure() {
        LocalDate service = account.employment().serviceFrom();
        int most = account.employment().completedYears(days.last());
        for (int years = account.employment().completedYears(days.first()); years <= most; years++) {
            LocalDate anniversary = service.plusYears(years);
            if (years > 0 && isReached(anniversary, days)) {
                bandReached(anniversary, years)
                        .ifPresent(band ->
                                found.add(new Upcoming.TenureStep(anniversary, band.fromYears(), band.amount())));
            }
        }
    }

    private Optional<TenureBand> bandReached(LocalDate on, int years) {
        return account.policy().versions().on(on).map(Terms::tenure).stream()
                .flatMap(List::stream)
                .filter(band -> band.fromYears() == years)
                .findFirst();
    }

    private void years() {
        LocalDate hired = account.employment().hired();
        LocalDate next = ledger.benefitYear(days.first()).last().plusDays(1);
        while (days.contains(next)) {
            if (next.isAfter(hired) && account.employment().isEmployedOn(next)) {
                found.add(new Upcoming.YearEnds(next, carried(next)));
            }
            next = ledger.benefitYear(next).last().plusDays(1);
        }
    }

    /** The balance at the end of the year less what its end took: grants of the new year's first day come later. */
    private Amount carried(LocalDate yearBegins) {
        Amount carried = ledger.balance(yearBegins.minusDays(1));
        for (LedgerLine line : ledger.linesWithin(new DateSpan(yearBegins, yearBegins))) {
            if (line.reason() instanceof Reason.NotCarriedOver || line.reason() instanceof Reason.NotUsedInTime) {
                carried = carried.plus(line.amount());
            }
        }
        return carried;
    }

    private void grants() {
        for (LedgerLine line : ledger.linesWithin(days)) {
            if (line.reason() instanceof Reason.Earned earned && earned.basis().isGrant()) {
                found.add(new Upcoming.Granted(line.on(), line.amount()));
            }
        }
    }

    /** The first time in these days that a posting fills a limit which was not full before them. */
    private void limits() {
        Map<Limit, Boolean> full = new EnumMap<>(Limit.class);
        for (LedgerLine line : ledger.lines()) {
            if (line.on().isAfter(days.last())) {
                break;
            }
            if (line.reason() instanceof Reason.Earned earned && earned.room().isPresent()) {
                Reason.Room room = earned.room().get();
                boolean fills = line.amount().equals(room.amount());
                boolean filledBefore = full.getOrDefault(room.limit(), false);
                if (fills && !filledBefore && days.contains(line.on())) {
                    found.add(new Upcoming.LimitReached(line.on(), room.limit(), room.figure()));
                }
                full.put(room.limit(), fills);
            }
        }
    }

    private void withheld() {
        Map<DateSpan, Upcoming.Withheld> byYear = new TreeMap<>(Comparator.comparing(DateSpan::first));
        for (LedgerLine line : ledger.linesWithin(days)) {
            if (line.withheld().isPositive()) {
                byYear.merge(
                        ledger.benefitYear(line.on()),
                        new Upcoming.Withheld(line.on(), line.withheld(), limit(line), line.on()),
                        (sum, next) -> new Upcoming.Withheld(
                                sum.on(), sum.amount().plus(next.amount()), sum.limit(), next.on()));
            }
        }
        found.addAll(byYear.values());
    }

    private static Limit limit(LedgerLine withheld) {
        return ((Reason.Earned) withheld.reason()).room().orElseThrow().limit();
    }

    private void removed() {
        Map<LocalDate, Amount> lapsed = new TreeMap<>();
        for (LedgerLine line : ledger.linesWithin(days)) {
            if (line.kind() == LineKind.LAPSED) {
                lapsed.merge(line.on(), line.amount().negated(), Amount::plus);
            } else if (line.kind() == LineKind.PAID_OUT) {
                found.add(new Upcoming.PaidOut(line.on(), line.amount().negated()));
            }
        }
        lapsed.forEach((on, amount) -> found.add(new Upcoming.Lapses(on, amount)));
    }

    /** Each time that the balance at the end of a day is below zero and was not on the day before. */
    private void belowZero() {
        for (LedgerLine line : ledger.linesWithin(days)) {
            if (line.balance().isNegative()
                    && found.stream()
                            .noneMatch(each -> each instanceof Upcoming.GoesBelowZero
                                    && each.on().equals(line.on()))
                    && ledger.balance(line.on()).isNegative()
                    && !ledger.balance(line.on().minusDays(1)).isNegative()) {
                found.add(new Upcoming.GoesBelowZero(line.on(), ledger.balance(line.on())));
            }
        }
    }
}
