package upahead.server.staffing;

import static upahead.server.staffing.RowComparison.key;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upahead.server.employment.ApproverChains;
import upahead.server.employment.Person;
import upahead.server.employment.ScheduleRules;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/** What is wrong with a row of a file of people. */
final class RowFaults {

    private final KnownCompany known;
    private final ApproverChains<String> chains;
    private final LocalDate furthestHire;
    private final Map<String, String> clockCodes = new HashMap<>();

    /**
     * @param chains who decides for whom, those of the file included
     */
    RowFaults(KnownCompany known, ApproverChains<String> chains, LocalDate furthestHire) {
        this.known = known;
        this.chains = chains;
        this.furthestHire = furthestHire;
        known.people().values().stream()
                .filter(person -> person.clockCode() != null)
                .forEach(person -> clockCodes.put(person.clockCode(), key(person.code())));
    }

    /**
     * @param person whom it is about, nobody where they are new
     * @param first whether no row above has its code
     * @return each as a few words; none where the row can be taken
     */
    List<String> of(PersonRow row, Optional<Person> person, boolean first) {
        List<String> faults = new ArrayList<>(row.faults());
        if (!first && !row.code().isEmpty()) {
            faults.add("the code " + row.code() + " stands in the file twice");
        }
        person.ifPresent(known -> requireStillNamed(row, known, faults));
        requireGroup(row, faults);
        requireApprover(row, faults);
        requireDates(row, person, faults);
        requireFigures(row, faults);
        requireClockCode(row, faults);
        if (person.isEmpty()) {
            requireForNew(row, faults);
        }
        return faults;
    }

    /** What payroll's system still knows of somebody does not bring the name back here. */
    private static void requireStillNamed(PersonRow row, Person person, List<String> faults) {
        if (person.namelessSince() != null && !person.name().equals(row.name())) {
            faults.add("the name of " + person.code() + " was removed on " + Words.fullDay(person.namelessSince())
                    + "; leave the row out");
        }
    }

    private void requireGroup(PersonRow row, List<String> faults) {
        if (row.payGroup() != null && !known.payGroups().containsKey(KnownCompany.key(row.payGroup()))) {
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
}
