package upahead.server.requests.absences;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.TeamStrength;
import upahead.server.holidays.Holidays;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.json.Page;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.requests.absences.TeamPeople.AbsentDay;
import upahead.server.requests.absences.TeamPeople.PersonDays;
import upahead.server.requests.leave.Absent;
import upahead.server.requests.leave.AbsentStore;

/**
 * The calendar that everybody shares, each seeing of it what policies let them see. Who is away is known until something is
 * changed anywhere, whoever looks.
 */
@Service
public class AbsenceCalendar {

    private static final int MOST_DAYS = 100;
    private static final int MOST_KEPT = 200_000;

    private final AbsentStore store;
    private final TeamNeedStore needs;
    private final People people;
    private final TeamStrength strength;
    private final Holidays holidays;
    private final Organisation organisation;
    private final CalendarDays days;
    private final WhatIsSeen sight;
    private final WhileUnchanged<DateSpan, Absent> ofEverybody;

    AbsenceCalendar(
            AbsentStore store,
            TeamNeedStore needs,
            People people,
            TeamStrength strength,
            Holidays holidays,
            Organisation organisation,
            CalendarDays days,
            WhatIsSeen sight,
            TurnStore turns) {
        this.store = store;
        this.needs = needs;
        this.people = people;
        this.strength = strength;
        this.holidays = holidays;
        this.organisation = organisation;
        this.days = days;
        this.sight = sight;
        this.ofEverybody = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /**
     * What is looked at.
     *
     * @param siteId of people at one site, null for all
     * @param policyId of one kind, null for all; only where the kind may be seen
     */
    public record Question(DateSpan days, Long siteId, Long policyId) {
        /**
         * @throws Refusal if the days are none or too many
         */
        public static Question of(LocalDate from, LocalDate through, Long siteId, Long policyId) {
            DateSpan days = DateSpan.between(from, through)
                    .filter(span -> span.days() <= MOST_DAYS)
                    .orElseThrow(() -> Refusal.of("through", "The calendar shows up to " + MOST_DAYS + " days."));
            return new Question(days, siteId, policyId);
        }

        boolean isAt(long site) {
            return siteId == null || siteId == site;
        }

        boolean asks(Absent absent, WhatIsSeen.Seer seer) {
            return isAt(absent.siteId())
                    && (policyId == null || (policyId == absent.policyId() && seer.seesKind(absent)));
        }
    }

    /** How each team is staffed: all teams for whoever sees everybody, else one's own and those of which one sees somebody. */
    @Transactional(readOnly = true)
    public CalendarView look(Question question) {
        return look(question, 0, Integer.MAX_VALUE);
    }

    /**
     * The same, page by page.
     *
     * @param page from 0
     * @param size how many teams a page, above 0
     */
    @Transactional(readOnly = true)
    public CalendarView look(Question question, int page, int size) {
        WhatIsSeen.Seer seer = sight.now();
        List<Absent> seen = seen(question, null, seer);
        TeamSchedules schedules = new TeamSchedules(
                strength.of(question.days(), null).stream()
                        .filter(each -> question.isAt(each.siteId()))
                        .toList(),
                holidays.calendars());
        Set<Long> seenTeams = teams(question, seen, schedules, seer);
        List<Named> teams = organisation.teams().stream()
                .filter(team -> seenTeams.contains(team.id()))
                .toList();
        TeamBands bands = new TeamBands(
                question.days(),
                schedules,
                seen,
                question.siteId() == null ? needs.all() : Map.of(),
                people.employments(WhoIsAway.inHours(seen)));
        return new CalendarView(
                days.of(question.days(), question.siteId()),
                Page.part(teams, page, size).stream().map(bands::of).toList(),
                teams.size());
    }

    private List<Absent> seen(Question question, Long teamId, WhatIsSeen.Seer seer) {
        List<Absent> away = teamId == null
                ? ofEverybody.of(question.days(), () -> store.within(question.days(), null))
                : store.within(question.days(), teamId);
        return away.stream()
                .filter(absent -> seer.sees(absent) && question.asks(absent, seer))
                .toList();
    }

    private Set<Long> teams(Question question, Collection<Absent> seen, TeamSchedules schedules, WhatIsSeen.Seer seer) {
        Set<Long> teams = new HashSet<>();
        seen.forEach(absent -> teams.add(absent.teamId()));
        if (seer.teamId() != null) {
            teams.add(seer.teamId());
        }
        if (seer.everybody()) {
            teams.addAll(schedules.teams());
        } else if (seer.decides()) {
            people.search(PeopleQuery.everybodyOn(question.days().first()).decidedBy(seer.personId())).stream()
                    .filter(person -> question.isAt(person.siteId()))
                    .forEach(person -> teams.add(person.teamId()));
        }
        return teams;
    }

    /** The people of a team: all of them for whoever decides or belongs to it, else those who are seen to be away. */
    @Transactional(readOnly = true)
    public TeamPeople open(long teamId, Question question) {
        WhatIsSeen.Seer seer = sight.now();
        Map<Long, List<Absent>> seen =
                seen(question, teamId, seer).stream().collect(Collectors.groupingBy(Absent::personId));
        List<Person> team = people
                .search(PeopleQuery.everybodyOn(question.days().first()).inTeam(teamId))
                .stream()
                .filter(person -> question.isAt(person.siteId()))
                .filter(person -> person.isEmployedWithin(
                        question.days().first(), question.days().last()))
                .filter(person -> seer.everybody()
                        || Objects.equals(seer.teamId(), teamId)
                        || seer.decidesFor(person.approverId())
                        || seen.containsKey(person.id()))
                .toList();
        Map<Long, Employment> employments =
                people.employments(team.stream().map(Person::id).toList());
        return new TeamPeople(
                teamId,
                team.stream()
                        .map(person -> new PersonDays(
                                person.id(),
                                person.name(),
                                seen.getOrDefault(person.id(), List.of()).stream()
                                        .sorted(Comparator.comparing(Absent::on))
                                        .map(absent -> day(absent, employments.get(person.id()), seer))
                                        .toList()))
                        .toList());
    }

    private static AbsentDay day(Absent absent, Employment employment, WhatIsSeen.Seer seer) {
        return new AbsentDay(
                absent.on(),
                WhoIsAway.part(absent, employment),
                absent.between(),
                absent.approved(),
                seer.seesKind(absent) ? absent.policy() : null,
                seer.knows(absent) ? absent.requestId() : null);
    }
}
