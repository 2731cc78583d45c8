package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.server.employment.ApproverChains;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.NewPerson;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.words.Words;
import upahead.server.staffing.RowOutcome.State;

/** Compares the rows of a file with the people who are there: who would be new, changed or the same, and what is wrong. */
final class RowComparison {

    private static final List<Amount> USUAL_WEEK =
            List.of(Amount.of(8), Amount.of(8), Amount.of(8), Amount.of(8), Amount.of(8), Amount.ZERO, Amount.ZERO);
    private static final long NOT_YET = -1;

    private final KnownCompany known;
    private final LocalDate changesFrom;
    private final Map<Long, String> codes = new HashMap<>();
    private final Map<String, Person> byName = new HashMap<>();
    private final Set<String> inFile = new HashSet<>();
    private final LocalDate furthestHire;
    private final RowChanges changes;
    private RowFaults rowFaults;

    /**
     * @param changesFrom from when on changes of what has a date hold
     * @param furthestHire no hire date lies after it
     */
    RowComparison(KnownCompany known, LocalDate changesFrom, LocalDate furthestHire) {
        this.known = known;
        this.changesFrom = changesFrom;
        this.furthestHire = furthestHire;
        this.changes = new RowChanges(known, changesFrom, codes);
        known.people().values().forEach(person -> {
            codes.put(person.id(), key(person.code()));
            byName.put(KnownCompany.key(person.name()), person);
        });
    }

    List<RowOutcome> outcomes(List<PersonRow> read) {
        read.forEach(row -> inFile.add(key(row.code())));
        List<PersonRow> rows = withCodesOfApprovers(read);
        rowFaults = new RowFaults(known, chains(rows), furthestHire);
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

    static String key(String code) {
        return code.toUpperCase(Locale.ROOT);
    }

    private RowOutcome outcome(PersonRow row, boolean first) {
        Optional<Person> person = Optional.ofNullable(known.people().get(key(row.code())));
        List<String> faults = rowFaults.of(row, person, first);
        if (!faults.isEmpty()) {
            return RowOutcome.wrong(row, faults);
        }
        return person.map(each -> changes.of(row, each)).orElseGet(() -> added(row));
    }

    private RowOutcome added(PersonRow row) {
        NewPerson person = new NewPerson(
                row.code(),
                row.name(),
                row.email(),
                siteId(row),
                known.teams().getOrDefault(KnownCompany.key(row.team()), NOT_YET),
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
        return Optional.ofNullable(byName.get(KnownCompany.key(row.name())))
                .filter(person -> likeness(row, person).isLikely());
    }

    private static Likeness likeness(PersonRow row, Person person) {
        return Likeness.between(person, row.name(), row.email(), row.hired());
    }

    private long siteId(PersonRow row) {
        return row.site() == null
                ? known.sites().values().iterator().next()
                : known.sites().getOrDefault(KnownCompany.key(row.site()), NOT_YET);
    }

    private long payGroupId(PersonRow row) {
        return row.payGroup() == null
                ? known.payGroups().values().iterator().next()
                : known.payGroups().get(KnownCompany.key(row.payGroup()));
    }
}
