package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.Person;
import upahead.server.facts.hours.HolidayHours;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.facts.lieu.LieuCredits;
import upahead.server.organisation.HoursKinds;
import upahead.server.payruns.HandedOver.Sort;
import upahead.server.payruns.HandedOver.Source;
import upahead.server.policies.PolicyDetail;

/**
 * Works out what payroll is to get: hours worked but for those that became time in lieu, holidays paid, leave taken and
 * time paid out, by payroll code.
 */
@Component
class HandOverLines {

    private final RecordedHours hours;
    private final HolidayHours holidayHours;
    private final LieuCredits lieu;

    HandOverLines(RecordedHours hours, HolidayHours holidayHours, LieuCredits lieu) {
        this.hours = hours;
        this.holidayHours = holidayHours;
        this.lieu = lieu;
    }

    /** Hours worked and holidays paid of some people in a pay period, as recorded now. */
    List<HandedOver> worked(Collection<Person> people, DateSpan period) {
        Map<Long, Person> byId = people.stream().collect(Collectors.toMap(Person::id, Function.identity()));
        List<HandedOver> lines = new ArrayList<>();
        Map<Long, Map<String, Amount>> notPaid = lieu.hours(byId.keySet(), period);
        hours.totals(byId.keySet(), period).stream()
                .map(total -> total.less(
                        notPaid.getOrDefault(total.personId(), Map.of()).getOrDefault(total.kind(), Amount.ZERO)))
                .filter(total -> !total.hours().isZero())
                .forEach(total -> lines.add(line(
                        byId.get(total.personId()),
                        period,
                        Source.HOURS,
                        HoursKinds.payrollCode(total.kind()).orElseThrow(),
                        total.kind() + " hours",
                        total.hours(),
                        Unit.HOURS)));
        holidayHours.of(people, period).forEach((personId, own) -> own.stream()
                .collect(Collectors.groupingBy(
                        PaidHoliday::payrollCode, Collectors.mapping(PaidHoliday::hours, Collectors.toList())))
                .forEach((code, paid) -> lines.add(line(
                        byId.get(personId),
                        period,
                        Source.HOLIDAY,
                        code,
                        "holiday hours",
                        Amount.sum(paid),
                        Unit.HOURS))));
        return lines;
    }

    /** Leave taken and time paid out for one account; corrections by the period that they are about. */
    static List<HandedOver> leave(AccountPostings postings, PayRun run, PayCalendar calendar) {
        PolicyDetail policy = postings.account().policy();
        Map<HandedOver.Key, HandedOver> lines = new LinkedHashMap<>();
        for (CausedPosting posting : postings.lines()) {
            NewPosting line = posting.line();
            if (line.kind() == LineKind.TAKEN || line.kind() == LineKind.PAID_OUT) {
                HandedOver each = line(
                                postings.account().person(),
                                line.isCorrection() ? calendar.periodOf(line.about()) : run.period(),
                                Source.LEAVE,
                                policy.payrollCode(),
                                policy.name() + (line.kind() == LineKind.TAKEN ? " taken" : " paid out"),
                                line.amount().negated(),
                                policy.unit())
                        .withAmount(line.amount().negated(), line.isCorrection() ? Sort.CORRECTION : Sort.PERIOD);
                lines.merge(each.key(), each, HandedOver::plus);
            }
        }
        return lines.values().stream().filter(each -> !each.amount().isZero()).toList();
    }

    private static HandedOver line(
            Person person, DateSpan about, Source source, String code, String what, Amount amount, Unit unit) {
        return new HandedOver(
                person.id(), person.code(), person.name(), about, Sort.PERIOD, source, code, what, amount, unit);
    }
}
