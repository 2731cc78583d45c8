package upahead.server.cards.days;

import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.people.Employment;
import upahead.server.cards.rules.CardRules;
import upahead.server.cards.rules.CardRulesOfGroups;
import upahead.server.employment.People;
import upahead.server.employment.Placement;
import upahead.server.holidays.Holidays;
import upahead.server.organisation.Organisation;

/** Brings together what the cards of some people are held against. */
@Component
public class WorkingLives {

    private final People people;
    private final Holidays holidays;
    private final Organisation organisation;
    private final CardRulesOfGroups rules;

    WorkingLives(People people, Holidays holidays, Organisation organisation, CardRulesOfGroups rules) {
        this.people = people;
        this.holidays = holidays;
        this.organisation = organisation;
        this.rules = rules;
    }

    /** The lives of some people by their ids. */
    public Map<Long, WorkingLife> of(Collection<Long> ids) {
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, ZoneId> zones = organisation.zones();
        List<CardRules> all = rules.all();
        Map<Long, Employment> employments = people.employments(ids);
        Map<Long, List<Placement>> placements = people.placements(ids);
        Map<Long, WorkingLife> lives = new HashMap<>();
        employments.forEach((id, employment) -> lives.put(
                id, new WorkingLife(employment, placements.getOrDefault(id, List.of()), calendars, zones, all)));
        return lives;
    }
}
