package upahead.server.staffing;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.people.ApproverChains;
import upahead.server.people.EmploymentType;
import upahead.server.people.NewPerson;
import upahead.server.people.Person;
import upahead.server.people.PersonDetails;
import upahead.server.people.PersonFinder;
import upahead.server.people.ScheduleRules;
import upahead.server.problems.Refusal;
import upahead.server.staffing.RowOutcome.Groups;
import upahead.server.staffing.RowOutcome.State;
import upahead.server.words.Words;

/** Compares the rows of a file with the people who are there: who would be new, changed or the same, and what is wrong. */
final class RowComparison {

    private static final List<Amount> USUAL_WEEK =
            List.of(Amount.of(8), Amount.of(8), Amount.of(8), Amount.of(8), Amount.of(8), Amount.ZERO, Amount.ZERO);
    private static final long NOT_YET = -1;

    private final Known known;
    private final LocalDate changesFrom;
    private final LocalDate furthestHire;
    private final Map<Long, String> codes = new HashMap<>();
    private final Map<String, String> clockCodes = new HashMap<>();
    private final Map<String, Person> byName = new HashMap<>();
    private final Set<String> inFile = new HashSet<>();
    private ApproverChains<String> chains;

    /**
     * @param changesFrom from when on changes of what has a date hold
     * @param furthestHire no hire date lies after it
     */
    RowComparison(Known known, LocalDate changesFrom, LocalDate furthestHire) {
        this.known = known;
        this.changesFrom = changesFrom;
        this.furthestHire = furthestHire;
        known.people().values().forEach(person -> {
            codes.put(person.id(), key(person.code()));
            byName.put(Known.key(person.name()), person);
            if (person.clockCode() != null) {
                clockCodes.put(person.clockCode(), key(person.code()));
            }
        });
    }

    List<RowOutcome> outcomes(List<PersonRow> read) {
        read.forEach(row -> inFile.add(key(row.code())));
        List<PersonRow> rows = withCodesOfApprovers(read);
        chains = chains(rows);
        Set<String> seen = new HashSet<>();
        return rows.stream().map(row -> outcome(row, seen.add(key(row.code())))).toList();
    }

    /** Approvers are named by code, e-mail address or name; the file itself may bring them. */
    private List<PersonRow> withCodesOfApprovers(List<PersonRow> rows) {
        PersonFinder<String> finder = new PersonFinder<>();
        known.people().values().stream()
                .filter(person -> !inFile.contains(key(person.code())))
                .forEach(person -> finder.add(person.code(), person.email(), person.name(), person.code()));
        Set<String> seen = new HashSet<>();
        rows.stream().filter(row -> seen.add(key(row.code()))).forEach(row -> {
            Optional<Person> person = Optional.ofNullable(known.people().get(key(row.code())));
            finder.add(
                    row.code(),
                    row.email() == null ? person.map(Person::email).orElse(null) : row.email(),
                    row.name() == null ? person.map(Person::name).orElse(null) : row.name(),
                    row.code());
        });
        return rows.stream()
                .map(row -> {
                    if (row.approver() == null) {
                        return row;
                    }
                    PersonFinder.Meant<String> meant = finder.find(row.approver());
                    if (meant.person() == null) {
                        row.faults().add("approver: " + meant.fault());
                    }
                    return row.decidedBy(meant.person());
                })
                .toList();
    }

    private ApproverChains<String> chains(List<PersonRow> rows) {
        Map<String, String> approvers = known.people().values().stream()
                .filter(person -> person.approverId() != null)
                .collect(Collectors.toMap(
                        person -> key(person.code()), person -> codes.getOrDefault(person.approverId(), "")));
        ApproverChains<String> all = new ApproverChains<>(approvers);
        rows.stream()
                .filter(row -> row.approver() != null)
                .forEach(row -> all.set(key(row.code()), key(row.approver())));
        return all;
    }

    private static String key(String code) {
        return code.toUpperCase(Locale.ROOT);
    }

    private RowOutcome outcome(PersonRow row, boolean first) {
        List<String> faults = new ArrayList<>(row.faults());
        Optional<Person> person = Optional.ofNullable(known.people().get(key(row.code())));
        if (!first && !row.code().isEmpty()) {
            faults.add("the code " + row.code() + " stands in the file twice");
        }
        requireGroup(row, faults);
        requireApprover(row, faults);
        requireDates(row, person, faults);
        requireFigures(row, faults);
        requireClockCode(row, faults);
        if (person.isEmpty()) {
            requireForNew(row, faults);
        }
        if (!faults.isEmpty()) {
            return RowOutcome.wrong(row, faults);
        }
        return person.map(each -> changed(row, each)).orElseGet(() -> added(row));
    }

    private void requireGroup(PersonRow row, List<String> faults) {
        if (row.payGroup() != null && !known.payGroups().containsKey(Known.key(row.payGroup()))) {
            faults.add("there is no pay group “" + row.payGroup() + "”"
                    + (known.payGroups().isEmpty() ? "; add it under People first" : ""));
        }
    }

    private void requireApprover(PersonRow row, List<String> faults) {
        if (row.approver() == null) {
            return;
        }
        chains.circle(key(row.code()))
                .ifPresent(circle -> faults.add(
                        circle.size() == 2
                                ? "nobody decides for themselves"
                                : "these would decide for each other in a circle: " + String.join(", ", circle)));
    }

    private void requireDates(PersonRow row, Optional<Person> person, List<String> faults) {
        LocalDate hired =
                row.hired() != null ? row.hired() : person.map(Person::hired).orElse(null);
        if (row.lastDay() != null && hired != null && row.lastDay().isBefore(hired)) {
            faults.add("the last day, " + Words.fullDay(row.lastDay()) + ", is before the hire date, "
                    + Words.fullDay(hired));
        }
        if (row.hired() != null && row.hired().isAfter(furthestHire)) {
            faults.add("the hire date " + Words.fullDay(row.hired()) + " is too far ahead");
        }
    }

    private void requireFigures(PersonRow row, List<String> faults) {
        try {
            if (row.week() != null) {
                ScheduleRules.requireWeek(row.week());
            }
            if (row.fte() != null) {
                ScheduleRules.requireFte(row.fte());
            }
        } catch (Refusal refused) {
            faults.add(inSentence(refused.getMessage()));
        }
    }

    /** A sentence of its own as a part of one. */
    private static String inSentence(String message) {
        String small = Character.toLowerCase(message.charAt(0)) + message.substring(1);
        return small.endsWith(".") ? small.substring(0, small.length() - 1) : small;
    }

    private void requireClockCode(PersonRow row, List<String> faults) {
        if (row.clockCode() != null) {
            String owner = clockCodes.putIfAbsent(row.clockCode(), key(row.code()));
            if (owner != null && !owner.equals(key(row.code()))) {
                faults.add("the clock code " + row.clockCode() + " is that of " + owner);
            }
        }
    }

    private void requireForNew(PersonRow row, List<String> faults) {
        List<String> missing = new ArrayList<>();
        if (row.name() == null) {
            missing.add("name");
        }
        if (row.hired() == null) {
            missing.add("hire date");
        }
        if (row.team() == null) {
            missing.add("team");
        }
        if (row.site() == null && known.sites().size() != 1) {
            missing.add("site");
        }
        if (row.payGroup() == null && known.payGroups().size() != 1) {
            missing.add("pay group");
        }
        if (!missing.isEmpty() && row.faults().isEmpty()) {
            faults.add("somebody new needs a " + String.join(", a ", missing));
        }
    }

    private RowOutcome added(PersonRow row) {
        NewPerson person = new NewPerson(
                row.code(),
                row.name(),
                row.email(),
                siteId(row),
                known.teams().getOrDefault(Known.key(row.team()), NOT_YET),
                row.employmentType() == null ? EmploymentType.HOURLY : row.employmentType(),
                payGroupId(row),
                null,
                row.hired(),
                row.lastDay(),
                row.serviceFrom() == null ? row.hired() : row.serviceFrom(),
                row.week() == null ? USUAL_WEEK : row.week(),
                row.fte() == null ? Amount.of(1) : row.fte(),
                row.clockCode());
        List<String> says = new ArrayList<>();
        says.add("hired " + Words.fullDay(row.hired()));
        if (row.hired().isAfter(changesFrom)) {
            says.add("begins later");
        }
        if (row.week() == null) {
            says.add("no week given: Monday to Friday, 8 hours");
        } else if (row.isWeekSpread()) {
            says.add(row.weeklyHours() + " hours a week, spread over Monday to Friday");
        }
        sameOtherwise(row)
                .ifPresent(other -> says.add("perhaps " + other.code() + " already: "
                        + likeness(row, other).words()));
        return new RowOutcome(row, State.NEW, says, person, null, null, null, null, null, false, false);
    }

    /** Somebody who is there under another code and is likely the same. */
    private Optional<Person> sameOtherwise(PersonRow row) {
        return Optional.ofNullable(byName.get(Known.key(row.name())))
                .filter(person -> likeness(row, person).isLikely());
    }

    private static Likeness likeness(PersonRow row, Person person) {
        return Likeness.between(person, row.name(), row.email(), row.hired());
    }

    private long siteId(PersonRow row) {
        return row.site() == null
                ? known.sites().values().iterator().next()
                : known.sites().getOrDefault(Known.key(row.site()), NOT_YET);
    }

    private long payGroupId(PersonRow row) {
        return row.payGroup() == null
                ? known.payGroups().values().iterator().next()
                : known.payGroups().get(Known.key(row.payGroup()));
    }

    private RowOutcome changed(PersonRow row, Person person) {
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
        return inFile == null || Known.key(inFile).equals(Known.key(known)) ? known : inFile;
    }

    private static void say(String what, String before, String after, List<String> says) {
        if (!Objects.equals(before, after)) {
            says.add(what + " " + (before == null ? "" : before + " to ") + after);
        }
    }
}
