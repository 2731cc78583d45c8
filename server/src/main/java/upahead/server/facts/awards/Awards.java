package upahead.server.facts.awards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.hours.Work;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.facts.awards.Award.AwardedPerson;
import upahead.server.holidays.HolidayPay;
import upahead.server.holidays.Holidays;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Gives paid hours for an extra day to many people in one go, before or after the day. */
@Service
public class Awards {

    private final AwardStore store;
    private final People people;
    private final Holidays holidays;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    Awards(AwardStore store, People people, Holidays holidays, LateChanges changes, Audit audit, CurrentUser user) {
        this.store = store;
        this.people = people;
        this.holidays = holidays;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
    }

    @Transactional(readOnly = true)
    @May(Permission.KEEP_HOLIDAYS)
    public List<Award> all() {
        return store.all();
    }

    /** The awarded hours of some people, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, List<Work>> hours(Collection<Long> personIds) {
        return store.hours(personIds);
    }

    /** Who would get how many hours: only those employed that day and not in a pause. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_HOLIDAYS)
    public List<AwardedPerson> preview(AwardForm form) {
        Holidays.requireHours(form.hours());
        LocalDate on = form.on();
        List<Person> chosen = people.search(PeopleQuery.everybodyOn(on)).stream()
                .filter(person -> person.isEmployedWithin(on, on))
                .filter(person -> form.teamId() == null || person.teamId() == form.teamId())
                .filter(person -> form.people() == null || form.people().contains(person.id()))
                .toList();
        Map<Long, Employment> employments =
                people.employments(chosen.stream().map(Person::id).toList());
        var calendars = holidays.calendars();
        List<AwardedPerson> awarded = new ArrayList<>();
        for (Person person : chosen) {
            Employment employment = employments.get(person.id());
            Amount hours = Amount.ZERO;
            if (employment.pauses().stream().noneMatch(pause -> pause.contains(on))) {
                WorkingDays days =
                        new WorkingDays(employment, calendars.getOrDefault(person.siteId(), HolidayCalendar.NONE));
                hours = form.hours() == null ? days.hoursOn(on) : scaled(form, employment);
            }
            if (hours.isPositive()) {
                awarded.add(new AwardedPerson(person.id(), person.name(), hours));
            }
        }
        return awarded;
    }

    private static Amount scaled(AwardForm form, Employment employment) {
        return form.byFte() ? HolidayPay.toHundredths(form.hours().times(employment.fteOn(form.on()))) : form.hours();
    }

    /**
     * Gives the hours.
     *
     * @throws Refusal if nobody would get any
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public List<Award> give(AwardForm form) {
        List<AwardedPerson> awarded = preview(form);
        if (awarded.isEmpty()) {
            throw Refusal.of("on", "Nobody would get any hours: nobody chosen is employed and scheduled that day.");
        }
        long id = store.add(
                form.on(),
                form.name().strip(),
                form.reason().strip(),
                user.get().name(),
                awarded);
        note(form.on(), form.name().strip() + " of " + Words.fullDay(form.on()) + " awarded", id);
        audit.record(Thing.AWARD, id, "awarded paid hours", null, form);
        return store.all();
    }

    /** Takes an award back. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public List<Award> takeBack(long id) {
        Award award = store.all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("award"));
        store.remove(id);
        note(award.on(), award.name() + " of " + Words.fullDay(award.on()) + " taken back", id);
        audit.record(Thing.AWARD, id, "took an award back", award, null);
        return store.all();
    }

    private void note(LocalDate on, String what, long id) {
        changes.note(null, null, on, what + " by " + user.get().name(), Subject.HOLIDAY, id);
    }
}
