package upahead.core.policy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.Rhythm;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * The rules of one balance.
 *
 * @param unit what it counts in; the same for all versions
 * @param benefitYear when its year begins; the same for all versions
 * @param versions the terms, each in force from a date; nothing happens before the first
 */
public record Policy(Unit unit, BenefitYear benefitYear, Timeline<Terms> versions) {
    public Policy {
        Objects.requireNonNull(unit, "unit");
        Objects.requireNonNull(benefitYear, "benefitYear");
        Objects.requireNonNull(versions, "versions");
    }

    /** The rules for one person who has an exception. */
    public Policy with(OwnTerms exception) {
        return new Policy(unit, benefitYear, versions.changed(exception.from(), exception.to(), exception::applyTo));
    }

    /**
     * The day before which this policy and another come to the same for somebody, whatever happens.
     *
     * @return {@link LocalDate#MIN} where they have nothing in common, {@link LocalDate#MAX} where they are the same
     */
    public LocalDate sameBefore(Policy other, Employment employment) {
        if (unit != other.unit || !benefitYear.equals(other.benefitYear)) {
            return LocalDate.MIN;
        }
        LocalDate parts = versions.sameBefore(other.versions);
        boolean otherPeriods = versions.entries().stream()
                .map(Timeline.Entry::from)
                .filter(from -> from.isBefore(parts))
                .anyMatch(from -> !samePeriods(from, employment).equals(other.samePeriods(from, employment)));
        return otherPeriods ? LocalDate.MIN : parts;
    }

    /**
     * The days around a day on which the periods of earning stay the same: from the version on that changed them on a
     * day of employment, up to the day before the next that does (calculation contract, "Facts").
     *
     * @param day one on which a version is in force
     * @return open ends are {@link LocalDate#MIN} and {@link LocalDate#MAX}
     */
    public DateSpan samePeriods(LocalDate day, Employment employment) {
        LocalDate first = LocalDate.MIN;
        Rhythm before = null;
        for (Timeline.Entry<Terms> version : versions.entries()) {
            Rhythm periods = version.value().earning().periods();
            boolean changes = before != null && !before.equals(periods) && employment.isEmployedOn(version.from());
            before = periods;
            if (changes && version.from().isAfter(day)) {
                return new DateSpan(first, version.from().minusDays(1));
            }
            first = changes ? version.from() : first;
        }
        return new DateSpan(first, LocalDate.MAX);
    }

    /** The last day on which what is credited on a day can be used; nothing where that has no end. */
    public Optional<LocalDate> usableUntil(LocalDate credited) {
        return versions.on(credited)
                .flatMap(Terms::creditsUsable)
                .map((Usability.For usable) -> usable.lastUsable(credited));
    }

    /** The whole step in which hours are paid on a day; nothing where they are not. */
    public Optional<Amount> wholeStep(LocalDate day) {
        return versions.on(day).map(Terms::earning).flatMap(EarningMethod::wholeStep);
    }

    /**
     * The days on which a version changes the method or the rhythm of earning inside a pay period. There must be none:
     * they change only from the first day of a pay period on (calculation contract, "Facts").
     */
    public List<LocalDate> changesInsidePeriods(PayCalendar calendar) {
        List<LocalDate> inside = new ArrayList<>();
        Optional<Rhythm> before = Optional.empty();
        for (Timeline.Entry<Terms> version : versions.entries()) {
            Rhythm rhythm = version.value().earning().rhythm();
            boolean changes = before.filter(other -> !other.equals(rhythm)).isPresent();
            if (changes && !calendar.periodOf(version.from()).first().equals(version.from())) {
                inside.add(version.from());
            }
            before = Optional.of(rhythm);
        }
        return inside;
    }
}
