package upahead.server.requests.absences;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.staffing.Staffing;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.TeamStrength;
import upahead.server.holidays.Holidays;
import upahead.server.requests.leave.Absent;
import upahead.server.requests.leave.AbsentStore;
import upahead.server.requests.leave.RequestDraft;

/** Who else of a team is away, and how the team is staffed. */
@Component
public class WhoIsAway {

    private static final Amount HALF = Amount.of("0.5");

    private final AbsentStore store;
    private final TeamNeedStore needs;
    private final People people;
    private final TeamStrength strength;
    private final Holidays holidays;
    private final WhatIsSeen sight;

    WhoIsAway(
            AbsentStore store,
            TeamNeedStore needs,
            People people,
            TeamStrength strength,
            Holidays holidays,
            WhatIsSeen sight) {
        this.store = store;
        this.needs = needs;
        this.people = people;
        this.strength = strength;
        this.holidays = holidays;
        this.sight = sight;
    }

    /**
     * Others of a team on a day, in words.
     *
     * @param away whose leave is approved
     * @param asking who ask for that day
     */
    public record Others(List<String> away, List<String> asking) {
        public static final Others NONE = new Others(List.of(), List.of());
    }

    /** Who else of somebody's team is away on some days or asks to be, by day, as whoever is signed in may see it. */
    public Map<LocalDate, Others> besides(Person person, DateSpan days) {
        WhatIsSeen.Seer seer = sight.now();
        return store.within(days, person.teamId()).stream()
                .filter(absent -> absent.personId() != person.id() && seer.sees(absent))
                .collect(Collectors.groupingBy(
                        Absent::on, Collectors.collectingAndThen(Collectors.toList(), all -> others(all, seer))));
    }

    private static Others others(List<Absent> all, WhatIsSeen.Seer seer) {
        Map<Boolean, List<String>> byApproved = all.stream()
                .collect(Collectors.partitioningBy(
                        Absent::approved, Collectors.mapping(absent -> shown(absent, seer), Collectors.toList())));
        return new Others(byApproved.get(true), byApproved.get(false));
    }

    private static String shown(Absent absent, WhatIsSeen.Seer seer) {
        return seer.seesKind(absent) ? absent.person() + " (" + absent.policy() + ")" : absent.person();
    }

    /** How the team of somebody is staffed on some days by approved leave, that person being there. */
    public Map<LocalDate, Staffing> staffing(Person person, Collection<LocalDate> on) {
        Map<DayOfWeek, Integer> needed = needs.all().getOrDefault(person.teamId(), Map.of());
        if (needed.isEmpty() || on.isEmpty()) {
            return Map.of();
        }
        DateSpan days = new DateSpan(Collections.min(on), Collections.max(on));
        TeamSchedules schedules = new TeamSchedules(strength.of(days, person.teamId()), holidays.calendars());
        List<Absent> others = store.within(days, person.teamId()).stream()
                .filter(absent -> absent.approved() && absent.personId() != person.id())
                .toList();
        Map<Long, Employment> employments = people.employments(inHours(others));
        Map<LocalDate, List<Absent>> away = others.stream().collect(Collectors.groupingBy(Absent::on));
        return on.stream()
                .distinct()
                .collect(Collectors.toMap(
                        day -> day,
                        day -> new Staffing(
                                schedules.scheduled(person.teamId(), day),
                                together(away.getOrDefault(day, List.of()), employments),
                                needed.getOrDefault(day.getDayOfWeek(), 0))));
    }

    /** Who is away for an amount of hours, of which only their schedules say how much of a day it is. */
    static Set<Long> inHours(Collection<Absent> absent) {
        return absent.stream()
                .filter(each -> each.asked().isInHours())
                .map(Absent::personId)
                .collect(Collectors.toSet());
    }

    /** How much of a day some people are away together; nobody more than the whole day, whatever was entered. */
    static Amount together(Collection<Absent> absent, Map<Long, Employment> employments) {
        Map<Long, Amount> byPerson = new HashMap<>();
        absent.forEach(
                each -> byPerson.merge(each.personId(), part(each, employments.get(each.personId())), Amount::plus));
        return Amount.sum(
                byPerson.values().stream().map(part -> part.min(Amount.ONE)).toList());
    }

    /** How much of the scheduled day somebody is away, above 0 and at most 1. */
    static Amount part(Absent absent, Employment employment) {
        if (!absent.asked().isInHours()) {
            return absent.asked() == RequestDraft.Part.WHOLE ? Amount.ONE : HALF;
        }
        return Staffing.part(absent.hours(), employment == null ? Amount.ZERO : employment.scheduledHours(absent.on()));
    }
}
