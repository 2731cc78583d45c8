package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.Taken;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** Reads the facts of a case and writes "scheduled" out as days and amounts. */
final class FactsReader {

    private static final String SCHEDULED = "scheduled";

    /** Days worked as scheduled, and the kind of these hours. */
    private record Scheduled(DateSpan days, String kind) {}

    private final WorkingDays workingDays;
    private final Unit unit;
    private final List<Work> work = new ArrayList<>();
    private final List<Scheduled> scheduledWork = new ArrayList<>();
    private final List<Taken> taken = new ArrayList<>();
    private final List<Adjustment> adjustments = new ArrayList<>();
    private final List<OpeningBalance> openings = new ArrayList<>();
    private final Set<LocalDate> scheduledWorkDays = new HashSet<>();
    private final Set<LocalDate> scheduledTakeDays = new HashSet<>();

    private FactsReader(WorkingDays workingDays, Unit unit) {
        this.workingDays = workingDays;
        this.unit = unit;
    }

    static Facts read(Fields parent, WorkingDays workingDays, Unit unit) {
        FactsReader reader = new FactsReader(workingDays, unit);
        int index = 0;
        for (JsonNode fact : parent.nodes("facts")) {
            Fields.read(parent.path("facts") + "[" + index++ + "]", fact, reader::fact);
        }
        try {
            return reader.facts();
        } catch (IllegalArgumentException refused) {
            throw new InvalidCase(parent.path("facts"), refused.getMessage());
        }
    }

    private Facts facts() {
        Map<LocalDate, Amount> leaveHours = new HashMap<>();
        taken.forEach(leave -> leaveHours.merge(leave.on(), hours(leave), Amount::plus));
        for (Scheduled scheduled : scheduledWork) {
            workingDays
                    .scheduledWork(scheduled.days(), leaveHours)
                    .forEach(each -> work.add(new Work(each.on(), scheduled.kind(), each.hours())));
        }
        List<Work> paidLeave = leaveHours.entrySet().stream()
                .map(entry -> new Work(entry.getKey(), "leave", entry.getValue()))
                .toList();
        return new Facts(new WorkLog(work), new WorkLog(paidLeave), WorkLog.EMPTY, taken, adjustments, openings);
    }

    private Amount hours(Taken leave) {
        return unit == Unit.HOURS
                ? leave.amount()
                : leave.amount().times(workingDays.employment().scheduledHours(leave.on()));
    }

    private Void fact(Fields fields) {
        List<String> kinds = List.of("work", "take", "adjust", "opening").stream()
                .filter(fields::has)
                .toList();
        if (kinds.size() != 1) {
            throw new InvalidCase(fields.path(), "needs exactly one of work, take, adjust, opening");
        }
        switch (kinds.get(0)) {
            case "work" -> work(fields);
            case "take" -> take(fields);
            case "adjust" ->
                adjustments.add(new Adjustment(
                        fields.requiredDate("on"),
                        fields.requiredAmount("adjust"),
                        fields.text("reason").orElse("no reason given")));
            default -> openings.add(opening(fields));
        }
        return null;
    }

    private void work(Fields fields) {
        if (isScheduled(fields, "work")) {
            DateSpan span = span(fields);
            claim(fields, span, scheduledWorkDays, "work");
            scheduledWork.add(new Scheduled(span, kind(fields)));
        } else {
            work.add(new Work(fields.requiredDate("on"), kind(fields), fields.requiredAmount("work")));
        }
    }

    private void take(Fields fields) {
        if (isScheduled(fields, "take")) {
            DateSpan span = span(fields);
            claim(fields, span, scheduledTakeDays, "take");
            workingDays
                    .within(span)
                    .forEach(day ->
                            taken.add(new Taken(day, unit == Unit.DAYS ? Amount.ONE : workingDays.hoursOn(day))));
        } else {
            taken.add(new Taken(fields.requiredDate("on"), fields.requiredAmount("take")));
        }
    }

    private static String kind(Fields fields) {
        return fields.text("kind").orElse(Work.REGULAR);
    }

    private static boolean isScheduled(Fields fields, String key) {
        return SCHEDULED.equals(fields.requiredNode(key).textValue());
    }

    private static DateSpan span(Fields fields) {
        if (fields.has("on") == fields.has("from")) {
            throw new InvalidCase(fields.path(), "needs either on, or from and to");
        }
        if (fields.has("on")) {
            LocalDate on = fields.requiredDate("on");
            return new DateSpan(on, on);
        }
        return new DateSpan(fields.requiredDate("from"), fields.requiredDate("to"));
    }

    private void claim(Fields fields, DateSpan span, Set<LocalDate> claimed, String what) {
        workingDays.within(span).filter(day -> !claimed.add(day)).findFirst().ifPresent(day -> {
            throw new InvalidCase(fields.path(), day + " is covered by two scheduled facts of " + what);
        });
    }

    private static OpeningBalance opening(Fields fields) {
        return new OpeningBalance(
                fields.requiredDate("on"),
                fields.requiredAmount("opening"),
                fields.counter("earnedThisYear"),
                fields.counter("usedThisYear"),
                fields.list("lots", lot -> new OpeningLot(lot.requiredAmount("amount"), lot.date("lastUsable"))),
                fields.counter("hoursTowardNextStep"));
    }
}
