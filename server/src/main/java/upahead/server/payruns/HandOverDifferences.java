package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.Person;
import upahead.server.payruns.HandedOver.Sort;
import upahead.server.payruns.HandedOver.Source;
import upahead.server.periods.Causes;
import upahead.server.periods.LateChanges;

/** What payroll gets once more about closed periods: only what late changes make of hours and holidays there. */
@Component
class HandOverDifferences {

    private final PayRunStore runs;
    private final HandedOverStore store;
    private final HandOverLines lines;
    private final LateChanges changes;

    HandOverDifferences(PayRunStore runs, HandedOverStore store, HandOverLines lines, LateChanges changes) {
        this.runs = runs;
        this.store = store;
        this.lines = lines;
        this.changes = changes;
    }

    /** What late changes make of hours and holidays that payroll has got about earlier periods. */
    List<HandedOver> about(PayRun run, Map<Long, Person> group) {
        Causes late = changes.since(runs.closedBefore(run.payGroupId(), run.firstDay())
                .map(closed -> runs.changesSeen(closed.id()))
                .orElse(0L));
        Map<Long, LocalDate> changed = new HashMap<>();
        group.keySet().forEach(id -> late.earliest(id)
                .filter(day -> day.isBefore(run.firstDay()))
                .ifPresent(day -> changed.put(id, day)));
        if (changed.isEmpty()) {
            return List.of();
        }
        LocalDate from = changed.values().stream().min(LocalDate::compareTo).orElseThrow();
        Map<DateSpan, List<HandedOver>> before = store.about(changed.keySet(), from).stream()
                .filter(line ->
                        line.source() != Source.LEAVE && line.about().first().isBefore(run.firstDay()))
                .collect(Collectors.groupingBy(HandedOver::about));
        List<HandedOver> found = new ArrayList<>();
        for (DateSpan period : periods(run, from, before.keySet())) {
            List<Person> concerned = changed.entrySet().stream()
                    .filter(each -> !each.getValue().isAfter(period.last()))
                    .map(each -> group.get(each.getKey()))
                    .toList();
            found.addAll(difference(concerned, period, before.getOrDefault(period, List.of())));
        }
        return found;
    }

    /** The closed periods of the group, and those that its people were paid for elsewhere. */
    private Set<DateSpan> periods(PayRun run, LocalDate from, Set<DateSpan> others) {
        Set<DateSpan> periods =
                new TreeSet<>(Comparator.comparing(DateSpan::first).thenComparing(DateSpan::last));
        periods.addAll(others);
        runs.ofGroup(run.payGroupId()).stream()
                .filter(other -> other.isClosed()
                        && other.lastDay().isBefore(run.firstDay())
                        && !other.lastDay().isBefore(from))
                .map(PayRun::period)
                .forEach(periods::add);
        return periods;
    }

    private List<HandedOver> difference(List<Person> concerned, DateSpan period, List<HandedOver> before) {
        Set<Long> ids = concerned.stream().map(Person::id).collect(Collectors.toSet());
        Map<HandedOver.Key, HandedOver> sums = new LinkedHashMap<>();
        lines.worked(concerned, period).forEach(line -> sums.merge(line.key(), line, HandedOver::plus));
        before.stream()
                .filter(line -> ids.contains(line.personId()))
                .map(line -> line.withAmount(line.amount().negated(), Sort.PERIOD))
                .forEach(line -> sums.merge(line.key(), line, HandedOver::plus));
        return sums.values().stream()
                .filter(line -> !line.amount().isZero())
                .map(line -> line.withAmount(line.amount(), Sort.CORRECTION))
                .toList();
    }
}
