package upahead.rehearsal;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Locale;
import java.util.function.Predicate;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.facts.Facts;
import upahead.core.facts.OpeningBalance;
import upahead.core.hours.Work;
import upahead.core.ledger.Account;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/** Writes an account as a case without its policy: what {@link CaseFile} reads. */
final class CaseWriter {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private CaseWriter() {}

    static ObjectNode write(String name, Account account, LocalDate through) {
        ObjectNode written = JSON.objectNode().put("case", name);
        written.set("employee", employee(account));
        written.set("payCalendar", payCalendar(account.payCalendar(), through));
        ArrayNode holidays = written.putArray("holidays");
        LocalDate hired = account.employment().hired();
        if (!through.isBefore(hired)) {
            account.holidays().datesWithin(new DateSpan(hired, through)).stream()
                    .filter(day -> account.holidays()
                            .on(day)
                            .filter(each -> !each.half())
                            .isPresent())
                    .forEach(day -> holidays.add(day.toString()));
        }
        written.set("facts", facts(account.facts(), through));
        return written;
    }

    private static ObjectNode employee(Account account) {
        Employment employment = account.employment();
        ObjectNode written = JSON.objectNode().put("hired", employment.hired().toString());
        employment.leaves().ifPresent(last -> written.put("lastDay", last.toString()));
        if (!employment.serviceFrom().equals(employment.hired())) {
            written.put("serviceFrom", employment.serviceFrom().toString());
        }
        if (!account.enrolment().from().equals(employment.hired())) {
            written.put("enrolled", account.enrolment().from().toString());
        }
        ArrayNode fte = JSON.arrayNode();
        employment
                .fte()
                .entries()
                .forEach(entry -> fte.add(JSON.objectNode()
                        .put("from", entry.from().toString())
                        .put("value", entry.value().toString())));
        if (!fte.isEmpty()) {
            written.set("fte", fte);
        }
        ArrayNode schedule = written.putArray("schedule");
        employment.schedule().entries().forEach(entry -> schedule.add(week(entry.from(), entry.value())));
        ArrayNode pauses = JSON.arrayNode();
        employment
                .pauses()
                .forEach(pause -> pauses.add(JSON.objectNode()
                        .put("from", pause.first().toString())
                        .put("to", pause.last().toString())));
        if (!pauses.isEmpty()) {
            written.set("pauses", pauses);
        }
        return written;
    }

    private static ObjectNode week(LocalDate from, WeeklySchedule week) {
        ObjectNode written = JSON.objectNode().put("from", from.toString());
        for (DayOfWeek day : DayOfWeek.values()) {
            Amount hours = week.on(day);
            if (hours.isPositive()) {
                written.put(day.name().substring(0, 3).toLowerCase(Locale.ROOT), hours.toString());
            }
        }
        return written;
    }

    /** Of somebody who moves from one pay group to another, the periods that hold at the end. */
    private static ObjectNode payCalendar(PayCalendar calendar, LocalDate through) {
        PayCalendar last = calendar;
        while (last.next().filter(next -> !next.from().isAfter(through)).isPresent()) {
            last = last.next().get().calendar();
        }
        return JSON.objectNode()
                .put("every", Choices.written(last.every()))
                .put("anchor", last.anchor().toString());
    }

    /** The ledger begins with the latest opening; what was before it no longer matters. */
    private static ArrayNode facts(Facts facts, LocalDate through) {
        LocalDate begins = facts.openings().stream()
                .map(OpeningBalance::on)
                .filter(on -> !on.isAfter(through))
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        Predicate<LocalDate> matters = on -> !on.isBefore(begins) && !on.isAfter(through);
        ArrayNode written = JSON.arrayNode();
        facts.openings().stream()
                .filter(opening -> matters.test(opening.on()))
                .forEach(opening -> written.add(opening(opening)));
        facts.adjustments().stream()
                .filter(adjustment -> matters.test(adjustment.on()))
                .forEach(adjustment -> written.add(JSON.objectNode()
                        .put("on", adjustment.on().toString())
                        .put("adjust", adjustment.amount().toString())
                        .put("reason", adjustment.reason())));
        for (Work work : facts.work().entries()) {
            if (matters.test(work.on()) && !work.hours().isZero()) {
                ObjectNode fact = JSON.objectNode()
                        .put("on", work.on().toString())
                        .put("work", work.hours().toString());
                written.add(work.kind().equals(Work.REGULAR) ? fact : fact.put("kind", work.kind()));
            }
        }
        facts.taken().stream()
                .filter(taken -> matters.test(taken.on()))
                .forEach(taken -> written.add(JSON.objectNode()
                        .put("on", taken.on().toString())
                        .put("take", taken.amount().toString())));
        return written;
    }

    private static ObjectNode opening(OpeningBalance opening) {
        ObjectNode written = JSON.objectNode()
                .put("on", opening.on().toString())
                .put("opening", opening.balance().toString())
                .put("earnedThisYear", opening.earnedThisYear().toString())
                .put("usedThisYear", opening.usedThisYear().toString());
        if (!opening.lots().isEmpty()) {
            ArrayNode lots = written.putArray("lots");
            opening.lots().forEach(lot -> {
                ObjectNode each = JSON.objectNode().put("amount", lot.amount().toString());
                lot.lastUsable().ifPresent(last -> each.put("lastUsable", last.toString()));
                lots.add(each);
            });
        }
        if (!opening.hoursTowardNextStep().isZero()) {
            written.put("hoursTowardNextStep", opening.hoursTowardNextStep().toString());
        }
        return written;
    }
}
