package upahead.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import upahead.core.hours.Work;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;

/** Spans, timelines and working days agree with looking at each day by itself. */
class DaysLawsTest {

    private static final LocalDate START = LocalDate.of(2027, 1, 1);

    @Property(tries = 200)
    void spansShareTheDaysThatAreInBoth(@ForAll("spans") DateSpan one, @ForAll("spans") DateSpan other) {
        Set<LocalDate> shared = one.dates().filter(other::contains).collect(Collectors.toSet());
        assertThat(one.intersection(other)
                        .map(span -> span.dates().collect(Collectors.toSet()))
                        .orElse(Set.of()))
                .isEqualTo(shared);
        assertThat(one.intersection(other)).isEqualTo(other.intersection(one));
        assertThat(one.dates()).hasSize((int) one.days());
    }

    @Property(tries = 200)
    void aSpanWithoutAnotherHasItsOtherDays(@ForAll("spans") DateSpan one, @ForAll("spans") DateSpan other) {
        List<LocalDate> left =
                one.without(other).stream().flatMap(DateSpan::dates).toList();
        assertThat(left)
                .isEqualTo(one.dates().filter(day -> !other.contains(day)).toList());
    }

    @Test
    void aSpanHasNoLastDayBeforeItsFirst() {
        assertThatThrownBy(() -> new DateSpan(START, START.minusDays(1))).hasMessageContaining("before the first day");
        assertThat(DateSpan.between(START, START.minusDays(1))).isEmpty();
    }

    @Property(tries = 200)
    void theStretchesOfATimelineSayWhatHoldsOnEachDay(
            @ForAll("timelines") Map<Integer, Integer> entries, @ForAll("spans") DateSpan span) {
        Timeline<Integer> timeline = timeline(entries);
        Map<LocalDate, Integer> byDay = new HashMap<>();
        List<DateSpan> days = new ArrayList<>();
        for (Timeline.Stretch<Integer> stretch : timeline.within(span)) {
            days.add(stretch.days());
            stretch.days().dates().forEach(day -> assertThat(byDay.put(day, stretch.value()))
                    .isNull());
        }
        span.dates()
                .forEach(day -> assertThat(Optional.ofNullable(byDay.get(day))).isEqualTo(timeline.on(day)));
        assertThat(byDay.keySet()).allMatch(span::contains);
        assertThat(days).isSortedAccordingTo((one, other) -> one.first().compareTo(other.first()));
    }

    @Property(tries = 100)
    void theOrderOfEntriesDoesNotMatter(@ForAll("timelines") Map<Integer, Integer> entries) {
        Timeline<Integer> backward = Timeline.empty();
        for (var entry : new TreeMap<>(entries).descendingMap().entrySet()) {
            backward = backward.with(START.plusDays(entry.getKey()), entry.getValue());
        }
        assertThat(backward.entries()).isEqualTo(timeline(entries).entries());
    }

    @Property(tries = 100)
    void scheduledWorkIsTheDaysOwnHoursLessLeave(
            @ForAll("spans") DateSpan span, @ForAll("spans") DateSpan leave, @ForAll("spans") DateSpan holiday) {
        Employment employment = Employment.simple(START, WeeklySchedule.mondayToFriday(Amount.of(7)));
        WorkingDays days =
                new WorkingDays(employment, HolidayCalendar.on(holiday.dates().toList()));
        Map<LocalDate, Amount> leaveHours =
                leave.dates().collect(Collectors.toMap(day -> day, day -> Amount.of(day.getDayOfMonth() % 9)));
        Map<LocalDate, Amount> work =
                days.scheduledWork(span, leaveHours).stream().collect(Collectors.toMap(Work::on, Work::hours));
        span.dates().forEach(day -> {
            Amount expected = days.hoursOn(day)
                    .minus(leaveHours.getOrDefault(day, Amount.ZERO))
                    .floorAtZero();
            assertThat(work.getOrDefault(day, Amount.ZERO)).isEqualTo(expected);
        });
        assertThat(work.keySet()).allMatch(span::contains).noneMatch(holiday::contains);
    }

    @Property(tries = 100)
    void everyDayLiesInOnePeriodAndPeriodsFollowEachOther(
            @ForAll PayCalendar.Every every, @ForAll("days") LocalDate anchor, @ForAll("days") LocalDate day) {
        PayCalendar calendar = new PayCalendar(every, anchor);
        DateSpan period = calendar.periodOf(day);
        assertThat(period.contains(day)).isTrue();
        assertThat(period.dates()).allMatch(each -> calendar.periodOf(each).equals(period));
        assertThat(calendar.after(period).first()).isEqualTo(period.last().plusDays(1));
        assertThat(calendar.before(period).last()).isEqualTo(period.first().minusDays(1));
        assertThat(calendar.before(calendar.after(period))).isEqualTo(period);
    }

    @Provide
    Arbitrary<LocalDate> days() {
        return Arbitraries.integers().between(0, 800).map(START::plusDays);
    }

    @Provide
    Arbitrary<DateSpan> spans() {
        return Combinators.combine(
                        Arbitraries.integers().between(-20, 90),
                        Arbitraries.integers().between(0, 40))
                .as((first, more) -> new DateSpan(
                        START.plusDays(first), START.plusDays(first).plusDays(more)));
    }

    @Provide
    Arbitrary<Map<Integer, Integer>> timelines() {
        return Arbitraries.maps(
                        Arbitraries.integers().between(-30, 120),
                        Arbitraries.integers().between(1, 9))
                .ofMaxSize(6);
    }

    private static Timeline<Integer> timeline(Map<Integer, Integer> entries) {
        Timeline<Integer> timeline = Timeline.empty();
        for (var entry : entries.entrySet()) {
            timeline = timeline.with(START.plusDays(entry.getKey()), entry.getValue());
        }
        return timeline;
    }
}
