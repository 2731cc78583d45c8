package upahead.server.staffing;

import static upahead.server.staffing.RowComparison.key;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.employment.PersonDetails;
import upahead.server.platform.words.Words;
import upahead.server.staffing.RowOutcome.Groups;
import upahead.server.staffing.RowOutcome.State;

/** What a row of a file changes for somebody who is there. */
final class RowChanges {

    private final KnownCompany known;
    private final LocalDate changesFrom;
    private final Map<Long, String> codes;

    /**
     * @param changesFrom from when on changes of what has a date hold
     * @param codes of everybody, by their ids
     */
    RowChanges(KnownCompany known, LocalDate changesFrom, Map<Long, String> codes) {
        this.known = known;
        this.changesFrom = changesFrom;
        this.codes = codes;
    }

    RowOutcome of(PersonRow row, Person person) {
        List<String> says = new ArrayList<>();
        PersonDetails details = details(row, person, says);
        Groups groups = groups(row, person, says);
        Employment employment = known.employments().get(person.id());
        Amount fte = row.fte() == null || same(row.fte(), employment.fteOn(changesFrom)) ? null : row.fte();
        if (fte != null) {
            says.add("FTE " + employment.fteOn(changesFrom) + " to " + fte);
        }
        List<Amount> week = row.week() == null || sameWeek(row.week(), employment) ? null : row.week();
        if (week != null) {
            says.add("schedule of " + Amount.sum(week) + " hours a week");
        }
        boolean movesHireDate = row.hired() != null && !row.hired().equals(person.hired());
        if (movesHireDate) {
            says.add("hire date " + Words.fullDay(person.hired()) + " to " + Words.fullDay(row.hired()));
        }
        boolean setsLastDay = row.lastDay() != null && !row.lastDay().equals(person.lastDay());
        if (setsLastDay) {
            says.add("last day " + Words.fullDay(row.lastDay()));
        }
        return new RowOutcome(
                row,
                says.isEmpty() ? State.SAME : State.CHANGED,
                says,
                null,
                person,
                details,
                groups,
                fte,
                week,
                movesHireDate,
                setsLastDay);
    }

    private static boolean same(Amount one, Amount other) {
        return !one.isMoreThan(other) && !other.isMoreThan(one);
    }

    private boolean sameWeek(List<Amount> week, Employment employment) {
        return employment
                .schedule()
                .on(DateSpan.later(changesFrom, employment.hired()))
                .filter(schedule ->
                        Stream.of(DayOfWeek.values()).allMatch(day -> same(week.get(day.ordinal()), schedule.on(day))))
                .isPresent();
    }

    private PersonDetails details(PersonRow row, Person person, List<String> says) {
        PersonDetails after = new PersonDetails(
                person.code(),
                row.name() == null ? person.name() : row.name(),
                row.email() == null ? person.email() : row.email(),
                row.serviceFrom() == null ? person.serviceFrom() : row.serviceFrom(),
                row.clockCode() == null ? person.clockCode() : row.clockCode());
        int before = says.size();
        say("name", person.name(), after.name(), says);
        say("e-mail", person.email(), after.email(), says);
        say("service from", Words.fullDay(person.serviceFrom()), Words.fullDay(after.serviceFrom()), says);
        say("clock code", person.clockCode(), after.clockCode(), says);
        return says.size() == before ? null : after;
    }

    private Groups groups(PersonRow row, Person person, List<String> says) {
        String approver = codes.get(person.approverId());
        Groups after = new Groups(
                other(row.site(), person.site()),
                other(row.team(), person.team()),
                row.employmentType() == null ? person.employmentType() : row.employmentType(),
                other(row.payGroup(), person.payGroup()),
                row.approver() == null ? approver : key(row.approver()));
        int before = says.size();
        say("site", person.site(), after.site(), says);
        say("team", person.team(), after.team(), says);
        say("employed as", person.employmentType().name(), after.type().name(), says);
        say("pay group", person.payGroup(), after.payGroup(), says);
        say("approver", approver, after.approver(), says);
        if (says.size() == before) {
            return null;
        }
        says.set(says.size() - 1, says.get(says.size() - 1) + " from " + Words.fullDay(changesFrom));
        return after;
    }

    /** A name of the file, written as it is known where it differs in capitals only. */
    private static String other(String inFile, String known) {
        return inFile == null || KnownCompany.key(inFile).equals(KnownCompany.key(known)) ? known : inFile;
    }

    private static void say(String what, String before, String after, List<String> says) {
        if (!Objects.equals(before, after)) {
            says.add(what + " " + (before == null ? "" : before + " to ") + after);
        }
    }
}
