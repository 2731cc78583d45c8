package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.Enrolment;
import upahead.core.quantity.Amount;

/** Reads the employee and the pay calendar of a case. */
final class EmploymentReader {

    private static final LocalDate ALWAYS = LocalDate.of(1, 1, 1);
    private static final Amount EIGHT = Amount.of(8);

    record Employee(Employment employment, Enrolment enrolment) {}

    private EmploymentReader() {}

    static Employee employee(Fields fields) {
        LocalDate hired = fields.requiredDate("hired");
        Employment employment = new Employment(
                hired,
                fields.date("lastDay"),
                fields.date("serviceFrom").orElse(hired),
                fte(fields),
                fields.node("schedule")
                        .map(node -> schedule(fields.path("schedule"), node))
                        .orElseGet(() -> Timeline.from(ALWAYS, WeeklySchedule.mondayToFriday(EIGHT))),
                fields.list("pauses", pause -> new DateSpan(pause.requiredDate("from"), pause.requiredDate("to"))));
        return new Employee(employment, Enrolment.from(fields.date("enrolled").orElse(hired)));
    }

    static PayCalendar payCalendar(Fields fields, LocalDate hired) {
        PayCalendar.Every every = fields.choice("every", PayCalendar.Every.class)
                .orElseThrow(() -> fields.invalid("every", "is required"));
        return new PayCalendar(every, fields.date("anchor").orElse(PayCalendar.mondayOnOrBefore(hired)));
    }

    private static Timeline<Amount> fte(Fields fields) {
        Timeline<Amount> fte = Timeline.empty();
        int index = 0;
        for (JsonNode node : fields.nodes("fte")) {
            String path = fields.path("fte") + "[" + index++ + "]";
            Timeline<Amount> before = fte;
            fte = Fields.read(path, node, entry -> {
                Amount value = entry.requiredAmount("value");
                if (value.isNegative()) {
                    throw entry.invalid("value", "must be at least 0, not " + value);
                }
                return with(entry, before, entry.requiredDate("from"), value);
            });
        }
        return fte;
    }

    private static Timeline<WeeklySchedule> schedule(String path, JsonNode node) {
        if (!node.isArray()) {
            return Timeline.from(ALWAYS, Fields.read(path, node, EmploymentReader::week));
        }
        Timeline<WeeklySchedule> schedule = Timeline.empty();
        int index = 0;
        for (JsonNode each : node) {
            Timeline<WeeklySchedule> before = schedule;
            schedule = Fields.read(
                    path + "[" + index++ + "]",
                    each,
                    fields -> with(fields, before, fields.requiredDate("from"), week(fields)));
        }
        return schedule;
    }

    private static <T> Timeline<T> with(Fields fields, Timeline<T> timeline, LocalDate from, T value) {
        if (timeline.startsOn(from)) {
            throw fields.invalid("from", "there are two entries from " + from);
        }
        return timeline.with(from, value);
    }

    private static WeeklySchedule week(Fields fields) {
        Map<DayOfWeek, Amount> hours = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            fields.amount(day.name().substring(0, 3).toLowerCase(Locale.ROOT))
                    .ifPresent(amount -> hours.put(day, amount));
        }
        return new WeeklySchedule(hours);
    }
}
